<?php

declare(strict_types=1);

namespace Velko\Core\Service;

use Velko\Core\Method\Stirring;
use Velko\Core\Planning\Plan;

/** How long a pan takes and when it needs a hand, as its plan has it: minutes from the first liquid. */
final readonly class Length
{
    private const NOTHING = 1e-9;

    /** A pan that nobody stirs is looked at all the same, share of a pair of hands (common practice, no single source). */
    private const WATCHED = 0.1;

    /** @var list<array{int, int, float}> what it needs of hands, by steps from the one in which it goes on: from, before, share */
    public array $steps;

    /**
     * @param  float  $on  minute at which the pan goes on, 0 or before
     * @param  float  $off  minute at which it leaves its ring
     * @param  float  $table  minute at which it is eaten
     * @param  list<Share>  $hands
     */
    public function __construct(public float $on, public float $off, public float $table, public array $hands)
    {
        $this->steps = self::byStep($on, $hands);
    }

    public static function of(Plan $plan): self
    {
        $method = $plan->ask->method;
        [$on, $off, $pass] = [$plan->begins(), $plan->pulled->minute(), $plan->readyAtPass()];
        $finished = $off + $method->finish;
        $stirred = $method->stirring->share();

        return new self($on, $off, $plan->atTable->minute(), array_values(array_filter([
            // Turned now and then until it is shiny; stock that comes to the boil is only watched.
            $plan->ask->isRainedIn() ? new Share($on, 0.0, self::WATCHED, 'watch') : new Share($on, 0.0, Stirring::NowAndThen->share(), 'toast'),
            new Share(0.0, $off, max(self::WATCHED, $stirred), $stirred > 0.0 ? 'stir' : 'watch'),
            new Share($off, $finished, 1.0, 'finish'),
            // Somebody puts it on its plates; a pan that rests waits alone.
            new Share($pass, min($plan->atTable->minute(), $pass + 1.0), $plan->ask->isPlated() ? 1.0 : self::WATCHED, 'finish'),
        ], static fn (Share $one): bool => $one->to > $one->from)));
    }

    /**
     * The most of its hands in each step that it touches, so that they are there whenever in it they are needed; steps alike in one.
     *
     * @param  list<Share>  $hands
     *
     * @return list<array{int, int, float}>
     */
    private static function byStep(float $on, array $hands): array
    {
        $steps = [];
        foreach ($hands as $one) {
            $last = (int) ceil(($one->to - $on) / Board::STEP - self::NOTHING);
            for ($step = (int) floor(($one->from - $on) / Board::STEP + self::NOTHING); $step < $last; $step++) {
                $steps[$step] = max($steps[$step] ?? 0.0, $one->share);
            }
        }
        ksort($steps);
        $pieces = [];
        foreach ($steps as $step => $share) {
            $last = count($pieces) - 1;
            if ($last >= 0 && $pieces[$last][1] === $step && $pieces[$last][2] === $share) {
                $pieces[$last] = [$pieces[$last][0], $step + 1, $share];
            } else {
                $pieces[] = [$step, $step + 1, $share];
            }
        }

        return $pieces;
    }

    /** Minutes from the cold ring to the table. */
    public function whole(): float
    {
        return $this->table - $this->on;
    }
}

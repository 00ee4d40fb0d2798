<?php

declare(strict_types=1);

namespace Velko\Core\Live;

use Velko\Core\Cook\Replay;
use Velko\Core\Cook\StageKind;
use Velko\Core\Food\Goes;
use Velko\Core\Food\Portion;
use Velko\Core\Food\Sweated;
use Velko\Core\Planning\Ask;

/** Which stage of a plan is which thing of its ask, and when each really went in. */
final readonly class AddedFood
{
    /** @var array<int, int> number of the thing in the ask, by stage */
    public array $numbers;

    public function __construct(private Ask $ask, private Replay $replay)
    {
        $numbers = [];
        foreach ($replay->stages as $i => $stage) {
            foreach ($stage->kind === StageKind::Add ? $ask->food : [] as $number => $portion) {
                if ($portion->goes->isAStep() && $portion->name === $stage->item?->name && ! in_array($number, $numbers, true)) {
                    $numbers[$i] = $number;
                    break;
                }
            }
        }
        $this->numbers = $numbers;
    }

    /**
     * Everything else as it went in: a step that was done, at the minute of its touch; one that was passed over unsaid, at the
     * minute it was planned for; one that is still to come, not yet.
     *
     * @return array<int, Portion> by number
     */
    public function soFar(): array
    {
        $food = $this->ask->food;
        $furthest = $this->replay->done === [] ? -1 : array_key_last($this->replay->done);
        foreach ($this->numbers as $i => $number) {
            $touch = $this->replay->done[$i] ?? null;
            $food[$number] = $food[$number]->at(match (true) {
                $touch !== null => max(0.0, $this->replay->minute($touch->at) ?? 0.0),
                $i < $furthest => $this->replay->stages[$i]->minute,
                default => INF,
            });
        }

        return $food;
    }

    /** One standard deviation of what the base weighs, g. */
    public function baseSpread(bool $knowsWhatIsSweated = false): float
    {
        $unknown = array_filter($this->ask->food, static fn (Portion $portion): bool => ! $knowsWhatIsSweated || ! Sweated::is($portion));

        return sqrt(array_sum(array_map(static fn (Portion $portion): float => $portion->massSpread() ** 2, $unknown)));
    }

    /**
     * What is in the pan with the rice before anything liquid is, g.
     *
     * @return float|null null where some of it is counted and nobody weighed it
     */
    public function beforeTheFirstLiquid(): ?float
    {
        $in = array_filter($this->ask->food, self::isThereWithTheRice(...));

        return array_filter($in, static fn (Portion $portion): bool => $portion->pieces !== null) === [] ? array_sum(array_map(static fn (Portion $portion): float => $portion->mass(), $in)) : null;
    }

    private static function isThereWithTheRice(Portion $portion): bool
    {
        return $portion->goes === Goes::Base || $portion->goes === Goes::WithTheRice;
    }

    /**
     * What went in since the first liquid, g.
     *
     * @param  array<int, float>  $addedAt  what is in, by number
     */
    public function sinceTheFirstLiquid(array $addedAt): float
    {
        $since = array_filter(array_intersect_key($this->ask->food, $addedAt), static fn (Portion $portion): bool => ! self::isThereWithTheRice($portion));

        return array_sum(array_map(static fn (Portion $portion): float => $portion->mass(), $since));
    }
}

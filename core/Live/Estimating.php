<?php

declare(strict_types=1);

namespace Velko\Core\Live;

use Velko\Core\Method\HeatChange;
use Velko\Core\Method\Load;
use Velko\Core\Pan\Simulation;
use Velko\Core\Pan\State;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Cooking;
use Velko\Core\Rice\Grain;

/**
 * How strong the ring really is, from the scale and from signs.
 *
 * The mark is a prior belief (log-normal, 20 % wide); each weighing and each sign is a measurement of what has boiled
 * off. The most likely strength is found by Gauss and Newton on replays of the whole cook, in the logarithm, so that half
 * and double are equally far; the curvature there gives the spread.
 */
final readonly class Estimating
{
    private const LOOKS = 6;

    /** Step of the derivative, in the logarithm of the strength. */
    private const NUDGE = 0.02;

    /** No ring is further off its mark than this, in the logarithm. */
    private const FURTHEST = 1.0;

    private const CLOSE = 1e-4;

    /** "Not yet" said of a sign: the sign's spread, g per g rice. */
    private const NOT_YET_SPREAD = 0.10;

    /** @param  non-empty-list<HeatChange>  $heat  as planned */
    private function __construct(private Ask $ask, private array $heat, private Replay $replay, private float $until) {}

    /** @param  non-empty-list<HeatChange>  $heat  as planned */
    public static function of(Ask $ask, array $heat, Replay $replay): Estimate
    {
        $measured = array_filter($replay->counted, static fn (Touch $touch): bool => $touch->weighing !== null || $touch->sign !== null || $touch->kind === 'not-yet');
        $minutes = array_filter(array_map(static fn (Touch $touch): ?float => $replay->minute($touch->at), $measured), static fn (?float $minute): bool => $minute !== null && $minute > 0);
        if ($minutes === []) {
            return new Estimate;
        }
        $weighed = array_filter($measured, static fn (Touch $touch): bool => $touch->weighing !== null) !== [];

        return (new self($ask, $heat, $replay, 60 * max($minutes)))->fitted($weighed);
    }

    private function fitted(bool $weighed): Estimate
    {
        $at = 0.0;
        $misses = $this->misses($at);
        $curvature = 1 / Estimate::BY_THE_MARK ** 2;
        for ($look = 0; $look < self::LOOKS; $look++) {
            $nudged = $this->misses($at + self::NUDGE);
            $gradient = $at / Estimate::BY_THE_MARK ** 2;
            $curvature = 1 / Estimate::BY_THE_MARK ** 2;
            foreach ($misses as $i => $miss) {
                $slope = ($nudged[$i] - $miss) / self::NUDGE;
                $gradient += $slope * $miss;
                $curvature += $slope ** 2;
            }
            $next = max(-self::FURTHEST, min(self::FURTHEST, $at - $gradient / $curvature));
            if (abs($next - $at) < self::CLOSE) {
                break;
            }
            $at = $next;
            $misses = $this->misses($at);
        }

        return new Estimate(exp($at), 1 / sqrt($curvature), $weighed);
    }

    /**
     * How far each measurement is from what this strength would give, in standard deviations.
     *
     * @param  float  $strength  logarithm of it
     *
     * @return list<float>
     */
    private function misses(float $strength): array
    {
        $played = new Played($this->ask, $this->heat, $this->replay, new Estimate(exp($strength)));
        $misses = [];
        $played->until($this->until, null, function (Touch $touch, State $state) use (&$misses): void {
            $miss = $this->miss($touch, $state);
            if ($miss !== null) {
                $misses[] = $miss;
            }
        });

        return $misses;
    }

    private function miss(Touch $touch, State $state): ?float
    {
        $rice = $this->ask->rice();
        if ($touch->weighing !== null) {
            return ($state->free + $rice * $state->drunk - $touch->weighing->water($rice)) / $touch->weighing->spread();
        }
        if ($touch->sign !== null) {
            return ($state->free / $rice - $touch->sign->free($state->drunk)) / $touch->sign->spread();
        }
        if ($touch->kind === 'not-yet' && $touch->stage !== null) {
            $sign = $this->signOf($touch->stage, $state);

            return $sign === null ? null : min(0.0, $state->free - $sign) / $rice / self::NOT_YET_SPREAD;
        }

        return null;
    }

    /** Free liquid at which the sign that a stage waits for shows, g; null when it waits for none. */
    private function signOf(int $stage, State $state): ?float
    {
        $rice = $this->ask->rice();
        $school = $this->ask->method->doses;

        return match ($this->replay->stages[$stage]->kind ?? '') {
            'pour' => $state->poured <= $this->ask->wine ? Cooking::WINE_GONE * $rice : ($school === null || is_finite($school->dueAfter()) ? null
                : $school->dueAt(new Load($rice, $this->ask->pan->baseArea(), $state->net, $this->ask->grain, $this->ask->ladle), $state)),
            'heat' => Grain::gaps($rice, $state->drunk),
            'crust' => Simulation::DRY * $rice,
            default => null,
        };
    }
}

<?php

declare(strict_types=1);

namespace Velko\Core\Live;

use Velko\Core\Cook\Replay;
use Velko\Core\Cook\Touch;
use Velko\Core\Cook\TouchKind;
use Velko\Core\Method\HeatChange;
use Velko\Core\Planning\Ask;

/**
 * How strong the ring really is, from the scale and from signs.
 *
 * The mark is a prior belief (log-normal, 20 % wide for a knob, wider for a fire, narrower where the kitchen has measured or learned it); each weighing and each sign is a measurement of what has boiled
 * off. The most likely strength is found by Gauss and Newton on replays of the whole cook, in the logarithm, so that half
 * and double are equally far; the curvature there gives the spread.
 */
final readonly class Estimator
{
    private const LOOKS = 6;

    /** Step of the derivative, in the logarithm of the strength. */
    private const NUDGE = 0.02;

    /** No ring is further off its mark than this, in the logarithm. */
    private const FURTHEST = 1.0;

    private const CLOSE = 1e-4;

    private Measurements $measured;

    /** Of the prior, one standard deviation. */
    private float $spread;

    /** @param  non-empty-list<HeatChange>  $heat  as planned */
    private function __construct(private Ask $ask, array $heat, Replay $replay, private float $until)
    {
        $this->spread = $ask->burner->knownTo(self::marks($heat, $replay));
        $this->measured = new Measurements($ask, $heat, $replay);
    }

    /** @param  non-empty-list<HeatChange>  $heat  as planned */
    public static function of(Ask $ask, array $heat, Replay $replay): Estimate
    {
        $measured = array_filter($replay->counted, static fn (Touch $touch): bool => $touch->weighing !== null || $touch->sign !== null || $touch->kind === TouchKind::NotYet);
        $minutes = array_filter(array_map(static fn (Touch $touch): ?float => $replay->minute($touch->at), $measured), static fn (?float $minute): bool => $minute !== null && $minute > 0);
        if ($minutes === []) {
            return Estimate::byTheMarks($ask->burner, self::marks($heat, $replay));
        }
        $weighed = array_filter($measured, static fn (Touch $touch): bool => $touch->weighing !== null && ($replay->minute($touch->at) ?? 0.0) > 0.0) !== [];

        return (new self($ask, $heat, $replay, 60 * max($minutes)))->fitted($weighed);
    }

    /**
     * Marks that it stands on, as planned and as it was turned.
     *
     * @param  non-empty-list<HeatChange>  $heat  as planned
     *
     * @return list<string>
     */
    private static function marks(array $heat, Replay $replay): array
    {
        return [...array_map(static fn (HeatChange $heatChange): string => $heatChange->mark, $heat), ...array_values(array_filter(array_map(static fn (Touch $touch): ?string => $touch->mark, $replay->counted), static fn (?string $mark): bool => $mark !== null))];
    }

    private function fitted(bool $weighed): Estimate
    {
        $prior = $this->spread;
        $at = 0.0;
        $misses = $this->misses($at);
        $curvature = 1 / $prior ** 2;
        for ($look = 0; $look < self::LOOKS; $look++) {
            $nudged = $this->misses($at + self::NUDGE);
            $gradient = $at / $prior ** 2;
            $curvature = 1 / $prior ** 2;
            foreach ($misses as $i => [$miss, $trusted]) {
                $slope = ($nudged[$i][0] - $miss) / self::NUDGE;
                $gradient += $trusted * $slope * $miss;
                $curvature += $trusted * $slope ** 2;
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
     * @param  float  $strength  logarithm of it
     *
     * @return list<array{float, float}>
     */
    private function misses(float $strength): array
    {
        return $this->measured->misses(new Estimate(exp($strength)), $this->until);
    }
}

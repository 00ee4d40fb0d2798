<?php

declare(strict_types=1);

namespace Velko\Core\Vessel;

use Velko\Core\Quantity\OutOfRange;

/** A ladle by what it holds, level full. */
final readonly class Ladle
{
    public const MIN_ML = 15.0;

    public const MAX_ML = 2000.0;

    /** Ladles are taken by the half; a miss of this much in the dose costs as much as one more scoop. */
    private const MISS_WORTH_A_SCOOP = 0.15;

    /** @throws OutOfRange */
    public function __construct(public float $ml)
    {
        if (! ($ml >= self::MIN_ML && $ml <= self::MAX_ML)) {
            throw OutOfRange::of('the ladle', $ml, self::MIN_ML, self::MAX_ML, 'ml');
        }
    }

    /**
     * The ladle that gives a dose in the fewest scoops and yet close to it.
     *
     * @param  non-empty-list<self>  $ladles
     * @param  float  $dose  mL, > 0
     */
    public static function bestFor(array $ladles, float $dose): self
    {
        $cost = static function (self $ladle) use ($dose): float {
            $scoops = max(1.0, round($dose / $ladle->ml));
            $miss = abs($scoops * $ladle->ml - $dose) / $dose;

            return $scoops + $miss / self::MISS_WORTH_A_SCOOP;
        };
        usort($ladles, static fn (self $a, self $b): int => $cost($a) <=> $cost($b));

        return $ladles[0];
    }

    /** Whole ladles nearest to a dose, at least one. */
    public function scoops(float $dose): int
    {
        return max(1, (int) round($dose / $this->ml));
    }
}

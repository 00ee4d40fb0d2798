<?php

declare(strict_types=1);

namespace Velko\Core\Crust;

/** How long it takes until a floor is so brown. */
final class Seconds
{
    /** Nothing is looked for beyond, s. */
    public const LONGEST = 480.0;

    /** Close enough, s, and in browning as a share of it. */
    private const CLOSE = 0.5;

    public const CLOSE_BROWNING = 0.03;

    private const LOOKS = 14;

    /** Where that was too early, it is looked for so many times later. */
    private const FURTHER = 1.5;

    /**
     * Seconds after which a browning is reached, which only rises, and steeply: false position on its logarithm. All
     * of them when it is not reached.
     *
     * @param  callable(float): float  $browning
     * @param  float  $guess  s
     */
    public static function until(float $wish, callable $browning, float $guess): float
    {
        $miss = static fn (float $s): float => log(max(1e-9, $browning($s)) / $wish);
        [$low, $below] = [0.0, $miss(0.0)];
        if ($below >= 0) {
            return 0.0;
        }
        $high = min(self::LONGEST, $guess);
        $above = $miss($high);
        while ($above < 0 && $high < self::LONGEST) {
            [$low, $below] = [$high, $above];
            $high = min(self::LONGEST, self::FURTHER * $high);
            $above = $miss($high);
        }
        if ($above < 0) {
            return self::LONGEST;
        }
        $at = $high;
        for ($look = 0; $look < self::LOOKS && $high - $low > self::CLOSE; $look++) {
            // The logarithm runs off to nothing at no time at all: stay within the middle of the bracket.
            $share = max(0.1, min(0.9, $below / ($below - $above)));
            $at = $low + $share * ($high - $low);
            $off = $miss($at);
            if (abs($off) < self::CLOSE_BROWNING) {
                break;
            }
            $off < 0 ? [$low, $below] = [$at, $off] : [$high, $above] = [$at, $off];
        }

        return $at;
    }
}

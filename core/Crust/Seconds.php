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

    /** Beyond it by no more than this, as a share: what is a little pale is worth more than what is a little dark. */
    private const NO_FURTHER = 0.01;

    private const LOOKS = 14;

    /** Browning goes with about this power of the time, and with a higher one at first (our estimate, for the next look only). */
    private const STEEP = 2.5;

    /** A floor that is still white is this far off, as a logarithm: nothing to interpolate from. */
    private const FROM_NOTHING = -5.0;

    /** From look to look the time is no more than so many times longer or shorter. */
    private const FURTHER = 2.5;

    /**
     * Seconds after which a browning is reached, which only rises, and steeply: false position between the logarithms
     * of both. All of them when it is not reached.
     *
     * @param  callable(float): float  $browning
     * @param  float  $guess  s, > 0
     */
    public static function until(float $wish, callable $browning, float $guess): float
    {
        $miss = static fn (float $s): float => log(max(1e-9, $browning($s)) / $wish);
        [$low, $below, $high, $above] = [0.0, $miss(0.0), INF, 0.0];
        if ($below >= 0) {
            return 0.0;
        }
        $at = min(self::LONGEST, $guess);
        $early = false;
        for ($look = 0; $look < self::LOOKS; $look++) {
            $off = $miss($at);
            if (($off > -self::CLOSE_BROWNING && $off < self::NO_FURTHER) || ($off < 0 && $at >= self::LONGEST)) {
                break;
            }
            // An end that stays twice counts half, so that it comes nearer too.
            $again = $look > 0 && $off < 0 === $early;
            $early = $off < 0;
            $early ? [$low, $below, $above] = [$at, $off, $again ? $above / 2 : $above] : [$high, $above, $below] = [$at, $off, $again ? $below / 2 : $below];
            if ($high - $low <= self::CLOSE) {
                break;
            }
            $share = max(0.1, min(0.9, $below / ($below - $above)));
            if ($high < INF && ($low > 0 || $below > self::FROM_NOTHING)) {
                $at = $low > 0 ? $low * ($high / $low) ** $share : $high * $share;
            } else {
                $at = min(self::LONGEST, $at * max(1 / self::FURTHER, min(self::FURTHER, exp(-$off / self::STEEP))));
            }
        }

        return $at;
    }
}

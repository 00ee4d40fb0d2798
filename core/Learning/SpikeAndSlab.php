<?php

declare(strict_types=1);

namespace Velko\Core\Learning;

/**
 * The prior of a tool: most work and are right to a little, some are wrong by much. A mixture of two normal distributions about zero, of which
 * expectation propagation (Minka 2001) makes one normal site: where the data do not say whether the tool works, the belief is wide.
 */
final readonly class SpikeAndSlab
{
    /** So many tools of a hundred are wrong by more than a little (our estimate). */
    private const WRONG = 0.15;

    /** The wider of the two, one standard deviation: by how much a tool is wrong that is wrong (our estimate). */
    public const WIDE = 0.1;

    /** No more than this share of what all else makes sure is taken away. */
    private const TAKES = 0.75;

    /**
     * The site that turns a normal prior as wide as the slab into the mixture.
     *
     * @param  float  $narrow  One standard deviation of a tool that works, > 0.
     * @param  float  $mean  Of what is believed now, with the site as it was.
     * @param  array{float, float}  $site  As it was: precision and pull.
     *
     * @return array{float, float} precision (less than zero where there are two peaks) and pull
     */
    public static function site(float $narrow, float $mean, float $variance, array $site): array
    {
        $precision = 1 / $variance - $site[0];
        if ($precision <= 0.0) {
            return $site;
        }
        $else = 1 / $precision;
        $thought = $else * ($mean / $variance - $site[1]);
        // A tool that works, in place of one that is wrong: the ratio of the two distributions is exp(−k·x²/2).
        $k = 1 / $narrow ** 2 - 1 / self::WIDE ** 2;
        $shrunk = 1 + $k * $else;
        $works = (1 - self::WRONG) / self::WRONG * self::WIDE / $narrow / sqrt($shrunk) * exp(-$k * $thought ** 2 / $shrunk / 2);
        $share = $works / (1 + $works);
        [$right, $its] = [$thought / $shrunk, $else / $shrunk];
        $both = $share * $right + (1 - $share) * $thought;
        $spread = $share * ($its + $right ** 2) + (1 - $share) * ($else + $thought ** 2) - $both ** 2;

        // Two peaks take away of what the data make sure, but not nearly all of it.
        $known = max((1 - self::TAKES) * $precision, 1 / $spread);

        return [$known - $precision, $both * $known - $thought * $precision];
    }
}

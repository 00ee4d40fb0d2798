<?php

declare(strict_types=1);

namespace Velko\Core\Learning;

use Velko\Core\Quantity\OutOfRange;
use Velko\Core\Water\Steam;

/**
 * A boil-off test: a pan of boiling water weighed, left to simmer on one mark, and weighed again. What it lost is steam,
 * and steam is heat: the net power that the mark puts into that pan.
 */
final readonly class BoilOff
{
    /** A kitchen scale, standard error of one weighing, g (usual value; from memory). */
    private const SCALE_G = 5.0;

    /** Shorter than this, a test says little, min. */
    public const SHORTEST = 2.0;

    public const LONGEST = 120.0;

    /** The heaviest pan of water that is weighed, g. */
    public const HEAVIEST = 60000.0;

    /**
     * @param  float  $net  W
     * @param  float  $spread  W, standard error from the scale
     */
    private function __construct(public float $net, public float $spread) {}

    /**
     * @param  float  $before  g, the boiling pan at the start
     * @param  float  $after  g, at the end; less
     * @param  float  $minutes  2 to 120
     *
     * @throws OutOfRange
     */
    public static function of(float $before, float $after, float $minutes): self
    {
        if (! ($minutes >= self::SHORTEST && $minutes <= self::LONGEST)) {
            throw OutOfRange::of('the time on the mark', $minutes, self::SHORTEST, self::LONGEST, 'min');
        }
        if (! ($after >= 0 && $after < $before)) {
            throw OutOfRange::of('the weight after', $after, 0, $before, 'g');
        }
        $wattsPerGram = Steam::LATENT_HEAT / (60 * $minutes);

        return new self(($before - $after) * $wattsPerGram, M_SQRT2 * self::SCALE_G * $wattsPerGram);
    }
}

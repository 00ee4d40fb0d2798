<?php

declare(strict_types=1);

namespace Velko\Core\Method;

use Velko\Core\Food\Goes;
use Velko\Core\Quantity\OutOfRange;
use Velko\Core\Rice\Window;

/** Rice that is stopped before it is done, spread on trays to cool and kept cold, to be finished to order. */
final readonly class PartCooking
{
    /** How far it is cooked, as a share of the minutes in which it would be done. */
    public const LEAST = 0.5;

    public const MOST = 0.85;

    /** How deep it is spread, mm. */
    public const THINNEST = 10.0;

    public const DEEPEST = 60.0;

    /** What most kitchens would do (our estimate). */
    public const SHARE = 0.65;

    public const LAYER = 20.0;

    /**
     * @param  float  $share  of its minutes that it is cooked
     * @param  float  $layer  mm deep that it is spread
     *
     * @throws OutOfRange
     */
    public function __construct(public float $share, public float $layer)
    {
        if (! ($share >= self::LEAST && $share <= self::MOST)) {
            throw OutOfRange::of('how far it is cooked ahead', $share, self::LEAST, self::MOST, 'of its time');
        }
        if (! ($layer >= self::THINNEST && $layer <= self::DEEPEST)) {
            throw OutOfRange::of('how deep it is spread', $layer, self::THINNEST, self::DEEPEST, 'mm');
        }
    }

    /**
     * Minutes at 100 °C at which it is stopped.
     *
     * @param  Window  $window  of the rice, done
     */
    public function stops(Window $window): float
    {
        return $this->share * $window->middle();
    }

    /** Whether what goes in then goes in before the rice is stopped. */
    public function takes(Goes $goes, ?float $minute, Window $window): bool
    {
        return $goes === Goes::Base || $goes === Goes::WithTheRice || $goes === Goes::AtMinute && ($minute ?? 0.0) < $this->stops($window);
    }
}

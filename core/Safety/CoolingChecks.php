<?php

declare(strict_types=1);

namespace Velko\Core\Safety;

use Velko\Core\Method\PartCooking;
use Velko\Core\Planning\CooledRice;
use Velko\Core\Planning\PartCookedPlan;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Warning;
use Velko\Core\Quantity\Duration;
use Velko\Core\Quantity\Fact;
use Velko\Core\Quantity\Length;
use Velko\Core\Quantity\Temperature;
use Velko\Core\Rice\Window;

/** What is wrong with the cooling of what was cooked ahead. */
final class CoolingChecks
{
    /** A portion needs so much of its time left to get hot through and drink what it is loosened with, minutes at 100 °C (our limit). */
    private const LEFT = 1.5;

    /** A layer is made thinner by so much, mm. */
    private const THINNER = 5.0;

    /**
     * @param  Window  $window  of the rice, done
     *
     * @return list<Warning>
     */
    public static function of(PartCookedPlan $way, Plan $ahead, CooledRice $cooled, Window $window, Temperatures $reach): array
    {
        $slow = ! self::isQuick($cooled, $reach);
        $soft = ! self::isUnderdone($cooled, $window);
        $layer = $slow || $soft ? self::thinner($way, $ahead, $window, $reach) : null;
        $fix = $layer === null ? Fact::of('fix.stop-sooner-and-chill') : Fact::of('fix.spread-thinner', layer: Length::ofMm($layer));

        return array_values(array_filter([
            $slow ? new Warning('cools-too-slowly', [
                'first' => Duration::ofMinutes(round($cooled->first)), 'half' => Temperature::ofC(CooledRice::FIRST), 'within' => Duration::ofMinutes($reach->cooledFirst),
                'all' => Duration::ofMinutes(round($cooled->cold)), 'cold' => Temperature::ofC(CooledRice::COLD), 'most' => Duration::ofMinutes($reach->cooled),
            ], $fix) : null,
            $soft ? new Warning('done-on-the-tray', [], $fix) : null,
        ]));
    }

    private static function isQuick(CooledRice $cooled, Temperatures $reach): bool
    {
        return $cooled->first <= $reach->cooledFirst && $cooled->cold <= $reach->cooled;
    }

    private static function isUnderdone(CooledRice $cooled, Window $window): bool
    {
        return $cooled->part->doneness <= $window->rightFrom() - self::LEFT;
    }

    /** The deepest layer in which it cools in time and stays underdone, mm; null where none does. */
    private static function thinner(PartCookedPlan $way, Plan $ahead, Window $window, Temperatures $reach): ?float
    {
        for ($layer = ($ahead->ask->method->partCooking->layer ?? 0.0) - self::THINNER; $layer >= PartCooking::THINNEST; $layer -= self::THINNER) {
            $cooled = $way->cooled($ahead->ask, $ahead->pulled, $layer);
            if (self::isQuick($cooled, $reach) && self::isUnderdone($cooled, $window)) {
                return $layer;
            }
        }

        return null;
    }
}

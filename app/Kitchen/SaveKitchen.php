<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contracts\BadDocument;
use App\Models\Kitchen;
use Velko\Core\Quantity\Rounding;
use Velko\Core\Water\Atmosphere;

/** The kitchen itself: its name, its height, its clock, how it counts. */
final class SaveKitchen
{
    /**
     * @param  array<string, mixed>  $document  velko.house/1, held to its schema
     *
     * @throws BadDocument
     */
    public static function of(Kitchen $kitchen, array $document): void
    {
        TimeZone::check($document['timezone']);
        ServiceTimes::check($document['services'] ?? [], '/services');
        [$low, $high] = [$document['salt_low'] ?? $kitchen->salt_low, $document['salt_high'] ?? $kitchen->salt_high];
        if ($high < $low) {
            throw BadDocument::at('/salt_high', 'must be a number from '.Rounding::plain((float) $low, 2).' to 3 (g in 100 g, not less than the low end)');
        }
        $safety = is_array($document['safety'] ?? null) ? $document['safety'] : [];
        [$first, $all] = [$safety['cooled_first_min'] ?? $kitchen->cooled_first_min, $safety['cooled_min'] ?? $kitchen->cooled_min];
        if ($all < $first) {
            throw BadDocument::at('/safety/cooled_min', "must be a whole number from $first to 1440 (min, not less than the first stage)");
        }
        $kitchen->update([
            'name' => $document['name'], 'altitude_m' => round(self::altitude($document), 1),
            'room_c' => $document['room_c'], 'timezone' => $document['timezone'], 'units' => $document['units'],
            ...array_intersect_key($document, array_flip(['plates_c', 'glug_ml', 'salt_low', 'salt_high', 'services'])),
            ...$safety,
        ]);
    }

    /**
     * @param  array<string, mixed>  $document
     *
     * @return float m
     *
     * @throws BadDocument
     */
    private static function altitude(array $document): float
    {
        $altitude = $document['altitude_m'] ?? null;
        $boiling = $document['boiling_c'] ?? null;
        if (is_numeric($altitude) === is_numeric($boiling)) {
            throw BadDocument::at('/altitude_m', 'say either the altitude or the boiling point (boiling_c), not both and not neither');
        }

        return is_numeric($altitude) ? (float) $altitude : Atmosphere::altitudeOfBoiling(is_numeric($boiling) ? (float) $boiling : 100.0);
    }
}

<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contracts\BadDocument;
use App\Models\Kitchen;
use Velko\Core\Water\Atmosphere;

/** The kitchen itself: its name, its height, its clock, how it counts. */
final class KeepHouse
{
    /**
     * @param  array<string, mixed>  $document  velko.house/1, held to its schema
     *
     * @throws BadDocument
     */
    public static function of(Kitchen $kitchen, array $document): void
    {
        TimeZone::check($document['timezone']);
        $safety = is_array($document['safety'] ?? null) ? $document['safety'] : [];
        $kitchen->update([
            'name' => $document['name'], 'altitude_m' => round(self::altitude($document), 1),
            'room_c' => $document['room_c'], 'timezone' => $document['timezone'], 'units' => $document['units'],
            ...(isset($document['plates_c']) ? ['plates_c' => $document['plates_c']] : []),
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

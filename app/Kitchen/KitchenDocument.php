<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Models\Burner;
use App\Models\BurnerSetting;
use App\Models\Dish;
use App\Models\Kitchen;
use App\Models\Ladle;
use App\Models\Pan;
use Velko\Core\Rice\Variety;
use Velko\Core\Water\Atmosphere;
use Velko\Core\Water\Steam;

/** velko.kitchen/1: what a kitchen has. */
final class KitchenDocument
{
    /** @return array<string, mixed> */
    public static function of(Kitchen $kitchen): array
    {
        $kitchen->withStation();

        return [
            'format' => 'velko.kitchen/1',
            'name' => $kitchen->name,
            'altitude_m' => $kitchen->altitude_m,
            'boiling_c' => round(Steam::boilingPoint(Atmosphere::pressure($kitchen->altitude_m)), 1),
            'room_c' => $kitchen->room_c,
            'timezone' => $kitchen->timezone,
            'units' => $kitchen->units,
            'pans' => $kitchen->pans->sortBy(['base_cm', 'height_cm'])->map(static fn (Pan $pan): array => $pan->only(['id', 'name', 'base_cm', 'rim_cm', 'height_cm', 'metal_j_per_k']))->values()->all(),
            'burners' => $kitchen->burners->sortBy('id')->map(static fn (Burner $burner): array => [
                ...$burner->only(['id', 'name', 'ring_cm', 'fuel', 'rated_w']),
                'settings' => self::marks($burner),
            ])->values()->all(),
            'ladles_ml' => $kitchen->ladles->sortBy('ml')->map(static fn (Ladle $ladle): float => $ladle->ml)->values()->all(),
            'dishes' => $kitchen->dishes->sortBy('name')->map(static fn (Dish $dish): array => [
                ...$dish->only(['id', 'name', 'family', 'grams_main', 'grams_starter', 'doses', 'looseness']),
                'rice' => Variety::from($dish->rice->variety)->label(),
                'stock' => $dish->stock->name,
            ])->values()->all(),
        ];
    }

    /** @return list<array{mark: string, net_w: float, measured: bool}> */
    public static function marks(Burner $burner): array
    {
        return array_values($burner->settings->map(static fn (BurnerSetting $setting): array => [
            'mark' => $setting->mark,
            'net_w' => Station::netPowerAt($burner, $setting),
            'measured' => $setting->net_w !== null,
        ])->all());
    }
}

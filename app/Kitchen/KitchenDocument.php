<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Models\Burner;
use App\Models\BurnerSetting;
use App\Models\Dish;
use App\Models\Kitchen;
use App\Models\Ladle;
use App\Models\Pan;
use Carbon\CarbonImmutable;
use Velko\Core\Rice\Variety;
use Velko\Core\Water\Atmosphere;
use Velko\Core\Water\Steam;

/** velko.kitchen/1: what a kitchen has. */
final class KitchenDocument
{
    private const COVERS_TO_BEGIN = 6;

    private const MINUTES_TO_BEGIN = 30;

    /** @return array<string, mixed> */
    public static function of(Kitchen $kitchen, CarbonImmutable $now): array
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
            'begin' => self::begin($kitchen, $now),
            'dishes' => $kitchen->dishes->sortBy('name')->map(static fn (Dish $dish): array => [
                ...$dish->only(['id', 'name', 'family', 'grams_main', 'grams_starter', 'doses', 'looseness']),
                'rice' => Variety::from($dish->rice->variety)->label(),
                'stock' => $dish->stock->name,
            ])->values()->all(),
        ];
    }

    /**
     * The ask to begin with: a table of six in half an hour, pan and ring left to Velko.
     *
     * @return array<string, mixed>|null velko.ask/1; null while the kitchen lacks a dish, a pan or a ring
     */
    private static function begin(Kitchen $kitchen, CarbonImmutable $now): ?array
    {
        $dish = $kitchen->dishes->sortBy('name')->first();
        if ($dish === null || $kitchen->pans->isEmpty() || $kitchen->burners->isEmpty()) {
            return null;
        }

        return [
            'format' => 'velko.ask/1',
            'dish_id' => $dish->id,
            'covers' => self::COVERS_TO_BEGIN,
            'portion' => 'main',
            'pan_id' => null,
            'burner_id' => null,
            'table_at' => $now->setTimezone($kitchen->timezone)->addMinutes(self::MINUTES_TO_BEGIN)->ceilMinutes(5)->format('H:i'),
            'heat' => null,
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

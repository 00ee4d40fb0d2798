<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Models\Dish;
use App\Models\Rice;
use Velko\Core\Planning\Defaults;
use Velko\Core\Rice\Variety;
use Velko\Core\Vessel\Ladle;

/** From a kitchen's rows to velko.plan-request/1: the one way in which a kitchen asks the engine. */
final class PlanRequests
{
    /** @return array<string, mixed> velko.plan-request/1 */
    public static function for(Asked $asked): array
    {
        $dish = $asked->dish;
        $grams = $asked->portion === 'starter' ? $dish->grams_starter : $dish->grams_main;
        $rice = $asked->covers * $grams;
        $net = Station::netPower($asked->burner);
        $method = [
            'doses' => $dish->doses,
            'stirring' => $dish->stirring,
            'sealed' => $dish->sealed,
            'finish_min' => $dish->finish_min,
            'rest_min' => $dish->rest_min,
            'rest_covered' => $dish->rest_covered,
        ];
        if ($asked->heat !== null) {
            $method['heat'] = [['from_min' => 0, 'setting' => $asked->heat]];
        }

        return [
            'format' => 'velko.plan-request/1',
            'family' => $dish->family,
            'covers' => $asked->covers,
            'rice' => ['variety' => $dish->rice->variety, 'grams_per_cover' => $grams, 'window_min' => self::window($dish->rice)],
            'kitchen' => ['altitude_m' => $asked->kitchen->altitude_m, 'room_c' => $asked->kitchen->room_c],
            'pan' => [
                'base_diameter_cm' => $asked->pan->base_cm,
                'rim_diameter_cm' => $asked->pan->rim_cm,
                'height_cm' => $asked->pan->height_cm,
                'metal_j_per_k' => $asked->pan->metal_j_per_k,
            ],
            'burner' => ['ring_diameter_cm' => $asked->burner->ring_cm, 'net_w' => $net],
            'stock' => ['temperature_c' => $dish->stock->held_at_c, 'salt_percent' => $dish->stock->salt_percent],
            'wine_ml' => self::wine($dish, $rice),
            'ladle_ml' => Ladle::bestFor(Station::ladles($asked->kitchen), Defaults::LADLE_PER_G * $rice)->ml,
            'method' => $method,
            'target' => ['looseness' => $dish->looseness, 'minutes_to_table' => $dish->minutes_to_table],
        ];
    }

    private static function wine(Dish $dish, float $rice): float
    {
        return round($dish->wine_ml_per_80_g * $rice / 80 / 5) * 5;
    }

    /** @return array{float, float} min at 100 °C */
    private static function window(Rice $rice): array
    {
        $own = Variety::from($rice->variety)->grain()->window;

        return [$rice->window_low ?? $own->low, $rice->window_high ?? $own->high];
    }
}

<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Models\Dish;
use Velko\Core\Family\Families;
use Velko\Core\Mise\Ingredient;
use Velko\Core\Vessel\Ladle;

/** From a kitchen's rows to velko.plan-request/1: the one way in which a kitchen asks the engine. */
final class PlanRequests
{
    /** As much as the contract takes, g a plate. */
    private const MOST_EXTRAS_G = 2000.0;

    /** @return array<string, mixed> velko.plan-request/1 */
    public static function for(Asked $asked): array
    {
        $dish = $asked->dish;
        $rice = $asked->rice();
        $grams = $rice / $asked->plates();
        $window = Station::grain($dish->rice)->window;
        $net = Station::netPower($asked->burner);
        ['method' => $method, 'target' => $target] = self::ofDish($dish);
        if ($asked->panHeat !== null) {
            $method['pan_heat'] = $asked->panHeat;
        }
        if ($asked->heat !== null) {
            $method['heat'] = [['from_min' => 0, 'setting' => $asked->heat]];
        }

        return [
            'format' => 'velko.plan-request/1',
            'family' => $dish->family,
            'covers' => $asked->plates(),
            'rice' => ['variety' => $dish->rice->variety, 'grams_per_cover' => $grams, 'window_min' => [$window->low, $window->high]],
            'kitchen' => ['altitude_m' => $asked->kitchen->altitude_m, 'room_c' => $asked->kitchen->room_c, 'plates_c' => $asked->kitchen->plates_c],
            'pan' => [
                'base_diameter_cm' => $asked->pan->base_cm,
                'rim_diameter_cm' => $asked->pan->rim_cm,
                'height_cm' => $asked->pan->height_cm,
                'metal_j_per_k' => $asked->pan->metal_j_per_k,
            ],
            'burner' => ['ring_diameter_cm' => $asked->burner->ring_cm, 'net_w' => $net],
            'stock' => ['temperature_c' => $dish->stock->held_at_c, 'salt_percent' => $dish->stock->salt_percent],
            'extras_g_per_cover' => self::extras($dish, $asked, $rice),
            'wine_ml' => self::wine($dish, $rice),
            'ladle_ml' => self::ladle($asked, $rice),
            'finish' => [
                'butter_g_per_cover' => round($dish->butter_g_per_80_g * $grams / 80, 1),
                'cheese_g_per_cover' => round($dish->cheese_g_per_80_g * $grams / 80, 1),
                'butter_salted' => $dish->butter_salted,
            ],
            'method' => $method,
            'target' => $target,
        ];
    }

    /**
     * What a dish itself says of method and target.
     *
     * @return array{method: array<string, mixed>, target: array<string, mixed>}
     */
    public static function ofDish(Dish $dish): array
    {
        return [
            'method' => [
                'doses' => $dish->doses,
                'stirring' => $dish->stirring,
                'sealed' => $dish->sealed,
                'finish_min' => $dish->finish_min,
                'rest_min' => $dish->rest_min,
                'rest_covered' => $dish->rest_covered,
                'toast' => $dish->toast,
                'rinsed' => $dish->rinsed,
                'soak_min' => $dish->soak_min,
                'crust' => $dish->crust_school,
            ],
            'target' => ['looseness' => $dish->looseness, 'minutes_to_table' => $dish->minutes_to_table, 'crust' => $dish->crust],
        ];
    }

    /** g of everything that is weighed or measured, a plate; what is counted in pieces is not known. */
    private static function extras(Dish $dish, Asked $asked, float $rice): float
    {
        $floor = Station::pan($asked->pan)->baseArea();
        $grams = array_map(static fn (Ingredient $one): float => $one->unit === 'pieces' ? 0.0 : $one->for($rice, $dish->grams_main, $asked->plates(), $floor), MiseDocument::ingredients($dish));

        return round(min(self::MOST_EXTRAS_G, array_sum($grams) / $asked->plates()), 1);
    }

    private static function wine(Dish $dish, float $rice): float
    {
        return round($dish->wine_ml_per_80_g * $rice / 80 / 5) * 5;
    }

    /** The ladle for the doses of a risotto; for a single pour, the one that needs the fewest scoops. mL */
    private static function ladle(Asked $asked, float $rice): float
    {
        return Ladle::bestFor(Station::ladles($asked->kitchen), Families::named($asked->dish->family)->traits()->ladlePerGram * $rice)->ml;
    }
}

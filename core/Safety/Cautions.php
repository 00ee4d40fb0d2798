<?php

declare(strict_types=1);

namespace Velko\Core\Safety;

use Velko\Core\Method\Family;
use Velko\Core\Planning\Plan;
use Velko\Core\Quantity\Rounding;

/**
 * What can hurt a cook or a guest in this very pan. Common practice, no single source; temperatures are the kitchen's own.
 * Local codes decide.
 */
final class Cautions
{
    /** A full pan heavier than this is lifted by two, g (our limit). */
    private const TWO_PEOPLE_G = 8000.0;

    /** Iron and steel, J/(g·K): a pan's weight is read off its heat capacity. */
    private const STEEL_J_PER_G_K = 0.5;

    /** @return list<string> */
    public static function of(Plan $plan, Served $served, Temperatures $reach = new Temperatures): array
    {
        $method = $plan->ask->method;
        $degrees = static fn (float $celsius): string => Rounding::plain($celsius, 1).' °C';
        $days = static fn (int $count): string => $count === 1 ? 'a day' : "$count days";
        $weight = $plan->rice() + $plan->stock + $plan->ask->pan->metal / self::STEEL_J_PER_G_K;

        return array_values(array_filter([
            $method->sealed ? 'Hot fat: pour away from you, nothing wet into it.' : null,
            $plan->ask->family === Family::PanRice && $method->rest > 0 && $method->restCovered ? 'Cloth or clean food-safe paper over the pan only with every flame out.' : null,
            $weight > self::TWO_PEOPLE_G ? sprintf('About %d kg and boiling: two people lift it.', (int) round($weight / 1000)) : null,
            $plan->ask->wine > 0 ? 'No flaming is needed; never pour from the bottle over a flame.' : null,
            isset($served->allergens[Allergen::Molluscs->value]) || isset($served->allergens[Allergen::Crustaceans->value])
                ? 'Shells: throw away what is broken or dead before, and what stays shut after.' : null,
            isset($served->allergens[Allergen::Fish->value]) || isset($served->allergens[Allergen::Molluscs->value]) || isset($served->allergens[Allergen::Crustaceans->value])
                ? "Fish and shellfish reach {$degrees($reach->fish)}; your local code decides." : null,
            $served->suits === Diet::Any || ! $served->isKnown() ? "Poultry reaches {$degrees($reach->poultry)}, whole cuts of meat {$degrees($reach->meat)}; your local code decides." : null,
            "Held hot at {$degrees($reach->hotHolding)} or above, or cooled fast and eaten within {$days($reach->fridgeDays)}: cooked rice is a known risk. Your local code decides.",
        ]));
    }
}

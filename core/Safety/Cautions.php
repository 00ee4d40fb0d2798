<?php

declare(strict_types=1);

namespace Velko\Core\Safety;

use Velko\Core\Food\Group;
use Velko\Core\Food\Portion;
use Velko\Core\Planning\Plan;
use Velko\Core\Quantity\Duration;
use Velko\Core\Quantity\Fact;
use Velko\Core\Quantity\Mass;
use Velko\Core\Quantity\Temperature;

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

    /** What carries what a hand should not carry on, while it is raw. */
    private const RAW = [Group::Meat, Group::Fish, Group::Prawn, Group::Squid];

    /** @return list<Fact> */
    public static function of(Plan $plan, Served $served, Temperatures $reach = new Temperatures): array
    {
        $method = $plan->ask->method;
        $weight = $plan->rice() + $plan->stock + $plan->ask->pan->metal / self::STEEL_J_PER_G_K;

        return array_values(array_filter([
            $method->sealed ? Fact::of('caution.hot-fat') : null,
            $plan->ask->family->traits()->driesOut && $method->rest > 0 && $method->restCovered ? Fact::of('caution.cloth') : null,
            $weight > self::TWO_PEOPLE_G ? Fact::of('caution.two-people', weight: Mass::ofG(1000 * round($weight / 1000))) : null,
            $plan->ask->burner->fire->isOpen() ? Fact::of('caution.open-fire') : null,
            $plan->ask->wine > 0 ? Fact::of('caution.no-flaming') : null,
            $plan->ask->hasShells() ? Fact::of('caution.shells') : null,
            self::isRaw($plan) ? Fact::of('caution.hands') : null,
            $method->oven !== null ? Fact::of('caution.oven') : null,
            $method->lid !== [] || $method->coverLast > 0 ? Fact::of('caution.lid') : null,
            array_intersect_key($served->allergens, array_flip([Allergen::Fish->value, Allergen::Molluscs->value, Allergen::Crustaceans->value])) !== [] ? Fact::of('caution.fish', reach: Temperature::ofC($reach->fish)) : null,
            $served->suits === Diet::Any || ! $served->isKnown() ? Fact::of('caution.meat', poultry: Temperature::ofC($reach->poultry), meat: Temperature::ofC($reach->meat)) : null,
            $method->partCooking !== null || $method->partCooked !== null ? Fact::of('caution.part-cooked', reheat: Temperature::ofC($reach->reheat), days: $reach->fridgeDays) : null,
            Fact::of(
                'caution.kept', hold: Temperature::ofC($reach->hotHolding), half: Temperature::ofC(Temperatures::COOLED_FIRST), first: Duration::ofMinutes($reach->cooledFirst), cold: Temperature::ofC(Temperatures::COLD),
                all: Duration::ofMinutes($reach->cooled), reheat: Temperature::ofC($reach->reheat), days: $reach->fridgeDays,
            ),
        ]));
    }

    /** Whether raw meat, fish or shellfish goes through somebody's hands: what was cooked before loses no more of itself in the base. */
    private static function isRaw(Plan $plan): bool
    {
        return array_filter($plan->ask->food, static fn (Portion $portion): bool => $portion->grams > 0.0 && (
            $portion->food->group === Group::InShell || in_array($portion->food->group, self::RAW, true) && $portion->food->loses > 0.0
        )) !== [];
    }
}

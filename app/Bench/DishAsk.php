<?php

declare(strict_types=1);

namespace App\Bench;

use App\Contracts\FromWaterDocument;
use App\Dish\DishContents;
use App\Dish\PartToCook;
use App\Kitchen\Station;
use App\Models\Dish;
use Carbon\CarbonImmutable;
use Velko\Core\Crust\CrustSchool;
use Velko\Core\Crust\CrustWish;
use Velko\Core\Family\Families;
use Velko\Core\Method\Cover;
use Velko\Core\Method\Fat;
use Velko\Core\Method\HeatChange;
use Velko\Core\Method\Method;
use Velko\Core\Method\Pace;
use Velko\Core\Method\PanHeat;
use Velko\Core\Method\Schools;
use Velko\Core\Method\Stirring;
use Velko\Core\Method\Toasting;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Defaults;
use Velko\Core\Planning\PartCookedPlan;
use Velko\Core\Planning\Stock;
use Velko\Core\Planning\Surroundings;
use Velko\Core\Planning\Target;
use Velko\Core\Season\Finish;
use Velko\Core\Season\Seasoning;
use Velko\Core\Season\Wine;
use Velko\Core\Vessel\Ladle;

/** A kitchen's dish as the engine is asked for it: from rows to the core's values, the one way in which a kitchen asks. */
final class DishAsk
{
    public static function of(KitchenAsk $asked): Ask
    {
        $plates = $asked->plates();
        $ask = self::onTheRing($asked, $plates);
        $whole = $ask->method->oven === null ? $ask : $ask->inOven($ask->method->oven);
        $part = $asked->way === PartToCook::Whole ? null : PartToCook::partCooking($asked->dish, $asked->kitchen);

        return match (true) {
            $part === null => $whole,
            $asked->way === PartToCook::Ahead => (new PartCookedPlan($whole, $part))->cookedAhead(),
            default => (new PartCookedDish($whole, $part, self::lastBatch($asked)))->toOrder(),
        };
    }

    /** Both halves of what is cooked ahead and finished to order; null where it is cooked in one go. */
    public static function partCooked(KitchenAsk $asked): ?PartCookedDish
    {
        $part = $asked->way === PartToCook::Whole ? null : PartToCook::partCooking($asked->dish, $asked->kitchen);

        return $part === null ? null : new PartCookedDish(self::onTheRing($asked, $asked->plates()), $part, self::lastBatch($asked));
    }

    private static function lastBatch(KitchenAsk $asked): ?LastBatch
    {
        return $asked->way === PartToCook::ToOrder ? LastBatch::of($asked->dish, $asked->kitchen, CarbonImmutable::now()) : null;
    }

    private static function onTheRing(KitchenAsk $asked, int $plates): Ask
    {
        $dish = $asked->dish;
        $kitchen = $asked->kitchen;

        return new Ask(
            Families::named($dish->family),
            $plates,
            $asked->rice / $plates,
            Station::grain($dish->rice),
            Station::pan($asked->pan),
            Station::burner($asked->burner)->inWind($asked->wind),
            self::ladle($asked),
            self::method($asked),
            new Stock($dish->stock->held_at_c, $dish->stock->salt_percent, fromWater: FromWaterDocument::read($dish->stock->from_water)),
            round($dish->wine_ml_per_80_g * $asked->rice / DishContents::TO_G / 5) * 5,
            self::finish($asked),
            new Target($dish->looseness, $dish->minutes_to_table, CrustWish::from($dish->crust)),
            new Surroundings($kitchen->altitude_m, $kitchen->room_c, $kitchen->plates_c, $asked->wind),
            food: DishContents::food($dish, $asked->rice, $plates, Station::pan($asked->pan)->baseArea()),
            seasoning: new Seasoning($kitchen->salt_low, $kitchen->salt_high, $dish->sodium_most_mg),
            ofWine: new Wine($dish->wine_percent, $dish->wine_cooked_off),
        );
    }

    /** @return array<string, array<string, float>> what no kitchen says, as it is taken: fields of a velko.plan-request/1 */
    public static function assumed(): array
    {
        return [
            'stock' => ['pot_diameter_cm' => Defaults::SIDE_POT_CM, 'held_min' => Defaults::HELD_MIN],
        ];
    }

    private static function method(KitchenAsk $asked): Method
    {
        $dish = $asked->dish;
        $method = new Method(
            Schools::named($dish->doses),
            Stirring::from($dish->stirring),
            $asked->heat === null ? null : [new HeatChange(0.0, $asked->heat)],
            $dish->sealed,
            $dish->finish_min,
            $dish->rest_min,
            $dish->rest_covered,
            Toasting::from($dish->toast),
            $dish->rinsed,
            $dish->soak_min,
            crust: CrustSchool::from($dish->crust_school),
            panHeat: $asked->panHeat === null ? null : new PanHeat($asked->panHeat['hot'], $asked->panHeat['gentle']),
            coverLast: $asked->coverLast,
            pace: Pace::from($dish->pace),
            fat: Fat::from($dish->fat),
            rainedIn: $dish->rained_in,
            twoPours: $dish->two_pours,
            finishOnTheHeat: $dish->finish_on_the_heat,
            plated: $dish->plated,
            baseApart: $dish->base_apart,
            // One mark all through is kept all through.
            oven: $asked->heat === null ? $dish->oven_c : null,
        );

        return $dish->cover === Cover::Open->value ? $method : $method->with([...Cover::from($dish->cover)->changes(Families::named($dish->family)->traits()->driesOut), ...$asked->coverLast > 0.0 ? ['coverLast' => $asked->coverLast] : []]);
    }

    /** In what a scale reads, a plate. */
    private static function finish(KitchenAsk $asked): Finish
    {
        $onAPlate = static fn (float $grams): float => $asked->plates() * round($grams * $asked->rice / $asked->plates() / DishContents::TO_G, 1);

        $dish = $asked->dish;

        return new Finish(
            $onAPlate($dish->butter_g_per_80_g),
            $onAPlate($dish->cheese_g_per_80_g),
            $dish->butter_salted,
            $dish->butter_c,
            $onAPlate($dish->cream_g_per_80_g),
            $onAPlate($dish->marrow_g_per_80_g),
            $onAPlate($dish->oil_g_per_80_g),
        );
    }

    /** For doses, one that makes a dose; for a single pour, the one that needs the fewest scoops. */
    private static function ladle(KitchenAsk $asked): Ladle
    {
        return Ladle::bestFor(Station::ladles($asked->kitchen), Families::named($asked->dish->family)->traits()->ladlePerGram * $asked->rice);
    }
}

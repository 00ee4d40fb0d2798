<?php

declare(strict_types=1);

namespace App\Dish;

use App\Contracts\FoodDocument;
use App\Models\Dish;
use App\Models\DishIngredient;
use App\Models\DishSideWork;
use App\Models\OwnNumber;
use App\Words\Words;
use Velko\Core\Food\Food;
use Velko\Core\Food\Group;
use Velko\Core\Food\Portion;
use Velko\Core\Food\Sweated;
use Velko\Core\Food\Whole;
use Velko\Core\Method\Fat;
use Velko\Core\Mise\Ingredient;
use Velko\Core\Mise\SideWork;
use Velko\Core\Quantity\Fact;
use Velko\Core\Safety\Part;
use Velko\Core\Safety\Served;

/** What is in a dish besides its rice and its stock: rows of the kitchen as values of the core. */
final class DishContents
{
    /** The contract takes at most so much of one ingredient, g. */
    private const MOST_G = 100_000.0;

    /** The amounts of a dish are per so much raw rice, g. */
    public const TO_G = 80;

    /** @return list<Ingredient> */
    public static function ingredients(Dish $dish): array
    {
        return array_values($dish->ingredients->map(static fn (DishIngredient $ingredient): Ingredient => new Ingredient($ingredient->name, $ingredient->amount, $ingredient->unit, $ingredient->per, $ingredient->goes, $ingredient->minute, $ingredient->temperature_c, $ingredient->before_min, $ingredient->until, $ingredient->comes_out, isset($ingredient->food['group']) ? Group::from($ingredient->food['group']) : null))->all());
    }

    /**
     * @param  float  $rice  g raw in the pan
     *
     * @return list<SideWork>
     */
    public static function works(Dish $dish, float $rice): array
    {
        $mains = $rice / self::TO_G;

        return array_values($dish->sideWorks->map(static fn (DishSideWork $work): SideWork => new SideWork(Fact::text($work->what), $work->ready, $work->takes_min, $work->hands_min, $work->ahead, $work->needs, $work->drinks_ml_per_80_g * $mains, $work->gives_ml_per_80_g * $mains, $work->on_ring))->all());
    }

    /**
     * Everything else, its base as the kitchen knows it by now.
     *
     * @param  float  $rice  g raw
     * @param  float  $floor  of the pan, m²
     *
     * @return array<int, Portion> by its place on the dish
     */
    public static function food(Dish $dish, float $rice, int $plates, float $floor): array
    {
        $food = self::foodAsWritten($dish, $rice, $plates, $floor);
        $own = self::ownBase($dish);

        return $own === null ? $food : Sweated::knownTo(Sweated::leaves($food, $own->value / $own->given), $own->spread);
    }

    /**
     * Everything else as it is written down. What is counted in pieces weighs what such a piece usually weighs; nothing, if nobody buys it by the piece.
     *
     * @param  float  $rice  g raw
     * @param  float  $floor  of the pan, m²
     *
     * @return array<int, Portion> by its place on the dish
     */
    public static function foodAsWritten(Dish $dish, float $rice, int $plates, float $floor): array
    {
        $food = [];
        foreach (self::ingredients($dish) as $at => $ingredient) {
            $said = $dish->ingredients[$at]->food ?? [];
            $what = FoodDocument::food($ingredient->name, $said);
            $amount = $ingredient->for($rice, $dish->grams_main, $plates, $floor);
            $isCounted = $ingredient->unit === 'pieces';
            $food[$at] = new Portion(
                $ingredient->name, $what, round(min(self::MOST_G, $isCounted ? $amount * (Whole::weighs($ingredient->name) ?? 0.0) : $amount), 1), $ingredient->goes, $ingredient->temperature ?? ($ingredient->goesBackIn() ? Food::BESIDE_THE_PAN_C : $what->kept), $ingredient->minute,
                ! FoodDocument::isKnown($ingredient->name, $said), $ingredient->goesBackIn(), $isCounted ? $amount : null,
            );
        }

        return $food;
    }

    /** What is left of a gram of its base, of the kitchen's own. */
    public static function ownBase(Dish $dish): ?OwnNumber
    {
        $given = self::baseLeft($dish);

        return $given === null ? null : $dish->own->first(static fn (OwnNumber $ownNumber): bool => $ownNumber->standsFor($given));
    }

    /** What is left of a gram of its base once it is sweated, as it is written down; null where nothing is sweated. */
    public static function baseLeft(Dish $dish): ?float
    {
        return Sweated::left(self::foodAsWritten($dish, $dish->grams_main, 1, 0.0));
    }

    /** What the dish comes to as it is written down, in whatever amount. */
    public static function served(Dish $dish): Served
    {
        $parts = [$dish->stock->part()];
        if ($dish->wine_ml_per_80_g > 0) {
            $parts[] = Part::wine(self::named('wine'));
        }
        if ($dish->butter_g_per_80_g > 0) {
            $parts[] = Part::butter(self::named('butter'));
        }
        if ($dish->cheese_g_per_80_g > 0) {
            $parts[] = Part::cheese(self::named('cheese'));
        }
        if ($dish->cream_g_per_80_g > 0) {
            $parts[] = Part::butter(self::named('cream'));
        }
        if ($dish->marrow_g_per_80_g > 0) {
            $parts[] = Part::meat(self::named('marrow'));
        }
        $parts = [...$parts, ...self::fat($dish)];
        foreach ($dish->ingredients as $ingredient) {
            $parts[] = $ingredient->part();
        }

        return Served::of($dish->diet, $parts);
    }

    /** @return list<Part> of what the base is sweated in, but for plain oil */
    private static function fat(Dish $dish): array
    {
        $fat = Fat::from($dish->fat);

        return match (true) {
            $fat->isOfMilk() => [Part::butter(self::named($fat->value))],
            $fat->isOfMeat() => [Part::meat(self::named($fat->value))],
            default => [],
        };
    }

    public static function named(string $what): string
    {
        return (new Words)->say(Fact::of("ingredient.$what"));
    }
}

<?php

declare(strict_types=1);

namespace App\Dish;

use App\Contracts\BadDocument;
use App\Models\Dish;
use App\Models\DishIngredient;
use App\Models\DishSideWork;
use App\Models\Rice;
use App\Models\Stock;
use App\Words\Words;
use Velko\Core\Crust\CrustSchool;
use Velko\Core\Crust\CrustWish;
use Velko\Core\Food\Goes;
use Velko\Core\Method\PartCooking;
use Velko\Core\Method\Schools;
use Velko\Core\Method\Toasting;
use Velko\Core\Mise\ReadyBy;
use Velko\Core\Planning\Defaults;
use Velko\Core\Planning\Family;
use Velko\Core\Quantity\Fact;
use Velko\Core\Safety\Allergen;
use Velko\Core\Safety\Diet;
use Velko\Core\Safety\Larder;
use Velko\Core\Season\Wine;

/** Turns dish-body and velko.dish/1 into the columns of a dish, and back. */
final class DishBody
{
    private const COLUMNS = [
        'name', 'family', 'grams_main', 'grams_starter', 'wine_ml_per_80_g', 'doses', 'stirring', 'sealed', 'toast', 'rinsed', 'soak_min',
        'finish_min', 'rest_min', 'rest_covered', 'looseness', 'crust', 'crust_school', 'minutes_to_table', 'finish', 'butter_g_per_80_g',
        'butter_salted', 'butter_c', 'cheese_g_per_80_g', 'garnish', 'sodium_most_mg', 'pace', 'cover', 'wine_percent', 'wine_cooked_off',
        'fat', 'rained_in', 'base_apart', 'oven_c', 'two_pours', 'finish_on_the_heat', 'plated', 'cream_g_per_80_g', 'marrow_g_per_80_g', 'oil_g_per_80_g',
        'part_cooked_share', 'part_cooked_mm', 'instructions',
    ];

    /** What a dish that does not say it means: as dishes were written before. */
    private const LEFT_OUT = [
        'pace' => 'medium', 'cover' => 'open', 'wine_percent' => Wine::TABLE, 'wine_cooked_off' => false, 'butter_c' => Defaults::BUTTER_C,
        'fat' => 'oil', 'rained_in' => false, 'base_apart' => false, 'oven_c' => null, 'two_pours' => false, 'finish_on_the_heat' => false, 'plated' => null, 'cream_g_per_80_g' => 0, 'marrow_g_per_80_g' => 0, 'oil_g_per_80_g' => 0,
        'part_cooked_share' => null, 'part_cooked_mm' => PartCooking::LAYER, 'instructions' => '',
    ];

    /** @return array<string, mixed> dish-body */
    public static function of(Dish $dish): array
    {
        return [
            ...$dish->only(self::COLUMNS),
            'diet' => $dish->diet->value,
            'ingredients' => array_values($dish->ingredients->map(static fn (DishIngredient $ingredient): array => [
                ...$ingredient->only(['name', 'amount', 'unit', 'minute', 'before_min', 'comes_out', 'temperature_c', 'food']),
                'per' => $ingredient->per->value, 'goes' => $ingredient->goes->value, 'until' => $ingredient->until?->value, 'suits' => $ingredient->suits?->value, 'allergens' => self::names($ingredient->allergens),
            ])->all()),
            'side_work' => array_values($dish->sideWorks->map(static fn (DishSideWork $work): array => [
                ...$work->only(['what', 'takes_min', 'hands_min', 'ahead', 'needs', 'drinks_ml_per_80_g', 'gives_ml_per_80_g', 'on_ring']), 'ready' => $work->ready->value,
            ])->all()),
        ];
    }

    /** A starter of any family, g raw (common practice, no single source). */
    private const STARTER_G = 45;

    /** @return array<string, mixed> dish-body of a family, as it is before anybody has said more */
    public static function usual(Family $family): array
    {
        $traits = $family->traits();

        return [
            'name' => (new Words)->say(Fact::of("house.$traits->name")),
            'family' => $traits->name,
            'grams_main' => $traits->mainGrams,
            'grams_starter' => self::STARTER_G,
            'wine_ml_per_80_g' => $traits->wine,
            'doses' => $traits->inStages ? Schools::DEFAULT : Schools::ONE_POUR,
            'stirring' => $traits->stirring->value,
            'sealed' => true,
            'toast' => Toasting::Medium->value,
            ...self::LEFT_OUT,
            'rinsed' => false,
            'soak_min' => 0,
            'finish_min' => $traits->finish,
            'rest_min' => $traits->rest,
            'rest_covered' => $traits->driesOut,
            'looseness' => $traits->looseness,
            'crust' => ($traits->driesOut ? CrustWish::Gold : CrustWish::None)->value,
            'crust_school' => CrustSchool::ShortAndHot->value,
            'minutes_to_table' => Defaults::MINUTES_TO_TABLE,
            'diet' => Diet::Vegetarian->value,
            'finish' => '',
            'butter_g_per_80_g' => $traits->butter,
            'butter_salted' => false,
            'cheese_g_per_80_g' => $traits->cheese,
            'garnish' => '',
            'ingredients' => [],
            'side_work' => [],
        ];
    }

    /** @return array<string, mixed> velko.dish/1 */
    public static function whole(Dish $dish): array
    {
        return ['format' => 'velko.dish/1', 'rice' => self::rice($dish->rice), 'stock' => self::stock($dish->stock), 'dish' => self::of($dish)];
    }

    /** @return array<string, mixed> as in velko.rice/1 */
    public static function rice(Rice $rice): array
    {
        return [
            ...$rice->only(['name', 'variety', 'grams_per_cup']),
            'window_min' => $rice->window_low === null ? null : [$rice->window_low, $rice->window_high],
            'boiled' => $rice->boiled(),
        ];
    }

    /** @return array<string, mixed> as in velko.stock/1 */
    public static function stock(Stock $stock): array
    {
        return [...$stock->only(['name', 'salt_percent', 'held_at_c', 'batch_ml', 'from_water', 'parts']), 'base' => $stock->base->value, 'allergens' => self::names($stock->allergens)];
    }

    /**
     * @param  array<string, mixed>  $body  dish-body, held to its schema
     *
     * @return array<string, mixed> columns of the dish itself
     */
    public static function columns(array $body): array
    {
        return array_intersect_key([...self::LEFT_OUT, ...$body], array_flip([...self::COLUMNS, 'diet']));
    }

    /**
     * @param  array<string, mixed>  $body  dish-body, held to its schema
     *
     * @return array{list<array<string, mixed>>, list<array<string, mixed>>} rows of ingredients and of side work
     *
     * @throws BadDocument when what goes in at a minute has none, or a work needs one that does not stand before it, or takes stock and goes into no pan
     */
    public static function rows(array $body): array
    {
        $ingredients = $works = [];
        foreach (is_array($body['ingredients']) ? array_values($body['ingredients']) : [] as $position => $ingredient) {
            if ($ingredient['goes'] === Goes::AtMinute->value && ! isset($ingredient['minute'])) {
                throw BadDocument::at("/dish/ingredients/$position/minute", 'must be a number from 0 to 120 (min, for what goes in at a minute)');
            }
            $ingredients[] = [
                ...$ingredient, 'position' => $position,
                'minute' => $ingredient['goes'] === Goes::AtMinute->value ? $ingredient['minute'] : null,
                'temperature_c' => $ingredient['temperature_c'] ?? null,
                'before_min' => $ingredient['before_min'] ?? null,
                'until' => $ingredient['until'] ?? null,
                'comes_out' => $ingredient['comes_out'] ?? false,
                'food' => self::said($ingredient['food'] ?? null),
                ...self::known($ingredient),
            ];
        }
        foreach (is_array($body['side_work']) ? array_values($body['side_work']) : [] as $position => $work) {
            $needs = $work['needs'] ?? null;
            if (is_int($needs) && $needs >= $position) {
                throw BadDocument::at("/dish/side_work/$position/needs", $position === 0 ? 'must be null: nothing stands before it' : 'must be a whole number from 0 to '.($position - 1).' (the place of a work that stands before it)');
            }
            if ($work['ready'] === ReadyBy::Table->value && ($work['drinks_ml_per_80_g'] ?? 0) > 0) {
                throw BadDocument::at("/dish/side_work/$position/drinks_ml_per_80_g", 'must be 0: what is ready by the table carries no stock into the pan');
            }
            $works[] = [...$work, 'needs' => $needs, 'drinks_ml_per_80_g' => $work['drinks_ml_per_80_g'] ?? 0, 'gives_ml_per_80_g' => $work['gives_ml_per_80_g'] ?? 0, 'on_ring' => $work['on_ring'] ?? false, 'position' => $position];
        }

        return [$ingredients, $works];
    }

    /**
     * @param  mixed  $food  food.json or null
     *
     * @return array<mixed>|null null where nothing is said that is not known by its name
     */
    private static function said(mixed $food): ?array
    {
        return is_array($food) && $food !== [] ? $food : null;
    }

    /**
     * Who may eat it and what it brings, as it was said; an ordinary ingredient that nobody said it of is known by its name.
     *
     * @param  array<string, mixed>  $ingredient
     *
     * @return array{suits: string|null, allergens: list<Allergen>|null}
     */
    private static function known(array $ingredient): array
    {
        $named = is_array($ingredient['allergens']) ? array_map(static fn (mixed $name): Allergen => Allergen::from(is_string($name) ? $name : ''), array_values($ingredient['allergens'])) : null;
        $usual = Larder::find(is_string($ingredient['name']) ? $ingredient['name'] : '');

        return ['suits' => is_string($ingredient['suits']) ? $ingredient['suits'] : $usual?->suits?->value, 'allergens' => $named ?? ($usual?->complete === true ? $usual->allergens : null)];
    }

    /**
     * @param  list<Allergen>|null  $allergens
     *
     * @return list<string>|null
     */
    private static function names(?array $allergens): ?array
    {
        return $allergens === null ? null : array_map(static fn (Allergen $allergen): string => $allergen->value, $allergens);
    }
}

<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Dish\DishBody;
use App\Dish\PartToCook;
use App\Models\BoilOffTest;
use App\Models\Burner;
use App\Models\BurnerSetting;
use App\Models\Device;
use App\Models\Dish;
use App\Models\Kitchen;
use App\Models\Ladle;
use App\Models\Pan;
use App\Models\Rice;
use App\Models\Stock;
use App\Words\Words;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Collection;
use Velko\Core\Family\Families;
use Velko\Core\Food\Foods;
use Velko\Core\Food\Piece;
use Velko\Core\Planning\Family;
use Velko\Core\Rice\Looseness;
use Velko\Core\Rice\Variety;
use Velko\Core\Safety\Allergen;
use Velko\Core\Water\Atmosphere;
use Velko\Core\Water\Steam;

/** The document velko.kitchen/1: what a kitchen has. */
final class KitchenDocument
{
    private const COVERS_TO_BEGIN = 6;

    private const MINUTES_TO_BEGIN = 45;

    private const TESTS_SHOWN = 10;

    private const SHOWN_ON_A_PLATE = 3;

    /** @return array<string, mixed> */
    public static function of(Kitchen $kitchen, CarbonImmutable $now): array
    {
        $kitchen->withDishes()->loadMissing(['burners.tests.pan', 'devices', 'rices.dishes', 'stocks.dishes']);

        return [
            'format' => 'velko.kitchen/1',
            'name' => $kitchen->name,
            'altitude_m' => $kitchen->altitude_m,
            'boiling_c' => round(Steam::boilingPoint(Atmosphere::pressure($kitchen->altitude_m)), 1),
            'room_c' => $kitchen->room_c,
            'plates_c' => $kitchen->plates_c,
            'glug_ml' => $kitchen->glug_ml,
            'salt_low' => $kitchen->salt_low,
            'salt_high' => $kitchen->salt_high,
            'timezone' => $kitchen->timezone,
            'services' => ServiceTimes::of($kitchen),
            'units' => $kitchen->units,
            'safety' => $kitchen->safety(),
            'cooks_to_come' => $kitchen->cooks_to_come,
            'pans' => self::each($kitchen->pans->sortBy(['base_cm', 'height_cm']), self::pan(...)),
            'burners' => self::each($kitchen->burners->sortBy('id'), self::burner(...)),
            'devices' => self::each($kitchen->devices->sortBy('name'), self::device(...)),
            'ladles' => self::each($kitchen->ladles->sortBy('ml'), static fn (Ladle $ladle): array => [...$ladle->only(['id', 'ml']), 'tag' => Thing::Ladles->tag($ladle)]),
            'rices' => self::each($kitchen->rices->sortBy('name'), self::rice(...)),
            'stocks' => self::each($kitchen->stocks->sortBy('name'), self::stock(...)),
            'begin' => self::begin($kitchen, $now),
            'kit' => SetUp::kit(),
            'families' => array_map(self::family(...), array_values(Families::all())),
            'dishes' => $kitchen->dishes->sortBy('name')->map(static fn (Dish $dish): array => [
                ...$dish->only(['id', 'name', 'family', 'grams_main', 'grams_starter', 'doses', 'looseness']),
                'rice' => (new Words)->say(Variety::from($dish->rice->variety)->fact()),
                'stock' => $dish->stock->name,
                'part_cooked' => PartToCook::partCooking($dish, $kitchen) !== null,
                'shows' => self::shows($dish),
            ])->values()->all(),
        ];
    }

    /** @return list<string> the kinds of food that are seen on its rice, the heaviest first */
    private static function shows(Dish $dish): array
    {
        $grams = [];
        foreach ($dish->ingredients as $ingredient) {
            $food = Foods::find($ingredient->name);
            // A purée melts, whatever it is of.
            $isSeen = $food?->group->piece() !== null && ! $ingredient->comes_out;
            $piece = $food === null ? null : Piece::of($ingredient->name, $food->group);
            if ($food !== null && $piece !== null && $isSeen) {
                $group = $food->group->value;
                $grams[$group] = ($grams[$group] ?? 0.0) + $ingredient->amount * ($ingredient->unit === 'pieces' ? $piece->grams : 1.0);
            }
        }
        arsort($grams);

        return array_slice(array_keys($grams), 0, self::SHOWN_ON_A_PLATE);
    }

    /**
     * @template T of Model
     *
     * @param  Collection<int, T>  $rows
     * @param  callable(T): array<string, mixed>  $document
     *
     * @return list<array<string, mixed>>
     */
    private static function each(Collection $rows, callable $document): array
    {
        return array_values($rows->map($document)->all());
    }

    /** @return array<string, mixed> what a form needs to know of a family */
    private static function family(Family $family): array
    {
        $traits = $family->traits();

        return [
            'family' => $traits->name,
            'rices' => array_map(static fn (Variety $rice): string => $rice->value, $traits->rices),
            'in_stages' => $traits->inStages,
            'dries_out' => $traits->driesOut,
            'plates' => array_map(static fn (Looseness $word): array => ['word' => $word->value, 'looseness' => $word->value()], $traits->scale->words),
            'new_dish' => DishBody::usual($family),
        ];
    }

    /** @return array<string, mixed> */
    private static function pan(Pan $pan): array
    {
        return [
            'tag' => Thing::Pans->tag($pan),
            ...$pan->only(['id', 'name', 'base_cm', 'rim_cm', 'height_cm', 'metal_j_per_k', 'weight_g']),
            ...PanHoldsDocument::parts(Station::pan($pan)),
        ];
    }

    /** @return array<string, mixed> */
    private static function burner(Burner $burner): array
    {
        return [
            'tag' => Thing::Burners->tag($burner),
            ...$burner->only(['id', 'name', 'ring_cm', 'grate_cm', 'fuel', 'fades_percent_per_min', 'rated_w']),
            'outdoors' => $burner->isOutdoors(),
            'settings' => array_values($burner->settings->map(static fn (BurnerSetting $setting): array => [
                'mark' => $setting->mark, 'share' => $setting->share, 'net_w' => Station::givenNet($burner, $setting), 'measured' => $setting->net_w !== null, 'own_w' => Station::ownNet($burner, $setting)?->value, 'source' => self::sourceOf($burner, $setting)->value,
            ])->all()),
            'tests' => array_values($burner->tests->take(self::TESTS_SHOWN)->map(static fn (BoilOffTest $test): array => [
                'mark' => $test->mark, 'pan' => $test->pan->name, 'net_w' => $test->net_w, 'spread_w' => $test->spread_w,
                'minutes' => $test->minutes, 'lost_g' => round($test->before_g - $test->after_g, 1), 'at' => $test->created_at->toIso8601String(),
            ])->all()),
        ];
    }

    /** @return array<string, mixed> */
    private static function device(Device $device): array
    {
        return ['tag' => Thing::Devices->tag($device), ...$device->only(['id', 'name', 'burner_id']), 'kind' => $device->kind->value, 'has_key' => $device->api_token !== null, 'reading' => ReadingDocument::of($device)];
    }

    /** @return array<string, mixed> */
    private static function rice(Rice $rice): array
    {
        $grain = Station::packet($rice);

        return [
            'tag' => Thing::Rices->tag($rice),
            ...$rice->only(['id', 'name', 'variety', 'grams_per_cup']),
            'label' => (new Words)->say($grain->variety->fact()),
            'window_min' => [$grain->window->low, $grain->window->high],
            'own_window' => $rice->window_low !== null,
            'boiled' => $rice->boiled(),
            'own' => array_map(static fn (string $of): ?float => Station::ownOfRice($rice, $of)?->value, ['drinks_g_per_g' => 'drinking', 'done_min' => 'doneness']),
            'dishes' => $rice->dishes->pluck('name')->sort()->values()->all(),
        ];
    }

    /** @return array<string, mixed> */
    private static function stock(Stock $stock): array
    {
        return [
            'tag' => Thing::Stocks->tag($stock),
            ...$stock->only(['id', 'name', 'salt_percent', 'held_at_c', 'batch_ml', 'from_water', 'parts']),
            'base' => $stock->base->value,
            'allergens' => $stock->allergens === null ? null : array_map(static fn (Allergen $allergen): string => $allergen->value, $stock->allAllergens()),
            'suits' => $stock->suits()->value,
            'dishes' => $stock->dishes->pluck('name')->sort()->values()->all(),
        ];
    }

    /**
     * The ask to begin with: a table of six as soon as it can be cooked at leisure, with the work beside it that nobody did
     * ahead; pan and ring left to Velko.
     *
     * @return array<string, mixed>|null velko.ask/1; null while the kitchen lacks a dish, a pan or a ring
     */
    private static function begin(Kitchen $kitchen, CarbonImmutable $now): ?array
    {
        $dish = $kitchen->dishes->sortBy('name')->first();
        if ($dish === null || $kitchen->pans->isEmpty() || $kitchen->burners->isEmpty()) {
            return null;
        }

        $beside = (float) ($dish->sideWorks->where('ahead', false)->max('takes_min') ?? 0);

        return [
            'format' => 'velko.ask/1',
            'dish_id' => $dish->id,
            'covers' => self::COVERS_TO_BEGIN,
            'portion' => 'main',
            'pan_id' => null,
            'burner_id' => null,
            'table_at' => $now->setTimezone($kitchen->timezone)->addMinutes(self::MINUTES_TO_BEGIN + (int) ceil($beside))->ceilMinutes(5)->format('H:i'),
            'heat' => null,
        ];
    }

    /** Where what a mark gives comes from. */
    private static function sourceOf(Burner $burner, BurnerSetting $setting): Source
    {
        return Source::of(Station::ownNet($burner, $setting), $setting->net_w !== null);
    }

    /** @return list<array{mark: string, net_w: float, measured: bool, source: string}> */
    public static function marks(Burner $burner): array
    {
        return array_values($burner->settings->map(static fn (BurnerSetting $setting): array => [
            'mark' => $setting->mark,
            'net_w' => Station::netPowerAt($burner, $setting),
            'measured' => $setting->net_w !== null,
            'source' => self::sourceOf($burner, $setting)->value,
        ])->all());
    }
}

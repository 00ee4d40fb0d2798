<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contracts\BadDocument;
use App\Dish\DishBody;
use App\Dish\SaveDish;
use App\Models\Kitchen;
use App\Models\Rice;
use App\Models\Stock;
use App\Models\User;
use App\Words\Units;
use App\Words\Words;
use Illuminate\Support\Facades\DB;
use Velko\Core\Family\Families;
use Velko\Core\Food\Goes;
use Velko\Core\Mise\Scales;
use Velko\Core\Planning\Family;
use Velko\Core\Quantity\Fact;
use Velko\Core\Quantity\Rounding;
use Velko\Core\Quantity\Unit;
use Velko\Core\Rice\Variety;
use Velko\Core\Safety\Allergen;
use Velko\Core\Safety\Base;
use Velko\Core\Safety\Diet;
use Velko\Core\Vessel\Kit;

/** A kitchen from nothing: pans and rings of the kit, two ladles, a rice, a stock and a first dish. All of it or nothing. */
final class SetUp
{
    /** The stock of a first kitchen: vegetables, as it is usually salted and held. */
    private const STOCK = ['format' => 'velko.stock/1', 'salt_percent' => 0.6, 'held_at_c' => 92, 'batch_ml' => null];

    /**
     * Refuses a kitchen that has something already.
     *
     * @param  array<string, mixed>  $document  velko.set-up/1, held to its schema
     */
    public static function of(User $user, array $document): void
    {
        $kitchen = $user->kitchen;
        DB::transaction(static function () use ($user, $kitchen, $document): void {
            DB::table('kitchens')->where('id', $kitchen->id)->lockForUpdate()->get();
            if ($kitchen->pans()->exists() || $kitchen->burners()->exists() || $kitchen->dishes()->exists()) {
                throw BadDocument::at('', 'is for a kitchen that has nothing yet');
            }
            $kitchen->update(['units' => $document['units'], 'altitude_m' => $document['altitude_m']]);
            self::station($kitchen, $document);
            self::firstDish($user, Variety::from($document['variety']));
        }, attempts: 3);
    }

    /** @return array<string, mixed> what there is to choose from */
    public static function kit(): array
    {
        return [
            'pans' => array_map(static fn (string $code): array => [
                'code' => $code,
                ...array_diff_key(self::pan($code, Units::Metric), ['format' => 0]),
                'name_us' => self::panName($code, Units::Us),
            ], array_keys(Kit::pans())),
            'rings' => array_map(static fn (string $code): array => ['code' => $code, ...array_diff_key(self::ring($code), ['format' => 0, 'marks' => 0])], array_keys(Kit::rings())),
            'marks' => self::marks(),
        ];
    }

    /** @param  array<string, mixed>  $document */
    private static function station(Kitchen $kitchen, array $document): void
    {
        foreach ($document['pans'] as $code) {
            SaveThing::enter($kitchen, Thing::Pans, self::pan($code, Units::from($document['units'])));
        }
        foreach ($document['rings'] as $code) {
            SaveThing::enter($kitchen, Thing::Burners, self::ring($code));
        }
        foreach (Kit::LADLES as $ml) {
            SaveThing::enter($kitchen, Thing::Ladles, ['format' => 'velko.ladle/1', 'ml' => $ml]);
        }
    }

    private static function firstDish(User $user, Variety $variety): void
    {
        /** @var Rice $rice */
        $rice = SaveThing::enter($user->kitchen, Thing::Rices, ['format' => 'velko.rice/1', 'name' => self::said($variety->fact()), 'variety' => $variety->value, 'window_min' => null, 'grams_per_cup' => null]);
        /** @var Stock $stock */
        $stock = SaveThing::enter($user->kitchen, Thing::Stocks, [...self::STOCK, 'name' => self::said(Fact::of('kit.stock')), 'base' => Base::Vegetable->value, 'allergens' => [Allergen::Celery->value]]);
        $dish = [...DishBody::usual(self::familyOf($variety)), 'finish' => self::said(Fact::of('kit.finish')), 'ingredients' => self::base()];
        SaveDish::enter($user, ['rice_id' => $rice->id, 'stock_id' => $stock->id, 'dish' => $dish]);
    }

    /** @return list<array<string, mixed>> what its rice is toasted in: a little oil and shallot (common practice, no single source) */
    private static function base(): array
    {
        $goes = ['per' => Scales::Main->value, 'goes' => Goes::Base->value, 'minute' => null, 'temperature_c' => null, 'food' => null];
        $known = ['suits' => Diet::Vegan->value, 'allergens' => []];

        return [
            ['name' => self::said(Fact::of('kit.oil')), 'amount' => 5, 'unit' => 'ml', ...$goes, ...$known],
            ['name' => self::said(Fact::of('kit.shallot')), 'amount' => 15, 'unit' => 'g', ...$goes, ...$known],
        ];
    }

    /** Whose usual rice it is. */
    private static function familyOf(Variety $variety): Family
    {
        foreach (Families::all() as $family) {
            if ($family->traits()->rices[0] === $variety) {
                return $family;
            }
        }

        return Families::usual();
    }

    /** @return array<string, mixed> velko.pan/1 */
    private static function pan(string $code, Units $units): array
    {
        $pan = Kit::pans()[$code];

        return [
            'format' => 'velko.pan/1',
            'name' => self::panName($code, $units),
            'base_cm' => $pan->base,
            'rim_cm' => $pan->rim,
            'height_cm' => $pan->height,
            'metal_j_per_k' => $pan->metal,
        ];
    }

    /** As such a pan is bought: by centimetres and litres, or by inches and quarts, to the half. */
    private static function panName(string $code, Units $units): string
    {
        $pan = Kit::pans()[$code];
        $half = static fn (float $number): string => Rounding::plain(Rounding::to($number, 0.5), 1);

        return self::said(Fact::of("kit.pan-$code", ...$units === Units::Us
            ? ['across' => $half($pan->rim / Unit::Inch->factor()).' in', 'holds' => $half($pan->fullVolume() / Unit::Quart->factor()).' qt']
            : ['across' => Rounding::plain($pan->rim, 0), 'holds' => Rounding::plain($pan->fullVolume() / 1000, 0).' L']));
    }

    /** @return array<string, mixed> velko.burner/1 */
    private static function ring(string $code): array
    {
        ['ring' => $ring, 'fuel' => $fuel, 'rated' => $rated] = Kit::rings()[$code];

        return ['format' => 'velko.burner/1', 'name' => self::said(Fact::of("kit.ring-$code")), 'ring_cm' => $ring, 'fuel' => $fuel->value, 'rated_w' => $rated, 'marks' => self::marks()];
    }

    /** @return list<array{mark: string, share: float, net_w: null}> */
    private static function marks(): array
    {
        return array_map(static fn (string $mark, float $share): array => ['mark' => $mark, 'share' => $share, 'net_w' => null], array_keys(Kit::MARKS), array_values(Kit::MARKS));
    }

    private static function said(Fact $fact): string
    {
        return (new Words)->say($fact);
    }
}

<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Burner;
use App\Models\BurnerSetting;
use App\Models\Dish;
use App\Models\Kitchen;
use App\Models\Ladle;
use App\Models\Pan;
use App\Models\Rice;
use App\Models\Stock;
use App\Models\User;
use Illuminate\Database\Seeder;
use Velko\Core\Safety\Allergen;
use Velko\Core\Safety\Base;

/** The Kiln House: an invented 46-seat dining room in a former brickworks on an inland canal. */
final class KilnHouse extends Seeder
{
    public const NAME = 'The Kiln House';

    /** Of both demo accounts; bin/start prints it. */
    public const PASSWORD = 'lock-keeper-rice';

    /** Knob marks and their share of the rated power. */
    private const MARKS = ['low' => 0.12, 'medium-low' => 0.25, 'medium' => 0.40, 'medium-high' => 0.65, 'high' => 1.0];

    public function run(): void
    {
        $kitchen = Kitchen::query()->create([
            'name' => self::NAME, 'altitude_m' => 212, 'room_c' => 26, 'timezone' => 'Europe/London', 'units' => 'metric',
        ]);
        $in = ['kitchen_id' => $kitchen->id];

        foreach ([['Chef', 'chef', 'chef@kiln.example'], ['Rice station', 'cook', 'rice@kiln.example'], ['Trainee', 'trainee', 'trainee@kiln.example']] as [$name, $role, $email]) {
            // The trainee is in the log but does not sign in: no password is known to anybody.
            $password = $role === 'trainee' ? bin2hex(random_bytes(24)) : self::PASSWORD;
            User::query()->create([...$in, 'name' => $name, 'role' => $role, 'email' => $email, 'password' => $password]);
        }

        // Base, rim and height in cm; heat capacity from weight and metal (steel 0.50, aluminium 0.90 J/(g·K)).
        foreach ([
            ['24 sautoir', 22, 24, 7, 850], ['28 sautoir', 26, 28, 7.5, 1150], ['36 rondeau', 35, 36, 13, 2600],
            ['34 wide pan', 29, 34, 5, 700], ['42 wide pan', 36, 42, 5, 1050], ['55 wide pan', 48, 55, 6, 1900],
            ['12 L stew pot', 27, 27, 21, 1800],
        ] as [$name, $base, $rim, $height, $metal]) {
            Pan::query()->create([...$in, 'name' => $name, 'base_cm' => $base, 'rim_cm' => $rim, 'height_cm' => $height, 'metal_j_per_k' => $metal]);
        }

        // Ring 2 was measured by boil-off tests; the others stand on their rated power.
        foreach ([
            ['ring 1', 12.5, 3500, []], ['ring 2', 15, 5000, ['medium-low' => 470, 'medium' => 820, 'medium-high' => 1240]],
            ['ring 3', 15, 5000, []], ['ring 4', 18, 6000, []], ['big ring', 32, 14000, []],
        ] as [$name, $ring, $rated, $measured]) {
            $burner = Burner::query()->create([...$in, 'name' => $name, 'ring_cm' => $ring, 'fuel' => 'gas', 'rated_w' => $rated]);
            foreach (array_keys(self::MARKS) as $position => $mark) {
                BurnerSetting::query()->create([...$in, 'burner_id' => $burner->id, 'mark' => $mark, 'share' => self::MARKS[$mark], 'net_w' => $measured[$mark] ?? null, 'position' => $position]);
            }
        }

        foreach ([60, 90, 150] as $ml) {
            Ladle::query()->create([...$in, 'ml' => $ml]);
        }

        $rice = static fn (string $name, string $variety, ?float $low = null, ?float $high = null): int => Rice::query()->create([...$in, 'name' => $name, 'variety' => $variety, 'window_low' => $low, 'window_high' => $high])->id;
        $carnaroli = $rice('carnaroli', 'carnaroli');
        $arborio = $rice('arborio', 'arborio');
        $nano = $rice('vialone nano', 'vialone-nano');
        $bomba = $rice('bomba', 'bomba');
        $round = $rice('round grain', 'round');

        $stock = static fn (string $name, Base $base, float $salt, float $batch, Allergen ...$allergens): int => Stock::query()->create([
            ...$in, 'name' => $name, 'base' => $base, 'salt_percent' => $salt, 'held_at_c' => 92, 'batch_ml' => $batch, 'allergens' => array_values($allergens),
        ])->id;
        $vegetable = $stock('vegetable stock', Base::Vegetable, 0.55, 8000, Allergen::Celery);
        $smoked = $stock('smoked trout stock', Base::Fish, 0.5, 5000, Allergen::Celery);
        $duck = $stock('duck stock', Base::Poultry, 0.5, 6000, Allergen::Celery);
        $cuttlefish = $stock('cuttlefish stock', Base::Shellfish, 0.5, 5000);
        $fish = $stock('fish stock', Base::Fish, 0.65, 5000);
        $lamb = $stock('lamb stock', Base::Meat, 0.65, 5000, Allergen::Celery);

        $risotto = ['family' => 'risotto', 'grams_main' => 80, 'grams_starter' => 45, 'stirring' => 'constant', 'sealed' => true, 'finish_min' => 1, 'rest_min' => 0, 'rest_covered' => false, 'minutes_to_table' => 2];
        $pan = ['family' => 'pan-rice', 'rice_id' => $bomba, 'grams_main' => 55, 'grams_starter' => 35, 'doses' => 'one-pour', 'stirring' => 'never', 'sealed' => true, 'finish_min' => 0, 'rest_min' => 5, 'rest_covered' => true, 'looseness' => 0, 'minutes_to_table' => 2];
        $soupy = ['family' => 'soupy-rice', 'rice_id' => $round, 'grams_main' => 70, 'grams_starter' => 40, 'doses' => 'one-pour', 'stirring' => 'now-and-then', 'finish_min' => 0, 'rest_min' => 0, 'rest_covered' => false, 'minutes_to_table' => 2];
        foreach ([
            [...$risotto, 'name' => 'pea, lovage and lemon risotto', 'rice_id' => $carnaroli, 'stock_id' => $vegetable, 'wine_ml_per_80_g' => 25, 'doses' => 'ladle-by-ladle', 'looseness' => 0.85, 'butter_g_per_80_g' => 15, 'cheese_g_per_80_g' => 15, 'finish' => 'cold butter, then hard cheese; pea purée, lovage, lemon'],
            [...$risotto, 'name' => 'radicchio and walnut risotto', 'rice_id' => $arborio, 'stock_id' => $vegetable, 'wine_ml_per_80_g' => 35, 'doses' => 'cooked-down', 'looseness' => 0.65, 'butter_g_per_80_g' => 12, 'cheese_g_per_80_g' => 10, 'finish' => 'butter, blue cheese, toasted walnuts'],
            [...$risotto, 'name' => 'smoked trout and fennel risotto', 'rice_id' => $nano, 'stock_id' => $smoked, 'wine_ml_per_80_g' => 0, 'doses' => 'kept-covered', 'stirring' => 'now-and-then', 'looseness' => 1.0, 'butter_g_per_80_g' => 18, 'finish' => 'cold butter, fennel tops, flaked trout'],
            [...$pan, 'name' => 'cauliflower, almond and raisin pan rice', 'stock_id' => $vegetable, 'crust' => 'gold', 'finish' => 'fried almonds, parsley'],
            [...$pan, 'name' => 'duck leg, turnip and white bean pan rice', 'stock_id' => $duck, 'crust' => 'dark', 'crust_school' => 'long-and-gentle', 'finish' => 'the duck back on top, skin up'],
            [...$pan, 'name' => 'cuttlefish and green pepper pan rice', 'stock_id' => $cuttlefish, 'crust' => 'gold', 'finish' => 'lemon at the side'],
            [...$soupy, 'name' => 'hake, leek and parsley soupy rice', 'stock_id' => $fish, 'sealed' => false, 'rinsed' => true, 'soak_min' => 18, 'looseness' => 3.0, 'finish' => 'hake in for the last three minutes, parsley'],
            [...$soupy, 'name' => 'lamb neck, chickpea and mint soupy rice', 'stock_id' => $lamb, 'sealed' => true, 'toast' => 'quick', 'looseness' => 1.8, 'finish' => 'mint, a squeeze of lemon'],
        ] as $dish) {
            Dish::query()->create([...$in, ...$dish]);
        }
    }
}

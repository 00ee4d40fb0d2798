<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Exchange\ImportDish;
use App\Models\Burner;
use App\Models\BurnerSetting;
use App\Models\Kitchen;
use App\Models\Ladle;
use App\Models\Pan;
use App\Models\User;
use Illuminate\Database\Seeder;

/** The Kiln House: an invented 46-seat dining room in a former brickworks on an inland canal. */
final class KilnHouse extends Seeder
{
    public const NAME = 'The Kiln House';

    /** Of both demo accounts; bin/start prints it. */
    public const PASSWORD = 'lock-keeper-rice';

    /** Knob marks and their share of the rated power. */
    private const MARKS = ['low' => 0.12, 'medium-low' => 0.25, 'medium' => 0.40, 'medium-high' => 0.65, 'high' => 1.0];

    /** J/(g·K); all its pans are steel. */
    private const STEEL = 0.50;

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

        // Base, rim and height in cm, heat capacity in J/K.
        foreach ([
            ['24 sautoir', 22, 24, 7, 850], ['28 sautoir', 26, 28, 7.5, 1150], ['36 rondeau', 35, 36, 13, 2600],
            ['34 wide pan', 29, 34, 5, 700], ['42 wide pan', 36, 42, 5, 1050], ['55 wide pan', 48, 55, 6, 1900],
            ['12 L stew pot', 27, 27, 21, 1800],
        ] as [$name, $base, $rim, $height, $metal]) {
            Pan::query()->create([...$in, 'name' => $name, 'base_cm' => $base, 'rim_cm' => $rim, 'height_cm' => $height, 'metal_j_per_k' => $metal, 'weight_g' => $metal / self::STEEL]);
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

        $chef = User::query()->where('kitchen_id', $kitchen->id)->where('role', 'chef')->sole();
        foreach (self::dishes() as $document) {
            ImportDish::of($chef, $document);
        }
    }

    /** @return list<array<string, mixed>> velko.dish/1 */
    private static function dishes(): array
    {
        /** @var list<array<string, mixed>> */
        return json_decode((string) file_get_contents(__DIR__.'/kiln-house-dishes.json'), true, flags: JSON_THROW_ON_ERROR);
    }
}

<?php

declare(strict_types=1);

use App\Models\DeviceKind;
use App\Models\Role;
use App\Words\Units;
use Velko\Core\Cook\Sign;
use Velko\Core\Cook\Trouble;
use Velko\Core\Crust\CrustSchool;
use Velko\Core\Crust\CrustWish;
use Velko\Core\Family\Families;
use Velko\Core\Food\Goes;
use Velko\Core\Food\Group;
use Velko\Core\Method\Cover;
use Velko\Core\Method\Fat;
use Velko\Core\Method\Pace;
use Velko\Core\Method\Schools;
use Velko\Core\Method\Stirring;
use Velko\Core\Method\Toasting;
use Velko\Core\Mise\Scales;
use Velko\Core\Mise\Until;
use Velko\Core\Pan\Browning;
use Velko\Core\Rice\Bite;
use Velko\Core\Rice\Looseness;
use Velko\Core\Rice\Variety;
use Velko\Core\Safety\Allergen;
use Velko\Core\Safety\Base;
use Velko\Core\Safety\Diet;
use Velko\Core\Season\SaltTaste;
use Velko\Core\Vessel\Fire;
use Velko\Core\Vessel\Kit;

/* contracts/words.json and the enumerations of the code are the same words. */

/** @return array<string, list<string>> by name */
function vocabulary(): array
{
    return array_map(static fn (array $def): array => $def['enum'], json_decode((string) file_get_contents(base_path('contracts/words.json')), true)['$defs']);
}

it('has each vocabulary once, as the code has it', function (): void {
    $values = static fn (string $enum): array => array_column($enum::cases(), 'value');
    $code = [
        'bite' => $values(Bite::class), 'variety' => $values(Variety::class), 'units' => $values(Units::class), 'fuel' => $values(Fire::class), 'base' => $values(Base::class), 'allergen' => $values(Allergen::class),
        'diet' => $values(Diet::class), 'role' => $values(Role::class), 'looseness' => $values(Looseness::class), 'device' => $values(DeviceKind::class), 'family' => array_keys(Families::all()),
        'stirring' => $values(Stirring::class), 'toasting' => $values(Toasting::class), 'pace' => $values(Pace::class), 'cover' => $values(Cover::class), 'fat' => $values(Fat::class), 'browning' => $values(Browning::class), 'trouble' => $values(Trouble::class),
        'doses' => [...array_keys(Schools::all()), Schools::ONE_POUR], 'crust' => $values(CrustWish::class), 'crust_school' => $values(CrustSchool::class), 'scales' => $values(Scales::class), 'goes' => $values(Goes::class), 'until' => $values(Until::class), 'food_group' => $values(Group::class), 'sign' => $values(Sign::class), 'salt_taste' => $values(SaltTaste::class), 'kit_pan' => array_keys(Kit::pans()), 'kit_ring' => array_keys(Kit::rings()),
        // What the code has no enumeration of.
        'clock' => ['12', '24'], 'unit' => ['g', 'ml', 'pieces'],
    ];
    foreach (vocabulary() as $name => $words) {
        expect($words)->toEqualCanonicalizing($code[$name] ?? [], $name);
    }
    expect(array_keys($code))->toEqualCanonicalizing(array_keys(vocabulary()));
});

it('writes no vocabulary out a second time', function (): void {
    $walk = function (mixed $node) use (&$walk): array {
        if (! is_array($node)) {
            return [];
        }
        $here = is_array($node['enum'] ?? null) ? [array_values(array_filter($node['enum'], is_string(...)))] : [];

        return array_merge($here, ...array_map($walk, array_values($node)));
    };
    foreach (array_diff(glob(base_path('contracts/*.json')) ?: [], [base_path('contracts/words.json')]) as $file) {
        foreach ($walk(json_decode((string) file_get_contents($file), true)) as $words) {
            foreach (vocabulary() as $name => $known) {
                expect(count($words) > 1 && array_diff($words, $known) === [] && count($words) === count($known))->toBeFalse(basename($file)." has $name written out");
            }
        }
    }
});

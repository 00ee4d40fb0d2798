<?php

declare(strict_types=1);

use Tests\Core\Kitchens;
use Velko\Core\Cook\StageKind;
use Velko\Core\Method\Load;
use Velko\Core\Method\Schools;
use Velko\Core\Pan\State;
use Velko\Core\Planning\Planner;
use Velko\Core\Rice\Variety;
use Velko\Core\Vessel\Ladle;

function load(float $rice = 320, float $net = 800, float $ladle = 90): Load
{
    return new Load($rice, 0.0531, $net, Variety::Carnaroli->grain(), new Ladle($ladle));
}

/** @return list<float> mL */
function poursOf(string $school, float ...$with): array
{
    $plan = Planner::plan(Kitchens::ask(...['doses' => $school, ...$with]));

    return array_values(array_map(static fn ($stage) => $stage->volume, array_filter($plan->stages, static fn ($stage) => $stage->kind === StageKind::Pour)));
}

it('uses about 60 mL a minute for a four-portion pan (common practice, no single source)', function (): void {
    expect(load()->usePerMinute())->toBeGreaterThan(45.0)->toBeLessThan(65.0);
});

it('reckons the rice\'s share of the use by what a cook really drinks', function (): void {
    $plan = Planner::plan(Kitchens::ask());
    $drinks = $plan->pulled->drunk / $plan->pulled->minute();
    expect((load(net: 0)->usePerMinute() / 320) / $drinks)->toEqualWithDelta(1.0, 0.1);
});

it('doubles the rice\'s share with the rice, not the steam\'s', function (): void {
    expect(load(640)->usePerMinute() - load(320)->usePerMinute())->toEqualWithDelta(320 * 0.09, 1e-9);
});

it('starts with more, then pours single ladles, then halves (ladle by ladle)', function (): void {
    $pours = poursOf('ladle-by-ladle');
    expect($pours[0])->toBeGreaterThanOrEqual(180.0)
        ->and(array_slice($pours, 1, 5))->toBe([90.0, 90.0, 90.0, 90.0, 90.0])
        ->and(max(array_slice($pours, 1)))->toBeLessThanOrEqual(90.0);
    // A plate that stands needs no loosening at the end: there the halves come.
    $stands = poursOf('ladle-by-ladle', looseness: 0.3, toTable: 0);
    expect($stands[count($stands) - 2])->toBe(45.0);
});

it('pours every minute by the clock (little and often)', function (): void {
    $plan = Planner::plan(Kitchens::ask(doses: 'little-and-often'));
    $minutes = array_values(array_map(static fn ($stage) => $stage->minute, array_filter($plan->stages, static fn ($stage) => $stage->kind === StageKind::Pour)));
    for ($i = 1; $i < count($minutes); $i++) {
        expect($minutes[$i] - $minutes[$i - 1])->toEqualWithDelta(1.0, 0.02);
    }
});

it('lets the grains show before the next dose, and then covers them (kept covered)', function (): void {
    $plan = Planner::plan(Kitchens::ask(doses: 'kept-covered'));
    $pours = count(array_filter($plan->stages, static fn ($stage) => $stage->kind === StageKind::Pour));
    expect($pours)->toBeLessThan(6)
        ->and(max($plan->track->free))->toBeGreaterThan(1.2 * 320);
});

it('boils away more when cooked down than when kept covered', function (): void {
    $down = Planner::plan(Kitchens::ask(doses: 'cooked-down'));
    $covered = Planner::plan(Kitchens::ask(doses: 'kept-covered'));
    expect($down->pulled->minute())->toBeGreaterThan($covered->pulled->minute() + 1)
        ->and($down->atTable->boiledOff)->toBeGreaterThan($covered->atTable->boiledOff)
        ->and($down->stock)->toBeGreaterThan($covered->stock);
});

it('gives a dose that the ladle in hand can measure', function (string $school): void {
    foreach ([60.0, 90.0, 150.0] as $ladle) {
        foreach ([100.0, 320.0, 1800.0] as $rice) {
            $dose = Schools::named($school)->dose(load($rice, 5 * $rice ** 0.8, $ladle), new State(95, true), 1);
            expect(fmod($dose, $ladle / 2))->toEqualWithDelta(0.0, 1e-9)->and($dose)->toBeGreaterThan(0.0);
        }
    }
})->with(['ladle-by-ladle', 'kept-covered', 'cooked-down']);

it('knows four schools, each with its sign, and no fifth', function (): void {
    expect(array_keys(Schools::all()))->toBe(['ladle-by-ladle', 'little-and-often', 'kept-covered', 'cooked-down'])
        ->and(array_unique(array_map(static fn ($school): string => Schools::sign($school)->code, Schools::all())))->toHaveCount(4)
        ->and(Schools::named('by-the-moon'))->toBeNull();
});

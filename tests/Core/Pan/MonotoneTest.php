<?php

declare(strict_types=1);

use Tests\Core\Kitchens;
use Velko\Core\Pan\Simulation;
use Velko\Core\Pan\State;
use Velko\Core\Planning\Ask;

/*
 * What must hold in any pan, whatever the plan: one pour over toasted rice in random kitchens, nudged one way at a time.
 * The nudges are large against a step of one second, so that no result rests on rounding.
 */

/** The pan of an ask after so many minutes of one pour on its middle mark. */
function onePour(Ask $ask, float $perGram = 3.0, float $heat = 1.0, float $altitude = 0.0, float $minutes = 14): State
{
    $conditions = Velko\Core\Pan\Conditions::at($ask->surroundings->altitude + $altitude, $ask->surroundings->room, $ask->pan);
    $simulation = new Simulation($ask->grain, $conditions, $ask->rice());
    $state = $simulation->start(95, $ask->method->sealed);
    $simulation->pour($state, $perGram * $ask->rice(), $ask->stock->temperature, 0.005);
    $simulation->heat($state, $heat * $ask->burner->net['medium']);
    $simulation->run($state, 60 * $minutes);

    return $state;
}

/** Minutes until the pan is dry, at most two hours. */
function minutesToDry(Ask $ask, float $heat): float
{
    $simulation = new Simulation($ask->grain, $ask->conditions(), $ask->rice());
    $state = $simulation->start(95, $ask->method->sealed);
    $simulation->pour($state, 3 * $ask->rice(), $ask->stock->temperature);
    $simulation->heat($state, $heat * $ask->burner->net['medium']);
    $simulation->run($state, 7200, Simulation::DRY * $ask->rice());

    return $state->minute();
}

it('is never drier for more stock', function (): void {
    foreach (Kitchens::random(700, 301) as $name => $ask) {
        expect(onePour($ask, 3.2)->free)->toBeGreaterThanOrEqual(onePour($ask, 3.0)->free - 1e-9, $name);
    }
});

it('is never slower to dry for more heat', function (): void {
    foreach (Kitchens::random(700, 302) as $name => $ask) {
        expect(minutesToDry($ask, 1.15))->toBeLessThanOrEqual(minutesToDry($ask, 1.0), $name);
    }
});

it('is never faster cooked higher up', function (): void {
    foreach (Kitchens::random(700, 303) as $name => $ask) {
        expect(onePour($ask, altitude: 400)->doneness)->toBeLessThanOrEqual(onePour($ask)->doneness + 1e-9, $name);
    }
});

it('never cooks backwards, and never lets a grain give water back but to a bare floor', function (): void {
    foreach (Kitchens::random(200, 304) as $name => $ask) {
        $before = onePour($ask, minutes: 2);
        foreach ([4, 8, 12, 16, 20] as $minutes) {
            $now = onePour($ask, minutes: $minutes);
            expect($now->doneness)->toBeGreaterThanOrEqual($before->doneness, $name)
                ->and($now->drunk)->toBeGreaterThanOrEqual($now->dried > 0.0 ? 0.0 : $before->drunk, $name)
                ->and($now->dried)->toBeGreaterThanOrEqual($before->dried, $name)
                ->and($now->boiledOff)->toBeGreaterThanOrEqual($before->boiledOff, $name)
                ->and($now->free)->toBeLessThanOrEqual($before->free, $name);
            $before = $now;
        }
    }
});

it('scales exactly when rice, liquid, heat, area and metal all scale together', function (): void {
    $small = Kitchens::ask(base: 20, metal: 500, net: ['medium' => 500]);
    $large = Kitchens::ask(covers: 16, base: 40, metal: 2000, net: ['medium' => 2000]);
    foreach (['drunk', 'doneness', 'temperature'] as $same) {
        expect(onePour($large)->{$same})->toEqualWithDelta(onePour($small)->{$same}, 1e-9);
    }
    foreach (['free', 'boiledOff', 'salt'] as $fourfold) {
        expect(onePour($large)->{$fourfold})->toEqualWithDelta(4 * onePour($small)->{$fourfold}, 1e-6);
    }
});

<?php

declare(strict_types=1);

use Tests\Core\Kitchens;
use Tests\Core\OnTheFire;
use Tests\Core\Replayed;
use Velko\Core\Cook\Replay;
use Velko\Core\Cook\Touch;
use Velko\Core\Cook\Trouble;
use Velko\Core\Family\Families;
use Velko\Core\Live\ActualRun;
use Velko\Core\Live\Forecast;
use Velko\Core\Live\Rescue\Rescue;
use Velko\Core\Live\Rescue\WayBack;
use Velko\Core\Planning\Family;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Planner;
use Velko\Core\Quantity\Fact;
use Velko\Core\Quantity\Volume;
use Velko\Core\Rice\Bite;
use Velko\Core\Rice\Kinetics;
use Velko\Core\Season\Salt;

/* The table of what goes wrong (common practice, no single source), each way back in the numbers of one pan. */

/** @return array{Plan, Rescue} a pan that went as planned for a share of its minutes */
function rescueIn(Family $family, float $share): array
{
    $plan = Planner::plan(match ($family->traits()->name) {
        'risotto' => Kitchens::ask(wine: 100),
        'pan-rice' => Kitchens::panRice(),
        'soupy-rice' => Kitchens::soupy(),
    });
    $touches = OnTheFire::doneUntil($plan, $share * $plan->pulled->minute());

    return [$plan, new Rescue(Forecast::of($plan->ask, $plan->heat, Replay::of($plan->stages, $touches), OnTheFire::at($share * $plan->pulled->minute())))];
}

function wayBack(Family $family, float $share, Trouble $trouble): WayBack
{
    return rescueIn($family, $share)[1]->from($trouble);
}

dataset('troubles', static function (): iterable {
    foreach (Families::all() as $family) {
        foreach ($family->traits()->troubles as $trouble) {
            yield "{$family->traits()->name}: {$trouble->value}" => [$family, $trouble];
        }
    }
});

it('knows for each trouble what to do, in numbers, early and late', function (Family $family, Trouble $trouble): void {
    foreach ([0.4, 0.7, 0.95] as $share) {
        [$plan, $rescue] = rescueIn($family, $share);
        $way = $rescue->from($trouble);
        expect($way->do)->not->toBeEmpty();
        foreach ([$way->atTable->free, $way->atTable->doneness, $way->atTable->drunk] as $value) {
            expect(is_finite($value))->toBeTrue()->and($value)->toBeGreaterThanOrEqual(0.0);
        }
        foreach ($way->do as $fact) {
            // An hour of minutes is how long the trial looks: nothing was found.
            expect(($fact->args['time'] ?? null)?->seconds ?? 0.0)->toBeLessThan(3540.0, $fact->code);
        }
        expect($way->splash ?? 1.0)->toBeGreaterThan(0.0)->and($way->mark === null || $plan->ask->burner->has($way->mark))->toBeTrue();
    }
})->with('troubles');

it('brings a risotto back to what was asked', function (Trouble $trouble): void {
    [$plan, $rescue] = rescueIn(Families::named('risotto'), 0.7);
    $way = $rescue->from($trouble);
    expect($way->atTable->free / $plan->ask->rice())->toEqualWithDelta($plan->ask->target->looseness, 0.06)
        ->and(Bite::of($plan->ask->grain, $way->atTable->doneness, $way->atTable->drunk))->toBe(Bite::Right)
        ->and($rescue->plate($way))->toBe('wave');
})->with([[Trouble::HardAndDry], [Trouble::HardAndWet], [Trouble::SoftOutside], [Trouble::Swimming], [Trouble::Tight], [Trouble::Catching]]);

it('turns the knob the right way', function (Family $family, Trouble $trouble, int $way): void {
    [$plan, $rescue] = rescueIn($family, 0.4);
    $now = $plan->heat[0]->mark;
    $mark = $rescue->from($trouble)->mark ?? $now;
    expect($plan->ask->burner->net[$mark] <=> $plan->ask->burner->net[$now])->toBe($way);
})->with([[Families::named('risotto'), Trouble::HardAndDry, -1], [Families::named('risotto'), Trouble::HardAndWet, 1], [Families::named('risotto'), Trouble::Catching, -1], [Families::named('risotto'), Trouble::Swimming, 1], [Families::named('pan-rice'), Trouble::DryEarly, -1]]);

it('lifts liquid out only where the rice would be done before it boils off', function (): void {
    $weak = Planner::plan(Kitchens::ask(net: ['low' => 250.0, 'medium' => 450.0]));
    $minute = 0.99 * $weak->pulled->minute();
    $late = new Rescue(Forecast::of($weak->ask, $weak->heat, Replay::of($weak->stages, OnTheFire::doneUntil($weak, $minute)), OnTheFire::at($minute)));
    expect(wayBack(Families::named('risotto'), 0.5, Trouble::Swimming)->lift)->toBeNull()
        ->and($late->from(Trouble::Swimming)->lift)->toBeGreaterThan(10.0)->toBeLessThan(60.0);
});

it('gives a pan that is dry too early the stock for the minutes it lacks, under a cover', function (): void {
    $way = wayBack(Families::named('pan-rice'), 0.8, Trouble::DryEarly);
    expect($way->splash)->toBeGreaterThan(20.0)->toBeLessThan(400.0)->and($way->lidFor)->toBe($way->minutes)
        ->and($way->do[0])->toEqual(Fact::of('do.sprinkle', volume: Volume::ofMl($way->splash)));
});

it('takes the pan as it is now, not as it was when something was said last', function (Family $family, Trouble $trouble): void {
    $plan = Planner::plan(match ($family->traits()->name) {
        'risotto' => Kitchens::ask(wine: 100),
        'pan-rice' => Kitchens::panRice(),
        'soupy-rice' => Kitchens::soupy(),
    });
    $pull = $plan->pulled->minute();
    $said = array_filter(OnTheFire::doneUntil($plan, 0.5 * $pull), static fn (Touch $touch): bool => true);
    // Nobody has touched the stove since minute three; the pan has gone on as it would.
    $early = array_values(array_filter($said, static fn (Touch $touch): bool => $touch->at <= OnTheFire::at(3.0)));
    foreach ([0.5, 0.65, 0.8] as $share) {
        $minute = $share * $pull;
        $forecast = Forecast::of($plan->ask, $plan->heat, Replay::of($plan->stages, $early), OnTheFire::at($minute));
        $true = (new ActualRun($plan->ask, $plan->heat, Replay::of($plan->stages, $early)))->until(60 * $minute);
        expect($forecast->now->minute())->toEqualWithDelta($minute, 0.02)
            ->and($forecast->now->free)->toEqualWithDelta($true->free, 1.0)
            ->and($forecast->now->doneness)->toEqualWithDelta($true->doneness, 0.05);
        // The way back is never longer than the rice has still to go at the boil, and some to spare.
        $way = (new Rescue($forecast))->from($trouble);
        expect($way->minutes)->toBeLessThan(($plan->ask->grain->window->rightTo() - min($true->doneness, $plan->ask->grain->window->low - 2.0)) * 1.6 + 1.0);
    }
})->with([[Families::named('soupy-rice'), Trouble::HardAndWet], [Families::named('pan-rice'), Trouble::DryEarly], [Families::named('risotto'), Trouble::HardAndDry]]);

it('takes the pan of this second, at every half minute of a cook of every family', function (Family $family): void {
    $plan = Planner::plan(match ($family->traits()->name) {
        'risotto' => Kitchens::ask(wine: 100),
        'pan-rice' => Kitchens::panRice(),
        'soupy-rice' => Kitchens::soupy(),
    });
    for ($minute = 0.5; $minute < $plan->pulled->minute(); $minute += 0.5) {
        $forecast = OnTheFire::forecast($plan, OnTheFire::doneUntil($plan, $minute), $minute);
        // The engine run forward by other code than the stove's: the acts of the plan, one after the other, up to now.
        $now = Replayed::of($plan, $minute)->run->end;
        expect($forecast->now->free)->toEqualWithDelta($now->free, 1.0, "free at $minute")
            ->and($forecast->now->drunk)->toEqualWithDelta($now->drunk, 0.005, "drunk at $minute")
            ->and($forecast->now->temperature)->toEqualWithDelta($now->temperature, 0.3, "temperature at $minute")
            ->and($forecast->now->doneness)->toEqualWithDelta($now->doneness, 0.02, "doneness at $minute");
        foreach ($family->traits()->troubles as $trouble) {
            $way = (new Rescue($forecast))->from($trouble);
            // What goes in at once is never more than the rice could still drink and the plate is asked to hold, nor is anything lifted that is not there.
            $most = $plan->rice() * max(0.0, 2.8 - $now->drunk + $plan->ask->target->looseness + 1.0);
            expect($way->splash ?? 0.0)->toBeLessThanOrEqual($most, "$trouble->value at $minute")
                ->and($way->lift ?? 0.0)->toBeLessThanOrEqual(max($now->free, 0.35 * $plan->rice() + $plan->ask->target->looseness * $plan->rice()) + 1.0, "$trouble->value at $minute");
        }
    }
})->with(array_map(static fn (Family $family): array => [$family], array_values(Families::all())));

it('puts no water into a pan rice that is dry, and says what water would do to a stew', function (): void {
    foreach ([0.4, 0.95] as $share) {
        expect(array_column(wayBack(Families::named('pan-rice'), $share, Trouble::TooSalty)->do, 'code'))->toContain('do.keep-it-dry')->not->toContain('do.water-loosens', 'do.last-as-water');
    }
    expect(array_column(wayBack(Families::named('soupy-rice'), 0.95, Trouble::TooSalty)->do, 'code'))->toContain('do.water-loosens');
});

it('shifts a pan that is wider than its ring, and leaves one that is not', function (): void {
    $wide = Planner::plan(Kitchens::panRice(ring: 22));
    $rescue = new Rescue(Forecast::of($wide->ask, $wide->heat, Replay::of($wide->stages, OnTheFire::doneUntil($wide, 0.9 * $wide->pulled->minute())), OnTheFire::at(0.9 * $wide->pulled->minute())));
    expect($rescue->from(Trouble::PaleRim)->do[0]->code)->toBe('do.shift')
        ->and(wayBack(Families::named('pan-rice'), 0.9, Trouble::PaleRim)->do[0]->code)->toBe('do.leave-in-the-middle');
});

it('says how much less salt there is with water for the last of the stock', function (): void {
    [$plan, $rescue] = rescueIn(Families::named('risotto'), 0.6);
    ['volume' => $volume, 'salt' => $after, 'instead' => $before] = $rescue->from(Trouble::TooSalty)->do[0]->args;
    $spared = $volume->ml * $plan->ask->stock->saltPercent / 100;
    expect($before - $after)->toEqualWithDelta(Salt::percent($spared, $plan->plate()), 0.03)
        ->and($before)->toBeGreaterThanOrEqual(1.25);
});

it('has no salt missing when the stock ran out', function (): void {
    [$plan, $rescue] = rescueIn(Families::named('risotto'), 0.6);
    [$water, $salt] = $rescue->from(Trouble::StockOut)->do;
    expect($salt->args['weight']->g)->toEqualWithDelta($water->args['volume']->ml * $plan->ask->stock->saltPercent / 100, 1e-9);
});

it('offers no way back from a bitter crust while the pan is wet', function (): void {
    $offered = static fn (float $share): array => array_map(static fn (WayBack $way): Trouble => $way->trouble, rescueIn(Families::named('pan-rice'), $share)[1]->all());
    expect($offered(0.4))->not->toContain(Trouble::Bitter)->toContain(Trouble::DryEarly)
        ->and($offered(0.99))->toContain(Trouble::Bitter);
});

it('offers as a remedy only what mends', function (): void {
    $hard = [Trouble::HardAndDry, Trouble::HardAndWet, Trouble::SoftOutside, Trouble::DryEarly, Trouble::TopHard];
    $loose = [Trouble::Swimming, Trouble::Tight, Trouble::SetUp];
    $asked = $offered = 0;
    foreach (Kitchens::ofEveryFamily(6, 30) as $ask) {
        $plan = Planner::plan($ask);
        foreach ([0.25, 0.5, 0.75, 0.95] as $share) {
            $minute = $share * $plan->pulled->minute();
            $rescue = new Rescue(OnTheFire::forecast($plan, OnTheFire::doneUntil($plan, $minute), $minute));
            foreach ($rescue->all() as $way) {
                $asked++;
                $offered += $way->mends ? 1 : 0;
                $at = "{$ask->family->traits()->name} {$way->trouble->value} at $share";
                if (! $way->mends) {
                    // It says so, and nothing is to be done at once.
                    expect([$way->splash, $way->lift, $way->mark, $way->lidFor, $way->minutes])->toBe([null, null, null, null, null], $at)
                        ->and($way->do[0]->code)->toBe('do.nothing-mends', $at);

                    continue;
                }
                $window = $ask->grain->window;
                if (in_array($way->trouble, $hard, true)) {
                    // Right to the tooth, as its window says; and nothing takes much longer than raw rice at the boil of that kitchen.
                    expect($way->atTable->doneness)->toBeGreaterThanOrEqual($window->rightFrom(), $at)->toBeLessThanOrEqual($window->rightTo(), $at)
                        ->and($way->minutes)->toBeLessThan(1.3 * $window->rightTo() / Kinetics::pace($ask->conditions()->boiling), $at);
                }
                if (in_array($way->trouble, $loose, true)) {
                    expect(abs($way->atTable->free / $ask->rice() - $ask->target->looseness))->toBeLessThanOrEqual($ask->family->traits()->scale->step, $at);
                }
            }
        }
    }
    expect($offered / $asked)->toBeGreaterThan(0.9);
});

it('says that nothing mends a pan that swims and is soft through: no remedy makes rice firm again', function (): void {
    $plan = Planner::plan(Kitchens::soupy());
    // Left on its ring for half as long again as it takes, with every pour in it: past the soft end of its window by minutes.
    $minute = 1.5 * $plan->pulled->minute();
    $touches = array_values(array_filter(OnTheFire::doneUntil($plan, $plan->pulled->minute() - 0.01), static fn (Touch $touch): bool => $touch->volume !== null));
    $forecast = OnTheFire::forecast($plan, $touches, $minute);
    $way = (new Rescue($forecast))->from(Trouble::WetLate);
    expect($forecast->now->doneness)->toBeGreaterThan($plan->ask->grain->window->rightTo() + 5.0)
        ->and($way->mends)->toBeFalse()
        ->and(array_map(static fn (Fact $fact): string => $fact->code, $way->do))->toBe(['do.nothing-mends', 'do.another-pan'])
        ->and([$way->splash, $way->lift, $way->mark, $way->lidFor, $way->minutes])->toBe([null, null, null, null, null]);
});

it('gives a dry pan all the stock that its rice lacks, not a splash and an hour under a cover', function (): void {
    // A fifth of the way there nothing has been drunk; with 1.6 g/g still to drink, 330 g of rice lack more than half a litre.
    $way = wayBack(Families::named('pan-rice'), 0.2, Trouble::DryEarly);
    expect($way->mends)->toBeTrue()
        ->and($way->splash)->toBeGreaterThan(500.0)->toBeLessThan(800.0)
        ->and($way->minutes)->toBeLessThan(20.0);
});

it('does not turn up a wet pan whose rice could not drink so fast', function (): void {
    // Half-way there, hard and wet: on a higher mark it would be dry minutes before it is done.
    [$plan, $rescue] = rescueIn(Families::named('pan-rice'), 0.35);
    $way = $rescue->from(Trouble::HardAndWet);
    expect($way->mends)->toBeTrue()
        ->and(Bite::of($plan->ask->grain, $way->atTable->doneness, $way->atTable->drunk))->toBe(Bite::Right)
        ->and($plan->ask->burner->net[$way->mark ?? $plan->heat[0]->mark])->toBeLessThanOrEqual($plan->ask->burner->net[$plan->heat[0]->mark]);
});

it('names no trouble that the pan cannot have yet', function (): void {
    $named = static fn (float $share): array => array_map(static fn (WayBack $way): Trouble => $way->trouble, rescueIn(Families::named('pan-rice'), $share)[1]->all());
    expect($named(0.2))->not->toContain(Trouble::TopHard, Trouble::WetLate, Trouble::Bitter)
        ->and($named(0.97))->toContain(Trouble::TopHard, Trouble::WetLate, Trouble::Bitter);
});

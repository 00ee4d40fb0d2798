<?php

declare(strict_types=1);

use Tests\Core\Kitchens;
use Velko\Core\Act\Heat;
use Velko\Core\Act\Lid;
use Velko\Core\Act\Lift;
use Velko\Core\Act\Player;
use Velko\Core\Act\Pour;
use Velko\Core\Act\Timed;
use Velko\Core\Method\HeatChange;
use Velko\Core\Pan\Simulation;
use Velko\Core\Pan\State;
use Velko\Core\Pan\Stop;
use Velko\Core\Planning\Cooking;

/* Each act is done once, at its second, however the pan is stopped, looked ahead from and gone on with. */

beforeEach(function (): void {
    $ask = Kitchens::ask();
    $this->pan = new Simulation($ask->grain, $ask->conditions(), $ask->rice());
    $this->start = fn (): State => $this->pan->onTheRing(100.0);
    $this->player = fn (Timed ...$acts): Player => new Player($this->pan, array_values($acts));
});

it('does what falls on the end of a stretch, and not a second time', function (): void {
    $player = ($this->player)(new Timed(0.0, new Pour(500.0, 90.0)), new Timed(300.0, new Pour(100.0, 90.0)), new Timed(300.0, new Lid(true)));
    $state = ($this->start)();
    $player->begin($state);
    expect($state->poured)->toBe(500.0);
    $player->goOn($state, 300.0);
    expect($state->poured)->toBe(600.0)->and($state->cover)->toBe(Simulation::COVERED);
    $ahead = clone $state;
    $player->goOn($ahead, 600.0);
    $player->goOn($state, 600.0);
    expect($state->poured)->toBe(600.0)->and($ahead->poured)->toBe(600.0);
});

it('does it once where a stretch ends within half a step of it', function (float $end): void {
    $player = ($this->player)(new Timed(0.0, new Pour(500.0, 90.0)), new Timed(60.0, new Pour(100.0, 90.0)));
    $state = ($this->start)();
    $player->begin($state);
    $player->goOn($state, $end);
    $player->goOn($state, 120.0);
    expect($state->poured)->toBe(600.0);
})->with([59.4, 59.6, 60.0, 60.4, 60.6]);

it('does it where the pan stops for another reason at that very second, and waits with it where it stops before', function (): void {
    $dry = function (Timed ...$more): State {
        $player = ($this->player)(new Timed(0.0, new Pour(120.0, 90.0)), new Timed(0.0, new Heat(800.0)), ...$more);
        $state = ($this->start)();
        $player->begin($state);
        expect($player->goOn($state, 3600.0, Simulation::DRY * 320))->toBe(Stop::Dry);

        return $state;
    };
    $at = $dry()->second;
    expect($dry(new Timed($at, new Heat(200.0)))->net)->toBe(200.0)
        ->and($dry(new Timed($at + 30.0, new Heat(200.0)))->net)->toBe(800.0);
});

it('lifts no more than there is', function (): void {
    $player = ($this->player)(new Timed(0.0, new Pour(500.0, 90.0)), new Timed(10.0, new Lift(5000.0)));
    $state = ($this->start)();
    $player->begin($state);
    $player->goOn($state, 20.0);
    expect($state->free)->toEqualWithDelta(0.0, 1e-9)->and($state->liftedOut)->toBeGreaterThan(400.0);
});

it('turns the knob of a plan at the minute it says, wherever the search looks', function (): void {
    $ask = Kitchens::ask(track: [new HeatChange(0.0, 'medium'), new HeatChange(5.0, 'high')]);
    $cooking = new Cooking($ask, $ask->method->heat);
    $state = $cooking->start();
    $cooking->pourStock($state, 500.0);
    foreach (range(20, 600, 20) as $second) {
        $cooking->runTo($state, (float) $second);
    }
    expect($state->net)->toBe($ask->burner->net['high']);
    $straight = $cooking->start();
    $cooking->pourStock($straight, 500.0);
    $cooking->runTo($straight, 600.0);
    expect($state->boiledOff)->toEqualWithDelta($straight->boiledOff, 1e-9);
});

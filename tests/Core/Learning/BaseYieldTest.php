<?php

declare(strict_types=1);

use Tests\Core\Kitchens;
use Tests\Core\Learning\Taught;
use Tests\Core\OnTheFire;
use Velko\Core\Cook\Replay;
use Velko\Core\Cook\Touch;
use Velko\Core\Cook\TouchKind;
use Velko\Core\Cook\Weighing;
use Velko\Core\Food\Foods;
use Velko\Core\Food\Goes;
use Velko\Core\Food\Portion;
use Velko\Core\Food\Sweated;
use Velko\Core\Learning\Learned;
use Velko\Core\Learning\LearnedNumber;
use Velko\Core\Learning\Lesson;
use Velko\Core\Learning\LoggedCook;
use Velko\Core\Live\PanWeighing;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Planner;

/* What a sweated base weighs: pan, base and rice on the scale before the first liquid tell it. */

const LEEK_PAN_G = 1500.0;

function leekRisotto(float $leeks = 300.0, float $oil = 40.0, float $peas = 0.0): Ask
{
    $portion = static fn (string $name, float $grams, Goes $goes): Portion => new Portion($name, Foods::find($name) ?? throw new LogicException, $grams, $goes, 20.0);
    $food = [$portion('leeks', $leeks, Goes::Base), $portion('olive oil', $oil, Goes::Base)];

    return Kitchens::ask(covers: 6)->withFood($peas > 0.0 ? [...$food, $portion('peas', $peas, Goes::WithTheRice)] : $food);
}

/** A cook of it to the table whose base was weighed with pan and rice. */
function weighedBase(Ask $ask, int $day, float $base): Lesson
{
    $plan = Planner::plan($ask);
    $tare = new Touch('tare', TouchKind::Weigh, OnTheFire::at(-0.3), weighing: new Weighing(LEEK_PAN_G + $base + $ask->rice(), LEEK_PAN_G, 250.0));
    $touches = [...OnTheFire::doneUntil($plan, 60.0), $tare];

    return Lesson::of(new LoggedCook("cook $day", 86_400_000 * $day, $plan->ask, $plan->heat, Replay::of($plan->stages, $touches), 'ring', 'rice', 'leeks')) ?? throw new LogicException;
}

/** @param  list<Lesson>  $lessons */
function baseOf(array $lessons): ?LearnedNumber
{
    return array_values(array_filter(Learned::from($lessons)->numbers, static fn (LearnedNumber $number): bool => $number->parameter->of === 'base-yield'))[0] ?? null;
}

it('says of a base what is left of it, without its fat', function (): void {
    // Leeks lose 30 % in the pan (our estimate, core/Food/Group.php); oil loses nothing and is no part of it.
    expect(Sweated::left(leekRisotto()->food))->toEqualWithDelta(0.70, 1e-9)->and(Sweated::left([]))->toBeNull()
        ->and(Sweated::left(Kitchens::ask()->food))->toBeNull();
    $less = Sweated::leaves(leekRisotto()->food, 0.8);
    // 300 g · 0.70 · 0.8 = 168 g, and 40 g of oil are 40 g.
    expect($less[0]->mass())->toEqualWithDelta(168.0, 1e-6)->and($less[1]->mass())->toBe(40.0)
        // There is no more of it than there was, and no less than what is not water: leeks are 83 % water (USDA FoodData Central, leeks, raw).
        ->and(Sweated::leaves(leekRisotto()->food, 3.0)[0]->mass())->toEqualWithDelta(300.0, 1e-9)
        ->and(Sweated::leaves(leekRisotto()->food, 0.01)[0]->mass())->toEqualWithDelta(300.0 * 0.17, 1e-6);
});

it('makes a base known as well as it is told to be', function (): void {
    // 5 % of 210 g.
    expect(Sweated::knownTo(leekRisotto()->food, 0.05)[0]->massSpread())->toEqualWithDelta(10.5, 1e-6);
    // Two things in the base: √(a² + b²) is 5 % of both together.
    $two = Sweated::knownTo([...leekRisotto()->food, new Portion('mushroom', Foods::find('mushroom') ?? throw new LogicException, 200.0, Goes::Base, 5.0)], 0.05);
    // 210 g of leeks and 200 · 0.50 = 100 g of mushrooms.
    expect(hypot($two[0]->massSpread(), $two[2]->massSpread()))->toEqualWithDelta(0.05 * 310.0, 1e-6);
});

it('learns from the scale what the base weighs, nearer with each cook', function (): void {
    // 300 g that weigh 165 g after: 0.55 of it is left, and 40 g of oil.
    $lessons = array_map(static fn (int $day): Lesson => weighedBase(leekRisotto(), $day, 165.0 + 40.0), range(1, 4));
    $learned = baseOf($lessons);
    /*
     * By hand, in logarithms: before it 0 ± 0.14; a weighing finds ln(0.55/0.70) = −0.2412, to √2 · 5 g = 7.07 g of 165 g, 0.0429, and one
     * cook to the next is 0.05: 0.0659, of four of them 0.0330. A scale that works is off by 1.5 % of all that is on it, of 165 + 40 + 480 g
     * 10.3 g, 0.062; one that is wrong by 10 %, 0.415.
     * It works: variances 0.0196 against 0.0011 + 0.0039, so −0.2412 · 0.0196/0.0246 = −0.192, variance 0.0040. It is wrong: 0.0196 against
     * 0.0011 + 0.172, so −0.0245, variance 0.0176. So likely is what was found: 0.85 · exp(−0.0582/(2 · 0.0246))/√0.0246 = 1.661, and
     * 0.15 · exp(−0.0582/(2 · 0.193))/√0.193 = 0.294. Of both 0.85 · (−0.192) + 0.15 · (−0.0245) = −0.167, 0.592 of it left; variance
     * 0.85 · 0.0040 + 0.15 · 0.0176 + 0.85 · 0.15 · 0.1675² = 0.0096, 0.098.
     */
    expect($learned?->given)->toEqualWithDelta(0.70, 1e-9)
        ->and(0.70 * ($learned?->factor() ?? 0.0))->toEqualWithDelta(0.592, 0.006)
        ->and($learned?->spread)->toEqualWithDelta(0.098, 0.012)
        ->and($learned?->cooks)->toBe(4);
    $first = baseOf([$lessons[0]]);
    // Of one cook, the same way: it works −0.170, variance 0.0058; it is wrong −0.024, 0.0176; 1.79 against 0.29: variance 0.0100.
    expect($first?->spread)->toBeGreaterThan($learned?->spread ?? 1.0)->toEqualWithDelta(0.100, 0.012)
        ->and($first?->low() * 0.70)->toBeLessThan(0.592)->and($first?->high() * 0.70)->toBeGreaterThan(0.55);
    // And the next pan is asked for with it: 300 g weigh 178 g.
    $next = Learned::from($lessons)->in(leekRisotto(), 'ring', 'rice', 'leeks');
    expect($next->food[0]->mass())->toEqualWithDelta(177.6, 2.0)->and($next->food[1]->mass())->toBe(40.0)
        ->and(Learned::from($lessons)->in(leekRisotto(), 'ring', 'rice', 'peas')->food)->toEqual(leekRisotto()->food);
});

it('counts what goes in with the rice as part of what was weighed', function (): void {
    $learned = baseOf([weighedBase(leekRisotto(peas: 200.0), 1, 210.0 + 40.0 + 200.0)]);
    expect($learned?->off)->toEqualWithDelta(0.0, 1e-6);
});

it('learns nothing of a base that nobody weighed, or of which nobody can say what else was on the scale', function (): void {
    $weighed = weighedBase(leekRisotto(), 1, 200.0);
    expect(array_column($weighed->effects, 'of'))->toContain('base-yield');
    $without = static function (Ask $ask): ?array {
        $plan = Planner::plan($ask);
        $tare = new Touch('tare', TouchKind::Weigh, OnTheFire::at(-0.3), weighing: new Weighing(LEEK_PAN_G + 250.0 + $ask->rice(), LEEK_PAN_G, 250.0));

        return (new PanWeighing($plan->ask, Replay::of($plan->stages, [...OnTheFire::doneUntil($plan, 60.0), $tare])))->baseOff();
    };
    expect($without(leekRisotto()))->not->toBeNull()
        ->and($without(leekRisotto()->withMethod(['soak' => 10.0])))->toBeNull()
        ->and($without(leekRisotto()->withMethod(['rinsed' => true])))->toBeNull()
        ->and($without(leekRisotto(leeks: 0.0)))->toBeNull();
});

it('keeps out a cook that weighed something else', function (): void {
    $lessons = [...array_map(static fn (int $day): Lesson => weighedBase(leekRisotto(), $day, 205.0 + $day), range(1, 6)), weighedBase(leekRisotto(), 7, 480.0)];
    $learned = baseOf($lessons);
    expect(array_column($learned->outliers ?? [], 'cook'))->toBe(['cook 7'])->and($learned?->cooks)->toBe(6)
        // (205 + 3.5 − 40)/300 = 0.562; as above six of them and the scale: ln(0.562/0.70) · 0.0196/(0.0196 + 0.0007 + 0.0039) = −0.178, 0.586.
        ->and(0.70 * ($learned?->factor() ?? 0.0))->toBeBetween(0.576, 0.596);
});

it('finds what bases truly lose in kitchens that weigh some of theirs', function (): void {
    $in = 0;
    foreach (range(1, 12) as $seed) {
        $kitchen = new Taught($seed);
        $learned = baseOf($kitchen->cooks(8));
        $in += $learned !== null && abs($learned->off - $kitchen->true['base']) <= LearnedNumber::NINE_TENTHS * $learned->spread ? 1 : 0;
    }
    expect($in)->toBeGreaterThanOrEqual(9);
});

<?php

declare(strict_types=1);

use Tests\Core\Kitchens;
use Tests\Core\Live\Hands;
use Tests\Core\Live\RoughCook;
use Velko\Core\Cook\Replay;
use Velko\Core\Cook\StageKind;
use Velko\Core\Cook\Touch;
use Velko\Core\Cook\TouchKind;
use Velko\Core\Cook\Verdict;
use Velko\Core\Learning\Effect;
use Velko\Core\Learning\Learned;
use Velko\Core\Learning\LearnedNumber;
use Velko\Core\Learning\Lesson;
use Velko\Core\Learning\LoggedCook;
use Velko\Core\Learning\Parameter;
use Velko\Core\Pan\Browning;
use Velko\Core\Pan\Crust;
use Velko\Core\Pan\Floor;
use Velko\Core\Pan\Leg;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Planner;
use Velko\Core\Rice\Bite;
use Velko\Core\Rice\Looseness;

/* How fast a floor browns, from the words that were said of crusts. */

/** Minutes at 150 °C to which the floor of a pan rice came that was cooked so, were this the truth. */
function scrapedFloor(Ask $truly, Replay $replay): ?float
{
    return $truly->family->continuation($truly, $replay, 'medium')->scraped(60 * ($replay->minuteOf(StageKind::Off) ?? 0.0));
}

/**
 * @param  float  $browns  how fast it truly does
 *
 * @return array{list<Lesson>, list<string>} what each of so many cooks tells, and what was said of each crust
 */
function crustsSaid(int $cooks, float $browns): array
{
    $lessons = $words = [];
    for ($i = 0; $i < $cooks; $i++) {
        $ask = Kitchens::panRice(5 + $i % 3);
        $plan = Planner::plan($ask);
        $truly = Parameter::crust('bomba')->in($ask, log($browns));
        $cook = new RoughCook($plan, 1.0, new Hands('steady', late: [0.0, 2.0]), $i, $truly);
        $cook->cook();
        $touches = $cook->touches();
        $last = end($touches);
        $word = Browning::of((float) scrapedFloor($truly, Replay::of($plan->stages, $touches)));
        $touches[] = new Touch('verdict', TouchKind::Verdict, $last->at + 60_000, verdict: new Verdict(Looseness::Dry, Bite::Right, '', $word));
        $words[] = $word->value;
        $lessons[] = Lesson::of(new LoggedCook("cook $i", 86_400_000 * $i, $plan->ask, $plan->heat, Replay::of($plan->stages, $touches), 'ring', 'bomba', 'dish'));
    }

    return [array_values(array_filter($lessons)), array_values(array_unique($words))];
}

function crustSpeed(Learned $learned): ?LearnedNumber
{
    return array_values(array_filter($learned->numbers, static fn (LearnedNumber $number): bool => $number->parameter->of === 'crust'))[0] ?? null;
}

it('browns so many times as fast, and what it looks like goes with it', function (): void {
    $floor = Floor::of(Kitchens::panRice()->pan, 30.0);
    $legs = [new Leg(90.0, 1900.0)];
    [$ours, $twice] = array_map(static fn (float $browns): float => (new Crust($floor, 100.0, 24.0, 1.8, $browns))->after($legs, Floor::CENTRE), [1.0, 2.0]);
    expect($twice)->toEqualWithDelta(2 * $ours, 1e-9);
    foreach (Browning::cases() as $word) {
        [$from, $to] = $word->range();
        expect(Browning::of($from))->toBe($word)->and(Browning::of(min(60.0, $to) - 1e-6))->toBe($word);
    }
});

it('learns from crusts that are darker than planned that this floor browns faster, and plans a shorter one', function (): void {
    // Planned for gold, 1 min at 150 °C: where it truly is three times as fast it comes to about 3, which is called dark (2.5 to 4.5).
    [$lessons, $words] = crustsSaid(8, 3.0);
    expect($words)->toBe(['dark']);
    $learned = Learned::from($lessons);
    $crust = crustSpeed($learned);
    // Some of it may be the ring; that it browns faster is sure.
    expect($crust?->given)->toBe(1.0)->and($crust->low())->toBeGreaterThan(1.0)->and($crust->factor())->toBeLessThan(4.5)->and($crust->cooks)->toBe(8);
    $ask = Kitchens::panRice(6);
    $truly = Parameter::crust('bomba')->in($ask, log(3.0));
    $mild = Planner::plan($learned->in($ask, 'ring', 'bomba', 'dish'));
    expect($mild->crust?->plan->seconds())->toBeLessThan(Planner::plan($ask)->crust?->plan->seconds());
    $cook = new RoughCook($mild, 1.0, new Hands('steady', late: [0.0, 5.0]), 1, $truly);
    $cook->cook();
    expect(Browning::of((float) scrapedFloor($truly, Replay::of($mild->stages, $cook->touches()))))->toBe(Browning::Gold);
});

it('leaves it where it is as long as crusts come out as planned, and tells nothing where nobody says what a crust was', function (): void {
    [$lessons, $words] = crustsSaid(6, 1.0);
    expect($words)->toBe(['gold']);
    $crust = crustSpeed(Learned::from($lessons));
    expect($crust?->factor())->toBeGreaterThan(0.8)->toBeLessThan(1.3)->and($crust->low())->toBeLessThan(1.0)->and($crust->high())->toBeGreaterThan(1.0);
    $plan = Planner::plan(Kitchens::panRice(6));
    $cook = new RoughCook($plan, 1.0, new Hands('steady', late: [0.0, 5.0]), 1);
    $cook->cook();
    $touches = $cook->touches();
    $last = end($touches);
    $touches[] = new Touch('verdict', TouchKind::Verdict, $last->at + 60_000, verdict: new Verdict(Looseness::Dry, Bite::Right, ''));
    $lesson = Lesson::of(new LoggedCook('cook', 0, $plan->ask, $plan->heat, Replay::of($plan->stages, $touches), 'ring', 'bomba', 'dish'));
    expect(array_map(static fn (Effect $effect): string => $effect->of, $lesson->effects))->not->toContain('crust');
});

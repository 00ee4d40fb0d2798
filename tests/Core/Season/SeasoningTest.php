<?php

declare(strict_types=1);

use Tests\Core\Kitchens;
use Tests\Core\OnTheFire;
use Velko\Core\Cook\Touch;
use Velko\Core\Cook\TouchKind;
use Velko\Core\Food\Foods;
use Velko\Core\Food\Goes;
use Velko\Core\Food\Portion;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Planner;
use Velko\Core\Planning\Stock;
use Velko\Core\Season\SaltTaste;
use Velko\Core\Season\Seasoning;

/* 0.8 to 1.0 % of the plate is right: common practice, no single source. */

it('says the salt that brings a plate to the middle of what is wanted', function (float $salt, float $plate, float $grams): void {
    expect((new Seasoning)->grams($salt, $plate, 4))->toEqualWithDelta($grams, 0.01);
})->with([
    // x g on 1,000 g that have 4: (4 + x) / (1000 + x) = 0.009, x = 5 / 0.991.
    [4.0, 1000.0, 5.045], [9.0, 1000.0, 0.0], [15.0, 1000.0, 0.0], [0.0, 2000.0, 18.163],
]);

it('brings every plan there, by the pinch or by the stock', function (): void {
    foreach (Kitchens::ofEveryFamily(12, 91) as $name => $ask) {
        $plan = Planner::plan($ask);
        $season = $plan->toSeason();
        if ($season > 0) {
            expect(100 * ($plan->salt() + $season) / ($plan->plate() + $season))->toEqualWithDelta(0.9, 1e-6, $name);
            $percent = $plan->stockForNoSeasoning();
            $salted = Planner::plan($ask->withStock(new Stock($ask->stock->temperature, $percent, $ask->stock->given)));
            expect($salted->saltPercent())->toEqualWithDelta(0.9, 0.01, $name);
        }
    }
});

it('counts what everything else brings', function (): void {
    $ask = Kitchens::ask(covers: 6, salt: 0.4);
    $olives = new Portion('olives', Foods::find('olives') ?? throw new LogicException, 120.0, Goes::OnTop, 20.0);
    // 120 g of olives bring 3.6 g of salt, and weigh 120 g more, which take 1.08 g of it.
    expect(Planner::plan($ask)->toSeason() - Planner::plan($ask->withFood([$olives]))->toSeason())->toEqualWithDelta((3.6 - 0.009 * 120) / 0.991, 0.02);
});

it('tells the sodium that is eaten, with the salt it is seasoned with', function (): void {
    $plan = Planner::plan(Kitchens::ask(covers: 4, salt: 0.3));
    // 393 mg of sodium in a gram of salt (molar masses), over four covers.
    expect($plan->toSeason())->toBeGreaterThan(1.0)
        ->and($plan->sodiumSeasoned() - $plan->sodiumPerCover())->toEqualWithDelta(393 * $plan->toSeason() / 4, 1e-6)
        ->and($plan->saltPercentSeasoned())->toEqualWithDelta(0.9, 1e-6);
});

it('seasons no further than the ceiling of a dish, and says where that is passed without any', function (): void {
    $codes = static fn (Plan $plan): array => array_column($plan->warnings, 'code');
    $plain = Planner::plan(Kitchens::ask(covers: 4, salt: 0.3));
    expect($codes($plain))->not->toContain('sodium-over');
    // So much that half of the salt at the end may go in.
    $ceiling = $plain->sodiumPerCover() + ($plain->sodiumSeasoned() - $plain->sodiumPerCover()) / 2;
    $half = Planner::plan($plain->ask->withSeasoning(new Seasoning(0.8, 1.0, $ceiling)));
    expect($half->toSeason())->toEqualWithDelta($plain->toSeason() / 2, 0.01)
        ->and($half->sodiumSeasoned())->toEqualWithDelta($ceiling, 0.5)
        ->and($codes($half))->not->toContain('sodium-over');
    $over = Planner::plan($plain->ask->withSeasoning(new Seasoning(0.8, 1.0, 100.0)));
    $fix = array_column($over->warnings, 'fix', 'code')['sodium-over'];
    expect($over->toSeason())->toBe(0.0)->and($fix->code)->toBe('fix.stock-with-salt');
    // With stock as salty as that says, it is within the ceiling.
    $mended = Planner::plan($over->ask->withStock(new Stock($over->ask->stock->temperature, $fix->args['salt'])));
    expect($mended->sodiumSeasoned())->toBeLessThanOrEqual(100.0)->and($codes($mended))->not->toContain('sodium-over');
    $salted = Planner::plan(Kitchens::ask(covers: 4, salt: 0.0)->withSeasoning(new Seasoning(0.8, 1.0, 100.0))->withFood([new Portion('olives', Foods::find('olives') ?? throw new LogicException, 120.0, Goes::OnTop, 20.0)]));
    expect(array_column($salted->warnings, 'fix', 'code')['sodium-over']->code)->toBe('fix.less-of-what-is-salted');
});

it('takes a tongue for so much as it can tell, and seasons by that', function (): void {
    $plan = Planner::plan(Kitchens::ask(covers: 6, salt: 0.5));
    $minute = 0.9 * $plan->pulled->minute();
    $season = static fn (?SaltTaste ...$said): float => OnTheFire::forecast($plan, [
        ...OnTheFire::doneUntil($plan, $minute),
        ...array_map(static fn (?SaltTaste $salt, int $i): Touch => new Touch("t$i", TouchKind::Taste, OnTheFire::at($minute + 0.1 + 0.1 * $i), salted: $salt), $said, array_keys($said)),
    ], $minute + 1.0)->onThePlates()->toSeason();
    $unsaid = $season();
    expect($unsaid)->toEqualWithDelta($plan->toSeason(), 0.1 * $plan->toSeason())
        // It is thought to be flat: who says so tells nothing new.
        ->and($season(SaltTaste::Flat))->toEqualWithDelta($unsaid, 0.05)
        ->and($season(SaltTaste::Right))->toBeLessThan($unsaid - 0.5)
        ->and($season(SaltTaste::Salty))->toBeLessThan($season(SaltTaste::Right))
        // A second tongue that says the same moves it on, by less.
        ->and($season(SaltTaste::Right, SaltTaste::Right))->toBeLessThan($season(SaltTaste::Right));
    // By hand: of what the tongue finds more, 0.2² / (0.2² + 0.15²) = 0.64 is believed.
    $thought = 100 * ($pan = OnTheFire::forecast($plan, OnTheFire::doneUntil($plan, $minute), $minute + 0.1)->now)->salt / ($weight = $plan->rice() * (1 + $pan->drunk) + $pan->free);
    expect($unsaid - $season(SaltTaste::Right))->toEqualWithDelta(0.64 * (0.8 - $thought) / 100 * $weight / 0.991, 0.15);
});

<?php

declare(strict_types=1);

use Tests\Core\Kitchens;
use Velko\Core\Food\Foods;
use Velko\Core\Food\Goes;
use Velko\Core\Food\Portion;
use Velko\Core\Planning\Planner;
use Velko\Core\Planning\Stock;
use Velko\Core\Season\Seasoning;

/* 0.8 to 1.0 % of the plate is right: common practice, no single source. */

it('says the salt that brings a plate to the middle of what is wanted', function (float $salt, float $plate, float $grams): void {
    expect((new Seasoning)->grams($salt, $plate))->toEqualWithDelta($grams, 0.01);
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

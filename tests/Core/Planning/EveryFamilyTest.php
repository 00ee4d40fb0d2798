<?php

declare(strict_types=1);

use Tests\Core\Kitchens;
use Tests\Core\Replayed;
use Velko\Core\Cook\Stage;
use Velko\Core\Cook\StageKind;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Breakdown;
use Velko\Core\Planning\Family;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Planner;
use Velko\Core\Planning\Target;

/*
 * What must hold of any plan of any family, in more than 2,000 random kitchens.
 */

function everyNumberIsOne(Plan $plan, string $name): void
{
    $numbers = [
        $plan->stock, $plan->reserve(), $plan->make(), $plan->layer(), $plan->saltPercent(), $plan->sodiumPerCover(), $plan->alcoholPerCover(), $plan->millilitresPerGram(),
        ...$plan->track->free, ...$plan->track->drunk, ...$plan->track->temperature, ...$plan->track->doneness,
        ...array_column($plan->standing->rows, 'looseness'), ...array_column($plan->standing->rows, 'loosen'),
    ];
    expect(array_filter($numbers, static fn (float $number): bool => ! is_finite($number)))->toBe([], "$name: not a number")
        ->and(min($numbers))->toBeGreaterThanOrEqual(0.0, "$name: negative");
    foreach ($plan->crust?->rings() ?? [] as $ring) {
        expect($ring->palest)->toBeGreaterThanOrEqual(0.0)->and($ring->darkest)->toBeGreaterThanOrEqual($ring->palest)->and(is_finite($ring->darkest) && is_finite($ring->millimetres))->toBeTrue($name);
    }
}

it('holds in random kitchens: mass, numbers, order, and the plan does what it says', function (int $seed, callable $with, int $each): void {
    foreach (Kitchens::ofEveryFamily($each, $seed) as $name => $ask) {
        $plan = Planner::plan($with($ask, $seed + crc32($name)));
        $ask = $plan->ask;
        everyNumberIsOne($plan, $name);

        // Conserved: what was poured, and what came out of everything else, is drunk, free or gone as steam, to 1e-9 of it.
        $poured = $plan->stock + $ask->wine;
        $end = $plan->atTable;
        expect(abs($poured + $end->brought - $plan->drunkInThePan() - $end->free - $end->boiledOff - $end->liftedOut))->toBeLessThan(1e-9 * max(1.0, $poured), "$name: mass");

        // Nothing cooks backwards, and a grain gives no water back but to a bare floor.
        $dry = $plan->dryMinute ?? INF;
        foreach ([$plan->track->doneness, array_values(array_intersect_key($plan->track->drunk, array_filter($plan->track->minute, static fn (float $minute): bool => $minute <= $dry)))] as $rising) {
            $sorted = $rising;
            sort($sorted);
            expect($rising)->toBe($sorted, "$name: backwards");
        }

        // The steps stand in order of time, and the pours add up to the stock.
        $minutes = array_map(static fn (Stage $stage): float => $stage->minute, $plan->stages);
        $sorted = $minutes;
        sort($sorted);
        $pours = array_sum(array_map(static fn (Stage $stage): float => $stage->kind === StageKind::Pour ? $stage->volume ?? 0.0 : 0.0, $plan->stages));
        expect($minutes)->toBe($sorted, "$name: order")->and($pours)->toEqualWithDelta($plan->stock, 1e-6, "$name: pours");

        // Each number is the sum of its terms.
        $explained = array_map(static fn (array $terms): float => array_sum(array_column($terms, 'value')), Breakdown::of($plan));
        expect($explained['stock_ml'])->toEqualWithDelta($plan->stock, 1e-6)
            ->and($explained['make_ml'])->toEqualWithDelta($plan->make(), 1e-6)
            ->and($explained['table_min'])->toEqualWithDelta($end->minute(), 0.06)
            ->and($explained['doneness_min'])->toEqualWithDelta($end->doneness, 1e-6)
            ->and($explained['plate_g'])->toEqualWithDelta($plan->plate(), 1e-6)
            ->and($explained['salt_g'])->toEqualWithDelta($plan->salt(), 1e-6)
            ->and($explained['sodium_mg_per_cover'])->toEqualWithDelta($plan->sodiumPerCover(), 1e-6)
            ->and($explained['alcohol_g_per_cover'])->toEqualWithDelta($plan->alcoholPerCover(), 1e-6);

        // Replayed, it lands where the plan said, within 1 %.
        $again = Replayed::of($plan)->run->end;
        expect(abs($again->free - $end->free))->toBeLessThan(0.01 * max($end->free, 0.1 * $poured), "$name: free, replayed")
            ->and($again->doneness / $end->doneness)->toEqualWithDelta(1.0, 0.01, "$name: doneness, replayed")
            ->and($again->drunk / $end->drunk)->toEqualWithDelta(1.0, 0.01, "$name: drunk, replayed")
            ->and(abs($again->boiledOff - $end->boiledOff))->toBeLessThan(0.01 * $end->boiledOff + 1e-6, "$name: boiled off, replayed")
            ->and(abs($again->salt - $end->salt))->toBeLessThan(0.01 * $end->salt + 1e-9, "$name: salt, replayed");

        // Few enough runs: 30 for a plan, 60 where the heat is solved too.
        expect($plan->cost / $end->second)->toBeLessThan($ask->family->traits()->name === 'pan-rice' ? 60.0 : 30.0, "$name: runs");
    }
})->with([1001, 2002, 3003])->with([
    'rice alone' => [fn (Ask $ask): Ask => $ask, 234],
    'everything else' => [Kitchens::withFood(...), 234],
    'every school, over every fire' => [Kitchens::withSchools(...), 120],
]);

it('hits what was asked wherever nothing is wrong with the choice', function (): void {
    $harmless = ['alcohol-stays', 'too-salty', 'doses-too-close', 'over-the-rim', 'no-crust', 'layer-too-deep', 'stock-cold', 'stock-above-boiling', 'either-mark', 'too-fierce', 'ladle-too-small', 'ladle-too-big', 'pan-too-wide', 'flame-too-wide', 'cold-plate'];
    $met = ['risotto' => 0, 'pan-rice' => 0, 'soupy-rice' => 0];
    foreach (Kitchens::ofEveryFamily(120, 31) as $name => $ask) {
        $plan = Planner::plan($ask);
        if (array_diff(array_map(static fn ($warning): string => $warning->code, $plan->warnings), $harmless) !== []) {
            continue;
        }
        $met[$ask->family->traits()->name]++;
        $window = $ask->grain->window;
        expect($plan->atTable->doneness)->toBeGreaterThan($window->low - 0.05, $name)->toBeLessThan($window->high + 0.05, $name)
            ->and(abs($plan->looseness() - $ask->target->looseness))->toBeLessThan($ask->family->traits()->name === 'soupy-rice' ? 0.15 : 0.06, $name);
    }
    // Not an empty claim: most random kitchens are of that kind.
    expect(min($met))->toBeGreaterThan(60);
});

it('wants more stock for a looser plate', function (): void {
    foreach ([...Kitchens::random(40, 401), ...Kitchens::randomSoupy(80, 402)] as $name => $ask) {
        $looser = $ask->withTarget(new Target($ask->target->looseness + 0.4, $ask->target->minutesToTable));
        expect(Planner::plan($looser)->stock)->toBeGreaterThan(Planner::plan($ask)->stock, $name);
    }
});

it('is the same plan whenever it is asked for', function (): void {
    foreach (Kitchens::ofEveryFamily(5, 55) as $ask) {
        expect(Planner::plan($ask))->toEqual(Planner::plan($ask));
    }
});

<?php

declare(strict_types=1);

use Tests\Core\Kitchens;
use Velko\Core\Cook\StageKind;
use Velko\Core\Family\Families;
use Velko\Core\Method\LidChange;
use Velko\Core\Method\Toasting;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Planner;
use Velko\Core\Rice\Looseness;
use Velko\Core\Season\Finish;

/** @return array<string, mixed> the row of the standing plate after so many minutes at the pass */
function afterMinutes(Plan $plan, float $minutes): array
{
    return $plan->standing->rows[(int) round(2 * $minutes)];
}

describe('at the pass', function (): void {
    it('tightens a risotto by a word within two to three minutes (common practice, no single source)', function (): void {
        $plan = Planner::plan(Kitchens::ask(toTable: 0));
        expect(Families::named('risotto')->traits()->scale->nearest(afterMinutes($plan, 0)['looseness']))->toBe(Looseness::Wave)
            ->and(Families::named('risotto')->traits()->scale->nearest(afterMinutes($plan, 3)['looseness']))->toBe(Looseness::SlowSlump);
    });

    it('says how much hot stock loosens it again, and that much is what is missing', function (): void {
        $plan = Planner::plan(Kitchens::ask(toTable: 0));
        $row = afterMinutes($plan, 4);
        expect($row['looseness'] * 320 + $row['loosen'])->toEqualWithDelta(0.85 * 320, 1e-6)
            ->and($row['loosen'])->toBeGreaterThan(20.0)->toBeLessThan(90.0);
    });

    it('agrees with the plan about what is eaten at the pass, and cools slower in the pan than on plates', function (): void {
        $plan = Planner::plan(Kitchens::ask(toTable: 0, butter: 15));
        expect(afterMinutes($plan, 0)['looseness'])->toEqualWithDelta($plan->looseness(), 1e-6)
            ->and(afterMinutes($plan, 0)['bite'])->toBe($plan->bite());
        $walked = Planner::plan(Kitchens::ask(toTable: 2, butter: 15));
        expect(afterMinutes($walked, 2)['temperature'])->toBeGreaterThan($walked->atTable->temperature + 5);
    });

    it('lets a pan rice stand: it is dry and cooks on so slowly that it can wait', function (): void {
        expect(Planner::plan(Kitchens::panRice())->standing->latest)->toBeNull();
    });
});

describe('butter and cheese', function (): void {
    it('bring their own water, fat and salt, counted apart from the sauce', function (): void {
        $finish = new Finish(60, 80);
        expect($finish->water())->toEqualWithDelta(0.16 * 60 + 0.30 * 80, 1e-9)
            ->and($finish->fat())->toEqualWithDelta(0.81 * 60 + 0.26 * 80, 1e-9)
            ->and($finish->salt())->toEqualWithDelta(0.0305 * 80, 1e-9)
            ->and((new Finish(60, 80, true))->salt())->toBeGreaterThan($finish->salt() + 0.9);
    });

    it('are salt on the plate: the warning counts them', function (): void {
        $plain = Planner::plan(Kitchens::ask(salt: 0.95));
        $cheesy = Planner::plan(Kitchens::ask(salt: 0.95, butter: 15, cheese: 25));
        expect($cheesy->saltPercent())->toBeGreaterThan($plain->saltPercent() + 0.05)
            ->and($cheesy->sodiumPerCover() - $plain->sodiumPerCover())->toEqualWithDelta(25 * 0.0305 * 393, 15);
    });

    it('cool the pan, freezer-cold butter more than soft, so that it comes off later', function (): void {
        $none = Planner::plan(Kitchens::ask());
        $cold = Planner::plan(Kitchens::ask(butter: 20, cheese: 20));
        expect(afterMinutes($cold, 0)['temperature'])->toBeLessThan(afterMinutes($none, 0)['temperature'] - 3)
            ->and($cold->pulled->minute())->toBeGreaterThan($none->pulled->minute() + 0.1)
            ->and((new Finish(80, 0, false, -18))->temperature())->toBeLessThan((new Finish(80, 0, false, 20))->temperature() - 30);
    });
});

describe('beside the pan', function (): void {
    it('boils off a held side pot: more the wider and the longer, nothing under a lid', function (): void {
        $plan = Planner::plan(Kitchens::ask());
        // A 24 cm pot at 90 °C: 1.8 g/(s·m²) over 0.0452 m² for 15 min and the time to the last dose.
        $last = max(array_map(static fn ($stage) => $stage->kind === StageKind::Pour ? $stage->minute : 0.0, $plan->stages));
        expect($plan->sidePotGivesOff())->toEqualWithDelta(1.8 * 0.04524 * 60 * (15 + $last), 3)
            ->and($plan->make())->toBeGreaterThanOrEqual($plan->stock + $plan->reserve() + $plan->sidePotGivesOff())
            ->and($plan->ask->stock->givenOff(60, 24))->toBeGreaterThan(2 * $plan->ask->stock->givenOff(29, 24));
    });

    it('spends less on steam under a lid for a while, and shows it as a step', function (): void {
        $open = Planner::plan(Kitchens::soupy());
        $ask = Kitchens::soupy(lid: [new LidChange(1, true), new LidChange(13, false)]);
        // By hand: a lid of 27 cm loses 12 · 0.0573 · 76 = 52 W, 17 g of steam in twelve minutes; and the stock is rounded to 10 mL.
        expect($open->stock - Planner::plan($ask)->stock)->toEqualWithDelta(17, 10)
            ->and(array_filter(Planner::plan($ask)->stages, static fn ($stage) => $stage->kind === StageKind::Lid))->toHaveCount(2)
            ->and(array_filter($open->stages, static fn ($stage) => $stage->kind === StageKind::Lid))->toBe([]);
    });

    it('toasts as long as the choice says; a slowly toasted grain is as hot as the stock', function (): void {
        $starts = array_map(static fn (Toasting $toasting): float => Planner::plan(Kitchens::ask(toasting: $toasting))->stages[0]->minute, Toasting::cases());
        expect($starts)->toBe([-1.5, -3.0, -5.0])
            ->and(Planner::plan(Kitchens::ask(toasting: Toasting::Quick))->pulled->minute())->toBeGreaterThan(Planner::plan(Kitchens::ask(toasting: Toasting::Slow))->pulled->minute());
    });
});

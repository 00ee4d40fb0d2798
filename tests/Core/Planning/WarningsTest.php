<?php

declare(strict_types=1);

use Tests\Core\ByHand;
use Tests\Core\Replayed;
use Tests\Core\WildAsks;
use Velko\Core\Planning\Planner;
use Velko\Core\Quantity\Fact;

/*
 * Asks as a hurried hand types them. Ten thousand of them, and as many that can be cooked, are in tests/Bench/asks.php.
 */

it('says nothing that a hand calculation calls false, and never to set the knob where it stands', function (): void {
    $kinds = [];
    foreach (WildAsks::ofEveryFamily(40, 411) as $name => $ask) {
        $plan = Planner::plan($ask);
        $mark = $plan->heat[count($plan->heat) - 1]->mark;
        foreach ($plan->warnings as $warning) {
            $kinds[$warning->code] = true;
            expect(ByHand::isFalse($plan, $warning))->toBeFalse("$name: $warning->code")
                ->and(($warning->fix->args['stock'] ?? null)?->ml ?? 0.0)->toBeLessThanOrEqual($ask->pan->workingVolume(), "$name: $warning->code")
                ->and($warning->fix)->not->toEqual(Fact::of('fix.set-to', mark: $mark), "$name: $warning->code");
        }
        if ($plan->isPossible()) {
            expect(Replayed::agrees($plan, Replayed::of($plan)->run->end))->toBeTrue("$name: played again it lands elsewhere");
        }
    }
    expect(count($kinds))->toBeGreaterThan(20);
});

it('names no stock that the pan does not hold: 2.5 L for 5 kg of rice on a ring that never boils it', function (): void {
    $wild = iterator_to_array(WildAsks::ofEveryFamily(500, 7002))['pan rice 340 of seed 7002'];
    $fix = array_column(Planner::plan($wild)->warnings, 'fix', 'code')['too-wet'];
    expect($fix->code)->toBe('fix.other-heat');
});

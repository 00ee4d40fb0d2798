<?php

declare(strict_types=1);

use Tests\Core\Kitchens;
use Velko\Core\Cook\Stage;
use Velko\Core\Cook\StageKind;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Planner;

/* A cook is never asked to pour half the pot at the end: the pan gets as loose as it will leave the heat before that. */

/** @return list<float> mL */
function dosesOf(Plan $plan): array
{
    return array_values(array_map(static fn (Stage $stage): float => $stage->volume ?? 0.0, array_filter($plan->stages, static fn (Stage $stage): bool => $stage->kind === StageKind::Pour)));
}

it('ends a risotto with a dose like the others, whatever the school, the pan and the plate', function (): void {
    $seen = $large = 0;
    foreach (Kitchens::random(800, 5) as $name => $ask) {
        $doses = dosesOf(Planner::plan($ask));
        if (count($doses) < 3) {
            continue;
        }
        $seen++;
        [$before, $last] = array_slice($doses, -2);
        $large += $last > 2.5 * $before ? 1 : 0;
        $ordinary = array_slice($doses, 1, -1);
        sort($ordinary);
        // The schools of a pan that is never dry allow it: within twice an ordinary dose.
        if (in_array($ask->method->doses?->name(), ['ladle-by-ladle', 'kept-covered'], true)) {
            expect($last)->toBeLessThanOrEqual(2 * $ordinary[intdiv(count($ordinary), 2)] + 1e-9, $name);
        }
    }
    expect($seen)->toBeGreaterThan(700)
        // It was 353 of 800. What is left are pans on so strong a fire that the clock of "little and often" falls behind.
        ->and($large)->toBeLessThan(12);
});

it('does not double a dose for twelve covers cooked down', function (): void {
    $doses = dosesOf(Planner::plan(Kitchens::ask(covers: 12, base: 34, ring: 22, net: ['low' => 500, 'medium' => 1360, 'high' => 2600], ladle: 100, doses: 'cooked-down')));
    sort($doses);
    expect($doses[count($doses) - 1] / $doses[intdiv(count($doses), 2)])->toBeLessThanOrEqual(2.5);
});

it('asks for no drop that nobody would pour', function (): void {
    foreach (Kitchens::random(200, 77) as $name => $ask) {
        $doses = dosesOf(Planner::plan($ask));
        if (count($doses) >= 3) {
            expect($doses[count($doses) - 1])->toBeGreaterThanOrEqual(0.28 * $doses[count($doses) - 2], $name);
        }
    }
});

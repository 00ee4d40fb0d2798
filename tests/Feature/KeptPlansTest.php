<?php

declare(strict_types=1);

use App\Models\Plan;
use Illuminate\Support\Carbon;
use Tests\Feature\Station;

it('still reads a cook that was planned when only risottos were cooked', function (): void {
    $this->travelTo(Carbon::parse('2026-05-04T18:30:00Z'));
    $station = Station::open();
    $this->actingAs($station->cook);
    $cook = $this->postJson('/api/cooks', $station->start())->assertCreated()->json();

    $plan = Plan::query()->sole();
    $old = $plan->working;
    unset($old['batches'], $old['mise'], $old['prep'], $old['served'], $old['cautions'], $old['dish']['garnish'], $old['dish']['grams_main'], $old['dish']['grams_starter'], $old['dish']['family'], $old['burner']['ring_cm'], $old['plan']['timing']['leave_pass_min'], $old['plan']['timing']['pass_min']);
    $old['plan']['crust'] = ['centre_gold_min' => null, 'rim_gold_min' => null, 'burnt_min' => null];
    $old['plan'] = array_diff_key($old['plan'], array_flip(['side_pot', 'pass', 'finish', 'alcohol', 'explain']));
    $plan->update(['working' => $old]);

    (require database_path('migrations/2026_11_25_000002_bring_kept_plans_up_to_date.php'))->up();

    $answer = $this->getJson("/api/cooks/{$cook['id']}")->assertOk();
    Station::keeps('cook', $answer->getContent());
    expect($answer->json('working.plan.stock_ml'))->toBe($cook['working']['plan']['stock_ml'])
        ->and($answer->json('working.dish.family'))->toBe('risotto');
});

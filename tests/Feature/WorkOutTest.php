<?php

declare(strict_types=1);

use App\Models\Burner;
use App\Models\Pan;
use Carbon\CarbonImmutable;
use Illuminate\Support\Carbon;
use Tests\Feature\Station;
use Velko\Core\Rice\Variety;

beforeEach(function (): void {
    $this->travelTo(Carbon::parse('2026-05-04T18:30:00Z'));
    $this->station = Station::open();
    $this->actingAs($this->station->cook);
});

it('shows the kitchen what it has, with an ask to begin with', function (): void {
    $answer = $this->getJson('/api/kitchen')->assertOk();
    Station::keeps('kitchen', $answer->getContent());
    expect($answer->json('begin.table_at'))->toBe('19:15')
        ->and($answer->json('begin.pan_id'))->toBeNull()
        ->and($answer->json('burners.0.settings'))->toEqualCanonicalizing([
            ['mark' => 'low', 'share' => 0.12, 'net_w' => 240, 'measured' => false, 'own_w' => null, 'source' => 'guessed'], ['mark' => 'high', 'share' => 1, 'net_w' => 2000, 'measured' => false, 'own_w' => null, 'source' => 'guessed'], ['mark' => 'medium', 'share' => 0.4, 'net_w' => 820, 'measured' => true, 'own_w' => null, 'source' => 'measured'],
        ]);
});

it('has nothing to begin with in an empty kitchen, and says so', function (): void {
    $this->actingAs(App\Models\User::factory()->create());
    $answer = $this->getJson('/api/kitchen')->assertOk()->assertJsonPath('begin', null);
    Station::keeps('kitchen', $answer->getContent());
});

it('works a pan out and puts it on the kitchen\'s clock', function (): void {
    $answer = $this->postJson('/api/work-out', $this->station->ask())->assertOk();
    Station::keeps('working', $answer->getContent());
    $working = $answer->json();
    expect($working['plan']['rice_g'])->toEqual(480)
        ->and($working['plan']['balance']['wine_ml'])->toEqual(150)
        ->and($working['clock']['table_at'])->toBe('2026-05-04T19:40:00+00:00')
        ->and(Carbon::parse($working['clock']['first_liquid_at'])->diffInSeconds(Carbon::parse($working['clock']['table_at'])))->toEqualWithDelta(60 * $working['plan']['timing']['table_min'], 1)
        ->and($working['clock']['starts_in_min'])->toBeGreaterThan(40)
        ->and($working['burner']['mark'])->toBe('medium')
        ->and($working['offers'])->toBe([]);
});

it('shows why in one picture: less steam a gram for more covers', function (): void {
    $why = $this->postJson('/api/around', $this->station->ask())->json('scale');
    $steam = array_column($why, 'boiled_off', 'covers');
    expect($steam)->toHaveKey(6)->and(array_values($steam))->toBe(collect($steam)->sortDesc()->values()->all());
    foreach ($why as $point) {
        expect($point['drunk'] + $point['boiled_off'] + $point['sauce'])->toEqualWithDelta($point['ml_per_g'], 0.003);
    }
});

it('takes starters, a mark, and the hour across midnight', function (): void {
    $this->travelTo(Carbon::parse('2026-05-04T23:50:00Z'));
    $answer = $this->postJson('/api/work-out', $this->station->ask(portion: 'starter', heat: 'high', table_at: '00:30'))->assertOk();
    expect($answer->json('plan.rice_g'))->toEqual(270)
        ->and($answer->json('plan.heat.0.setting'))->toBe('high')
        ->and($answer->json('clock.table_at'))->toBe('2026-05-05T00:30:00+00:00');
    expect($this->postJson('/api/work-out', $this->station->ask(table_at: '23:40'))->json('clock.table_at'))->toBe('2026-05-04T23:40:00+00:00');
});

it('offers the earliest time when it is too late, and that works', function (): void {
    $answer = $this->postJson('/api/work-out', $this->station->ask(table_at: '18:40'))->assertOk();
    $offer = collect($answer->json('offers'))->firstWhere('warning', 'too-late');
    expect($answer->json('clock.starts_in_min'))->toBeLessThan(0)->and($offer['label'])->toContain($offer['change']['table_at']);
    $taken = $this->postJson('/api/work-out', $this->station->ask(...$offer['change']));
    expect($taken->json('clock.starts_in_min'))->toBeGreaterThanOrEqual(0)->toBeLessThan(2);
});

function inLondon(Station $station): void
{
    $station->kitchen->update(['timezone' => 'Europe/London']);
}

it('means the next half past eight, at one in the morning and at eight, and noon asked for in the evening is tomorrow\'s', function (string $now, string $table, string $means): void {
    $this->travelTo(Carbon::parse($now));
    inLondon($this->station);
    $this->actingAs($this->station->cook->fresh());
    $at = $this->postJson('/api/work-out', $this->station->ask(table_at: $table))->assertOk()->json('clock.table_at');
    expect(Carbon::parse($at)->equalTo(Carbon::parse($means)))->toBeTrue($at);
})->with([
    // London's clock, an hour before UTC in May.
    ['2026-05-05T00:00:00Z', '20:30', '2026-05-05T19:30:00Z'],
    ['2026-05-05T07:00:00Z', '20:30', '2026-05-05T19:30:00Z'],
    ['2026-05-05T19:00:00Z', '12:00', '2026-05-06T11:00:00Z'],
]);

it('plans a day ahead, its work beside the pan two days before', function (): void {
    $this->travelTo(Carbon::parse('2026-05-05T08:00:00Z'));
    inLondon($this->station);
    $this->station->dish->sideWorks()->create(['kitchen_id' => $this->station->kitchen->id, 'position' => 9, 'what' => 'marinate', 'ready' => 'rice', 'takes_min' => 2880, 'hands_min' => 10, 'ahead' => true]);
    $this->actingAs($this->station->cook->fresh());
    $working = $this->postJson('/api/work-out', $this->station->ask(table_at: '20:30', table_on: '2026-05-08'))->assertOk()->json();
    $begun = Carbon::parse(collect($working['prep'])->firstWhere('what', 'marinate')['start_at']);
    expect(Carbon::parse($working['clock']['table_at'])->toIso8601ZuluString())->toBe('2026-05-08T19:30:00Z')
        ->and($begun->isBetween(Carbon::parse('2026-05-06T18:00:00Z'), Carbon::parse('2026-05-06T19:30:00Z')))->toBeTrue($begun->toIso8601String());
});

it('offers a pan that holds it, and with it the warning is gone', function (): void {
    $in = ['kitchen_id' => $this->station->kitchen->id];
    Pan::query()->create([...$in, 'name' => '36 rondeau', 'base_cm' => 35, 'rim_cm' => 36, 'height_cm' => 13, 'metal_j_per_k' => 2600]);
    $ring = Burner::query()->create([...$in, 'name' => 'big ring', 'ring_cm' => 32, 'fuel' => 'gas', 'rated_w' => 14000]);
    $ring->settings()->create([...$in, 'mark' => 'on', 'share' => 0.3, 'position' => 1]);

    $answer = $this->postJson('/api/work-out', $this->station->ask(covers: 20));
    $offer = collect($answer->json('offers'))->firstWhere('warning', 'layer-too-deep');
    expect($offer['label'])->toBe('36 rondeau on big ring');
    $taken = $this->postJson('/api/work-out', $this->station->ask(...[...['covers' => 20], ...$offer['change']]));
    expect(collect($taken->json('plan.warnings'))->pluck('code'))->not->toContain('layer-too-deep', 'over-the-rim', 'ring-too-small');
});

it('says one number for what a pan takes, in the warning and beside the pans that share', function (): void {
    $working = $this->postJson('/api/work-out', $this->station->ask(covers: 60))->json();
    $deep = collect($working['plan']['warnings'])->firstWhere('code', 'layer-too-deep');
    $most = collect($working['batches'])->firstWhere('pan', $working['pan']['name'])['most'];
    expect($deep['fix'])->toStartWith("At most $most covers in this pan")
        ->and(collect($working['offers'])->firstWhere('warning', 'layer-too-deep'))->toBeNull('sharing offers all covers; one pan would drop the rest');
});

it('goes round again when all pans at once do not take the covers: the same pan is free and wiped before it is on again', function (): void {
    $batches = $this->postJson('/api/work-out', $this->station->ask(covers: 30, table_at: '19:30'))->json('batches');
    expect(array_sum(array_column($batches, 'covers')))->toBe(30)->and(collect($batches)->pluck('round')->unique()->count())->toBeGreaterThan(1);
    foreach (collect($batches)->groupBy('round') as $round => $at_once) {
        expect($at_once->pluck('pan')->duplicates()->all())->toBe([])->and($at_once->pluck('table_at')->unique()->count())->toBe(1);
        if ($round > 1) {
            $before = collect($batches)->firstWhere('round', $round - 1);
            foreach ($at_once as $batch) {
                $clock = $this->postJson('/api/work-out', [...$this->station->ask(table_at: '19:30'), ...$batch['change']])->json('clock');
                $freed = CarbonImmutable::parse($clock['table_at'])->setTimeFromTimeString($before['table_at']);
                expect(CarbonImmutable::parse($clock['toast_at'])->greaterThanOrEqualTo($freed->addMinutes(4)))->toBeTrue(); // five minutes to empty and wipe it, one of them for rounding
            }
        }
    }
});

it('says that the top of a deep pan rice is behind, and the lid it offers brings it there', function (): void {
    $in = ['kitchen_id' => $this->station->kitchen->id];
    $bomba = $this->station->kitchen->rices()->create(['name' => 'bomba', 'variety' => 'bomba', 'window_low' => 18, 'window_high' => 20])->id;
    $dish = $this->station->dish->replicate(['id']);
    $dish->fill(['name' => 'deep pan', 'family' => 'pan-rice', 'rice_id' => $bomba, 'doses' => 'one-pour', 'stirring' => 'never', 'looseness' => 0, 'wine_ml_per_80_g' => 0, 'butter_g_per_80_g' => 0, 'cheese_g_per_80_g' => 0, 'finish_min' => 0, 'rest_min' => 5, 'rest_covered' => true, 'crust' => 'none'])->save();
    $pan = Pan::query()->create([...$in, 'name' => '36 wide pan', 'base_cm' => 36, 'rim_cm' => 42, 'height_cm' => 6, 'metal_j_per_k' => 1050]);
    $ring = Burner::query()->create([...$in, 'name' => 'big ring', 'ring_cm' => 30, 'fuel' => 'gas', 'rated_w' => 14000]);
    foreach (['low' => 600, 'medium' => 1900, 'high' => 4200] as $mark => $net) {
        $ring->settings()->create([...$in, 'mark' => $mark, 'share' => 0.3, 'net_w' => $net, 'position' => intdiv($net, 100)]);
    }
    $ask = $this->station->ask(dish_id: $dish->id, pan_id: $pan->id, burner_id: $ring->id, covers: 7);
    $deep = $this->postJson('/api/work-out', $ask)->assertOk();
    Station::keeps('working', $deep->getContent());
    $offer = collect($deep->json('offers'))->firstWhere('warning', 'top-behind');
    expect($deep->json('plan.top.bite'))->not->toBe('right')->and($deep->json('plan.at_table.bite'))->toBe('right')
        ->and($offer['change'])->toBe(['cover_last_min' => $deep->json('plan.top.cover_last_min')]);
    $covered = $this->postJson('/api/work-out', [...$ask, ...$offer['change']])->assertOk();
    Station::keeps('working', $covered->getContent());
    expect($covered->json('plan.top.bite'))->toBe('right')
        ->and(collect($covered->json('plan.stages'))->pluck('kind'))->toContain('lid');
    $this->postJson('/api/work-out', [...$ask, 'cover_last_min' => 16])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/cover_last_min');
});

it('offers the next mark when the pan does not simmer', function (): void {
    $answer = $this->postJson('/api/work-out', $this->station->ask(heat: 'low', covers: 10));
    expect(collect($answer->json('offers'))->firstWhere('warning', 'does-not-simmer')['change'])->toBe(['heat' => 'medium']);
});

it('refuses what this kitchen does not have', function (array $with, string $pointer): void {
    $answer = $this->postJson('/api/work-out', $this->station->ask(...$with))->assertStatus(422);
    Station::keeps('problem', $answer->getContent());
    expect(array_column($answer->json('errors'), 'pointer'))->toBe([$pointer]);
})->with([
    [['dish_id' => 999_999_999], '/dish_id'], [['pan_id' => 0], '/pan_id'], [['burner_id' => 'ring 2'], '/burner_id'],
    [['heat' => 'blast'], '/heat'], [['covers' => 0], '/covers'], [['table_at' => '24:10'], '/table_at'], [['portion' => 'buffet'], '/portion'], [['tip' => 1], '/tip'],
]);

it('does not cook in another kitchen\'s pans', function (string $field): void {
    $other = Station::open();
    $ids = ['dish_id' => $other->dish->id, 'pan_id' => $other->pan->id, 'burner_id' => $other->burner->id];
    $this->postJson('/api/work-out', $this->station->ask(...[$field => $ids[$field]]))->assertStatus(422)->assertJsonPath('errors.0.pointer', "/$field");
})->with(['dish_id', 'pan_id', 'burner_id']);

it('chooses pan and ring when they are left to it', function (): void {
    $answer = $this->postJson('/api/work-out', $this->station->ask(pan_id: null, burner_id: null))->assertOk();
    Station::keeps('working', $answer->getContent());
    expect($answer->json('pan.name'))->toBe('28 sautoir')->and($answer->json('burner.name'))->toBe('ring 2')
        ->and($answer->json('plan'))->toEqual($this->postJson('/api/work-out', $this->station->ask())->json('plan'));
});

describe('a kitchen with wide pans', function (): void {
    beforeEach(function (): void {
        $in = ['kitchen_id' => $this->station->kitchen->id];
        foreach ([['34 wide pan', 29, 34, 5, 700], ['42 wide pan', 36, 42, 5, 1050]] as [$name, $base, $rim, $height, $metal]) {
            Pan::query()->create([...$in, 'name' => $name, 'base_cm' => $base, 'rim_cm' => $rim, 'height_cm' => $height, 'metal_j_per_k' => $metal]);
        }
        foreach (['big ring' => [32, 14000], 'ring 4' => [18, 6000]] as $name => [$cm, $watts]) {
            $ring = Burner::query()->create([...$in, 'name' => $name, 'ring_cm' => $cm, 'fuel' => 'gas', 'rated_w' => $watts]);
            foreach (['low' => 0.12, 'medium-low' => 0.25, 'medium' => 0.4, 'high' => 1.0] as $mark => $share) {
                $ring->settings()->create([...$in, 'mark' => $mark, 'share' => $share, 'position' => (int) (100 * $share)]);
            }
        }
        $bomba = App\Models\Rice::query()->create([...$in, 'name' => 'bomba', 'variety' => 'bomba']);
        $dish = $this->station->dish->replicate();
        $dish->fill(['name' => 'leek pan rice', 'family' => 'pan-rice', 'rice_id' => $bomba->id, 'grams_main' => 55, 'doses' => 'one-pour', 'stirring' => 'never', 'finish_min' => 0, 'rest_min' => 5, 'rest_covered' => true, 'looseness' => 0, 'crust' => 'gold', 'wine_ml_per_80_g' => 0])->save();
        $this->ask = fn (mixed ...$with): array => $this->station->ask(...['dish_id' => $dish->id, 'pan_id' => null, 'burner_id' => null, ...$with]);
    });

    it('works a pan rice out, in a flat pan and not in the sautoir, with its rings from above', function (): void {
        $answer = $this->postJson('/api/work-out', ($this->ask)())->assertOk();
        Station::keeps('working', $answer->getContent());
        expect($answer->json('pan.name'))->toBe('42 wide pan')->and($answer->json('dish.family'))->toBe('pan-rice')
            ->and($answer->json('plan.crust.rings'))->toHaveCount(8)
            ->and($answer->json('plan.crust.by_setting'))->toHaveCount(4)
            ->and($answer->json('batches'))->toBe([]);
    });

    it('splits the covers over pans when no one pan takes them, all of them and none too full', function (int $covers): void {
        $answer = $this->postJson('/api/work-out', ($this->ask)(covers: $covers))->assertOk();
        Station::keeps('working', $answer->getContent());
        $batches = $answer->json('batches');
        expect(array_sum(array_column($batches, 'covers')))->toBe($covers);
        foreach ($batches as $batch) {
            expect($batch['covers'])->toBeLessThanOrEqual($batch['most']);
            $working = $this->postJson('/api/work-out', ($this->ask)(...$batch['change']))->assertOk();
            expect($working->json('pan.name'))->toBe($batch['pan'])->and(collect($working->json('plan.warnings'))->pluck('code'))->not->toContain('layer-too-deep', 'over-the-rim');
        }
    })->with([9, 14, 33]);

    it('says what the same pan would come to if one thing were different', function (): void {
        $answer = $this->postJson('/api/around', ($this->ask)())->assertOk();
        Station::keeps('around', $answer->getContent());
        $plan = $this->postJson('/api/work-out', ($this->ask)())->json('plan');
        foreach ($answer->json('what_if') as $if) {
            expect($if['stock_ml'] - $if['stock_by'])->toEqualWithDelta($plan['stock_ml'], 0.11);
        }
        expect($answer->json('what_if'))->toHaveCount(4)->and(collect($answer->json('swaps'))->where('kind', 'rice'))->toHaveCount(count(Variety::cases()) - 1); // every other rice
    });

    it('cooks a pan rice into the log, with its crust in the verdict', function (): void {
        $cook = $this->postJson('/api/cooks', $this->station->start(ask: ($this->ask)()))->assertCreated();
        Station::keeps('cook', $cook->getContent());
        $event = Station::event('verdict', looseness: 'dry', bite: 'right', crust: 'burnt', note: '', at: '2026-05-04T19:30:00.000Z');
        $answer = $this->postJson("/api/cooks/{$cook->json('id')}/events", $event)->assertCreated();
        Station::keeps('cook', $answer->getContent());
        expect($answer->json('state.verdict.crust'))->toBe('burnt')->and($answer->json('state.verdict.as_wanted'))->toBeFalse();
        Station::keeps('log', $this->getJson('/api/cooks')->getContent());
    });

    it('has on the page of a cook the colour of the floor as it came off: darker the later', function (): void {
        $darkest = array_map(function (int $later): float {
            $cook = $this->postJson('/api/cooks', $this->station->start(ask: ($this->ask)()))->assertCreated()->json();
            $first = Carbon::parse('2026-05-04T19:00:00Z');
            foreach ($cook['working']['plan']['stages'] as $i => $stage) {
                $late = in_array($stage['kind'], ['off', 'rest', 'serve'], true) ? $later : 0;
                $event = Station::event($stage['volume_ml'] === null ? 'done' : 'pour', ...['stage' => $i, ...$stage['volume_ml'] === null ? [] : ['volume_ml' => $stage['volume_ml']], 'at' => $first->copy()->addSeconds((int) (60 * $stage['at_min']) + $late)->format('Y-m-d\TH:i:s.v\Z')]);
                $answer = $this->postJson("/api/cooks/{$cook['id']}/events", $event)->assertCreated();
            }
            Station::keeps('cook', $answer->getContent());

            return max($answer->json('happened.crust.rings'));
        }, [0, 60]);
        expect($darkest[0])->toBeBetween(0.5, 2.0)->and($darkest[1])->toBeGreaterThan(3.0); // gold is 1, dark 2, burnt 3 (docs/model.md); a floor that was gold is burnt a minute later on this heat
    });
});

it('refuses around another kitchen\'s pans as it does in them', function (): void {
    $other = Station::open();
    $this->postJson('/api/around', $this->station->ask(pan_id: $other->pan->id))->assertStatus(422)->assertJsonPath('errors.0.pointer', '/pan_id');
    $this->app['auth']->forgetGuards();
    $this->postJson('/api/around', $this->station->ask())->assertStatus(401);
});

it('lays what this kitchen has instead beside what was asked, each with what takes it', function (): void {
    $in = ['kitchen_id' => $this->station->kitchen->id];
    App\Models\Stock::query()->create([...$in, 'name' => 'fish stock', 'base' => 'fish', 'salt_percent' => 0.9, 'held_at_c' => 92]);
    Pan::query()->create([...$in, 'name' => '24 sautoir', 'base_cm' => 22, 'rim_cm' => 24, 'height_cm' => 7, 'metal_j_per_k' => 900]);
    $answer = $this->postJson('/api/around', $this->station->ask())->assertOk();
    Station::keeps('around', $answer->getContent());
    $plan = $this->postJson('/api/work-out', $this->station->ask())->json('plan');
    expect($answer->json('as_asked.stock_ml'))->toEqualWithDelta($plan['stock_ml'], 0.06)
        ->and($answer->json('as_asked.pull_min'))->toEqualWithDelta($plan['timing']['pull_min'], 0.06);
    $swaps = collect($answer->json('swaps'))->keyBy('what');
    expect($swaps['fish stock for vegetable stock']['changes'])->toContain('brings fish')
        ->and($swaps['fish stock for vegetable stock']['after']['salt_percent'])->toBeGreaterThan($answer->json('as_asked.salt_percent'))
        ->and($swaps['vinegar for the wine']['after']['alcohol_g'])->toEqual(0);
    $pan = $swaps['24 sautoir on ring 2'];
    $taken = $this->postJson('/api/work-out', $this->station->ask(...$pan['take']))->assertOk();
    expect($taken->json('pan.name'))->toBe('24 sautoir')
        ->and($taken->json('plan.stock_ml'))->toEqualWithDelta($pan['after']['stock_ml'], 0.06);
});

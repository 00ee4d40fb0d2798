<?php

declare(strict_types=1);

use App\Learning\LessonDocument;
use App\Models\Burner;
use App\Models\Cook;
use App\Models\Kitchen;
use App\Models\Lesson;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Demo;
use Tests\Feature\Station;
use Velko\Core\Learning\Effect;
use Velko\Core\Learning\Lesson as Made;
use Velko\Core\Learning\Observation;
use Velko\Core\Learning\Parameter;
use Velko\Core\Learning\SaidWord;

/* velko:learn, by its contract: an archive in, what its cooks teach out. */

/** @return array{int, string} exit code, and what was said */
function learntFrom(string $archive): array
{
    $file = (string) tempnam(sys_get_temp_dir(), 'archive');
    file_put_contents($file, $archive);
    $code = Artisan::call('velko:learn', ['request' => $file]);
    unlink($file);

    return [$code, Artisan::output()];
}

beforeEach(function (): void {
    Demo::open();
    $kitchen = Kitchen::query()->where('name', 'The Kiln House')->sole();
    $this->actingAs($kitchen->users()->where('role', 'chef')->sole());
    $answer = $this->get('/api/kitchen/archive')->assertOk();
    $this->packed = $answer->streamedContent();
    $this->whole = Station::archive($answer);
});

it('learns the same from an archive in lines, packed or not, and from one document', function (): void {
    [$code, $said] = learntFrom($this->packed);
    expect($code)->toBe(0, $said);
    Station::keeps('learned', $said);
    $learned = json_decode($said, true);
    expect(learntFrom((string) gzdecode($this->packed)))->toBe([0, $said])
        ->and(json_decode(learntFrom($this->whole)[1], true)['numbers'])->toEqual($learned['numbers'])
        ->and($learned['cooks'])->toBeGreaterThan(15)->and($learned['told'])->toBeGreaterThan(10);
    $numbers = collect($learned['numbers']);
    // Ring 3 is marked 800 W at medium and gives 1.30 times that (the seeder's own number): found, and not taken for what it says.
    $hot = $numbers->where('ring', 'ring 3')->firstWhere('mark', 'medium');
    expect($hot['low_90'])->toBeGreaterThan(800.0)->toBeLessThan(1.3 * 800)->and($hot['high_90'])->toBeGreaterThan(1.3 * 800);

    // Had nobody ever weighed: it learns a little of its rings from words, and says how little.
    $never = json_decode($this->whole, true);
    foreach ($never['cooks'] as $at => $cook) {
        $never['cooks'][$at]['events'] = array_values(array_filter($cook['events'], static fn (array $event): bool => $event['event']['kind'] !== 'weigh'));
    }
    $words = collect(json_decode(learntFrom((string) json_encode($never))[1], true)['numbers']);
    $rings = $words->where('of', 'ring-power')->where('cooks', '>', 1);
    $band = static fn (array $number): float => $number['high_90'] - $number['low_90'];
    expect($band($words->where('ring', 'ring 3')->firstWhere('mark', 'medium')))->toBeGreaterThan($band($hot));
    expect($rings)->not->toBeEmpty()->and($rings->every(static fn (array $ring): bool => $ring['low_90'] < $ring['value'] && $ring['value'] < $ring['high_90'] && ($ring['high_90'] - $ring['low_90']) / $ring['value'] > 0.1))->toBeTrue()
        ->and($numbers->pluck('rice')->filter()->unique()->sort()->values()->all())->toContain('carnaroli')
        ->and($numbers->firstWhere('of', 'doneness')['unit'])->toBe('min');
});

it('keeps a lesson beside its events as it was made, words without an end and all', function (): void {
    $word = static fn (float $from, float $to): Observation => new Observation('looseness', new SaidWord(0.4, $from, $to, 0.07, 'wave'), [-1.5, 2.0]);
    $lesson = new Made('a cook', 1_770_000_000_000, [new Effect('ring-power', 'medium', [Parameter::ring('3'), Parameter::mark('3', 'medium'), Parameter::pan('2')]), new Effect('drinking', null, [Parameter::drinking('7')])], [800.0, 2.4], [new Observation(Observation::WEIGHING, -0.8, [3.0, 1.0], 7.1, [0 => -0.2]), $word(-INF, 0.55), $word(0.55, 0.75), $word(0.975, INF)], true);
    expect(LessonDocument::read(json_decode(json_encode(LessonDocument::of($lesson), JSON_THROW_ON_ERROR), true)))->toEqual($lesson);
});

it('refuses what is no archive by its place, and says nothing else', function (): void {
    $lines = explode("\n", trim((string) gzdecode($this->packed)));
    $spoilt = json_decode($lines[3], true);
    unset($spoilt['request']['covers']);
    $spoilt['request']['covers'] = 'six';
    foreach ([
        ['', '/'], ['not json', '/'], ["\x1f\x8bnothing", 'unpacked'], ['{"format":"velko.dish/1"}', '/format'],
        [implode("\n", [...array_slice($lines, 0, 3), json_encode($spoilt)]), '/4'], [implode("\n", [$lines[0], '{}']), '/2'], [implode("\n", [$lines[0], substr($lines[1], 0, 200)]), '/2'],
    ] as [$archive, $place]) {
        [$code, $said] = learntFrom($archive);
        expect($code)->toBe(2, substr($archive, 0, 40))->and($said)->toContain($place)->not->toContain('"format"');
    }
});

it('shows a kitchen what its own log teaches, the same as of its archive, worked out once and again where a cook has grown', function (): void {
    Cache::store('file')->flush(); // nobody has asked yet
    // What a slow machine leaves out is looked at when it is asked again.
    $whole = function (): Illuminate\Testing\TestResponse {
        do {
            $answer = $this->getJson('/api/learned')->assertOk();
        } while ($answer->json('left_out') > 0);

        return $answer;
    };
    $answer = $whole();
    Station::keeps('learned', $answer->content());
    $learned = $answer->json();
    $byName = static fn (array $numbers): array => collect($numbers)->keyBy(static fn (array $number): string => "{$number['of']} {$number['ring']} {$number['mark']} {$number['rice']} {$number['dish']}")->sortKeys()->all();
    expect($learned['left_out'])->toBe(0)->and($byName(array_map(static fn (array $number): array => array_diff_key($number, array_flip(['without', 'source', 'burner_id', 'rice_id', 'dish_id', 'history'])), $learned['numbers'])))->toEqual($byName(json_decode(learntFrom($this->packed)[1], true)['numbers']));
    $made = Lesson::query()->orderBy('cook_id')->get()->toArray();
    expect($made)->not->toBeEmpty();
    // Asked again nothing is made again; thrown away they are made again, the same.
    DB::enableQueryLog();
    $this->getJson('/api/learned')->assertOk();
    expect(collect(DB::getQueryLog())->pluck('query')->filter(static fn (string $query): bool => str_contains($query, 'into `lessons`') || str_starts_with($query, 'update `lessons`')))->toBeEmpty();
    DB::disableQueryLog();
    Lesson::query()->delete();
    Illuminate\Support\Facades\Cache::store('file')->clear();
    expect($whole()->json())->toEqual($learned)->and(Lesson::query()->orderBy('cook_id')->get()->toArray())->toEqual($made);
    // What is said of a cook later is heard.
    $cook = Cook::query()->where('id', $made[0]['cook_id'])->sole();
    $this->postJson("/api/cooks/$cook->uuid/events", Station::event('note', note: 'in the second sack', at: '2026-05-04T11:00:00.000Z'))->assertCreated();
    $this->getJson('/api/learned')->assertOk();
    expect(Lesson::query()->where('cook_id', $cook->id)->sole()->made_from)->not->toBe($made[0]['made_from']);

    // A mark that was measured since: what is given is what stands there now, what it is stays.
    $ring = collect($learned['numbers'])->where('of', 'ring-power')->sortByDesc('cooks')->first();
    $burner = Burner::query()->where('name', $ring['ring'])->sole();
    $burner->settings()->where('mark', $ring['mark'])->update(['net_w' => $ring['given'] + 200]);
    $this->actingAs(auth()->user()->fresh());
    $now = collect($whole()->json('numbers'))->where('ring', $ring['ring'])->firstWhere('mark', $ring['mark']);
    expect($now['given'])->toEqual($ring['given'] + 200)->and(abs($now['value'] - $ring['value']))->toBeLessThan(0.25 * abs($now['given'] - $ring['given']) + 60);

    // Another kitchen has learned nothing of it.
    $other = Station::open();
    expect($this->actingAs($other->cook)->getJson('/api/learned')->assertOk()->json('numbers'))->toBe([]);
});

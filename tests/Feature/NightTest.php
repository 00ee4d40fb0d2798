<?php

declare(strict_types=1);

use App\Models\Burner;
use App\Models\Dish;
use App\Models\Firing;
use App\Models\Kitchen;
use App\Models\Night;
use App\Models\User;
use App\Night\Evening;
use Carbon\CarbonImmutable;
use Database\Seeders\KilnHouse;
use Database\Seeders\KilnHouseNight;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Reader;
use Tests\Feature\Station;
use Velko\Core\Night\Solver;

/* A night in the house: said, read, kept, filled, changed, taken over. */

const NIGHT_OF = '2026-05-04';

beforeEach(function (): void {
    // Noon in London, a Monday.
    $this->travelTo(Carbon::parse('2026-05-04T11:00:00Z'));
    $this->station = Station::open();
    $this->station->kitchen->update(['timezone' => 'Europe/London']);
    $this->actingAs($this->station->cook);
});

/** @return array<string, mixed> velko.firing-entry/1 */
function firingEntry(Station $station, mixed ...$with): array
{
    return ['format' => 'velko.firing-entry/1', 'dish_id' => $station->dish->id, 'covers' => 6, 'table_at' => '19:40', ...$with];
}

function ordered(mixed ...$entries): array
{
    $answer = test()->postJson('/api/nights/'.NIGHT_OF.'/firings', ['format' => 'velko.firings-entry/1', 'firings' => $entries])->assertCreated();
    Station::keeps('night', $answer->content());

    return $answer->json();
}

function typedLines(string $text): array
{
    $answer = test()->postJson('/api/nights/'.NIGHT_OF.'/read', ['format' => 'velko.firings-said/1', 'text' => $text])->assertOk();
    Station::keeps('firings-read', $answer->content());

    return $answer->json();
}

it('puts a pan on its ring so that it is at the table in its window', function (): void {
    $night = ordered(firingEntry($this->station, label: '4'));
    [$pan] = $night['pans'];
    $minutes = static fn (string $from, string $to): float => Carbon::parse($from)->diffInSeconds(Carbon::parse($to)) / 60;
    expect($night['clashes'])->toBe([])->and($pan['burner'])->toBe('ring 2')->and($pan['covers'])->toBe(6)->and($pan['rice_g'])->toEqual(480)
        ->and($minutes($pan['table_at'], '2026-05-04T18:40:00Z'))->toBeGreaterThanOrEqual(-2.0)->toBeLessThanOrEqual(3.0);
    // The bench, asked what the night says it will be asked, takes as long.
    $working = $this->postJson('/api/work-out', $pan['ask'])->assertOk()->json();
    expect($minutes($pan['on_at'], $pan['table_at']))->toEqualWithDelta($minutes($working['clock']['pan_on_at'], $working['clock']['table_at']), 0.05)
        ->and($pan['make_ml'])->toEqualWithDelta($working['plan']['side_pot']['make_ml'], 50);
});

it('shows the same night to another tablet, and nothing of it to another kitchen', function (): void {
    $night = ordered(firingEntry($this->station));
    expect($this->actingAs(User::factory()->create(['kitchen_id' => $this->station->kitchen->id, 'role' => 'trainee']))->getJson('/api/nights/'.NIGHT_OF)->assertOk()->json('firings'))->toEqual($night['firings']);
    $other = Station::open();
    $this->actingAs($other->cook);
    expect($this->getJson('/api/nights/'.NIGHT_OF)->json('firings'))->toBe([]);
    $this->putJson('/api/firings/'.$night['firings'][0]['id'], firingEntry($other))->assertNotFound();
    $this->deleteJson('/api/firings/'.$night['firings'][0]['id'])->assertNotFound();
    $this->postJson('/api/cooks', $other->start(serves: [['firing' => $night['firings'][0]['id'], 'covers' => 6]]))->assertStatus(422);
    $this->postJson('/api/nights/'.NIGHT_OF.'/firings', ['format' => 'velko.firings-entry/1', 'firings' => [firingEntry($this->station)]])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/firings/0/dish_id');
    $this->postJson('/api/nights/'.NIGHT_OF.'/firings', ['format' => 'velko.firings-entry/1', 'firings' => [firingEntry($other, pan_id: $this->station->pan->id)]])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/firings/0/pan_id');
    expect(Firing::query()->withoutGlobalScopes()->count())->toBe(1);
});

it('says the first honest minute to whoever comes unannounced', function (): void {
    $this->travelTo(Carbon::parse('2026-05-04T18:00:00Z')); // 19:00 in London
    $night = ordered(firingEntry($this->station, covers: 2, table_at: null));
    $whole = Carbon::parse($night['pans'][0]['on_at'])->diffInSeconds(Carbon::parse($night['pans'][0]['table_at'])) / 60;
    $said = Carbon::parse('2026-05-04T18:00:00Z')->diffInSeconds(Carbon::parse($night['firings'][0]['table_at'])) / 60;
    // No sooner than it takes, and no more than three minutes for somebody to see it and for the clock's own minute.
    expect($said)->toBeGreaterThanOrEqual($whole)->toBeLessThanOrEqual($whole + 3.0)->and($night['clashes'])->toBe([]);
    // One ring, taken by then: the next is told a later minute, and nobody is late.
    $next = ordered(firingEntry($this->station, covers: 2, table_at: null));
    expect($next['clashes'])->toBe([])->and($next['firings'][1]['table_at'])->toBeGreaterThan($next['firings'][0]['table_at']);
});

it('changes covers late, moves a table, strikes a dish off, and lets go what was placed by hand', function (): void {
    $id = ordered(firingEntry($this->station))['firings'][0]['id'];
    $changed = $this->putJson("/api/firings/$id", firingEntry($this->station, covers: 4, starters: 2, table_at: '20:10', early_min: 10, on_at: '19:38', burner_id: $this->station->burner->id))->assertOk()->json();
    expect($changed['pans'][0]['covers'])->toBe(4)->and($changed['pans'][0]['starters'])->toBe(2)->and($changed['pans'][0]['rice_g'])->toEqual(4 * 80 + 2 * 45)
        ->and($changed['pans'][0]['on_at'])->toBe('2026-05-04T19:38:00+01:00')->and($changed['pans'][0]['by_hand'])->toBeTrue();
    $let = $this->putJson("/api/firings/$id", firingEntry($this->station, covers: 4, starters: 2, table_at: '20:10'))->json();
    expect($let['pans'][0]['by_hand'])->toBeFalse()->and(Carbon::parse($let['pans'][0]['table_at'])->lessThanOrEqualTo('2026-05-04T19:12:00Z'))->toBeTrue();
    expect($this->deleteJson("/api/firings/$id")->assertOk()->json('pans'))->toBe([]);
});

it('names the clash, offers what mends it, and is mended by it', function (): void {
    // One ring: the second table waits for it.
    $night = ordered(firingEntry($this->station, covers: 4), firingEntry($this->station, covers: 4, table_at: '19:46'));
    expect($night['clashes'])->toHaveCount(1)->and($night['clashes'][0]['code'])->toBeIn(['ring', 'pan']);
    $answer = $this->getJson('/api/nights/'.NIGHT_OF.'/offers')->assertOk();
    Station::keeps('night-offers', $answer->content());
    $later = array_values(array_filter($answer->json('clashes.0.offers'), static fn (array $offer): bool => $offer['code'] === 'later'))[0];
    $late = $night['clashes'][0]['firings'][0];
    $firing = array_column($night['firings'], null, 'id')[$late];
    expect($later['late'])->toBe([]);
    $mended = $this->putJson("/api/firings/$late", firingEntry($this->station, covers: 4, table_at: Carbon::parse($firing['table_at'])->addMinutes((int) $later['later_min'])->format('H:i')))->json();
    expect($mended['clashes'])->toBe([])->and($mended['late_cover_min'])->toEqual(0);
});

it('follows a pan that is on the fire, late as it is, and opens its covers again when it is given up', function (): void {
    $night = ordered(firingEntry($this->station, covers: 4), firingEntry($this->station, covers: 4, table_at: '20:20'));
    [$first, $second] = array_column($night['firings'], 'id');
    $this->travelTo(Carbon::parse($night['pans'][0]['on_at'])->addMinutes(12)); // twelve minutes late
    $start = ['format' => 'velko.start-cook/1', 'id' => (string) Str::uuid(), 'ask' => $night['pans'][0]['ask'], 'serves' => [['firing' => $first, 'covers' => 4]]];
    $this->postJson('/api/cooks', $start)->assertCreated();
    $this->postJson("/api/cooks/{$start['id']}/events", Station::event('start', at: now()->utc()->format('Y-m-d\TH:i:s.v\Z')))->assertCreated();
    $running = $this->getJson('/api/nights/'.NIGHT_OF)->json();
    expect($running['pans'][0]['cook'])->toBe($start['id'])->and($running['pans'][0]['ask'])->toBeNull()
        ->and(array_column($running['firings'], 'on_the_fire', 'id'))->toBe([$first => 4, $second => 0])
        ->and(array_column($running['firings'], 'late_by_min', 'id')[$first])->toBeGreaterThan(5.0)
        ->and($running['clashes'][0]['code'])->toBe('behind');
    $this->postJson("/api/cooks/{$start['id']}/events", Station::event('abandon', at: now()->utc()->format('Y-m-d\TH:i:s.v\Z')))->assertCreated()->assertJsonPath('night', NIGHT_OF);
    expect(array_column($this->getJson('/api/nights/'.NIGHT_OF)->json('firings'), 'on_the_fire', 'id'))->toBe([$first => 0, $second => 0]);
    // Whole in the archive, in another kitchen too; what goes out comes in.
    Station::keeps('archive-head', explode("\n", (string) gzdecode($this->get('/api/kitchen/archive')->assertOk()->streamedContent()))[0]);
    $archive = json_decode(Station::archive($this->get('/api/kitchen/archive')), true);
    expect($archive['nights'][0]['firings'])->toHaveCount(2)->and($archive['cooks'][0]['serves'])->toBe([['on' => NIGHT_OF, 'firing' => 0, 'covers' => 4]]);
});

it('calls a pan missed that was to be on and is not, and says since when and what it does', function (): void {
    $night = ordered(firingEntry($this->station, label: '4'));
    $whole = Carbon::parse($night['pans'][0]['on_at'])->diffInSeconds(Carbon::parse($night['pans'][0]['table_at'])) / 60;
    // At the table at 19:42 at the latest, so long before that it had to go on.
    $latest = Carbon::parse('2026-05-04T18:42:00Z')->subSeconds((int) round(60 * $whole));
    $this->travelTo($latest->copy()->addMinutes(10));
    $missed = $this->getJson('/api/nights/'.NIGHT_OF)->assertOk();
    Station::keeps('night', $missed->content());
    expect($missed->json('clashes.0.code'))->toBe('missed')
        ->and(Carbon::parse($missed->json('clashes.0.at'))->diffInSeconds($latest, true))->toBeLessThan(31.0)
        ->and($missed->json('firings.0.late_by_min'))->toEqualWithDelta(10.0, 0.6) // on now, it is there ten minutes later than that; pans go on by the half minute
        ->and(array_column($this->getJson('/api/nights/'.NIGHT_OF.'/offers')->json('clashes.0.offers'), 'code'))->toContain('later');
    // Another name for the table asks for nothing else; an earlier hour does, and for that there never was time.
    $id = $night['firings'][0]['id'];
    $change = fn (mixed ...$with): ?string => $this->putJson("/api/firings/$id", firingEntry($this->station, ...$with))->assertOk()->json('clashes.0.code');
    expect($change(label: 'by the door'))->toBe('missed')
        ->and($change(table_at: '19:25'))->toBe('too-soon')
        ->and($change(table_at: '21:00'))->toBeNull();
    // One that was ordered too late was not missed.
    $this->deleteJson('/api/firings/'.$night['firings'][0]['id'])->assertOk();
    expect(ordered(firingEntry($this->station))['clashes'][0]['code'])->toBe('too-soon');
});

it('leaves room for a pan that was put on from the bench, and does not let the dish of a pan that is on become another', function (): void {
    $this->travelTo(Carbon::parse('2026-05-04T18:00:00Z'));
    $this->postJson('/api/cooks', $this->station->start(ask: $this->station->ask(covers: 4, table_at: '19:35')))->assertCreated();
    // One ring: it is taken until the pan from the bench comes off.
    $night = ordered(firingEntry($this->station, covers: 4, table_at: '19:40'));
    $bench = array_values(array_filter($night['pans'], static fn (array $pan): bool => $pan['serves'] === []))[0];
    $mine = array_values(array_filter($night['pans'], static fn (array $pan): bool => $pan['serves'] !== []))[0];
    expect($bench['cook'])->not->toBeNull()->and($mine['on_at'])->toBeGreaterThanOrEqual($bench['off_at'])->and($night['firings'][0]['late_by_min'])->toBeGreaterThan(5.0);
    // Whoever looks again sees the same, and is offered what mends it.
    expect($this->getJson('/api/nights/'.NIGHT_OF)->assertOk()->json('pans'))->toHaveCount(2)
        ->and(array_column($this->getJson('/api/nights/'.NIGHT_OF.'/offers')->assertOk()->json('clashes.0.offers'), 'code'))->toContain('later');

    $id = $night['firings'][0]['id'];
    $this->postJson('/api/cooks', $this->station->start(ask: $mine['ask'], serves: [['firing' => $id, 'covers' => 4]]))->assertCreated();
    $other = $this->station->dish->replicate(['name']);
    $other->fill(['name' => 'another risotto'])->save();
    $this->actingAs($this->station->cook->fresh());
    $this->putJson("/api/firings/$id", [...firingEntry($this->station), 'dish_id' => $other->id])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/dish_id');
});

it('reads what is typed row by row, and keeps nothing', function (): void {
    $rows = typedLines("19:40 6 leek table 4\n\n19:50 3 moon\nleek\n20:00 2 + 3 starters leek late 5")['rows'];
    expect(array_column($rows, 'row'))->toBe([1, 3, 4, 5])->and(array_map(static fn (array $row): int => count($row['firings']), $rows))->toBe([1, 0, 0, 1])
        ->and($rows[1]['fault'])->toContain('moon')->and($rows[3]['firings'][0]['entry'])->toMatchArray(['covers' => 2, 'starters' => 3, 'table_at' => '20:00', 'late_min' => 5])
        ->and(Night::query()->count())->toBe(0);
});

it('asks about what can mean several things, with all that it can mean', function (): void {
    [$numbers, $typo, $two] = typedLines("1940 6 leek 4\n19:40 6 leke table 2\n4 leek no cheese table 9 half past seven")['rows'];
    expect($numbers['firings'])->toBe([])->and($numbers['fault'])->toBeNull()
        ->and(array_map(static fn (array $candidate): array => [$candidate[0]['entry']['covers'], $candidate[0]['entry']['label']], $numbers['asks']['candidates']))->toBe([[6, '4'], [4, '6'], [10, '']])
        ->and($typo['asks']['question'])->toContain('leke')->and($typo['asks']['candidates'][0][0]['entry']['dish_id'])->toBe($this->station->dish->id)
        ->and($two['firings'][0]['entry'])->toMatchArray(['covers' => 4, 'label' => '9', 'note' => 'no cheese', 'table_at' => '19:30']);
});

it('reads a time by when somebody is there on that night', function (): void {
    $at = static fn (string $line): array => array_column(array_column(typedLines($line)['rows'][0]['firings'], 'entry'), 'table_at');
    expect($at('4 leek 8:15'))->toBe(['20:15']);
    ordered(firingEntry($this->station));
    Night::query()->sole()->update(['hands' => [['name' => 'Morning', 'from' => '07:00', 'to' => '10:00', 'count' => 1]]]);
    $this->travelTo(Carbon::parse('2026-05-04T05:00:00Z'));
    expect($at('4 leek 8:15'))->toBe(['08:15']);
});

it('keeps what else a ticket says', function (): void {
    $night = ordered(firingEntry($this->station, note: 'no cheese'));
    expect($night['firings'][0]['note'])->toBe('no cheese');
    $this->postJson('/api/nights/'.NIGHT_OF.'/firings', ['format' => 'velko.firings-entry/1', 'firings' => [firingEntry($this->station, note: str_repeat('n', 201))]])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/firings/0/note');
});

it('reads a table with a fault on each row that has one', function (): void {
    foreach ([',', ';', "\t"] as $by) {
        $read = typedLines(implode("\r\n", array_map(static fn (array $row): string => implode($by, $row), [['Time', 'Covers', 'Dish', 'Table', 'Starters'], ['19:40', '6', 'leek risotto', '4', ''], ['7:50 pm', '', '"leek"', '12', '3'], ['25:00', '6', 'leek', '', ''], ['19:00', 'six', 'leek', '', ''], ['19:00', '0', 'leek', '', '']])));
        expect($read['as'])->toBe('csv')->and(array_column($read['rows'], 'row'))->toBe([2, 3, 4, 5, 6])
            ->and($read['rows'][0]['firings'][0]['entry'])->toMatchArray(['covers' => 6, 'table_at' => '19:40', 'label' => '4'])
            ->and($read['rows'][1]['firings'][0]['entry'])->toMatchArray(['covers' => 0, 'starters' => 3, 'table_at' => '19:50'])
            ->and(array_map(static fn (array $row): bool => $row['fault'] !== null, array_slice($read['rows'], 2)))->toBe([true, true, true]);
    }
});

it('reads a calendar by the kitchen\'s clock', function (): void {
    $calendar = new VCalendar;
    foreach ([['6 leek table 4', '2026-05-04T18:40:00Z'], ['2 leek', '2026-05-04T23:15:00Z'], ['3 leek', '2026-05-05T18:40:00Z'], ['hello', '2026-05-04T18:40:00Z']] as [$what, $at]) {
        $calendar->add('VEVENT', ['SUMMARY' => $what, 'DTSTART' => new DateTime($at)]);
    }
    $read = typedLines($calendar->serialize());
    // London is an hour ahead of UTC: a quarter past midnight is still this night, the next evening is not.
    expect($read['as'])->toBe('icalendar')->and(array_column(array_column(array_merge(...array_column($read['rows'], 'firings')), 'entry'), 'table_at'))->toBe(['19:40', '00:15'])
        ->and($read['rows'][2]['fault'])->toContain('2026-05-05')->and($read['rows'][3]['fault'])->not->toBeNull();
    expect(typedLines("BEGIN:VCALENDAR\nnonsense")['rows'][0]['fault'])->not->toBeNull();
});

it('puts none of several on where one cannot be', function (): void {
    $this->postJson('/api/nights/'.NIGHT_OF.'/firings', ['format' => 'velko.firings-entry/1', 'firings' => [firingEntry($this->station), firingEntry($this->station, covers: 0)]])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/firings/1/covers');
    expect(Firing::query()->count())->toBe(0);
});

it('refuses by field what is no firing and no night', function (array $with, string $pointer): void {
    $this->postJson('/api/nights/'.NIGHT_OF.'/firings', ['format' => 'velko.firings-entry/1', 'firings' => [firingEntry($this->station, ...$with)]])->assertStatus(422)->assertJsonPath('errors.0.pointer', "/firings/0/$pointer");
})->with([
    'too many' => [['covers' => 300, 'starters' => 101], 'covers'], 'no clock' => [['table_at' => '7 pm'], 'table_at'], 'on after the table' => [['on_at' => '19:45'], 'on_at'],
    'a pan that is not here' => [['pan_id' => 999999], 'pan_id'], 'a dish that is not here' => [['dish_id' => 999999], 'dish_id'], 'too early a window' => [['early_min' => 241], 'early_min'],
]);

it('mans a night as it is said, and the next like the last', function (): void {
    $entry = ['format' => 'velko.night-entry/1', 'hands' => [['name' => 'Rice station', 'from' => '18:00', 'to' => '00:30', 'count' => 1]], 'taken' => [['burner_id' => $this->station->burner->id, 'from' => '16:00', 'to' => '23:30', 'what' => 'stock pot', 'share' => 0.1]], 'wash_min' => 6, 'merge' => false];
    $answer = $this->putJson('/api/nights/'.NIGHT_OF, $entry)->assertOk();
    Station::keeps('night', $answer->content());
    expect($answer->json('standing.0.to_at'))->toBe('2026-05-04T23:30:00+01:00')->and(array_column($answer->json('needed'), 'there'))->toContain(1);
    expect($this->getJson('/api/nights/2026-05-05')->json('hands'))->toBe($entry['hands']);
    foreach ([['hands', [['name' => '', 'from' => '20:00', 'to' => '19:00', 'count' => 1]], '/hands/0/to'], ['taken', [[...$entry['taken'][0], 'burner_id' => 999999]], '/taken/0/burner_id'], ['wash_min', 121, '/wash_min']] as [$field, $value, $pointer]) {
        $this->putJson('/api/nights/'.NIGHT_OF, [...$entry, $field => $value])->assertStatus(422)->assertJsonPath('errors.0.pointer', $pointer);
    }
    foreach (['2026-02-30', '2020-01-01', '2099-01-01'] as $day) {
        $this->getJson("/api/nights/$day")->assertStatus(422)->assertJsonPath('errors.0.pointer', '/on');
    }
});

it('takes another night over at the same times, whatever the clocks did between', function (): void {
    ordered(firingEntry($this->station, label: '4'), firingEntry($this->station, covers: 2, table_at: '00:20'));
    // The clocks in London go back on 25 October 2026.
    $copied = $this->postJson('/api/nights/2026-10-26/copy', ['format' => 'velko.night-copy/1', 'from' => NIGHT_OF])->assertOk()->json('firings');
    expect(array_column($copied, 'table_at'))->toBe(['2026-10-26T19:40:00+00:00', '2026-10-27T00:20:00+00:00'])->and($copied[0]['label'])->toBe('4');
    $this->postJson('/api/nights/'.NIGHT_OF.'/copy', ['format' => 'velko.night-copy/1', 'from' => NIGHT_OF])->assertStatus(422);
    expect($this->getJson('/api/nights')->assertOk()->json('nights'))->toBe([['on' => '2026-10-26', 'firings' => 2, 'covers' => 8], ['on' => NIGHT_OF, 'firings' => 2, 'covers' => 8]]);
    // The night on which they change: from 20:00 to 01:30 it is an hour longer.
    $this->postJson('/api/nights/2026-10-24/copy', ['format' => 'velko.night-copy/1', 'from' => NIGHT_OF])->assertOk();
    expect($this->putJson('/api/nights/2026-10-24', ['format' => 'velko.night-entry/1', 'hands' => [['name' => '', 'from' => '17:00', 'to' => '03:00', 'count' => 1]], 'taken' => [], 'wash_min' => 4, 'merge' => true])->assertOk()->json('needed.1.at'))->not->toBeNull();
});

it('answers hostile nights clearly', function (): void {
    expect($this->getJson('/api/nights/'.NIGHT_OF)->assertOk()->json('clashes'))->toBe([]);
    ordered(...array_fill(0, 200, firingEntry($this->station, covers: 2)));
    $this->postJson('/api/nights/'.NIGHT_OF.'/firings', ['format' => 'velko.firings-entry/1', 'firings' => [firingEntry($this->station)]])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/firings');
    $crowd = $this->postJson('/api/nights/2026-05-06/firings', ['format' => 'velko.firings-entry/1', 'firings' => [firingEntry($this->station, covers: 400)]])->assertCreated()->json();
    expect($crowd['clashes'])->not->toBe([]);
    Burner::query()->delete();
    $this->actingAs($this->station->cook->fresh());
    $none = $this->postJson('/api/nights/2026-05-07/firings', ['format' => 'velko.firings-entry/1', 'firings' => [firingEntry($this->station)]])->assertCreated()->json();
    expect($none['clashes'][0]['code'])->toBeIn(['ring', 'too-big'])->and($none['pans'])->toBe([]);
    $this->postJson('/api/nights/2026-05-07/firings', ['format' => 'velko.firings-entry/1', 'firings' => [firingEntry($this->station, table_at: null)]])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/firings/0/table_at');
});

it('shows a night that is over as it was meant, and one that runs as it can be now', function (): void {
    ordered(firingEntry($this->station));
    $this->travelTo(Carbon::parse('2026-05-04T18:35:00Z'));
    expect($this->getJson('/api/nights/'.NIGHT_OF)->json('firings.0.late_by_min'))->toBeGreaterThan(15.0);
    $this->travelTo(Carbon::parse('2026-05-06T12:00:00Z'));
    expect($this->getJson('/api/nights/'.NIGHT_OF)->json('firings.0.late_by_min'))->toEqual(0);
});

it('lists what a night needs: the sums of its pans, work in order with who does it, allergens; as CSV and as a calendar too', function (): void {
    $this->putJson('/api/nights/'.NIGHT_OF, ['format' => 'velko.night-entry/1', 'hands' => [['name' => 'Rice station', 'from' => '17:00', 'to' => '23:00', 'count' => 1]], 'taken' => [], 'wash_min' => 4, 'merge' => true])->assertOk();
    $night = ordered(firingEntry($this->station, covers: 4, starters: 2), firingEntry($this->station, covers: 2, table_at: '20:30'));
    $answer = $this->getJson('/api/nights/'.NIGHT_OF.'/lists')->assertOk();
    Station::keeps('night-lists', $answer->content());
    $lists = $answer->json();
    // 6 mains of 80 g and 2 starters of 45 g.
    expect($lists['rice'])->toBe([['name' => 'carnaroli', 'g' => 570]])
        ->and($lists['stock'][0]['ml'])->toEqualWithDelta(array_sum(array_column($night['pans'], 'make_ml')), 50)
        ->and($lists['pans'][0]['times'])->toBe(2)->and($lists['pans'][0]['first_at'])->toBe($night['pans'][0]['on_at'])
        ->and(array_unique(array_column($lists['works'], 'who')))->toBe(['Rice station'])
        ->and(array_column($lists['works'], 'start_at'))->toBe(collect($lists['works'])->pluck('start_at')->sort()->values()->all());
    $rows = array_map(static fn (string $line): array => str_getcsv($line, ',', '"', ''), explode("\r\n", trim((string) $this->get('/api/nights/'.NIGHT_OF.'/lists.csv')->assertOk()->getContent())));
    expect($rows[0])->toBe(['start', 'ready', 'what', 'dish', 'mains', 'starters', 'who', 'ahead', 'ring'])->and($rows)->toHaveCount(count($lists['works']) + 1)
        ->and(array_column(array_slice($rows, 1), 6))->toBe(array_column($lists['works'], 'who'));
    $calendar = Reader::read((string) $this->get('/api/nights/'.NIGHT_OF.'/lists.ics')->assertOk()->getContent());
    expect($calendar->select('VEVENT'))->toHaveCount(count($lists['works']))->and($calendar->validate())->toBe([]);
});

it('names whoever stands at a pan: by name, which of several, and by number who has none', function (array $hands, array $who): void {
    $this->putJson('/api/nights/'.NIGHT_OF, ['format' => 'velko.night-entry/1', 'hands' => array_map(static fn (array $hand): array => ['name' => $hand[0], 'from' => $hand[1], 'to' => $hand[2], 'count' => $hand[3]], $hands), 'taken' => [], 'wash_min' => 4, 'merge' => true])->assertOk();
    ordered(firingEntry($this->station), firingEntry($this->station, table_at: '21:40'));
    $lists = $this->getJson('/api/nights/'.NIGHT_OF.'/lists')->assertOk()->json('works');
    expect(array_column(array_values(array_filter($lists, static fn (array $work): bool => $work['what'] === null)), 'who'))->toBe($who);
})->with([
    'one by name' => [[['Rosa', '17:00', '23:00', 1]], ['Rosa', 'Rosa']],
    'one after the other' => [[['Rosa', '17:00', '20:00', 1], ['', '20:00', '23:00', 1]], ['Rosa', 'hand 1']],
    'nobody has a name' => [[['', '17:00', '20:00', 1], ['', '20:00', '23:00', 2]], ['hand 1', 'hand 2']],
    'two of one name, after a third' => [[['Rosa', '17:00', '20:00', 1], ['Rice station', '20:00', '23:00', 2]], ['Rosa', 'Rice station 1']],
]);

it('leaves a firing on the night whose dish is gone, and says so', function (): void {
    ordered(firingEntry($this->station));
    $this->station->dish->delete();
    $this->actingAs($this->station->cook->fresh());
    $night = $this->getJson('/api/nights/'.NIGHT_OF)->assertOk();
    Station::keeps('night', $night->content());
    expect($night->json('firings.0.dish'))->toBeNull()->and($night->json('pans'))->toBe([]);
});

it('tells a walk-in the minute of the night that is shown, not of one filled anew', function (): void {
    config(['velko.demo' => true]);
    auth()->forgetUser();
    $this->seed([KilnHouse::class, KilnHouseNight::class]);
    $this->actingAs(User::query()->withoutGlobalScopes()->where('email', 'chef@kiln.example')->sole());
    $night = Night::query()->sole();
    $day = $night->on->format('Y-m-d');
    // Looked at when it was put on, and again half an hour before the first pan: it stands as it stood, where one filled now would not.
    $this->getJson("/api/nights/$day")->assertOk();
    $this->travelTo(Carbon::parse("{$day}T17:30:00Z"));
    $this->getJson("/api/nights/$day")->assertOk();
    $dish = Dish::query()->where('name', 'like', 'pea%')->sole();
    $evening = new Evening($night->fresh(), $dish->kitchen, CarbonImmutable::now());
    $walkIn = $evening->firing(new Firing(['dish_id' => $dish->id, 'covers' => 2, 'starters' => 0, 'table_at' => CarbonImmutable::now(), 'early_min' => 3, 'late_min' => 2, 'parts' => 1, 'to_order' => false]));
    $solver = new Solver($evening->night, $evening->timetables);
    $shown = $solver->soonest($evening->schedule(), $walkIn);
    expect($shown)->not->toBe($solver->soonest($solver->solve(), $walkIn));
    $entry = ['format' => 'velko.firing-entry/1', 'dish_id' => $dish->id, 'covers' => 2, 'table_at' => null, 'label' => 'walk-in'];
    $put = $this->postJson("/api/nights/$day/firings", ['format' => 'velko.firings-entry/1', 'firings' => [$entry]])->assertCreated();
    $told = Carbon::parse(collect($put->json('firings'))->firstWhere('label', 'walk-in')['table_at']);
    // Two minutes more than the first at which it can be there, and whole ones: an honest minute.
    expect($told->timestamp)->toBe($evening->at($shown + 2.0)->startOfMinute()->timestamp);
});

it('has two tables of the demo\'s Friday that do not fit, and mends both by what it offers', function (): void {
    config(['velko.demo' => true]);
    auth()->forgetUser();
    $this->seed([KilnHouse::class, KilnHouseNight::class]);
    $kitchen = Kitchen::query()->withoutGlobalScopes()->where('name', 'The Kiln House')->sole();
    $this->actingAs($kitchen->users()->where('role', 'chef')->sole());
    $night = $this->getJson('/api/nights/2026-05-08')->assertOk()->json();
    expect($night['firings'])->toHaveCount(14)->and(array_unique(array_column($night['firings'], 'dish_id')))->toHaveCount(8)->and($night['clashes'])->toHaveCount(2);
    for ($taken = 0; $night['clashes'] !== [] && $taken < 4; $taken++) {
        $clash = $this->getJson('/api/nights/2026-05-08/offers')->json('clashes.0');
        $firing = array_column($night['firings'], null, 'id')[$clash['firings'][0]];
        $later = array_column($clash['offers'], null, 'code')['later'];
        $night = $this->putJson("/api/firings/{$firing['id']}", [
            'format' => 'velko.firing-entry/1', ...array_intersect_key($firing, array_flip(['dish_id', 'covers', 'starters', 'label', 'early_min', 'late_min'])),
            'table_at' => Carbon::parse($firing['table_at'])->addMinutes((int) $later['later_min'])->format('H:i'),
        ])->assertOk()->json();
    }
    expect($night['clashes'])->toBe([])->and($night['late_cover_min'])->toEqual(0);
});

it('part-cooks what would free hands, lists it, and finishes it from how it was really stopped; never where that is switched off', function (): void {
    config(['velko.demo' => true]);
    auth()->forgetUser();
    $this->seed([KilnHouse::class, KilnHouseNight::class]);
    $kitchen = Kitchen::query()->withoutGlobalScopes()->where('name', 'The Kiln House')->sole();
    $chef = $kitchen->users()->where('role', 'chef')->sole();
    $this->actingAs($chef);
    $night = $this->getJson('/api/nights/2026-05-08')->assertOk()->json();
    $offers = $this->getJson('/api/nights/2026-05-08/offers')->json('clashes.0.offers');
    $ahead = array_column($offers, null, 'code')['ahead'];
    $firing = array_column($night['firings'], null, 'id')[$ahead['firing']];
    expect($firing['may_be_to_order'])->toBeTrue()->and($ahead['late_cover_min_after'])->toBeLessThan($night['late_cover_min']);

    $entry = ['format' => 'velko.firing-entry/1', ...array_intersect_key($firing, array_flip(['dish_id', 'covers', 'starters', 'label', 'early_min', 'late_min'])), 'table_at' => Carbon::parse($firing['table_at'])->format('H:i'), 'to_order' => true];
    $mended = $this->putJson("/api/firings/{$firing['id']}", $entry)->assertOk();
    Station::keeps('night', $mended->content());
    expect($mended->json('late_cover_min'))->toBeLessThanOrEqual($ahead['late_cover_min_after'] + 0.01);
    $panOf = static fn (array $night): array => array_values(array_filter($night['pans'], static fn (array $pan): bool => in_array($firing['id'], array_column($pan['serves'], 'firing'), true)))[0];
    $lasts = static fn (array $pan): float => Carbon::parse($pan['on_at'])->diffInSeconds(Carbon::parse($pan['table_at'])) / 60;
    [$whole, $order] = [$panOf($night), $panOf($mended->json())];
    // A risotto of half an hour is a pan of some ten minutes.
    expect($order['to_order'])->toBeTrue()->and($lasts($order))->toBeLessThan(0.5 * $lasts($whole))->and($order['ask']['way'])->toBe('to-order');
    $lists = $this->getJson('/api/nights/2026-05-08/lists')->assertOk();
    Station::keeps('night-lists', $lists->content());
    expect($lists->json('ahead'))->toHaveCount(1)->and($lists->json('ahead.0.rice_g'))->toEqual($order['rice_g'])
        ->and(Carbon::parse($lists->json('ahead.0.ready_at'))->addMinutes($lists->json('ahead.0.cold_min'))->lessThanOrEqualTo(Carbon::parse($order['on_at'])))->toBeTrue();

    // The batch itself is put on, and stopped four minutes later than it should be: a portion of it takes that much less.
    $working = $this->postJson('/api/work-out', [...$order['ask'], 'way' => 'ahead'])->assertOk();
    Station::keeps('working', $working->content());
    $planned = $this->postJson('/api/work-out', $order['ask'])->assertOk()->json();
    $batch = $this->postJson('/api/cooks', ['format' => 'velko.start-cook/1', 'id' => (string) Str::uuid(), 'ask' => [...$order['ask'], 'way' => 'ahead', 'table_on' => '2026-05-04', 'table_at' => '15:00']])->assertCreated()->json();
    $first = Carbon::parse($batch['working']['clock']['first_liquid_at']);
    foreach ($batch['working']['plan']['stages'] as $i => $stage) {
        $late = in_array($stage['kind'], ['off', 'serve'], true) ? 240 : 0;
        $touch = Station::event($stage['volume_ml'] === null ? 'done' : 'pour', ...['stage' => $i, ...$stage['volume_ml'] === null ? [] : ['volume_ml' => $stage['volume_ml']], 'at' => $first->copy()->addSeconds((int) (60 * $stage['at_min']) + $late)->format('Y-m-d\TH:i:s.v\Z')]);
        $this->travelTo($first->copy()->addSeconds((int) (60 * $stage['at_min']) + $late + 1));
        $this->postJson("/api/cooks/{$batch['id']}/events", $touch)->assertCreated();
    }
    $this->actingAs($chef->fresh());
    $really = $this->postJson('/api/work-out', $order['ask'])->assertOk()->json();
    expect($really['part_cooked']['stop_min'])->toEqualWithDelta($planned['part_cooked']['stop_min'] + 4.0, 1.0)
        ->and($really['plan']['timing']['pull_min'])->toBeLessThan($planned['plan']['timing']['pull_min'] - 0.5)
        ->and($really['dish']['name'])->toBe('to order: '.$order['dish'])
        ->and(array_column($really['mise'], 'goes'))->not->toContain('base');

    // Another kitchen has none of it; one that has switched it off is offered nothing, and cooks it in one go.
    $house = $this->getJson('/api/kitchen')->json();
    $this->putJson('/api/kitchen', ['format' => 'velko.house/1', ...array_intersect_key($house, array_flip(['name', 'altitude_m', 'room_c', 'timezone', 'units'])), 'safety' => [...$house['safety'], 'part_cooks' => false]])->assertOk();
    $this->actingAs($chef->fresh());
    $off = $this->getJson('/api/nights/2026-05-08')->assertOk()->json();
    $refused = $this->postJson('/api/work-out', $order['ask'])->assertStatus(422);
    expect($panOf($off)['to_order'])->toBeFalse()->and($lasts($panOf($off)))->toEqualWithDelta($lasts($whole), 0.1)
        ->and(array_merge(...array_column($this->getJson('/api/nights/2026-05-08/offers')->json('clashes'), 'offers')))->each(fn ($offer) => $offer->code->not->toBe('ahead'))
        ->and($refused->json('errors.0.pointer'))->toBe('/way')
        ->and($this->putJson("/api/firings/{$firing['id']}", $entry)->assertStatus(422)->json('errors.0.pointer'))->toBe('/to_order');
});

it('part-cooks in as many pans as it takes', function (): void {
    $this->station->dish->update(['part_cooked_share' => 0.6]);
    $this->actingAs($this->station->cook->fresh());
    $night = ordered(...array_map(fn (int $at): array => firingEntry($this->station, covers: 7, table_at: sprintf('%02d:%02d', 18 + intdiv($at, 2), 30 * ($at % 2)), to_order: true), range(0, 5)));
    $lists = $this->getJson('/api/nights/'.NIGHT_OF.'/lists')->assertOk();
    Station::keeps('night-lists', $lists->content());
    [$ahead] = $lists->json('ahead');
    $pans = array_values(array_filter($night['pans'], static fn (array $pan): bool => $pan['to_order']));
    // One pan of this kitchen holds some eight of them.
    expect($ahead['pans'])->toBeGreaterThan(2)->and($ahead['covers'])->toBe(42)->and($ahead['rice_g'])->toEqual(42 * $this->station->dish->grams_main)
        ->and($ahead['weighs_g'])->toBeGreaterThan(2.1 * $ahead['rice_g'])->toBeLessThan(2.6 * $ahead['rice_g'])
        ->and(Carbon::parse($ahead['start_at'])->diffInMinutes(Carbon::parse($ahead['ready_at'])))->toBeGreaterThan($ahead['pans'] * $ahead['stop_min'])
        ->and($pans)->toHaveCount(6);
});

it('cooks nothing part-way that is cooked in one go', function (): void {
    $dish = $this->station->dish;
    expect($this->postJson('/api/work-out', $this->station->ask(way: 'ahead'))->assertStatus(422)->json('errors.0.pointer'))->toBe('/way')
        ->and($this->postJson('/api/nights/'.NIGHT_OF.'/firings', ['format' => 'velko.firings-entry/1', 'firings' => [firingEntry($this->station, to_order: true)]])->assertStatus(422)->json('errors.0.pointer'))->toBe('/firings/0/to_order');
    $dish->update(['part_cooked_share' => 0.6]);
    $this->actingAs($this->station->cook->fresh());
    $this->postJson('/api/work-out', $this->station->ask(way: 'ahead'))->assertOk();
    // A pan rice would have no crust, a stew no broth.
    $entry = ['format' => 'velko.dish-entry/1', 'rice_id' => $dish->rice_id, 'stock_id' => $dish->stock_id, 'dish' => [...App\Dish\DishBody::usual(Velko\Core\Family\Families::named('pan-rice')), 'name' => 'a pan', 'part_cooked_share' => 0.6]];
    expect($this->postJson('/api/dishes', $entry)->assertStatus(422)->json('errors.0.pointer'))->toBe('/dish/part_cooked_share');
});

it('gives what stands on a ring beside a pan a ring of its own, before its pan is on the fire and after', function (): void {
    $this->station->dish->sideWorks()->create(['kitchen_id' => $this->station->kitchen->id, 'position' => 9, 'what' => 'crisp the skin', 'ready' => 'table', 'takes_min' => 15, 'hands_min' => 4, 'ahead' => false, 'on_ring' => true]);
    $stands = static fn (array $night): array => array_merge(...array_map(static fn (array $pan): array => [[$pan['burner_id'], $pan['on_at'], $pan['off_at']], ...array_map(static fn (array $beside): array => [$beside['burner_id'], $beside['from_at'], $beside['to_at']], $pan['beside'])], $night['pans']));
    $twice = static fn (array $stands): array => array_filter($stands, static fn (array $a): bool => array_filter($stands, static fn (array $b): bool => $a !== $b && $a[0] === $b[0] && Carbon::parse($a[1])->lessThan(Carbon::parse($b[2])) && Carbon::parse($b[1])->lessThan(Carbon::parse($a[2]))) !== []);
    $orders = [firingEntry($this->station, covers: 3), firingEntry($this->station, covers: 3, table_at: '19:50')];
    // One ring cannot carry both at once.
    expect(array_column(ordered($orders[0])['firings'], 'there_at'))->toBe([null]);
    Firing::query()->delete();
    foreach (['ring 3', 'ring 4', 'ring 5'] as $name) {
        $ring = $this->station->burner->replicate()->fill(['name' => $name]);
        $ring->save();
        $this->station->burner->settings->each(static fn ($setting) => $setting->replicate()->fill(['burner_id' => $ring->id])->save());
    }
    $this->station->pan->replicate()->fill(['name' => 'another'])->save();
    $this->actingAs($this->station->cook->fresh());
    $night = ordered(...$orders);
    expect($night['pans'])->toHaveCount(2);
    foreach ($night['pans'] as $pan) {
        [$beside] = $pan['beside'];
        expect($pan['beside'])->toHaveCount(1)->and($beside['what'])->toBe('crisp the skin')->and($beside['burner_id'])->not->toBe($pan['burner_id'])
            ->and(Carbon::parse($beside['from_at'])->diffInSeconds(Carbon::parse($beside['to_at'])))->toEqualWithDelta(15 * 60, 1)
            ->and(Carbon::parse($beside['to_at'])->diffInSeconds(Carbon::parse($pan['table_at'])))->toEqualWithDelta(0, 1);
    }
    expect($stands($night))->toHaveCount(4)->and($twice($stands($night)))->toBe([]);

    [$first] = $night['pans'];
    $this->travelTo(Carbon::parse($first['on_at']));
    $this->postJson('/api/cooks', $this->station->start(ask: $first['ask'], serves: $first['serves']))->assertCreated();
    $after = $this->getJson('/api/nights/'.NIGHT_OF)->assertOk()->json();
    $on = array_column($after['pans'], null, 'cook');
    unset($on['']);
    expect($on)->toHaveCount(1)->and(array_column(array_values($on)[0]['beside'], 'what'))->toBe(['crisp the skin'])
        ->and($stands($after))->toHaveCount(4)->and($twice($stands($after)))->toBe([]);
    // Whoever reads the lists knows on which ring.
    $lists = $this->getJson('/api/nights/'.NIGHT_OF.'/lists')->assertOk()->json('works');
    $crisp = array_values(array_filter($lists, static fn (array $work): bool => $work['what'] === 'crisp the skin'));
    expect(array_column($crisp, 'burner'))->toEqualCanonicalizing(array_map(static fn (array $pan): string => $pan['beside'][0]['burner'], $after['pans']));
    $rows = array_map(static fn (string $line): array => str_getcsv($line, ',', '"', ''), explode("\r\n", trim((string) $this->get('/api/nights/'.NIGHT_OF.'/lists.csv')->assertOk()->getContent())));
    expect(array_column(array_filter($rows, static fn (array $row): bool => $row[2] === 'crisp the skin'), 8))->toBe(array_column($crisp, 'burner'));
    $calendar = Reader::read((string) $this->get('/api/nights/'.NIGHT_OF.'/lists.ics')->assertOk()->getContent());
    expect(array_map(static fn ($event): string => (string) $event->LOCATION, $calendar->select('VEVENT')))->toBe(array_map(static fn (array $work): string => $work['burner'] ?? '', $lists));
});

it('counts the hands that a work beside a pan on the fire still needs, from when it was begun, until it is ready', function (): void {
    $this->station->dish->sideWorks()->create(['kitchen_id' => $this->station->kitchen->id, 'position' => 9, 'what' => 'crisp the skin', 'ready' => 'table', 'takes_min' => 16, 'hands_min' => 4, 'ahead' => false, 'on_ring' => false]);
    $this->actingAs($this->station->cook->fresh());
    [$first] = ordered(firingEntry($this->station))['pans'];
    $this->travelTo(Carbon::parse($first['on_at']));
    $cook = $this->postJson('/api/cooks', $this->station->start(ask: $first['ask'], serves: $first['serves']))->assertCreated()->json();
    $crisp = array_search('crisp the skin', array_column($cook['working']['prep'], 'what'), true);
    $said = fn (string $kind, mixed ...$with) => $this->postJson("/api/cooks/{$cook['id']}/events", Station::event($kind, ...['at' => now()->toIso8601ZuluString('millisecond'), ...$with]))->assertCreated();
    $pan = fn (): array => $this->getJson('/api/nights/'.NIGHT_OF)->assertOk()->json('pans.0');
    $beside = static fn (array $pan): array => array_values(array_filter($pan['hands'], static fn (array $hand): bool => $hand['doing'] === 'beside' && $hand['share'] === 0.25));
    // 4 of 16 minutes want a hand; as planned it is ready when the pan is at the table.
    $seen = $pan();
    expect($seen['cook'])->toBe($cook['id'])->and($beside($seen))->toHaveCount(1)
        ->and(Carbon::parse($beside($seen)[0]['from_at'])->diffInSeconds(Carbon::parse($seen['table_at'])))->toEqualWithDelta(16 * 60, 2);
    $this->travel(8)->minutes();
    $said('beside', work: $crisp, is: 'begun');
    [$begun] = $beside($pan());
    expect(Carbon::parse($begun['from_at'])->diffInSeconds(now()))->toEqualWithDelta(0, 1)
        ->and(Carbon::parse($begun['from_at'])->diffInSeconds(Carbon::parse($begun['to_at'])))->toEqualWithDelta(16 * 60, 1);
    $this->travel(3)->minutes();
    $said('beside', work: $crisp, is: 'ready');
    expect($beside($pan()))->toBe([]);
});

it('brings in the nights of an archive whole or none of it, and says where they are wrong', function (string $path, mixed $value, string $pointer): void {
    $night = ordered(firingEntry($this->station, covers: 4), firingEntry($this->station, covers: 2, table_at: '20:30'));
    $this->travelTo(Carbon::parse($night['pans'][0]['on_at']));
    $this->postJson('/api/cooks', $this->station->start(ask: $night['pans'][0]['ask'], serves: $night['pans'][0]['serves']))->assertCreated();
    $archive = json_decode(Station::archive($this->get('/api/kitchen/archive')), true);
    $archive['nights'][] = [...$archive['nights'][0], 'on' => '2026-05-05', 'firings' => []];
    data_set($archive, $path, $value);
    $this->actingAs($chef = User::factory()->create());
    $answer = $this->postJson('/api/kitchen/archive', $archive)->assertStatus(422);
    Station::keeps('problem', $answer->getContent());
    expect(array_column($answer->json('errors'), 'pointer'))->toBe([$pointer]);
    expect(Night::query()->where('kitchen_id', $chef->fresh()->kitchen_id)->count())->toBe(0)
        ->and($this->actingAs($chef->fresh())->getJson('/api/kitchen')->json('pans'))->toBe([]);
})->with([
    'a night twice' => ['nights.1.on', NIGHT_OF, '/nights/1/on'],
    'a day that is none' => ['nights.0.on', '2026-02-31', '/nights/0/on'],
    'a dish that it has not' => ['nights.0.firings.1.dish', 'a dish of nobody', '/nights/0/firings/1/dish'],
    'a pan that it has not' => ['nights.0.firings.0.pan', 'the bath', '/nights/0/firings/0/pan'],
    'a ring that it has not' => ['nights.0.firings.0.burner', 'the sun', '/nights/0/firings/0/burner'],
    'something on a ring that it has not' => ['nights.1.taken', [['burner' => 'the sun', 'what' => 'stock pot', 'from' => '17:00', 'to' => '18:00', 'share' => 0.1]], '/nights/1/taken/0/burner'],
    'nobody to feed' => ['nights.0.firings.0.covers', 0, '/nights/0/firings/0/covers'],
    'a crowd' => ['nights.0.firings.0.starters', 399, '/nights/0/firings/0/covers'],
    'a time that is none' => ['nights.0.firings.0.table_at', '2026-05-04T25:00:00Z', '/nights/0/firings/0/table_at'],
    'hands that go before they come' => ['nights.1.hands', [['name' => '', 'from' => '23:00', 'to' => '17:00', 'count' => 1]], '/nights/1/hands/0/to'],
    'a cook that served another night' => ['cooks.0.serves.0.on', '2026-05-06', '/cooks/0/serves/0/firing'],
    'a cook that served a firing too many' => ['cooks.0.serves.0.firing', 7, '/cooks/0/serves/0/firing'],
    'a cook that served one twice' => ['cooks.0.serves', [['on' => NIGHT_OF, 'firing' => 0, 'covers' => 4], ['on' => NIGHT_OF, 'firing' => 0, 'covers' => 1]], '/cooks/0/serves/1/firing'],
]);

<?php

declare(strict_types=1);

use App\Models\Kitchen;
use App\Models\Night;
use Illuminate\Support\Carbon;
use Tests\Feature\Station;

/* When a kitchen serves: what is tonight, which times are meant, who is there. A summer Monday in London, one hour ahead of UTC. */

const LUNCH_AND_DINNER = [['from' => '11:00', 'to' => '15:00'], ['from' => '17:00', 'to' => '23:00']];

beforeEach(function (): void {
    $this->travelTo(Carbon::parse('2026-05-04T10:31:00Z')); // 11:31 in London
    $this->station = Station::open();
    $this->station->kitchen->update(['timezone' => 'Europe/London']);
    $this->actingAs($this->station->cook);
    $this->house = fn (array $services): array => ['format' => 'velko.house/1', 'name' => 'The Weir', 'altitude_m' => 0, 'room_c' => 22, 'timezone' => 'Europe/London', 'units' => 'metric', 'services' => $services];
    $this->reads = function (string $text, string $day = '2026-05-04'): array {
        $answer = $this->postJson("/api/nights/$day/read", ['format' => 'velko.firings-said/1', 'text' => $text])->assertOk();
        Station::keeps('firings-read', $answer->content());

        return $answer->json('rows.0');
    };
    $this->orders = fn (?string $at, string $day = '2026-05-04') => $this->postJson("/api/nights/$day/firings", [
        'format' => 'velko.firings-entry/1',
        'firings' => [['format' => 'velko.firing-entry/1', 'dish_id' => $this->station->dish->id, 'covers' => 2, 'table_at' => $at]],
    ]);
});

it('says that a time has gone by, and offers the soonest or the time all the same', function (): void {
    $row = ($this->reads)('11:00 am 2 leek table 4');
    expect($row['firings'])->toBe([])->and($row['fault'])->toBeNull()
        ->and($row['asks']['question'])->toBe('11:00 has gone by: it is 11:31. As soon as it can be, or 11:00 all the same?')
        ->and(array_map(static fn (array $said): ?string => $said[0]['entry']['table_at'], $row['asks']['candidates']))->toBe([null, '11:00'])
        ->and($row['asks']['candidates'][0][0]['entry']['label'])->toBe('4');
    // Two minutes late is still at its time, three are not: what a table does not mind, unless the ticket says more.
    expect(($this->reads)('11:29 am 2 leek')['asks'])->toBeNull()
        ->and(($this->reads)('11:28 am 2 leek')['asks'])->not->toBeNull()
        ->and(($this->reads)('11:28 am 2 leek late 5')['asks'])->toBeNull();
    // Where it may also be the evening, that is asked, and the soonest stands beside it.
    expect(array_map(static fn (array $said): ?string => $said[0]['entry']['table_at'], ($this->reads)('11:00 2 leek')['asks']['candidates']))->toBe(['11:00', '23:00', null]);
    // On another night nothing has gone by.
    expect(($this->reads)('11:00 am 2 leek', '2026-05-05')['asks'])->toBeNull()
        ->and(($this->reads)('11:00 am 2 leek', '2026-05-03')['asks'])->toBeNull();
});

it('asks about a time at which it does not serve', function (): void {
    $row = ($this->reads)('9:10 am 2 leek', '2026-05-05');
    expect($row['asks']['question'])->toBe('this kitchen does not serve at 09:10. Is it 09:10 all the same?')
        ->and(array_map(static fn (array $said): ?string => $said[0]['entry']['table_at'], $row['asks']['candidates']))->toBe(['09:10']);
    $this->putJson('/api/kitchen', ($this->house)([['from' => '08:00', 'to' => '10:00'], ...LUNCH_AND_DINNER]))->assertOk();
    expect(($this->reads)('9:10 am 2 leek', '2026-05-05')['firings'][0]['entry']['table_at'])->toBe('09:10');
    // "8:15" could be either now.
    expect(array_map(static fn (array $said): ?string => $said[0]['entry']['table_at'], ($this->reads)('8:15 2 leek', '2026-05-05')['asks']['candidates']))->toBe(['08:15', '20:15']);
});

it('cooks for lunch: hands are there at every service, and before noon', function (): void {
    $night = ($this->orders)('12:00')->assertCreated()->json();
    expect(array_map(static fn (array $row): array => [$row['from'], $row['to']], $night['hands']))->toBe([['11:00', '15:00'], ['17:00', '23:00']])
        ->and($night['clashes'])->toBe([])
        ->and($night['pans'][0]['on_at'])->toBeLessThan('2026-05-04T11:55:00+01:00')->toBeGreaterThanOrEqual('2026-05-04T11:31:00+01:00')
        ->and($night['firings'][0]['there_at'])->toBeLessThanOrEqual('2026-05-04T12:02:00+01:00');
    // Who comes at lunch eats at lunch.
    $soon = ($this->orders)(null)->assertCreated()->json('firings');
    expect(max(array_column($soon, 'table_at')))->toBeLessThan('2026-05-04T13:00:00+01:00');
    // A night that is manned as the last one was, where the kitchen begins to serve breakfast.
    $this->putJson('/api/kitchen', ($this->house)([['from' => '07:00', 'to' => '10:00'], ...LUNCH_AND_DINNER]))->assertOk();
    expect(array_column($this->getJson('/api/nights/2026-05-05')->json('hands'), 'from'))->toBe(['11:00', '17:00', '07:00']);
});

it('says that nobody is there any more, not that the night is full', function (): void {
    $this->travelTo(Carbon::parse('2026-05-04T22:30:00Z')); // 23:30 in London: all went home at 23:00
    ($this->orders)(null)->assertStatus(422)
        ->assertJsonPath('errors.0.pointer', '/firings/0/table_at')
        ->assertJsonPath('errors.0.detail', 'cannot be: nobody is there any more on this night; say who is, or take another day');
    expect(Night::query()->count())->toBe(0);
});

it('keeps a night open for whoever is there by its own hands past the last service', function (): void {
    $this->putJson('/api/kitchen', ($this->house)(LUNCH_AND_DINNER))->assertOk();
    $this->putJson('/api/nights/2026-05-04', ['format' => 'velko.night-entry/1', 'hands' => [['name' => 'banquet', 'from' => '18:00', 'to' => '01:30', 'count' => 2]], 'taken' => [], 'wash_min' => 4, 'merge' => true])->assertSuccessful();
    foreach (['2026-05-04T18:00:00Z', '2026-05-05T00:10:00Z'] as $now) {
        $this->travelTo(Carbon::parse($now));
        // Half past one and two hours.
        $this->getJson('/api/session')->assertJsonPath('cook.night_turns_min', 210);
    }
    $this->travelTo(Carbon::parse('2026-05-07T18:00:00Z'));
    $this->getJson('/api/session')->assertJsonPath('cook.night_turns_min', 60);
});

it('mans a new night as the last one before it, not as one that is planned for later', function (): void {
    foreach (['2026-05-02' => 3, '2026-05-20' => 6] as $day => $count) {
        $this->putJson("/api/nights/$day", ['format' => 'velko.night-entry/1', 'hands' => [['name' => '', 'from' => '17:00', 'to' => '23:00', 'count' => $count]], 'taken' => [], 'wash_min' => 4, 'merge' => true])->assertSuccessful();
    }
    $this->getJson('/api/nights/2026-05-08')->assertOk()->assertJsonPath('hands.0.count', 3);
});

it('turns to the next night two hours after the last service, at six at the latest', function (array $services, int $minutes): void {
    $this->putJson('/api/kitchen', ($this->house)($services))->assertOk()->assertJsonPath('services', $services);
    $answer = $this->getJson('/api/session')->assertOk()->assertJsonPath('cook.night_turns_min', $minutes);
    Station::keeps('session', $answer->content());
})->with([
    'until 23:00: at 1:00' => [LUNCH_AND_DINNER, 60],
    'lunch only: at midnight' => [[['from' => '11:00', 'to' => '15:00']], 0],
    'until 1:30: at 3:30' => [[['from' => '19:00', 'to' => '01:30']], 210],
    'until 5:30: at 6:00' => [[['from' => '19:00', 'to' => '05:30']], 360],
]);

it('is the new day at 3:28 where the last service ended at 23:00, and last night until then where it serves until three', function (): void {
    $this->travelTo(Carbon::parse('2026-05-05T02:28:00Z'));
    expect(($this->reads)('11:00 am 2 leek', '2026-05-05')['asks'])->toBeNull()
        ->and(($this->orders)(null, '2026-05-05')->assertCreated()->json('firings.0.table_at'))->toBeGreaterThan('2026-05-05T11:00:00+01:00')->toBeLessThan('2026-05-05T13:00:00+01:00');
    $this->putJson('/api/kitchen', ($this->house)([['from' => '18:00', 'to' => '03:00']]))->assertOk();
    expect(($this->reads)('03:00 2 leek', '2026-05-04')['asks']['question'])->toStartWith('03:00 has gone by: it is 03:28.')
        ->and(($this->reads)('03:50 2 leek', '2026-05-04')['firings'][0]['entry']['table_at'])->toBe('03:50');
});

it('refuses a service that ends before it begins, and none at all', function (array $services, string $pointer): void {
    $this->putJson('/api/kitchen', ($this->house)($services))->assertStatus(422)->assertJsonPath('errors.0.pointer', $pointer);
    expect(Kitchen::query()->findOrFail($this->station->kitchen->id)->services)->toBeNull();
})->with([
    'before it begins' => [[...LUNCH_AND_DINNER, ['from' => '20:00', 'to' => '19:00']], '/services/2/to'],
    'over six in the morning' => [[['from' => '05:00', 'to' => '07:00']], '/services/0/to'],
    'no time' => [[['from' => '5 pm', 'to' => '23:00']], '/services/0/from'],
    'none' => [[], '/services'],
]);

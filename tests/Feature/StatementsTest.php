<?php

declare(strict_types=1);

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Station;

/* What a request asks of the database: the budget is what a house with many kitchens can pay. */

beforeEach(function (): void {
    $this->travelTo(Carbon::parse('2026-05-04T18:30:00Z'));
    // Two requests in a hundred, drawn by lot, also sweep old sessions out: one statement that is not the touch's.
    config(['session.lottery' => [0, 100]]);
    $this->station = Station::open();
    $this->tablet = $this->tablet($this->station->cook->email);
    $this->cook = ($this->tablet)('POST', '/api/cooks', $this->station->start())->json('id');
    $this->say = fn (string $kind, mixed ...$with) => ($this->tablet)('POST', "/api/cooks/$this->cook/events", Station::event($kind, ...$with))->assertCreated();
    $this->statements = function (callable $ask): int {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $ask();
        $count = count(DB::getQueryLog());
        DB::disableQueryLog();

        return $count;
    };
    ($this->say)('start');
});

it('asks at most thirteen for a touch, as many at the sixtieth as at the sixth', function (): void {
    $say = fn (int $n): int => ($this->statements)(fn () => ($this->say)('note', note: "touch $n", at: Carbon::parse('2026-05-04T18:30:00Z')->addSeconds($n)->format('Y-m-d\TH:i:s.v\Z')));
    $counts = array_map($say, range(1, 60));
    expect(max($counts))->toBeLessThanOrEqual(13)->and($counts[59])->toBe($counts[5]);
});

it('asks at most three before anything is asked of it', function (): void {
    expect(($this->statements)(fn () => ($this->tablet)('POST', '/api/kitchen/pans/holds')->assertStatus(422)))->toBeLessThanOrEqual(3);
});

it('asks no more for a page of the log than for one cook', function (): void {
    $page = fn (): int => ($this->statements)(fn () => ($this->tablet)('GET', '/api/cooks')->assertOk());
    $small = $page();
    foreach (range(1, 5) as $_) {
        ($this->tablet)('POST', '/api/cooks', $this->station->start())->assertCreated();
    }
    // That somebody is there is noted once a minute.
    expect($page())->toBeLessThanOrEqual($small + 1);
});

<?php

declare(strict_types=1);

use App\Models\CookEvent;
use Illuminate\Support\Carbon;
use Tests\Feature\Station;

/* Tablets and devices whose clocks run ahead or behind: what they say lies where it happened, by the house's clock. */

beforeEach(function (): void {
    $this->travelTo(Carbon::parse('2026-05-04T18:30:00Z'));
    $this->station = Station::open();
    $this->actingAs($this->station->cook);
    $this->cook = $this->postJson('/api/cooks', $this->station->start())->assertCreated()->json('id');
    $this->say = fn (string $kind, string $at, ?string $now, mixed ...$with) => $this->postJson("/api/cooks/$this->cook/events", Station::event($kind, ...[...$with, 'at' => $at]), $now === null ? [] : ['X-Device-Now' => $now]);
});

it('brings the time of a tablet an hour ahead to its own, also of what waited without network', function (): void {
    ($this->say)('start', '2026-05-04T19:30:00.000Z', '2026-05-04T19:30:01.000Z')->assertCreated();
    $this->travel(12)->minutes();
    // Said four minutes ago and sent now.
    $answer = ($this->say)('done', '2026-05-04T19:38:00.000Z', '2026-05-04T19:42:00.000Z', stage: 0)->assertCreated();
    // 19:30 less the 59 min 59 s by which that exchange was off; 19:38 less the hour.
    expect($answer->json('state.started_at'))->toBe('2026-05-04T18:29:59.000Z')
        ->and($answer->json('state.done.0.at'))->toBe('2026-05-04T18:38:00.000Z')
        ->and(CookEvent::query()->orderBy('id')->get()->pluck('payload.at')->all())->toBe(['2026-05-04T19:30:00.000Z', '2026-05-04T19:38:00.000Z']);
});

it('leaves two clocks alone that both mean well', function (): void {
    expect(($this->say)('start', '2026-05-04T18:29:58.500Z', '2026-05-04T18:29:58.600Z')->json('state.started_at'))->toBe('2026-05-04T18:29:58.500Z');
});

it('keeps what still cannot be right, and lets it into nothing', function (string $at, ?string $now): void {
    ($this->say)('start', '2026-05-04T18:30:00.000Z', '2026-05-04T18:30:00.000Z')->assertCreated();
    $answer = ($this->say)('done', $at, $now, stage: 0)->assertCreated();
    expect($answer->json('state.done'))->toBe([])
        ->and(CookEvent::query()->where('kind', 'done')->sole()->out_of_time)->toBeTrue();
    $lines = explode("\n", trim((string) gzdecode($this->get('/api/kitchen/archive')->streamedContent())));
    expect(json_decode($lines[1])->events[1]->out_of_time)->toBeTrue();
})->with([
    'ten minutes ahead of its own clock' => ['2026-05-04T18:40:00.000Z', '2026-05-04T18:30:00.000Z'],
    'three hours ahead, and nobody said what time it has there' => ['2026-05-04T21:30:00.000Z', null],
    'long before the pan was put on' => ['2026-05-04T15:30:00.000Z', '2026-05-04T18:30:00.000Z'],
    'from 1999' => ['1999-12-31T23:59:59.000Z', null],
]);

it('lets an undo come before what it takes back', function (): void {
    $start = Station::event('start');
    $this->postJson("/api/cooks/$this->cook/events", Station::event('undo', event: $start['id'], at: '2026-05-04T18:30:05.000Z'))->assertCreated()->assertJsonPath('state.status', 'waiting');
    $this->postJson("/api/cooks/$this->cook/events", $start)->assertCreated()->assertJsonPath('state.status', 'waiting');
});

<?php

declare(strict_types=1);

namespace App\Night;

use App\Contracts\EntityTag;
use App\Dish\PartToCook;
use App\Models\Cook as CookRow;
use App\Models\Firing as FiringRow;
use App\Stove\StoredCook;
use App\Words\FactDocument;
use App\Words\Words;
use Velko\Core\Cook\Status;
use Velko\Core\Night\Clash;
use Velko\Core\Night\Clashes;
use Velko\Core\Night\Hands;
use Velko\Core\Night\HandShare;
use Velko\Core\Night\Offer;
use Velko\Core\Night\Placement;
use Velko\Core\Night\RingBooking;
use Velko\Core\Night\Schedule;

/**
 * A kitchen's night on its clock: velko.night/1 and what is asked of it besides.
 *
 * @phpstan-import-type Works from NightTimetables
 */
final readonly class NightDocument
{
    private Schedule $schedule;

    public function __construct(private Evening $evening, private Words $words)
    {
        $this->schedule = $evening->schedule();
    }

    /** @return array<string, mixed> velko.night/1 */
    public function document(bool $mayChange): array
    {
        $row = $this->evening->row;
        $document = [
            'format' => 'velko.night/1',
            'on' => $row->on->format('Y-m-d'),
            'at' => $this->evening->now->setTimezone($this->evening->kitchen->timezone)->toIso8601String(),
            'tag' => $row->tag(),
            'hands' => $row->hands,
            'taken' => $row->taken,
            'wash_min' => $row->wash_min,
            'merge' => $row->merge,
            'late_cover_min' => self::r($this->schedule->lateCovers()),
            'firings' => array_values($row->firings->map($this->firing(...))->all()),
            'pans' => array_map($this->pan(...), $this->schedule->placements),
            'standing' => array_map(fn (RingBooking $booking, array $said): array => ['burner_id' => $booking->ring, 'what' => $said['what'], 'from_at' => $this->at($booking->from), 'to_at' => $this->at($booking->to)], $this->evening->night->taken, $this->evening->standing),
            'needed' => array_map(fn (array $step): array => ['at' => $this->at($step[0]), 'needed' => round($step[1], 2), 'there' => $step[2]], (new Hands($this->evening->night))->curve($this->schedule->placements)),
            'clashes' => $this->clashes(false),
            'warnings' => $this->schedule->warnings(),
            'may_change' => $mayChange,
        ];
        $this->evening->timetables->keep();

        return $document;
    }

    /** @return array<string, mixed> velko.night-lists/1 */
    public function lists(): array
    {
        return ListsDocument::of($this->evening, $this->document(false), $this->schedule->placements, $this->words);
    }

    /** @return array<string, mixed> velko.night-offers/1 */
    public function offers(): array
    {
        $document = ['format' => 'velko.night-offers/1', 'on' => $this->evening->row->on->format('Y-m-d'), 'clashes' => $this->clashes(true)];
        $this->evening->timetables->keep();

        return $document;
    }

    /** @return array<string, mixed> */
    private function firing(FiringRow $row): array
    {
        $known = isset($this->evening->firings[$row->id]);
        $there = $known ? $this->schedule->tableOf($row->id) : null;

        return [
            'id' => $row->id,
            'tag' => EntityTag::ofRow($row),
            'dish_id' => $row->dish_id,
            'dish' => $this->evening->dish($row)?->name,
            'covers' => $row->covers,
            'starters' => $row->starters,
            'label' => $row->label,
            'note' => $row->note,
            'table_at' => $row->table_at->setTimezone($this->evening->kitchen->timezone)->toIso8601String(),
            'early_min' => $row->early_min,
            'late_min' => $row->late_min,
            'pan_id' => $row->pan_id,
            'burner_id' => $row->burner_id,
            'on_at' => $row->on_at?->setTimezone($this->evening->kitchen->timezone)->toIso8601String(),
            'parts' => $row->parts,
            'to_order' => $row->to_order,
            'may_be_to_order' => $this->evening->timetables->toOrder($row->dish_id) !== null,
            'there_at' => $there === null ? null : $this->at($there),
            'late_by_min' => $known ? self::r($this->schedule->lateOf($row->id)) : 0.0,
            'on_the_fire' => $known ? $row->plates() - $this->evening->night->open($row->id) : 0,
        ];
    }

    /** @return array<string, mixed> */
    private function pan(Placement $placement): array
    {
        $evening = $this->evening;
        $row = $this->onTheFire($placement);
        $known = $row === null ? $evening->timetables->known($placement->dish, $placement->pan, $placement->ring, $placement->covers(), $placement->rice) : null;
        $working = $row?->plan->working;
        $dish = $evening->kitchen->dishes->find(abs($placement->dish));
        $sizes = $working === null ? $evening->timetables->sizes($placement->dish, $placement->covers(), $placement->rice) : ['covers' => $working['ask']['covers'], 'starters' => $working['ask']['starters'] ?? 0, 'portion' => $working['ask']['portion']];
        $first = $placement->firstLiquid();
        $works = $this->works($placement, $row === null ? $known['works'] ?? [] : $evening->works[$this->place($placement)]);
        $way = $placement->dish < 0 ? PartToCook::ToOrder : PartToCook::Whole;

        return [
            'serves' => array_map(static fn (int $firing, int $covers): array => ['firing' => $firing, 'covers' => $covers], array_keys($placement->serves), array_values($placement->serves)),
            'dish_id' => abs($placement->dish),
            'dish' => $dish->name ?? $working['dish']['name'] ?? '',
            'to_order' => $way === PartToCook::ToOrder,
            'family' => $dish->family ?? $row->plan->request['family'] ?? '',
            'covers' => $sizes['portion'] === 'main' ? $sizes['covers'] : 0,
            'starters' => $sizes['portion'] === 'main' ? $sizes['starters'] : $sizes['covers'],
            'rice_g' => round($placement->rice),
            'make_ml' => $working === null ? ($known === null ? null : round($known['make_ml'])) : (float) $working['plan']['side_pot']['make_ml'],
            'pan_id' => $placement->pan,
            'pan' => $evening->pan($placement->pan)->name ?? '',
            'burner_id' => $placement->ring,
            'burner' => $evening->burner($placement->ring)->name ?? '',
            'on_at' => $this->at($placement->on),
            'first_liquid_at' => $this->at($first),
            'off_at' => $this->at($placement->off()),
            'table_at' => $this->at($placement->table()),
            'free_at' => $this->at($placement->table() + $evening->night->wash),
            'hands' => array_map(fn (HandShare $share): array => ['from_at' => $this->at($share->from), 'to_at' => $this->at($share->to), 'share' => round($share->share, 3), 'doing' => $share->doing], $placement->hands()),
            'works' => array_map(static fn (array $work): array => array_diff_key($work, ['burner_id' => true]), $works),
            'beside' => array_map(static fn (array $work): array => ['burner_id' => $work['burner_id'], 'burner' => $work['burner'] ?? '', 'from_at' => $work['start_at'], 'to_at' => $work['ready_at'], 'what' => $work['what']], array_values(array_filter($works, static fn (array $work): bool => isset($work['burner_id'])))),
            'cook' => $row?->uuid,
            'status' => $row === null ? 'to-come' : match ((new StoredCook($row))->replay->status) {
                Status::AtTable => 'at-table', Status::Cooking => 'cooking', default => 'waiting',
            },
            'by_hand' => array_filter(array_keys($placement->serves), fn (int $number): bool => ($evening->night->firings[$number] ?? null)?->isPinned() === true) !== [],
            'ask' => $row === null ? $this->ask($placement, $sizes) : null,
        ];
    }

    /**
     * As the bench and the stove are asked for it: at the table when it really would be, to the minute after.
     *
     * @param  array{covers: int, starters: int, portion: 'main'|'starter'}  $sizes
     *
     * @return array<string, mixed> velko.ask/1
     */
    private function ask(Placement $placement, array $sizes): array
    {
        $table = $this->evening->at(ceil($placement->table() - 1e-6));

        return ['format' => 'velko.ask/1', 'dish_id' => abs($placement->dish), ...$placement->dish < 0 ? ['way' => PartToCook::ToOrder->value] : [], ...$sizes, 'pan_id' => $placement->pan, 'burner_id' => $placement->ring, 'table_at' => $table->format('H:i'), 'table_on' => $table->format('Y-m-d'), 'heat' => null];
    }

    private function onTheFire(Placement $placement): ?CookRow
    {
        return $this->evening->onTheFire[$this->place($placement)] ?? null;
    }

    /** Which of those that are on it is; -1 if none. */
    private function place(Placement $placement): int
    {
        $at = array_search($placement, $this->evening->night->running, true);

        return is_int($at) ? $at : -1;
    }

    /**
     * What is done beside a pan, on the ring that it found.
     *
     * @param  Works  $works
     *
     * @return list<array{what: string, start_at: string, ready_at: string, hands_min: float, ahead: bool, burner_id?: int, burner?: string}>
     */
    private function works(Placement $placement, array $works): array
    {
        $rings = $placement->besideOn;
        $first = $placement->firstLiquid();
        $said = [];
        foreach ($works as $work) {
            $ring = $work['on_ring'] ? array_shift($rings) : null;
            $said[] = [
                'what' => $this->words->say(FactDocument::read($work['what'])), 'start_at' => $this->at($first + $work['start']), 'ready_at' => $this->at($first + $work['ready']), 'hands_min' => $work['hands'], 'ahead' => $work['ahead'],
                ...$ring === null ? [] : ['burner_id' => $ring, 'burner' => $this->evening->burner($ring)->name ?? ''],
            ];
        }

        return $said;
    }

    /** @return list<array<string, mixed>> */
    private function clashes(bool $withOffers): array
    {
        return array_map(fn (Clash $clash): array => [
            'code' => $this->isMissed($clash) ? 'missed' : $clash->code,
            'at' => $this->at($clash->at),
            'firings' => $clash->firings,
            'late_cover_min' => self::r($clash->lateCovers),
            'offers' => array_map($this->offer(...), $clash->offers),
        ], (new Clashes($this->schedule, $this->evening->timetables))->all($withOffers));
    }

    /** Whether there was time when it was last asked for: its pan was to go on, and nobody put it on. */
    private function isMissed(Clash $clash): bool
    {
        $asked = $this->evening->row->firings->find($clash->firings[0])?->asked_at;

        return $clash->code === 'too-soon' && $asked !== null && $asked->lessThan($this->evening->at($clash->at));
    }

    /** @return array<string, mixed> */
    private function offer(Offer $offer): array
    {
        $clock = fn (?float $minute, string $round): ?string => $minute === null ? null : $this->evening->at($round === 'up' ? ceil($minute) : floor($minute))->format('H:i');

        return [
            'code' => $offer->code,
            'late_cover_min_after' => self::r($offer->lateAfter),
            'late' => array_map(static fn (int $firing, float $minutes): array => ['firing' => $firing, 'min' => self::r($minutes)], array_keys($offer->late), array_values($offer->late)),
            'from' => $clock($offer->from, 'down'),
            'to' => $clock($offer->to, 'up'),
            'later_min' => $offer->minutes,
            'firing' => $offer->firing,
            'like' => $offer->like === null ? null : ($offer->code === 'other-pan' ? $this->evening->pan($offer->like) : $this->evening->burner($offer->like))?->name,
        ];
    }

    private function at(float $minute): string
    {
        return $this->evening->at($minute)->toIso8601String();
    }

    private static function r(float $number): float
    {
        return round($number, 2);
    }
}

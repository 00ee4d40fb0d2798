<?php

declare(strict_types=1);

namespace App\Night;

use App\Dish\PartToCook;
use App\Kitchen\ServiceTimes;
use App\Models\Burner;
use App\Models\Cook as CookRow;
use App\Models\Dish;
use App\Models\Firing as FiringRow;
use App\Models\Kitchen;
use App\Models\Night as NightRow;
use App\Models\Pan;
use App\Stove\StoredCook;
use Carbon\CarbonImmutable;
use Velko\Core\Cook\Status;
use Velko\Core\Night\Firing;
use Velko\Core\Night\Night;
use Velko\Core\Night\Placement;
use Velko\Core\Night\RingBooking;
use Velko\Core\Night\Schedule;
use Velko\Core\Night\Shift;
use Velko\Core\Night\Solver;

/**
 * A kitchen's night as the core is asked for it. Minutes count from noon of its day by the kitchen's clock; numbers are the rows' own.
 *
 * @phpstan-import-type Works from NightTimetables
 */
final readonly class Evening
{
    /** Of the looking for a better night, for one that was looked at before. */
    private const AGAIN = 0.2;

    /** A pan from the bench is looked for among those that are due so long ago or so soon, min; and among so many. */
    private const LATEST_MIN = 60;

    private const SOONEST_MIN = 120;

    private const MOST_BESIDE = 12;

    /** Minutes from noon, from when on a pan may be put on: six in the morning. */
    private const FIRST = 60.0 * (ServiceTimes::BEGINS - 12);

    /** Minutes from noon at which a night is over at the latest. */
    private const LAST = self::FIRST + 1440.0;

    public Night $night;

    public NightTimetables $timetables;

    /** @var list<CookRow> what is on the fire, or was, in the order in which the night has it */
    public array $onTheFire;

    /** @var list<Works> what is still to be done beside each of them */
    public array $works;

    /** @var array<int, FiringRow> those that can be asked for: their dish is still there */
    public array $firings;

    /** @var list<array{burner_id: int, from: string, to: string, what: string, share: float}> what stands on rings that are still there */
    public array $standing;

    private CarbonImmutable $noon;

    public function __construct(public NightRow $row, public Kitchen $kitchen, public CarbonImmutable $now)
    {
        $kitchen->withDishes();
        $row->loadMissing(['firings' => static fn ($query) => $query->orderBy('table_at')->orderBy('id'), 'firings.cooks' => static fn ($query) => $query->with(CookRow::WHOLE)]);
        $this->noon = self::moment($row->on->format('Y-m-d'), '12:00', $kitchen);
        $this->timetables = new NightTimetables($kitchen);
        $this->firings = $row->firings->filter(fn (FiringRow $row): bool => $this->dish($row) !== null)->keyBy('id')->all();
        $running = array_filter(array_map($this->running(...), $this->cooks()));
        $this->onTheFire = array_column($running, 'row');
        $this->works = array_column($running, 'works');
        $this->standing = array_values(array_filter($row->taken, static fn (array $booking): bool => $kitchen->burners->contains('id', $booking['burner_id'])));
        $this->night = (new Night(
            array_map($this->firing(...), $this->firings),
            self::inOrder($kitchen->pans->modelKeys()),
            self::inOrder($kitchen->burners->modelKeys()),
            array_map(fn (array $hand): Shift => new Shift($this->clock($hand['from']), $this->until($hand), $hand['count']), $row->hands),
            $row->wash_min, $row->merge, $this->now(), array_column($running, 'cook'),
            array_map(fn (array $booking): RingBooking => new RingBooking($booking['burner_id'], $this->clock($booking['from']), $this->until($booking), $booking['share']), $this->standing),
        ))->withRingsBeside();
    }

    /**
     * The same kitchen fills the same night, whatever order its rows come in.
     *
     * @param  array<int>  $ids
     *
     * @return list<int>
     */
    private static function inOrder(array $ids): array
    {
        sort($ids);

        return $ids;
    }

    /** The minute before which nothing goes on any more; a night that is over is seen as it was meant. */
    private function now(): float
    {
        $minute = $this->minute($this->now);

        return $minute > self::LAST ? self::FIRST : max(self::FIRST, $minute);
    }

    /** A time by the kitchen's clock on a night: what is small is after midnight. */
    public static function moment(string $on, string $clock, Kitchen $kitchen): CarbonImmutable
    {
        $day = CarbonImmutable::parse($on, $kitchen->timezone);

        return (ServiceTimes::minute($clock) >= 1440 ? $day->addDay() : $day)->setTimeFromTimeString($clock)->utc();
    }

    /** Filled again from where it stood when it was last looked at. */
    public function schedule(): Schedule
    {
        $cooks = [];
        foreach ($this->row->filled ?? [] as $stored) {
            $timetable = $stored['serves'] !== [] && $this->dishIs($stored['dish']) && $this->pan($stored['pan']) !== null && $this->burner($stored['ring']) !== null ? $this->timetables->of($stored['dish'], $stored['pan'], $stored['ring'], array_sum($stored['serves']), $stored['rice']) : null;
            if ($timetable !== null) {
                $cooks[] = new Placement($stored['serves'], $stored['dish'], $stored['rice'], $stored['pan'], $stored['ring'], $stored['on'], $timetable, $stored['beside'] ?? []);
            }
        }
        $solver = new Solver($this->night, $this->timetables);
        $schedule = $cooks === [] ? $solver->solve() : $solver->solve(new Schedule($this->night, $cooks, []), self::AGAIN);
        SaveNight::filled($this->row, $schedule);

        return $schedule;
    }

    private function dishIs(int $id): bool
    {
        return $this->kitchen->dishes->contains('id', abs($id)) && ($id > 0 || $this->timetables->toOrder(-$id) !== null);
    }

    public function at(float $minute): CarbonImmutable
    {
        return $this->noon->addMilliseconds((int) round(60_000 * $minute))->setTimezone($this->kitchen->timezone);
    }

    public function minute(CarbonImmutable $at): float
    {
        return $this->noon->diffInMilliseconds($at) / 60_000;
    }

    public function dish(FiringRow $firing): ?Dish
    {
        return $this->kitchen->dishes->find($firing->dish_id);
    }

    public function pan(int $id): ?Pan
    {
        return $this->kitchen->pans->find($id);
    }

    public function burner(int $id): ?Burner
    {
        return $this->kitchen->burners->find($id);
    }

    /** A firing as it would be asked for, kept or not. */
    public function firing(FiringRow $row): Firing
    {
        $dish = $this->kitchen->dishes->findOrFail($row->dish_id);

        return new Firing(
            $row->to_order ? $this->timetables->toOrder($dish->id) ?? $dish->id : $dish->id, $row->plates(), $this->minute($row->table_at), $row->early_min, $row->late_min,
            $row->pan_id !== null && $this->pan($row->pan_id) !== null ? $row->pan_id : null,
            $row->burner_id !== null && $this->burner($row->burner_id) !== null ? $row->burner_id : null,
            $row->on_at === null ? null : $this->minute($row->on_at),
            ($row->covers * $dish->grams_main + $row->starters * $dish->grams_starter) / $row->plates(), $row->parts,
        );
    }

    private function clock(string $clock): float
    {
        return $this->minute(self::moment($this->row->on->format('Y-m-d'), $clock, $this->kitchen));
    }

    /** @param  array{from: string, to: string, ...}  $span */
    private function until(array $span): float
    {
        return max($this->clock($span['from']), $this->clock($span['to']));
    }

    /** @return array<string, CookRow> that were not given up, by the id of the cook */
    private function cooks(): array
    {
        $cooks = [];
        foreach ($this->firings as $firing) {
            foreach ($firing->cooks as $cook) {
                $cooks[$cook->uuid] ??= $cook;
            }
        }

        return array_filter([...$cooks, ...$this->besideTheNight($cooks)], static fn (CookRow $cook): bool => (new StoredCook($cook))->replay->status !== Status::GivenUp);
    }

    /**
     * What was put on from the bench takes its ring, its pan and its hands all the same, as long as it is cooked.
     *
     * @param  array<string, CookRow>  $cooks  of the night
     *
     * @return array<string, CookRow>
     */
    private function besideTheNight(array $cooks): array
    {
        if ($this->now() <= self::FIRST) {
            return []; // the night is not tonight's
        }
        $running = [];
        $recent = CookRow::query()->with(CookRow::WHOLE)->where('kitchen_id', $this->kitchen->id);
        $recent->whereBetween('table_at', [$this->now->subMinutes(self::LATEST_MIN), $this->now->addMinutes(self::SOONEST_MIN)]);
        $recent->orderByDesc('id')->limit(self::MOST_BESIDE);
        foreach ($recent->get() as $cook) {
            $status = (new StoredCook($cook))->replay->status;
            // One that nobody has begun by its time was forgotten.
            if (! isset($cooks[$cook->uuid]) && ($status === Status::Cooking || $status === Status::Waiting && $cook->table_at->greaterThan($this->now))) {
                $running[$cook->uuid] = $cook;
            }
        }

        return $running;
    }

    /** @return array{row: CookRow, cook: Placement, works: Works}|null a pan that is on, as it really goes; null where its pan or its ring is gone */
    private function running(CookRow $row): ?array
    {
        $serves = [];
        foreach ($this->firings as $id => $firing) {
            $of = $firing->cooks->firstWhere('uuid', $row->uuid);
            if ($of !== null) {
                $serves[$id] = (int) $of->getRelationValue('pivot')->getAttribute('covers');
            }
        }
        $plan = $row->plan;
        if ($plan->pan_id === null || $plan->burner_id === null || $plan->dish_id === null) {
            return null;
        }
        $running = RunningCook::of($row, $this->now);

        $dish = ($plan->working['ask']['way'] ?? null) === PartToCook::ToOrder->value ? -$plan->dish_id : $plan->dish_id;
        $placement = new Placement($serves, $dish, (float) $plan->working['plan']['rice_g'], $plan->pan_id, $plan->burner_id, $this->minute($running->on), $running->timetable);

        return ['row' => $row, 'cook' => $placement, 'works' => $running->works];
    }
}

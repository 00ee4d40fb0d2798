<?php

declare(strict_types=1);

namespace App\Night;

use App\Bench\KitchenAsk;
use App\Bench\LastBatch;
use App\Bench\MiseDocument;
use App\Bench\WorkOut;
use App\Dish\PartToCook;
use App\Kitchen\Station;
use App\Models\Burner;
use App\Models\Dish;
use App\Models\Kitchen;
use App\Models\Pan;
use App\Words\FactDocument;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Support\Facades\Cache;
use Velko\Core\Mise\Preparation;
use Velko\Core\Night\HandShare;
use Velko\Core\Night\Timetable;
use Velko\Core\Night\Timetables;
use Velko\Core\Vessel\PanChoice;

/**
 * How long each pan of a kitchen's night takes, by its own dishes, pans and rings: what the bench would work out, from the cold
 * pan on and with what is done beside it. A dish that is finished to order has its number below nothing. What was worked out once is kept for as long as nothing it comes of has changed.
 *
 * @phpstan-type Works list<array{what: array<string, mixed>, start: float, ready: float, hands: float, ahead: bool, on_ring: bool}>
 */
final class NightTimetables implements Timetables
{
    private const KEPT_DAYS = 30;

    /** @var array<int, array<string, array<string, mixed>|null>> what is known, by dish and by pan, ring and covers */
    private array $known = [];

    /** @var array<int, true> dishes of which more is known than is kept */
    private array $learned = [];

    /** @var array<int, string> where what is known of a dish is kept */
    private array $addresses = [];

    /** @var array<int, list<array{int, int, float}>> */
    private array $places = [];

    /** @var array<string, Timetable|null> */
    private array $timetables = [];

    public function __construct(private readonly Kitchen $kitchen) {}

    public function places(int $dish): array
    {
        if (! isset($this->places[$dish])) {
            $pans = $this->kitchen->pans->keyBy('id')->sortKeys()->map(Station::pan(...))->all();
            $fit = Station::fit($this->dish($dish));
            $this->places[$dish] = array_map(static fn (array $pair): array => [$pair[0], $pair[1], $fit->mostRice($pans[$pair[0]])], PanChoice::pairs($pans, $this->kitchen->burners->keyBy('id')->sortKeys()->map(Station::burner(...))->all(), $fit));
        }

        return $this->places[$dish];
    }

    public function of(int $dish, int $pan, int $ring, int $covers, float $rice): ?Timetable
    {
        $key = "$dish $pan $ring $covers ".round($rice, 1);
        if (! array_key_exists($key, $this->timetables)) {
            $known = $this->known($dish, $pan, $ring, $covers, $rice);
            $this->timetables[$key] = $known === null ? null : new Timetable($known['on'], $known['off'], $known['table'], array_map(static fn (array $hand): HandShare => new HandShare(...$hand), $known['hands']), self::besideRings($known['works']));
        }

        return $this->timetables[$key];
    }

    /**
     * What is known of so many covers there.
     *
     * @return array{on: float, off: float, table: float, hands: list<array{float, float, float, 'base'|'toast'|'stir'|'watch'|'finish'|'beside'}>, make_ml: float, works: Works}|null null where no plan of it can be cooked
     */
    public function known(int $dish, int $pan, int $ring, int $covers, float $rice): ?array
    {
        $this->known[$dish] ??= self::cache()->get($this->address($dish), []);
        $key = "$pan $ring $covers ".round($rice, 1);
        if (! array_key_exists($key, $this->known[$dish])) {
            $this->known[$dish][$key] = $this->workedOut($dish, $pan, $ring, $covers, $rice);
            $this->learned[$dish] = true;
        }

        return $this->known[$dish][$key];
    }

    /**
     * How so many plates of so much rice are asked for.
     *
     * @return array{covers: int, starters: int, portion: 'main'|'starter'}
     */
    public function sizes(int $dish, int $plates, float $rice): array
    {
        $dish = $this->dish($dish);
        $more = $dish->grams_main - $dish->grams_starter;
        $mains = $more > 0.0 ? max(0, min($plates, (int) round(($rice - $plates * $dish->grams_starter) / $more))) : $plates;

        return $mains === 0 ? ['covers' => $plates, 'starters' => 0, 'portion' => 'starter'] : ['covers' => $mains, 'starters' => $plates - $mains, 'portion' => 'main'];
    }

    /** @return array<string, mixed> velko.ask/1: how the bench would be asked for it */
    public function ask(int $dish, int $pan, int $ring, int $covers, float $rice): array
    {
        return ['format' => 'velko.ask/1', 'dish_id' => abs($dish), 'way' => ($dish < 0 ? PartToCook::ToOrder : PartToCook::Whole)->value, 'pan_id' => $pan, 'burner_id' => $ring, 'table_at' => '12:00', 'heat' => null, ...$this->sizes($dish, $covers, $rice)];
    }

    public function toOrder(int $dish): ?int
    {
        return $dish > 0 && $this->kitchen->dishes->contains('id', $dish) && PartToCook::partCooking($this->dish($dish), $this->kitchen) !== null ? -$dish : null;
    }

    /** What was worked out is there the next time. */
    public function keep(): void
    {
        foreach (array_keys($this->learned) as $dish) {
            self::cache()->put($this->address($dish), $this->known[$dish], CarbonImmutable::now()->addDays(self::KEPT_DAYS));
        }
        $this->learned = [];
    }

    /** In files: whatever else the house keeps where. */
    private static function cache(): Repository
    {
        return Cache::store('file');
    }

    private function dish(int $id): Dish
    {
        return $this->kitchen->dishes->findOrFail(abs($id));
    }

    /** @return array<string, mixed>|null */
    private function workedOut(int $dish, int $pan, int $ring, int $covers, float $rice): ?array
    {
        $asked = KitchenAsk::of($this->ask($dish, $pan, $ring, $covers, $rice), $this->kitchen, CarbonImmutable::now());
        $plan = $asked->plan();
        if (! $plan->isPossible()) {
            return null;
        }
        $course = WorkOut::course($asked, $plan);
        $works = array_map(static fn (array $task): array => [
            'what' => FactDocument::of($task['work']->what), 'start' => $task['start'], 'ready' => $task['ready'], 'hands' => $task['work']->hands, 'ahead' => $task['work']->ahead, 'on_ring' => $task['work']->onRing && ! $task['work']->ahead && $task['ready'] > $task['start'],
        ], Preparation::of($plan, [...MiseDocument::sideWork($asked, $plan->rice()), ...$course->besideForTheBase()]));
        $timetable = Timetable::of($plan, $course->panOn(), self::hands($works), self::besideRings($works));

        return [
            'on' => $timetable->on, 'off' => $timetable->off, 'table' => $timetable->table, 'make_ml' => $plan->make(), 'works' => $works,
            'hands' => array_map(static fn (HandShare $share): array => [$share->from, $share->to, $share->share, $share->doing], $timetable->hands),
        ];
    }

    /**
     * What of somebody's hands each of some works needs that cannot be done ahead.
     *
     * @param  Works  $works
     *
     * @return list<HandShare>
     */
    public static function hands(array $works): array
    {
        return array_values(array_map(
            static fn (array $work): HandShare => HandShare::ofWork($work['start'], $work['ready'], $work['hands']),
            array_filter($works, static fn (array $work): bool => ! $work['ahead'] && $work['ready'] > $work['start']),
        ));
    }

    /**
     * From when until when each of some works stands on a ring.
     *
     * @param  Works  $works
     *
     * @return list<array{float, float}>
     */
    public static function besideRings(array $works): array
    {
        return array_values(array_map(static fn (array $work): array => [$work['start'], $work['ready']], array_filter($works, static fn (array $work): bool => $work['on_ring'])));
    }

    /** Other numbers of the dish, the house, its pans and rings, or another engine, are another address. */
    private function address(int $dish): string
    {
        $row = $this->dish($dish);
        $numbers = static fn (array $attributes): array => array_diff_key($attributes, array_flip(['created_at', 'updated_at', 'deleted_at']));

        return $this->addresses[$dish] ??= 'lengths:'.hash('xxh128', serialize([
            EngineVersion::stamp(), $dish < 0 ? LastBatch::of($row, $this->kitchen, CarbonImmutable::now())->uuid ?? '' : null, $numbers($row->attributesToArray()), Station::grain($row->rice), $numbers($row->stock->attributesToArray()), $row->ingredients->toArray(), $row->sideWorks->toArray(),
            $numbers($this->kitchen->attributesToArray()), $this->kitchen->pans->mapWithKeys(static fn (Pan $pan): array => [$pan->id => Station::pan($pan)])->all(),
            $this->kitchen->burners->mapWithKeys(static fn (Burner $burner): array => [$burner->id => Station::burner($burner)])->all(), Station::ladles($this->kitchen),
        ]));
    }
}

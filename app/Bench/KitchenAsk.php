<?php

declare(strict_types=1);

namespace App\Bench;

use App\Contracts\BadDocument;
use App\Contracts\Day;
use App\Contracts\Fault;
use App\Dish\PartToCook;
use App\Kitchen\Station;
use App\Models\Burner;
use App\Models\Dish;
use App\Models\Kitchen;
use App\Models\Pan;
use App\Words\Words;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Velko\Core\Family\Families;
use Velko\Core\Method\PartCooking;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Planner;
use Velko\Core\Vessel\PanChoice;

/** Reads velko.ask/1: its ids become rows of the kitchen, its clock time a moment. */
final readonly class KitchenAsk
{
    /** A table time that has gone by for no longer than this is still the one that is meant. */
    private const JUST_GONE_BY_HOURS = 3;

    private const FURTHEST_DAYS = 366;

    /**
     * @param  array<string, mixed>  $document  velko.ask/1
     * @param  float  $rice  g raw, for all plates
     * @param  array{hot: string, gentle: string}|null  $panHeat  of a pan rice without one mark for all of it
     * @param  float  $wind  m/s over the pan; nothing where the ring stands indoors
     * @param  float  $coverLast  min before a pan rice comes off for which a lid lies on it
     */
    private function __construct(
        public array $document,
        public Kitchen $kitchen,
        public Dish $dish,
        public Pan $pan,
        public Burner $burner,
        public int $covers,
        public int $starters,
        public float $rice,
        public string $portion,
        public ?string $heat,
        public ?array $panHeat,
        public float $coverLast,
        public float $wind,
        public CarbonImmutable $tableAt,
        public Words $words,
        public PartToCook $way,
    ) {}

    /**
     * @param  array<string, mixed>  $document  velko.ask/1, held to its schema
     * @param  Words  $words  in which it is read
     *
     * @throws BadDocument when an id or a mark is not of this kitchen
     */
    public static function of(array $document, Kitchen $kitchen, CarbonImmutable $now, Words $words = new Words): self
    {
        $kitchen->withStation();
        $dish = $kitchen->dish(self::whole($document['dish_id']));
        $pans = self::oneOrAll($kitchen->pans, $document['pan_id']);
        $burners = self::oneOrAll($kitchen->burners, $document['burner_id']);
        $faults = [];
        foreach (['dish' => $dish === null, 'pan' => $pans->isEmpty(), 'burner' => $burners->isEmpty()] as $what => $missing) {
            if ($missing) {
                $faults[] = new Fault("/{$what}_id", "there is no such $what in this kitchen");
            }
        }
        if ($dish === null || $faults !== []) {
            throw new BadDocument($faults);
        }
        $covers = self::whole($document['covers']);
        $starters = self::starters($document);
        $rice = $covers * self::grams($dish, self::word($document['portion'])) + $starters * $dish->grams_starter;
        [$pan, $burner] = self::onTheRing($dish, $pans, $burners, $rice);
        $heat = $document['heat'] ?? null;
        $marks = array_map(strval(...), array_keys(Station::netPower($burner)));
        if (is_string($heat) && ! in_array($heat, $marks, true)) {
            throw BadDocument::at('/heat', "must be one of the marks of {$burner->name}: ".implode(', ', $marks).', or null');
        }
        $panHeat = Families::named($dish->family)->traits()->driesOut && $heat === null ? $document['pan_heat'] ?? null : null;
        foreach (is_array($panHeat) ? $panHeat : [] as $half => $mark) {
            if (! in_array($mark, $marks, true)) {
                throw BadDocument::at("/pan_heat/$half", "must be one of the marks of {$burner->name}: ".implode(', ', $marks));
            }
        }

        $coverLast = Families::named($dish->family)->traits()->driesOut ? $document['cover_last_min'] ?? 0.0 : 0.0;

        return new self(
            $document, $kitchen, $dish, $pan, $burner,
            $covers, $starters, $rice, self::word($document['portion']), is_string($heat) ? $heat : null, $panHeat, is_numeric($coverLast) ? (float) $coverLast : 0.0,
            $burner->isOutdoors() ? (float) ($document['wind_m_s'] ?? 0.0) : 0.0,
            self::moment(self::word($document['table_at']), $document['table_on'] ?? null, $kitchen, $now), $words, self::way($document['way'] ?? null, $dish, $kitchen),
        );
    }

    /** How the dish is cooked part-way; null where it is not. */
    public function partCooking(): ?PartCooking
    {
        return PartToCook::partCooking($this->dish, $this->kitchen);
    }

    /** Mains and starters. */
    public function plates(): int
    {
        return $this->covers + $this->starters;
    }

    /** Worked out. */
    public function plan(): Plan
    {
        return Planner::plan(DishAsk::of($this));
    }

    /** @throws BadDocument where the dish is not cooked part-way */
    private static function way(mixed $said, Dish $dish, Kitchen $kitchen): PartToCook
    {
        $way = PartToCook::tryFrom(self::word($said)) ?? PartToCook::Whole;
        if ($way !== PartToCook::Whole && PartToCook::partCooking($dish, $kitchen) === null) {
            throw BadDocument::at('/way', $kitchen->part_cooks ? 'must be whole: this dish does not say how far it is cooked ahead' : 'must be whole: this kitchen cooks nothing part-way');
        }

        return $way;
    }

    /** @param  array<string, mixed>  $document */
    private static function starters(array $document): int
    {
        return $document['portion'] === 'main' ? self::whole($document['starters'] ?? 0) : 0;
    }

    /** The raw rice in one portion, g. */
    public static function grams(Dish $dish, string $portion): float
    {
        return $portion === 'starter' ? $dish->grams_starter : $dish->grams_main;
    }

    /**
     * The pan and the ring asked for; where one was left to us, the smallest that serves, or else the one that takes most.
     *
     * @param  Collection<int, Pan>  $pans  at least one
     * @param  Collection<int, Burner>  $burners  at least one
     *
     * @return array{Pan, Burner}
     */
    private static function onTheRing(Dish $dish, Collection $pans, Collection $burners, float $rice): array
    {
        $corePans = $pans->keyBy('id')->map(Station::pan(...))->all();
        $coreBurners = $burners->keyBy('id')->map(Station::burner(...))->all();
        $fit = Station::fit($dish);
        [$pan, $burner] = PanChoice::smallest($corePans, $coreBurners, $rice, $fit) ?? PanChoice::largest($corePans, $coreBurners, $fit) ?? [null, null];
        $found = [$pans->firstWhere('id', $pan) ?? $pans->first(), $burners->firstWhere('id', $burner) ?? $burners->first()];

        /** @var array{Pan, Burner} */
        return $found;
    }

    /**
     * @template T of Pan|Burner
     *
     * @param  Collection<int, T>  $rows
     *
     * @return Collection<int, T> the row with this id, or all when it is left open
     */
    private static function oneOrAll(Collection $rows, mixed $id): Collection
    {
        return $id === null ? $rows : $rows->where('id', $id);
    }

    /**
     * The moment asked for: on the day that is named, or the next at which the kitchen's clock shows this time. One that has
     * just gone by is still meant: whoever stands at the pan is late, and does not cook for tomorrow.
     *
     * @throws BadDocument when there is no such day
     */
    private static function moment(string $clock, mixed $day, Kitchen $kitchen, CarbonImmutable $now): CarbonImmutable
    {
        $here = $now->setTimezone($kitchen->timezone);
        if (is_string($day)) {
            $on = Day::of($day, $kitchen->timezone) ?? throw BadDocument::at('/table_on', 'is not a day of the calendar');
            if (abs($on->diffInDays($here)) > self::FURTHEST_DAYS) {
                throw BadDocument::at('/table_on', 'must be a day within a year from today');
            }

            return $on->setTimeFromTimeString($clock);
        }
        $today = $here->setTimeFromTimeString($clock);

        return $today->lessThan($here->subHours(self::JUST_GONE_BY_HOURS)) ? $today->addDay() : ($today->subDay()->greaterThan($here->subHours(self::JUST_GONE_BY_HOURS)) ? $today->subDay() : $today);
    }

    private static function whole(mixed $value): int
    {
        return is_numeric($value) ? (int) $value : 0;
    }

    private static function word(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }
}

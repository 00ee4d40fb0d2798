<?php

declare(strict_types=1);

namespace App\Night;

use App\Contracts\BadDocument;
use App\Contracts\EntityTag;
use App\Contracts\Fault;
use App\Dish\PartToCook;
use App\Kitchen\ServiceTimes;
use App\Models\Firing;
use App\Models\Kitchen;
use App\Models\Night;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Velko\Core\Night\Placement;
use Velko\Core\Night\Schedule;
use Velko\Core\Night\Shift;
use Velko\Core\Night\Solver;

/** Enters and changes nights and their firings. */
final class SaveNight
{
    /** As many firings as a night may have. */
    public const MOST = 200;

    /** What a table does not mind, where nobody says: min before its time and after it (common practice, no single source). */
    public const EARLY_MIN = 3.0;

    public const LATE_MIN = 2.0;

    /** Whoever came unannounced is told an honest minute, and it is kept with this much on either side, min. */
    private const HONEST = 2.0;

    private const WASH_MIN = 4.0;

    /** Pairs of hands at a service of which nobody said who is there. */
    private const HANDS = 2;

    /** The night of a day as it is kept, or as it would begin: manned as the last one before it was, and at every service of the kitchen. */
    public static function on(Kitchen $kitchen, string $day): Night
    {
        $night = $kitchen->nights()->firstWhere('on', $day);
        if ($night !== null) {
            return $night;
        }
        $last = $kitchen->nights()->where('on', '<', $day)->orderByDesc('on')->first() ?? $kitchen->nights()->orderBy('on')->first();

        return new Night(['kitchen_id' => $kitchen->id, 'on' => $day, 'hands' => self::atEveryService($kitchen, $last->hands ?? []), 'taken' => $last->taken ?? [], 'wash_min' => $last->wash_min ?? self::WASH_MIN, 'merge' => $last->merge ?? true]);
    }

    /**
     * @param  list<array{name: string, from: string, to: string, count: int}>  $hands
     *
     * @return list<array{name: string, from: string, to: string, count: int}> with a row for each service at which nobody of them is there
     */
    private static function atEveryService(Kitchen $kitchen, array $hands): array
    {
        $rows = $hands;
        foreach (ServiceTimes::services($kitchen, $hands) as $span) {
            $meets = static fn (array $row): bool => ServiceTimes::minute($row['from']) < ServiceTimes::minute($span['to']) && ServiceTimes::minute($row['to']) > ServiceTimes::minute($span['from']);
            if (array_filter($hands, $meets) === []) {
                $rows[] = ['name' => '', 'from' => $span['from'], 'to' => $span['to'], 'count' => self::HANDS];
            }
        }

        return $rows;
    }

    /**
     * @param  array<string, mixed>  $entry  velko.night-entry/1, held to its schema
     * @param  string|null  $known  how it was manned, as If-Match ({@see EntityTag::mustBe})
     *
     * @throws BadDocument
     */
    public static function manned(Night $night, Kitchen $kitchen, array $entry, ?string $known): void
    {
        $faults = [];
        foreach ($entry['taken'] as $at => $booking) {
            if (! $kitchen->withStation()->burners->contains('id', $booking['burner_id'])) {
                $faults[] = new Fault("/taken/$at/burner_id", 'there is no such ring in this kitchen');
            }
        }
        foreach (['hands', 'taken'] as $field) {
            foreach ($entry[$field] as $at => $entered) {
                if (ServiceTimes::minute($entered['to']) <= ServiceTimes::minute($entered['from'])) {
                    $faults[] = new Fault("/$field/$at/to", "must be a time after {$entered['from']}, before six in the morning");
                }
            }
        }
        if ($faults !== []) {
            throw new BadDocument($faults);
        }
        DB::transaction(static function () use ($night, $entry, $known): void {
            if ($night->exists) {
                DB::table('nights')->where('id', $night->id)->lockForUpdate()->get();
                $night->refresh();
            }
            EntityTag::mustBe($known, $night->tag());
            $night->fill(['hands' => $entry['hands'], 'taken' => $entry['taken'], 'wash_min' => $entry['wash_min'], 'merge' => $entry['merge']])->save();
        }, attempts: 3);
    }

    /**
     * All of them or none.
     *
     * @param  list<array<string, mixed>>  $entries  velko.firing-entry/1, held to their schema
     *
     * @throws BadDocument
     */
    public static function put(Night $night, Kitchen $kitchen, array $entries, CarbonImmutable $now): void
    {
        if (($night->exists ? $night->firings()->count() : 0) + count($entries) > self::MOST) {
            throw BadDocument::at('/firings', 'are too many: a night has at most '.self::MOST);
        }
        DB::transaction(static function () use ($night, $kitchen, $entries, $now): void {
            $night->save();
            foreach ($entries as $at => $entry) {
                self::save(new Firing(['kitchen_id' => $kitchen->id, 'night_id' => $night->id]), $night, $kitchen, $entry, $now, "/firings/$at");
            }
        }, attempts: 3);
    }

    /**
     * @param  array<string, mixed>  $entry  velko.firing-entry/1, held to its schema
     * @param  string|null  $known  the one that was changed, as If-Match ({@see EntityTag::mustBe})
     */
    public static function change(Firing $firing, Kitchen $kitchen, array $entry, CarbonImmutable $now, ?string $known): void
    {
        DB::transaction(static function () use ($firing, $kitchen, $entry, $now, $known): void {
            DB::table('firings')->where('id', $firing->id)->lockForUpdate()->get();
            EntityTag::mustBe($known, EntityTag::ofRow($firing->refresh()));
            self::save($firing, $firing->night, $kitchen, $entry, $now, '');
        }, attempts: 3);
    }

    /** Where each pan stands, so that the next who looks finds it there. */
    public static function filled(Night $night, Schedule $schedule): void
    {
        $filled = array_map(static fn (Placement $placement): array => ['serves' => $placement->serves, 'dish' => $placement->dish, 'rice' => $placement->rice, 'pan' => $placement->pan, 'ring' => $placement->ring, 'on' => $placement->on, 'beside' => $placement->besideOn], array_values(array_filter($schedule->placements, static fn (Placement $placement): bool => ! in_array($placement, $schedule->night->running, true))));
        if ($night->exists && $filled != $night->filled) {
            $night->timestamps = false;
            $night->forceFill(['filled' => $filled])->save();
        }
    }

    /** The firings and the hands of another night, at the same times; what was settled by hand there is not. */
    public static function copy(Night $from, Night $to, Kitchen $kitchen): void
    {
        DB::transaction(static function () use ($from, $to, $kitchen): void {
            $to->fill(['hands' => $from->hands, 'taken' => $from->taken, 'wash_min' => $from->wash_min, 'merge' => $from->merge])->save();
            foreach ($from->firings as $firing) {
                $clock = $firing->table_at->setTimezone($kitchen->timezone)->format('H:i');
                if ($to->firings()->count() < self::MOST && $kitchen->dishes()->whereKey($firing->dish_id)->exists()) {
                    $to->firings()->create([...$firing->only(['kitchen_id', 'dish_id', 'covers', 'starters', 'label', 'note', 'early_min', 'late_min', 'parts', 'to_order']), 'table_at' => Evening::moment($to->on->format('Y-m-d'), $clock, $kitchen)]);
                }
            }
        }, attempts: 3);
    }

    /**
     * @param  array<string, mixed>  $entry
     *
     * @throws BadDocument
     */
    private static function save(Firing $firing, Night $night, Kitchen $kitchen, array $entry, CarbonImmutable $now, string $path): void
    {
        $day = $night->on->format('Y-m-d');
        $faults = [];
        foreach (['dish_id' => $kitchen->withDishes()->dishes, 'pan_id' => $kitchen->pans, 'burner_id' => $kitchen->burners] as $field => $rows) {
            if (isset($entry[$field]) && ! $rows->contains('id', $entry[$field])) {
                $faults[] = new Fault("$path/$field", 'there is no such '.['dish_id' => 'dish', 'pan_id' => 'pan', 'burner_id' => 'ring'][$field].' in this kitchen');
            }
        }
        if ($firing->exists && $entry['dish_id'] !== $firing->dish_id && $firing->cooks()->exists()) {
            $faults[] = new Fault("$path/dish_id", 'stays: it is in a pan already');
        }
        $dish = $kitchen->dishes->firstWhere('id', $entry['dish_id']);
        if (($entry['to_order'] ?? false) === true && $dish !== null && PartToCook::partCooking($dish, $kitchen) === null) {
            $faults[] = new Fault("$path/to_order", $kitchen->part_cooks ? 'must be false: this dish does not say how far it is cooked ahead' : 'must be false: this kitchen cooks nothing part-way');
        }
        $plates = $entry['covers'] + ($entry['starters'] ?? 0);
        if ($plates < 1 || $plates > 400) {
            $faults[] = new Fault("$path/covers", 'must be a whole number from 1 to 400, mains and starters together');
        }
        $on = isset($entry['on_at']) ? Evening::moment($day, $entry['on_at'], $kitchen) : null;
        $table = isset($entry['table_at']) ? Evening::moment($day, $entry['table_at'], $kitchen) : null;
        if ($on !== null && $table !== null && $on->greaterThanOrEqualTo($table)) {
            $faults[] = new Fault("$path/on_at", "must be a time before {$entry['table_at']}, when it is at the table");
        }
        if ($faults !== []) {
            throw new BadDocument($faults);
        }
        $firing->fill([
            'dish_id' => $entry['dish_id'], 'covers' => $entry['covers'], 'starters' => $entry['starters'] ?? 0, 'label' => $entry['label'] ?? '', 'note' => $entry['note'] ?? '', 'early_min' => $entry['early_min'] ?? self::EARLY_MIN, 'late_min' => $entry['late_min'] ?? self::LATE_MIN,
            'pan_id' => $entry['pan_id'] ?? null, 'burner_id' => $entry['burner_id'] ?? null, 'on_at' => $on, 'parts' => $entry['parts'] ?? 1, 'to_order' => $entry['to_order'] ?? false,
        ]);
        if ($table === null) {
            $firing->fill(['table_at' => self::soonest($firing, $night, $kitchen, $now, $path), 'late_min' => max(self::HONEST, $firing->late_min)]);
        } else {
            $firing->fill(['table_at' => $table]);
        }
        $firing->save();
    }

    /**
     * The first honest minute for somebody nobody counted on, with all else as it is shown.
     *
     * @throws BadDocument where there is none
     */
    private static function soonest(Firing $firing, Night $night, Kitchen $kitchen, CarbonImmutable $now, string $path): CarbonImmutable
    {
        $evening = new Evening($night->unsetRelation('firings'), $kitchen, $now);
        $firing->fill(['table_at' => $now]);
        $solver = new Solver($evening->night, $evening->timetables);
        $minute = $solver->soonest($evening->schedule(), $evening->firing($firing));
        $evening->timetables->keep();
        if ($minute === null) {
            $goesHome = max([-INF, ...array_map(static fn (Shift $shift): float => $shift->count > 0 ? $shift->to : -INF, $evening->night->hands)]);
            if ($goesHome <= $evening->night->now) {
                throw BadDocument::at("$path/table_at", 'cannot be: nobody is there any more on this night; say who is, or take another day');
            }
            throw BadDocument::at("$path/table_at", 'cannot be: no pan, ring or hand is free for it on this night; say a time, or who is there');
        }

        return $evening->at($minute + self::HONEST)->startOfMinute()->utc();
    }
}

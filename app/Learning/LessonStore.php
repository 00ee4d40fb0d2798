<?php

declare(strict_types=1);

namespace App\Learning;

use App\Bench\TimeBudget;
use App\Models\Cook;
use App\Models\Dish;
use App\Models\Kitchen;
use App\Models\Lesson as LessonRow;
use App\Stove\StoredCook;
use Closure;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Velko\Core\Learning\Lesson;
use Velko\Core\Learning\LoggedCook;

/** What the cooks of a kitchen tell, each worked out once and kept beside its events; again where those have grown, or the engine reads them otherwise. */
final class LessonStore
{
    /** Whoever cooked before so many others tells of another kitchen. */
    public const MOST = 400;

    /** Version of the reading of a cook. Increment it to make all stored lessons again. */
    private const READING = 5;

    /** @return list<Lesson> those there was time for; a ring, a pan, a rice and a dish are called by the number of their row */
    public static function of(Kitchen $kitchen, TimeBudget $budget): array
    {
        $made = self::madeFrom($kitchen);
        $documents = [];
        $missing = $made;
        foreach (LessonRow::query()->whereIn('cook_id', array_keys($made))->get() as $row) {
            if ($row->made_from === $made[$row->cook_id]) {
                $documents[] = $row->document;
                unset($missing[$row->cook_id]);
            }
        }
        /** @var array<int, int> $rice */
        $rice = DB::table('dishes')->where('kitchen_id', $kitchen->id)->pluck('rice_id', 'id')->all();
        $rows = $budget->each(array_map(static fn (int $cook): Closure => static fn (): LessonRow => self::keep($cook, $kitchen, $made[$cook], $rice), array_keys($missing)));

        foreach ($rows as $row) {
            $documents[] = $row->document;
        }

        return array_values(array_map(static fn (array $document): Lesson => LessonDocument::read($document), array_filter($documents, static fn (?array $document): bool => $document !== null)));
    }

    /** By which is known whether the lessons of a kitchen are what they were. */
    public static function stamp(Kitchen $kitchen): string
    {
        return hash('xxh128', serialize(self::madeFrom($kitchen)));
    }

    /** @return Collection<int, Dish> with what is in them: all that those cooks were of */
    public static function dishes(Kitchen $kitchen): Collection
    {
        // One after the other: joined, all the cooks there ever were are sorted.
        $plans = DB::table('cooks')->where('kitchen_id', $kitchen->id)->orderByDesc('table_at')->limit(self::MOST)->pluck('plan_id');
        $dishes = DB::table('plans')->whereIn('id', $plans->unique()->all())->distinct()->pluck('dish_id');

        return Dish::query()->with('ingredients')->where('kitchen_id', $kitchen->id)->findMany($dishes->all());
    }

    /** @return array<int, string> of the last cooks of a kitchen, the newest first, what their lessons are made from */
    private static function madeFrom(Kitchen $kitchen): array
    {
        $cooks = Cook::query()->where('kitchen_id', $kitchen->id)->orderByDesc('table_at')->limit(self::MOST)->pluck('id')->all();
        $events = DB::table('cook_events')->whereIn('cook_id', $cooks)->groupBy('cook_id')->selectRaw('cook_id, COUNT(*) AS events, MAX(id) AS last')->get()->keyBy('cook_id');
        $made = [];
        foreach ($cooks as $cook) {
            $of = $events->get($cook);
            if ($of !== null) {
                $made[$cook] = self::READING.":$of->events:$of->last";
            }
        }

        return $made;
    }

    /** @param  array<int, int>  $rice  by dish */
    private static function keep(int $id, Kitchen $kitchen, string $madeFrom, array $rice): LessonRow
    {
        $cook = Cook::query()->with(Cook::WHOLE)->findOrFail($id);
        $plan = $cook->plan;
        $stored = new StoredCook($cook);
        $packet = $plan->dish_id === null ? null : $rice[$plan->dish_id] ?? null;
        $lesson = $plan->burner_id === null || $packet === null ? null
            : Lesson::of(new LoggedCook($cook->uuid, $cook->table_at->getTimestampMs(), $stored->ask(), $stored->heat(), $stored->replay, (string) $plan->burner_id, (string) $packet, (string) $plan->dish_id, $plan->pan_id === null ? null : (string) $plan->pan_id));

        return LessonRow::query()->updateOrCreate(['cook_id' => $id], ['kitchen_id' => $kitchen->id, 'made_from' => $madeFrom, 'document' => $lesson === null ? null : LessonDocument::of($lesson)]);
    }
}

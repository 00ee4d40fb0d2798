<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Contracts\BadDocument;
use App\Contracts\PlanRequestDocument;
use App\Dish\Photo;
use App\Models\Cook;
use App\Models\CookPhoto;
use App\Models\Plan;
use App\Models\User;
use App\Stove\CookDocument;
use App\Stove\SaveEvent;
use App\Words\Words;
use Carbon\CarbonImmutable;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use Throwable;

/** A cook from an archive: its plan as it was put on the fire, and every event. */
final class ImportCook
{
    private const AT_ONCE = 100;

    /**
     * @param  array<string, mixed>  $row  held to its schema
     * @param  array<int|string, int>  $dishes  ids by name
     * @param  array<int|string, int>  $pans  ids by name
     * @param  array<int|string, int>  $burners  ids by name
     *
     * @throws BadDocument when it cannot be played back
     */
    public static function of(User $user, array $row, array $dishes, array $pans, array $burners): void
    {
        $request = self::part($row['request']);
        try {
            PlanRequestDocument::of($request)->ask();
        } catch (BadDocument $bad) {
            throw $bad->under('/request');
        }
        $plan = Plan::query()->create([
            'kitchen_id' => $user->kitchen_id,
            'dish_id' => $dishes[self::word($row['dish'])] ?? null,
            'pan_id' => $pans[self::word($row['pan'])] ?? null,
            'burner_id' => $burners[self::word($row['burner'])] ?? null,
            'request' => $request,
            'working' => $row['working'],
            'table_at' => Moment::of($row['table_at'], '/table_at'),
        ]);
        try {
            $cook = Cook::query()->create(['uuid' => $row['id'], 'kitchen_id' => $user->kitchen_id, 'plan_id' => $plan->id, 'user_id' => $user->id, 'cooked_by' => $row['by'], 'table_at' => $plan->table_at]);
        } catch (UniqueConstraintViolationException) {
            throw BadDocument::at('/id', 'stands twice');
        }
        self::events($cook->setRelation('plan', $plan), $user, self::rows($row['events']));
        ArchivedNights::serve($cook, $user->kitchen, $row['serves'] ?? []);
        if (isset($row['photo'])) {
            self::photo($cook, self::word($row['photo']));
        }
        self::playBack($cook);
    }

    /** @throws BadDocument when it is no picture */
    private static function photo(Cook $cook, string $photo): void
    {
        try {
            CookPhoto::query()->create(['cook_id' => $cook->id, 'kitchen_id' => $cook->kitchen_id, 'jpeg' => Photo::small((string) base64_decode($photo, true))]);
        } catch (BadDocument $bad) {
            throw $bad->under('/photo');
        }
    }

    /**
     * @param  list<array<string, mixed>>  $events
     *
     * @throws BadDocument
     */
    private static function events(Cook $cook, User $user, array $events): void
    {
        $rows = $ids = [];
        foreach ($events as $i => $body) {
            $event = self::part($body['event']);
            if (isset($ids[self::word($event['id'])])) {
                throw BadDocument::at("/events/$i/event/id", 'stands twice');
            }
            $ids[self::word($event['id'])] = true;
            try {
                $rows[] = SaveEvent::row($cook, $user, $event, [
                    'said_by' => self::word($body['by']),
                    'server_at' => Moment::of($body['received_at'], '/received_at')->getTimestampMs(),
                    'out_of_time' => ($body['out_of_time'] ?? false) === true,
                    ...isset($body['at']) ? ['device_at' => Moment::of($body['at'], '/at')->getTimestampMs()] : [],
                ]);
            } catch (BadDocument $bad) {
                throw $bad->under("/events/$i/event");
            }
        }
        foreach (array_chunk($rows, self::AT_ONCE) as $chunk) {
            DB::table('cook_events')->insert(array_map(static fn (array $row): array => [...$row, 'payload' => json_encode($row['payload'])], $chunk));
        }
    }

    /**
     * A schema cannot say whether a plan hangs together with its own request: it is played back once, as the log will.
     *
     * @throws BadDocument
     */
    private static function playBack(Cook $cook): void
    {
        try {
            CookDocument::of($cook->fresh(Cook::WHOLE) ?? $cook, CarbonImmutable::now(), new Words);
        } catch (Throwable) {
            throw BadDocument::at('/working', 'cannot be played back with its request and its events');
        }
    }

    /** @return list<array<string, mixed>> */
    private static function rows(mixed $rows): array
    {
        /** @var list<array<string, mixed>> $rows */
        return $rows;
    }

    /** @return array<string, mixed> */
    private static function part(mixed $part): array
    {
        /** @var array<string, mixed> $part */
        return $part;
    }

    private static function word(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }
}

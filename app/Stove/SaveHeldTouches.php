<?php

declare(strict_types=1);

namespace App\Stove;

use App\Contracts\BadDocument;
use App\Models\Cook;
use App\Models\CookEvent;
use App\Models\HeldTouch;
use App\Models\Kitchen;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** Touches that a tablet still held when whoever made them had been removed. They count for nothing until a chef decides. */
final class SaveHeldTouches
{
    /** No kitchen holds more: a whole night has some hundreds. */
    private const MOST = 2000;

    /**
     * @param  array<string, mixed>  $document  cook-event, held to its schema
     *
     * @throws BadDocument when it names a stage that this cook does not have, or too many are held
     */
    public static function hold(Cook $cook, User $said, array $document, DeviceClock $clock): void
    {
        $row = SaveEvent::heard($cook, $said, $document, $clock);
        if (HeldTouch::query()->count() >= self::MOST) {
            throw BadDocument::at('/by', 'was removed, and '.self::MOST.' touches are held already; a chef decides about those first');
        }
        HeldTouch::query()->firstOrCreate(['cook_id' => $cook->id, 'uuid' => $document['id']], ['kitchen_id' => $cook->kitchen_id, 'user_id' => $said->id, 'touch' => $row]);
    }

    /** @return list<array<string, mixed>> of velko.people/1: what is held, by who made it */
    public static function waiting(Kitchen $kitchen): array
    {
        $at = static fn (mixed $ms): string => CarbonImmutable::createFromTimestampMs(is_numeric($ms) ? (int) $ms : 0, $kitchen->timezone)->toIso8601String();

        return array_values(HeldTouch::query()->with(['user', 'cook.plan'])->get()->sortBy('id')->groupBy('user_id')->map(static fn (Collection $held): array => [
            'person' => $held->firstOrFail()->user_id,
            'name' => $held->firstOrFail()->user->name,
            'touches' => $held->count(),
            'dishes' => array_values($held->map(static fn (HeldTouch $touch): string => $touch->cook->plan->working['dish']['name'])->unique()->all()),
            'first_at' => $at($held->min(static fn (HeldTouch $touch): mixed => $touch->touch['device_at'])),
            'last_at' => $at($held->max(static fn (HeldTouch $touch): mixed => $touch->touch['device_at'])),
            'came_at' => $at($held->max(static fn (HeldTouch $touch): mixed => $touch->touch['server_at'])),
        ])->all());
    }

    /** Into their cooks, or away. A touch that its cook has by now is not taken twice. */
    public static function decide(User $said, bool $keep): void
    {
        DB::transaction(static function () use ($said, $keep): void {
            foreach (HeldTouch::query()->where('user_id', $said->id)->get()->sortBy('id') as $held) {
                if ($keep && ! CookEvent::query()->where('cook_id', $held->cook_id)->where('uuid', $held->uuid)->exists()) {
                    CookEvent::query()->create($held->touch);
                }
                $held->delete();
            }
        }, attempts: 3);
    }
}

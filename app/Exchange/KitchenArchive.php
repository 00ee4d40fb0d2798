<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Dish\DishBody;
use App\Models\BoilOffTest;
use App\Models\Burner;
use App\Models\BurnerSetting;
use App\Models\Cook;
use App\Models\CookEvent;
use App\Models\CookPhoto;
use App\Models\Dish;
use App\Models\DishVersion;
use App\Models\Kitchen;
use App\Models\Ladle;
use App\Models\Pan;
use App\Models\Rice;
use App\Models\Stock;
use App\Stove\CookDocument;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/**
 * A kitchen whole, what it has and what it cooked: each plan as it was put on the fire, and every event. velko.archive/2 is
 * lines of JSON, the kitchen first, then a cook a line, so that neither way all of a long log is in memory at once.
 */
final class KitchenArchive
{
    private const AT_ONCE = 100;

    /** The newest of a dish, and of the boil-off tests of a ring, as contracts/archive-head.json takes them. */
    private const VERSIONS = 500;

    private const TESTS = 1000;

    /** @return iterable<string> the lines of velko.archive/2, as the kitchen stands now */
    public static function lines(Kitchen $kitchen): iterable
    {
        // One moment of it, however long the lines take.
        DB::beginTransaction();
        try {
            yield self::line(self::head($kitchen));
            foreach (self::cooks($kitchen) as $cook) {
                yield self::line($cook);
            }
        } finally {
            DB::rollBack();
        }
    }

    /** @param  array<string, mixed>  $document */
    private static function line(array $document): string
    {
        return json_encode($document, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)."\n";
    }

    /** @return array<string, mixed> */
    private static function head(Kitchen $kitchen): array
    {
        $kitchen->loadMissing(['pans', 'burners.settings', 'burners.tests.pan', 'ladles', 'rices', 'stocks', 'dishes.rice', 'dishes.stock', 'dishes.ingredients', 'dishes.sideWorks', 'dishes.versions']);

        return [
            'format' => 'velko.archive/2',
            'house' => [...$kitchen->only(['name', 'altitude_m', 'room_c', 'plates_c', 'glug_ml', 'salt_low', 'salt_high', 'timezone', 'units']), ...($kitchen->services === null ? [] : ['services' => $kitchen->services]), 'safety' => $kitchen->safety()],
            'pans' => array_values($kitchen->pans->sortBy('name')->map(static fn (Pan $pan): array => $pan->only(['name', 'base_cm', 'rim_cm', 'height_cm', 'metal_j_per_k', 'weight_g']))->all()),
            'burners' => array_values($kitchen->burners->sortBy('name')->map(self::burner(...))->all()),
            'ladles' => array_values($kitchen->ladles->sortBy('ml')->map(static fn (Ladle $ladle): array => ['ml' => $ladle->ml])->all()),
            'rices' => array_values($kitchen->rices->sortBy('name')->map(static fn (Rice $rice): array => DishBody::rice($rice))->all()),
            'stocks' => array_values($kitchen->stocks->sortBy('name')->map(static fn (Stock $stock): array => DishBody::stock($stock))->all()),
            'dishes' => array_values($kitchen->dishes->sortBy('name')->map(static fn (Dish $dish): array => [
                'rice' => $dish->rice->name,
                'stock' => $dish->stock->name,
                'dish' => DishBody::of($dish),
                'versions' => array_values($dish->versions->sortBy('number')->take(-self::VERSIONS)->map(static fn (DishVersion $version): array => [
                    'number' => $version->number, 'at' => $version->created_at->toIso8601String(), 'document' => $version->document,
                ])->all()),
            ])->all()),
            'nights' => ArchivedNights::of($kitchen),
            'own' => ArchivedOwn::of($kitchen),
            'paper' => ArchivedPaper::of($kitchen),
            'cooks' => $kitchen->cooks()->count(),
        ];
    }

    /** @return array<string, mixed> */
    private static function burner(Burner $burner): array
    {
        return [
            ...$burner->only(['name', 'ring_cm', 'grate_cm', 'fuel', 'fades_percent_per_min', 'outdoors', 'rated_w']),
            'marks' => array_values($burner->settings->map(static fn (BurnerSetting $setting): array => $setting->only(['mark', 'share', 'net_w']))->all()),
            'tests' => array_values($burner->tests->sortBy('id')->take(-self::TESTS)->map(static fn (BoilOffTest $test): array => [
                ...$test->only(['mark', 'before_g', 'after_g', 'minutes']), 'pan' => $test->pan->name, 'at' => $test->created_at->toIso8601String(),
            ])->all()),
        ];
    }

    /** @return iterable<array<string, mixed>> its cooks, oldest first */
    private static function cooks(Kitchen $kitchen): iterable
    {
        $names = ['dish' => self::names(Dish::class, $kitchen), 'pan' => self::names(Pan::class, $kitchen), 'burner' => self::names(Burner::class, $kitchen)];
        foreach (Cook::query()->with(['plan', 'user', 'events.user', 'firings.night.firings'])->where('kitchen_id', $kitchen->id)->lazyById(self::AT_ONCE) as $cook) {
            $plan = $cook->plan;
            $served = ArchivedNights::served($cook, $kitchen);
            $photo = CookPhoto::query()->where('kitchen_id', $kitchen->id)->find($cook->id);
            yield [
                'id' => $cook->uuid,
                'by' => $cook->by(),
                'table_at' => $plan->table_at->utc()->toIso8601String(),
                'dish' => $names['dish'][$plan->dish_id] ?? null,
                'pan' => $names['pan'][$plan->pan_id] ?? null,
                'burner' => $names['burner'][$plan->burner_id] ?? null,
                'request' => $plan->requestDocument(),
                'working' => CookDocument::working($plan->working),
                'events' => array_values($cook->events->sortBy('id')->map(self::event(...))->all()),
                ...$served === [] ? [] : ['serves' => $served],
                ...$photo === null ? [] : ['photo' => base64_encode($photo->jpeg)],
            ];
        }
    }

    /** @return array<string, mixed> */
    private static function event(CookEvent $event): array
    {
        $at = self::moment($event->device_at);

        return [
            'event' => $event->payload, 'by' => $event->by(), 'received_at' => self::moment($event->server_at),
            ...$at === $event->payload['at'] ? [] : ['at' => $at],
            ...$event->out_of_time ? ['out_of_time' => true] : [],
        ];
    }

    private static function moment(int $ms): string
    {
        return CarbonImmutable::createFromTimestampMs($ms)->format('Y-m-d\TH:i:s.v\Z');
    }

    /**
     * @param  class-string<Dish|Pan|Burner>  $model
     *
     * @return array<int, string> by id, of what is still there
     */
    private static function names(string $model, Kitchen $kitchen): array
    {
        /** @var array<int, string> */
        return $model::query()->where('kitchen_id', $kitchen->id)->pluck('name', 'id')->all();
    }
}

<?php

declare(strict_types=1);

namespace App\Dish;

use App\Contracts\BadDocument;
use App\Contracts\EntityTag;
use App\Contracts\Fault;
use App\Contracts\PlanRequestDocument;
use App\Models\Dish;
use App\Models\DishVersion;
use App\Models\Kitchen;
use App\Models\User;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use Velko\Core\Family\Families;
use Velko\Core\Method\Cover;

/** Enters and changes dishes; every state that a dish was saved in stays as a version. */
final class SaveDish
{
    private const COPIES = 50;

    /** As many as a kitchen may have. */
    private const MOST = 400;

    /**
     * @param  array<string, mixed>  $entry  velko.dish-entry/1, held to its schema
     *
     * @throws BadDocument
     */
    public static function enter(User $user, array $entry): Dish
    {
        self::hasRoom($user->kitchen);

        return self::save($user, new Dish(['kitchen_id' => $user->kitchen_id]), $entry);
    }

    /**
     * @param  array<string, mixed>  $entry  velko.dish-entry/1, held to its schema
     * @param  string|null  $known  the version that was changed, as If-Match ({@see EntityTag::mustBe})
     */
    public static function change(User $user, Dish $dish, array $entry, ?string $known): Dish
    {
        return DB::transaction(static function () use ($user, $dish, $entry, $known): Dish {
            // One at a time, so that of two who changed the same version the second is told.
            DB::table('dishes')->where('id', $dish->id)->lockForUpdate()->get();
            EntityTag::mustBe($known, self::tag($dish));

            return self::save($user, $dish, $entry);
        }, attempts: 3);
    }

    /** Of the version as it stands, for ETag and If-Match (RFC 9110). */
    public static function tag(Dish $dish): string
    {
        return (string) ($dish->versions()->max('number') ?? 0);
    }

    /** The same dish again under a name of its own. */
    public static function copy(User $user, Dish $dish): Dish
    {
        $body = DishBody::of($dish);
        $taken = $user->kitchen->dishes()->pluck('name')->all();
        $name = $dish->name;
        for ($n = 2; in_array($name, $taken, true) && $n < self::COPIES; $n++) {
            $name = mb_strimwidth($dish->name, 0, 110)." ($n)";
        }

        return self::enter($user, ['rice_id' => $dish->rice_id, 'stock_id' => $dish->stock_id, 'dish' => [...$body, 'name' => $name]]);
    }

    /** Off the list; its name is free again, and the cooks of it stay in the log. */
    public static function retire(Dish $dish): void
    {
        $dish->update(['name' => mb_strimwidth($dish->name, 0, 100)." (retired $dish->id)"]);
        $dish->delete();
    }

    /** @throws BadDocument when its name has been given to another meanwhile, or its rice or stock has gone too */
    public static function bringBack(User $user, Dish $dish): void
    {
        self::hasRoom($user->kitchen);
        self::check($user->kitchen, $dish);
        $last = $dish->versions()->first()?->document;
        $body = is_array($last) && is_array($last['dish'] ?? null) ? $last['dish'] : [];
        try {
            $dish->forceFill(['name' => $body['name'] ?? $dish->name, 'deleted_at' => null])->save();
        } catch (UniqueConstraintViolationException) {
            throw BadDocument::at('/dish/name', 'has been given to another dish: rename that one first');
        }
    }

    /** @throws BadDocument */
    private static function hasRoom(Kitchen $kitchen): void
    {
        if ($kitchen->dishes()->count() >= self::MOST) {
            throw BadDocument::at('', 'is one too many: a kitchen has at most '.self::MOST.' dishes');
        }
    }

    /**
     * @param  array<string, mixed>  $entry
     *
     * @throws BadDocument
     */
    private static function save(User $user, Dish $dish, array $entry): Dish
    {
        $body = is_array($entry['dish']) ? $entry['dish'] : [];
        $dish->fill([...DishBody::columns($body), 'rice_id' => $entry['rice_id'], 'stock_id' => $entry['stock_id']]);
        self::check($user->kitchen, $dish);
        try {
            return DB::transaction(static function () use ($user, $dish, $body): Dish {
                $dish->save();
                [$ingredients, $works] = DishBody::rows($body);
                $dish->ingredients()->delete();
                $dish->sideWorks()->delete();
                foreach ($ingredients as $row) {
                    $dish->ingredients()->create([...$row, 'kitchen_id' => $dish->kitchen_id]);
                }
                foreach ($works as $row) {
                    $dish->sideWorks()->create([...$row, 'kitchen_id' => $dish->kitchen_id]);
                }
                $dish->refresh()->load(['rice', 'stock', 'ingredients', 'sideWorks']);
                self::keepVersion($user, $dish);

                return $dish;
            }, attempts: 3);
        } catch (UniqueConstraintViolationException) {
            throw BadDocument::at('/dish/name', 'is there already');
        }
    }

    private static function keepVersion(User $user, Dish $dish): void
    {
        $document = DishBody::whole($dish);
        $latest = $dish->versions()->first();
        if ($latest !== null && $latest->document == $document) {
            return;
        }
        DishVersion::query()->create([
            'kitchen_id' => $dish->kitchen_id, 'dish_id' => $dish->id, 'user_id' => $user->id,
            'number' => ($latest->number ?? 0) + 1, 'document' => $document,
        ]);
        $dish->unsetRelation('versions');
    }

    /** @throws BadDocument when the rice or the stock is not of this kitchen, or the method does not go with the family */
    private static function check(Kitchen $kitchen, Dish $dish): void
    {
        $faults = [];
        foreach (['rice' => $kitchen->rices(), 'stock' => $kitchen->stocks()] as $what => $rows) {
            if (! $rows->where('id', $dish->getAttribute("{$what}_id"))->exists()) {
                $faults[] = new Fault("/{$what}_id", "there is no such $what in this kitchen");
            }
        }
        $traits = Families::named($dish->family)->traits();
        $covers = array_map(static fn (Cover $cover): string => $cover->value, Cover::known($traits->inStages, $traits->driesOut));
        if (! in_array($dish->cover, $covers, true)) {
            $faults[] = new Fault('/dish/cover', 'must be one of '.implode(', ', $covers).' for such a rice');
        }
        try {
            PlanRequestDocument::of([
                'format' => 'velko.plan-request/1', 'family' => $dish->family, 'covers' => 1, 'rice' => ['variety' => 'carnaroli'], ...self::asked($dish),
            ])->ask();
        } catch (BadDocument $bad) {
            foreach ($bad->faults as $fault) {
                $faults[] = new Fault('/dish/'.self::field($fault->path), $fault->detail);
            }
        }
        if ($faults !== []) {
            throw new BadDocument($faults);
        }
    }

    /** @return array<string, array<string, mixed>> what a dish says of method and target, as fields of a plan request */
    private static function asked(Dish $dish): array
    {
        return [
            'method' => [
                ...$dish->only(['doses', 'stirring', 'sealed', 'finish_min', 'rest_min', 'rest_covered', 'toast', 'pace', 'fat', 'rained_in', 'base_apart', 'two_pours', 'finish_on_the_heat', 'rinsed', 'soak_min']),
                'crust' => $dish->crust_school,
                ...$dish->oven_c === null ? [] : ['oven_c' => $dish->oven_c],
                ...$dish->part_cooked_share === null ? [] : ['part_cooking' => ['share' => $dish->part_cooked_share, 'layer_mm' => $dish->part_cooked_mm]],
            ],
            'target' => $dish->only(['looseness', 'minutes_to_table', 'crust']),
        ];
    }

    /** The dish's own name for a field of the plan request. */
    private static function field(string $path): string
    {
        return match ($path) {
            '/method/crust' => 'crust_school',
            '/method/part_cooking' => 'part_cooked_share',
            default => basename($path),
        };
    }
}

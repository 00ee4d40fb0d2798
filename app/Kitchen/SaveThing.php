<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contracts\BadDocument;
use App\Contracts\EntityTag;
use App\Models\Burner;
use App\Models\BurnerSetting;
use App\Models\Kitchen;
use Collator;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;

/** Enters, changes and retires what a kitchen has. What was retired comes back when it is entered again by its name. */
final class SaveThing
{
    /**
     * @param  array<string, mixed>  $document  held to the thing's schema
     *
     * @throws BadDocument
     */
    public static function enter(Kitchen $kitchen, Thing $thing, array $document): Model
    {
        $columns = $thing->columns($document);
        $model = $thing->model();
        self::hasRoom($kitchen, $thing);
        $retired = self::retired(new $model, $kitchen, $thing->name(), $columns[$thing->name()]);

        return self::written($thing, $document, static function () use ($model, $kitchen, $columns, $retired): Model {
            if ($retired !== null) {
                $retired->forceFill([...$columns, 'deleted_at' => null])->save();

                return $retired;
            }

            return $model::query()->create([...$columns, 'kitchen_id' => $kitchen->id]);
        });
    }

    /**
     * @param  array<string, mixed>  $document  held to the thing's schema
     * @param  string|null  $known  the one that was changed, as If-Match ({@see EntityTag::mustBe})
     *
     * @throws BadDocument
     */
    public static function change(Thing $thing, Model $row, array $document, ?string $known): Model
    {
        $columns = $thing->columns($document);

        return self::written($thing, $document, static function () use ($thing, $row, $columns, $known): Model {
            // One at a time: two who change the marks of one ring would wait for each other for ever.
            DB::table($row->getTable())->where('id', $row->getKey())->lockForUpdate()->get();
            EntityTag::mustBe($known, $thing->tag($row->refresh()));
            $row->update($columns);

            return $row;
        });
    }

    /** @throws BadDocument when others stand on it */
    public static function retire(Thing $thing, Model $row): void
    {
        $keeps = $thing->keeps($row);
        if ($keeps !== null) {
            throw BadDocument::at('', $keeps);
        }
        DB::transaction(static function () use ($row): void {
            if ($row instanceof Burner) {
                $row->devices()->delete(); // what stood at it goes with it
            }
            $row->delete();
        }, attempts: 3);
    }

    /** What was retired by mistake; refused when the kitchen has as many others by now as it may have. */
    public static function bringBack(Kitchen $kitchen, Thing $thing, Model $row): void
    {
        DB::transaction(static function () use ($kitchen, $thing, $row): void {
            // One at a time: two that come back together would both find room.
            DB::table('kitchens')->where('id', $kitchen->id)->lockForUpdate()->get();
            self::hasRoom($kitchen, $thing);
            $row->forceFill(['deleted_at' => null])->save();
        }, attempts: 3);
    }

    /** @throws BadDocument */
    private static function hasRoom(Kitchen $kitchen, Thing $thing): void
    {
        if ($thing->model()::query()->where('kitchen_id', $kitchen->id)->count() >= $thing->most()) {
            throw BadDocument::at('', "is one too many: a kitchen has at most {$thing->most()} $thing->value");
        }
    }

    private static function retired(Model $like, Kitchen $kitchen, string $column, mixed $name): ?Model
    {
        return in_array(SoftDeletes::class, class_uses_recursive($like), true)
            ? $like->newQueryWithoutScope(SoftDeletingScope::class)->where('deleted_at', '!=', null)->where('kitchen_id', $kitchen->id)->where($column, $name)->first()
            : null;
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  callable(): Model  $write
     *
     * @throws BadDocument
     */
    private static function written(Thing $thing, array $document, callable $write): Model
    {
        try {
            return DB::transaction(static function () use ($write, $document): Model {
                $row = $write();
                if ($row instanceof Burner && is_array($document['marks'])) {
                    self::marks($row, array_values($document['marks']));
                }

                return $row;
            }, attempts: 3);
        } catch (UniqueConstraintViolationException) {
            throw BadDocument::at('/'.$thing->name(), 'is there already');
        }
    }

    /**
     * @param  list<array{mark: string, share: float, net_w: float|null}>  $marks
     *
     * @throws BadDocument when a mark stands twice
     */
    private static function marks(Burner $burner, array $marks): void
    {
        $alike = new Collator('root');
        $alike->setStrength(Collator::PRIMARY); // as the database compares: é and e, ① and 1 are one
        foreach ($marks as $i => $mark) {
            foreach (array_slice($marks, 0, $i) as $before) {
                if ($alike->compare($mark['mark'], $before['mark']) === 0) {
                    throw BadDocument::at("/marks/$i/mark", $mark['mark'] === $before['mark'] ? 'stands twice' : "is the same mark as {$before['mark']}: {$mark['mark']} and it cannot be told apart");
                }
            }
        }
        $burner->settings()->whereNotIn('mark', array_column($marks, 'mark'))->delete();
        foreach ($marks as $position => $mark) {
            BurnerSetting::query()->updateOrCreate(
                ['burner_id' => $burner->id, 'mark' => $mark['mark']],
                ['kitchen_id' => $burner->kitchen_id, 'share' => $mark['share'], 'net_w' => $mark['net_w'], 'position' => $position],
            );
        }
        $burner->unsetRelation('settings');
    }
}

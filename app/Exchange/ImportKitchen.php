<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Contracts\BadDocument;
use App\Contracts\Contract;
use App\Dish\SaveDish;
use App\Kitchen\SaveKitchen;
use App\Kitchen\SaveThing;
use App\Kitchen\Thing;
use App\Models\BoilOffTest;
use App\Models\DishVersion;
use App\Models\Kitchen;
use App\Models\LogLine;
use App\Models\User;
use App\People\DeleteKitchen;
use Illuminate\Support\Facades\DB;
use Velko\Core\Learning\BoilOff;

/** A kitchen from its archive, with nothing lost: velko.archive/2 in parts, or velko.archive/1, one document. */
final class ImportKitchen
{
    /** Lines in one part of a log that comes in parts. */
    private const MOST_LINES = 100;

    /** Values in one of them. */
    private const MOST_VALUES = 200_000;

    /**
     * Into a kitchen that has nothing yet: all of it, or nothing.
     *
     * @param  array<string, mixed>  $archive  held to its schema
     *
     * @throws BadDocument when the kitchen has something already, or the archive contradicts itself
     */
    public static function into(User $user, array $archive): void
    {
        $kitchen = $user->kitchen;
        $shelves = ['pans' => $kitchen->pans(), 'burners' => $kitchen->burners(), 'ladles' => $kitchen->ladles(), 'rices' => $kitchen->rices(), 'stocks' => $kitchen->stocks(), 'dishes' => $kitchen->dishes(), 'cooks' => $kitchen->cooks(), 'nights' => $kitchen->nights(), 'lines from paper' => LogLine::query()->where('kitchen_id', $kitchen->id)];
        foreach ($shelves as $shelf => $rows) {
            if ($rows->exists()) {
                throw BadDocument::at('', "goes into an empty kitchen; this one has $shelf already");
            }
        }
        DB::transaction(static function () use ($user, $kitchen, $archive): void {
            self::within('/house', static fn () => SaveKitchen::of($kitchen, self::part($archive['house'])));
            $pans = self::things($kitchen, Thing::Pans, 'pans', $archive);
            $burners = self::things($kitchen, Thing::Burners, 'burners', $archive);
            self::things($kitchen, Thing::Ladles, 'ladles', $archive);
            $rices = self::things($kitchen, Thing::Rices, 'rices', $archive);
            $stocks = self::things($kitchen, Thing::Stocks, 'stocks', $archive);
            foreach (self::rows($archive, 'burners') as $i => $burner) {
                self::tests($user, $burners[$burner['name']] ?? 0, $pans, self::rows($burner, 'tests'), "/burners/$i/tests");
            }
            foreach (self::rows($archive, 'dishes') as $i => $row) {
                self::dish($user, $row, $rices, $stocks, "/dishes/$i");
            }
            $dishes = $kitchen->dishes()->pluck('id', 'name')->all();
            $kitchen->unsetRelations();
            ArchivedNights::into($kitchen, self::rows(['nights' => [], ...$archive], 'nights'), ['dish' => $dishes, 'pan' => $pans, 'burner' => $burners]);
            ArchivedOwn::into($kitchen, self::rows(['own' => [], ...$archive], 'own'), ['burner' => $burners, 'rice' => $rices, 'dish' => $dishes]);
            ArchivedPaper::into($kitchen, self::rows(['paper' => [], ...$archive], 'paper'), ['dish' => $dishes, 'pan' => $pans, 'burner' => $burners]);
            if (is_int($archive['cooks'] ?? null)) {
                $kitchen->update(['cooks_to_come' => $archive['cooks']]);

                return;
            }
            foreach (self::rows(['cooks' => [], ...$archive], 'cooks') as $i => $cook) {
                self::within("/cooks/$i", static fn () => ImportCook::of($user, $cook, $dishes, $pans, $burners));
            }
        });
        $kitchen->unsetRelations();
    }

    /**
     * The next cooks of an archive that comes in parts. Those that are there already, from a part that was sent before, stay as they are.
     *
     * @param  string  $lines  of velko.archive/2, without the first
     *
     * @throws BadDocument pointing at "/line number"
     */
    public static function more(User $user, string $lines): void
    {
        $rows = [];
        for ($row = strtok($lines, "\r\n"); $row !== false; $row = strtok("\r\n")) { // without making a list of empty ones
            if (trim($row) !== '' && array_push($rows, $row) > self::MOST_LINES) {
                throw BadDocument::at('', 'must be at most '.self::MOST_LINES.' lines');
            }
        }
        $cooks = [];
        foreach ($rows as $i => $line) {
            $cooks[] = self::within('/'.($i + 1), static fn (): array => Contract::named('archive-cook')->read($line, self::MOST_VALUES));
        }
        DB::transaction(static function () use ($user, $cooks): void {
            // One part at a time.
            $toCome = DB::table('kitchens')->where('id', $user->kitchen_id)->lockForUpdate()->value('cooks_to_come');
            if ($cooks !== [] && $toCome === 0) {
                throw BadDocument::at('', 'no archive is being brought in');
            }
            $kitchen = $user->kitchen;
            $known = $kitchen->cooks()->whereIn('uuid', array_column($cooks, 'id'))->pluck('uuid')->all();
            [$dishes, $pans, $burners] = [$kitchen->dishes()->pluck('id', 'name')->all(), $kitchen->pans()->pluck('id', 'name')->all(), $kitchen->burners()->pluck('id', 'name')->all()];
            foreach ($cooks as $i => $cook) {
                if (in_array($cook['id'], $known, true)) {
                    continue;
                }
                if ($toCome === 0) {
                    throw BadDocument::at('/'.($i + 1), 'is one more than the archive said');
                }
                self::within('/'.($i + 1), static fn () => ImportCook::of($user, $cook, $dishes, $pans, $burners));
                $toCome--;
            }
            $kitchen->update(['cooks_to_come' => $toCome]);
        }, attempts: 3);
    }

    /**
     * What came of it so far goes again; the kitchen is as empty as before.
     *
     * @throws BadDocument when none is being brought in
     */
    public static function stop(Kitchen $kitchen): void
    {
        if ($kitchen->cooks_to_come === 0) {
            throw BadDocument::at('', 'no archive is being brought in');
        }
        DeleteKitchen::empty($kitchen);
        $kitchen->update(['cooks_to_come' => 0]);
        $kitchen->unsetRelations();
    }

    /**
     * @param  array<string, mixed>  $archive
     *
     * @return array<int|string, int> ids by name
     */
    private static function things(Kitchen $kitchen, Thing $thing, string $shelf, array $archive): array
    {
        $ids = [];
        foreach (self::rows($archive, $shelf) as $i => $row) {
            $name = $row[$thing->name()];
            $stored = self::within("/$shelf/$i", static fn () => SaveThing::enter($kitchen, $thing, array_diff_key($row, ['tests' => true])));
            $ids[is_string($name) ? $name : $i] = (int) $stored->getAttribute('id');
        }

        return $ids;
    }

    /**
     * @param  array<int|string, int>  $pans
     * @param  list<array<string, mixed>>  $tests
     */
    private static function tests(User $user, int $burner, array $pans, array $tests, string $path): void
    {
        foreach ($tests as $i => $test) {
            $pan = $pans[self::word($test['pan'])] ?? throw BadDocument::at("$path/$i/pan", 'is not among the pans');
            [$before, $after, $minutes] = [self::number($test['before_g']), self::number($test['after_g']), self::number($test['minutes'])];
            if ($after >= $before) {
                throw BadDocument::at("$path/$i/after_g", "must be a number from 0 to $before (g, less than before)");
            }
            $result = BoilOff::of($before, $after, $minutes);
            $row = new BoilOffTest([
                'kitchen_id' => $user->kitchen_id, 'burner_id' => $burner, 'pan_id' => $pan, 'user_id' => $user->id, 'mark' => $test['mark'],
                'before_g' => $before, 'after_g' => $after, 'minutes' => $minutes, 'net_w' => round($result->net, 1), 'spread_w' => round($result->spread, 1),
            ]);
            $row->setCreatedAt(Moment::of($test['at'], "$path/$i/at"));
            $row->save();
        }
    }

    /**
     * @param  array<string, mixed>  $row
     * @param  array<int|string, int>  $rices
     * @param  array<int|string, int>  $stocks
     */
    private static function dish(User $user, array $row, array $rices, array $stocks, string $path): void
    {
        $rice = $rices[self::word($row['rice'])] ?? throw BadDocument::at("$path/rice", 'is not among the rices');
        $stock = $stocks[self::word($row['stock'])] ?? throw BadDocument::at("$path/stock", 'is not among the stocks');
        $dish = self::within($path, static fn () => SaveDish::enter($user, ['rice_id' => $rice, 'stock_id' => $stock, 'dish' => $row['dish']]));
        $versions = self::rows($row, 'versions');
        if ($versions === []) {
            return;
        }
        $dish->versions()->delete();
        $numbers = [];
        foreach ($versions as $i => $version) {
            if (in_array($version['number'], $numbers, true)) {
                throw BadDocument::at("$path/versions/$i/number", 'stands twice');
            }
            $numbers[] = $version['number'];
            $stored = new DishVersion(['kitchen_id' => $user->kitchen_id, 'dish_id' => $dish->id, 'user_id' => $user->id, 'number' => $version['number'], 'document' => $version['document']]);
            $stored->setCreatedAt(Moment::of($version['at'], "$path/versions/$i/at"));
            $stored->save();
        }
    }

    /**
     * Refusals of a part are told with where in the archive the part stands.
     *
     * @template T
     *
     * @param  callable(): T  $keep
     *
     * @return T
     *
     * @throws BadDocument
     */
    private static function within(string $path, callable $keep): mixed
    {
        try {
            return $keep();
        } catch (BadDocument $bad) {
            throw $bad->under($path);
        }
    }

    /**
     * @param  array<string, mixed>  $of
     *
     * @return list<array<string, mixed>>
     */
    private static function rows(array $of, string $name): array
    {
        /** @var list<array<string, mixed>> */
        return $of[$name];
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

    private static function number(mixed $value): float
    {
        return is_numeric($value) ? (float) $value : 0.0;
    }
}

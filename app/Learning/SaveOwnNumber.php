<?php

declare(strict_types=1);

namespace App\Learning;

use App\Contracts\BadDocument;
use App\Dish\DishContents;
use App\Kitchen\Station;
use App\Models\Burner;
use App\Models\BurnerSetting;
use App\Models\Dish;
use App\Models\Kitchen;
use App\Models\OwnNumber;
use App\Models\Rice;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Velko\Core\Learning\Learned;
use Velko\Core\Learning\LearnedNumber;
use Velko\Core\Learning\Parameter;
use Velko\Core\Rice\Window;

/** Takes what the log teaches of a ring, a rice or a base, or what somebody sets by hand, for the kitchen's own numbers; and gives it back. */
final class SaveOwnNumber
{
    /** How well a number is known that somebody set by hand, one standard deviation as a share (our estimate). */
    private const BY_HAND = 0.06;

    /** A number set by hand lies between such shares of what is given. */
    private const LEAST = 0.2;

    private const MOST = 4.0;

    /** A mark that gives less gives nothing, W. */
    private const LEAST_W = 1.0;

    /** No ring has more, W (that of burner.json). */
    private const MOST_W = 60_000.0;

    /**
     * @param  array<string, mixed>  $entry  velko.own-number/1, held to its schema
     * @param  callable(): Learned  $learned  by what is guessed and measured
     *
     * @throws BadDocument
     */
    public static function take(Kitchen $kitchen, string $by, array $entry, callable $learned, CarbonImmutable $now): void
    {
        $rows = array_map(static fn (array $row): array => [...$row, 'kitchen_id' => $kitchen->id, 'said_by' => $by, 'at' => $now], isset($entry['value']) ? [self::pinned($kitchen, $entry)] : self::withInseparable($kitchen, $entry, $learned()));
        DB::transaction(static function () use ($kitchen, $rows, $now): void {
            DB::table('kitchens')->where('id', $kitchen->id)->lockForUpdate()->get();
            foreach ($rows as $row) {
                self::ended($kitchen, $row, $now);
                OwnNumber::query()->create($row);
            }
        }, attempts: 3);
    }

    /**
     * @param  array<string, mixed>  $entry  velko.own-number/1, held to its schema
     *
     * @throws BadDocument
     */
    public static function giveBack(Kitchen $kitchen, array $entry, CarbonImmutable $now): void
    {
        $whose = OwnNumberSubject::of($entry['of']);
        self::ended($kitchen, ['of' => $entry['of'], $whose->value => $whose->named($kitchen, $entry)->id, ...($entry['mark'] ?? null) === null ? [] : ['mark' => $entry['mark']]], $now);
    }

    /**
     * One out of an archive.
     *
     * @param  array<string, mixed>  $row  of own_numbers
     *
     * @throws BadDocument under the path, where nothing can be so
     */
    public static function asItWas(Kitchen $kitchen, array $row, string $path): void
    {
        // A ring may have had more watts then.
        self::between($row['of'], $row['value'], $row['given'], $row['of'] === 'ring-power' ? self::MOST_W : self::MOST * $row['given'], "$path/value");
        OwnNumber::query()->create([...$row, 'kitchen_id' => $kitchen->id]);
    }

    /** @param  array<string, mixed>  $row */
    private static function ended(Kitchen $kitchen, array $row, CarbonImmutable $now): void
    {
        OwnNumber::query()->where('kitchen_id', $kitchen->id)->whereNull('until')->where(array_intersect_key($row, array_flip(['of', 'burner_id', 'rice_id', 'dish_id', 'mark'])))->update(['until' => $now]);
    }

    /**
     * @param  array<string, mixed>  $entry
     *
     * @return array<string, mixed>
     *
     * @throws BadDocument
     */
    private static function pinned(Kitchen $kitchen, array $entry): array
    {
        $whose = OwnNumberSubject::of($entry['of']);
        $owner = $whose->named($kitchen, $entry);
        if ($owner instanceof Burner) {
            $setting = $owner->settings->firstWhere('mark', $entry['mark'] ?? null) ?? throw self::noSuchMark($owner);
            $given = Station::givenNet($owner, $setting);

            return self::between('ring-power', $entry['value'], $given, $owner->rated_w, '/value') + ['of' => 'ring-power', 'burner_id' => $owner->id, 'mark' => $setting->mark, 'given' => $given, 'spread' => self::BY_HAND, 'cooks' => null];
        }
        $given = $owner instanceof Rice ? Station::givenOfRice($owner)[$entry['of']] : DishContents::baseLeft($owner) ?? throw self::nothingSweated();

        return self::between($entry['of'], $entry['value'], $given, self::MOST * $given, '/value') + ['of' => $entry['of'], $whose->value => $owner->id, 'given' => $given, 'spread' => self::BY_HAND, 'cooks' => null];
    }

    /**
     * No number is as far off as that; and none is nothing.
     *
     * @param  float  $given  guessed or measured
     * @param  float  $most  where nothing else ends it
     *
     * @return array{value: float}
     *
     * @throws BadDocument
     */
    private static function between(string $of, mixed $said, float $given, float $most, string $path): array
    {
        [$least, $most, $unit] = match ($of) {
            'ring-power' => [max(self::LEAST_W, self::LEAST * $given), $most, 'W'],
            'doneness' => [Window::MIN, Window::MAX, 'min'],
            'crust' => [self::LEAST * $given, $most, '×'],
            'base-yield' => [self::LEAST * $given, 1.0, 'g/g'],
            default => [self::LEAST * $given, $most, 'g/g'],
        };
        $value = is_numeric($said) ? (float) $said : NAN;

        return $value >= $least && $value <= $most ? ['value' => $value] : throw BadDocument::at($path, sprintf('must be a number from %s to %s (%s)', round($least, 2), round($most, 2), $unit));
    }

    /**
     * A number, and all that the cooks cannot tell it from: one of them alone would leave plans further off than none.
     *
     * @param  array<string, mixed>  $entry
     *
     * @return list<array<string, mixed>>
     *
     * @throws BadDocument if no cook tells of it
     */
    private static function withInseparable(Kitchen $kitchen, array $entry, Learned $learned): array
    {
        $rows = self::learned($kitchen, $entry, $learned);
        $taken = [self::address($entry) => true];
        $others = self::notApart($learned, $entry);
        while (($other = array_shift($others)) !== null) {
            $whose = OwnNumberSubject::of($other->of);
            $its = ['of' => $other->of, $whose->value => (int) $other->whose];
            if (isset($taken[self::address($its)]) || $whose->find($kitchen, $other->whose) === null || $whose === OwnNumberSubject::Pan) {
                continue;
            }
            $taken[self::address($its)] = true;
            array_push($rows, ...self::learned($kitchen, $its, $learned));
            array_push($others, ...self::notApart($learned, $its));
        }

        return $rows;
    }

    /** @param  array<string, mixed>  $entry */
    private static function address(array $entry): string
    {
        return $entry['of'].' '.($entry[OwnNumberSubject::of($entry['of'])->value] ?? '');
    }

    /**
     * @param  array<string, mixed>  $entry
     *
     * @return list<Parameter>
     */
    private static function notApart(Learned $learned, array $entry): array
    {
        $its = array_filter($learned->numbers, static fn (LearnedNumber $number): bool => $number->cooks > 0 && $number->parameter->of === $entry['of'] && $number->parameter->whose === (string) $entry[OwnNumberSubject::of($entry['of'])->value]);

        return array_merge(...array_values(array_map(static fn (LearnedNumber $number): array => $number->notApartFrom, $its)));
    }

    /**
     * @param  array<string, mixed>  $entry
     *
     * @return list<array<string, mixed>>
     *
     * @throws BadDocument where no cook tells of it
     */
    private static function learned(Kitchen $kitchen, array $entry, Learned $learned): array
    {
        $whose = OwnNumberSubject::of($entry['of']);
        $owner = $whose->named($kitchen, $entry);
        if ($owner instanceof Dish && DishContents::baseLeft($owner) === null) {
            throw self::nothingSweated(); // as it is written now, whatever it was when it was cooked
        }
        if (! $owner instanceof Burner) {
            $number = self::told($learned, Parameter::of($entry['of'], (string) $owner->id, null)) ?? throw BadDocument::at('', 'cannot be taken: no cook tells of it yet');

            return [self::row($number, $number->parameter->scatter()) + ['of' => $entry['of'], $whose->value => $owner->id, 'given' => $number->given, 'value' => $number->given * $number->factor()]];
        }
        $ring = self::told($learned, Parameter::ring((string) $owner->id)) ?? throw BadDocument::at('', 'cannot be taken: no cook tells of it yet');
        $mark = $entry['mark'] ?? null;
        if ($mark !== null && $owner->settings->firstWhere('mark', $mark) === null) {
            throw self::noSuchMark($owner);
        }
        // A mark on which nothing was cooked is as far off as its ring is.
        $row = static function (BurnerSetting $setting) use ($owner, $learned, $ring): array {
            $parameter = Parameter::mark((string) $owner->id, $setting->mark);
            $number = self::told($learned, $parameter);
            $given = Station::givenNet($owner, $setting);

            return self::row($number ?? $ring, hypot($ring->parameter->scatter(), $number === null ? $parameter->prior : 0.0)) + ['of' => 'ring-power', 'burner_id' => $owner->id, 'mark' => $setting->mark, 'given' => $given, 'value' => min($owner->rated_w, $given * ($number ?? $ring)->factor())];
        };

        return array_values($owner->settings->filter(static fn (BurnerSetting $setting): bool => $mark === null || $setting->mark === $mark)->map($row)->all());
    }

    /** @return array{spread: float, cooks: int} as the next cook may have it */
    private static function row(LearnedNumber $number, float $aCook): array
    {
        return ['spread' => round(hypot($number->spread, $aCook), 6), 'cooks' => $number->cooks];
    }

    private static function told(Learned $learned, Parameter $parameter): ?LearnedNumber
    {
        foreach ($learned->numbers as $number) {
            if ($number->parameter->key() === $parameter->key()) {
                return $number->cooks > 0 ? $number : null;
            }
        }

        return null;
    }

    private static function nothingSweated(): BadDocument
    {
        return BadDocument::at('/dish_id', 'has nothing in its base that loses weight');
    }

    private static function noSuchMark(Burner $burner): BadDocument
    {
        return BadDocument::at('/mark', 'must be one of the marks of '.$burner->name.': '.$burner->settings->pluck('mark')->implode(', '));
    }
}

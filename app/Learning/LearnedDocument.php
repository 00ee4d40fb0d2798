<?php

declare(strict_types=1);

namespace App\Learning;

use App\Words\Words;
use Carbon\CarbonImmutable;
use Velko\Core\Learning\Learned;
use Velko\Core\Learning\LearnedNumber;
use Velko\Core\Learning\Lesson;
use Velko\Core\Learning\Outlier;
use Velko\Core\Learning\Parameter;
use Velko\Core\Quantity\Fact;

/** The document velko.learned/1: what the cooks of a kitchen teach. */
final class LearnedDocument
{
    private const UNITS = ['ring-power' => 'W', 'pan-power' => '×', 'drinking' => 'g/g', 'doneness' => 'min', 'crust' => '×', 'base-yield' => 'g/g', 'ladle' => '×', 'scale' => '×'];

    private const DECIMALS = ['ring-power' => 0, 'pan-power' => 2, 'drinking' => 2, 'doneness' => 1, 'crust' => 2, 'base-yield' => 2, 'ladle' => 2, 'scale' => 2];

    /**
     * @param  list<Lesson>  $lessons
     * @param  int  $cooks  in the log
     *
     * @return array<string, mixed>
     */
    public static function of(array $lessons, int $cooks): array
    {
        $learned = Learned::from($lessons);
        $numbers = array_map(static fn (LearnedNumber $number): array => self::number($number, static fn (Parameter $parameter): string => $parameter->whose), self::shown($learned));

        return ['format' => 'velko.learned/1', 'cooks' => $cooks, 'told' => count($lessons), 'numbers' => $numbers, 'words_that_tell_nothing' => $learned->silent];
    }

    /** @return list<LearnedNumber> a ring is what its marks are; a pan, a ladle and a scale that are what they should be, the altitude and the stock are nothing to look at */
    public static function shown(Learned $learned): array
    {
        return array_values(array_filter($learned->numbers, static fn (LearnedNumber $number): bool => match ($number->parameter->of) {
            'ring-power' => $number->parameter->mark !== null,
            'ladle', 'scale', 'pan-power' => $number->isOff(),
            'altitude', 'stock-temperature' => false,
            default => true,
        }));
    }

    /** In its unit, as far as it means anything. */
    public static function said(string $of, float $value): float
    {
        return round($value, self::DECIMALS[$of]);
    }

    /**
     * @param  callable(Parameter): string  $named  What the ring, the pan, the rice or the dish of a parameter is called.
     *
     * @return array<string, mixed>
     */
    public static function number(LearnedNumber $number, callable $named): array
    {
        $parameter = $number->parameter;
        $whose = OwnNumberSubject::of($parameter->of);
        $name = $named($parameter);
        $is = static fn (float $factor): float => self::said($parameter->of, $number->given * $factor);

        return [
            'of' => $parameter->of,
            'ring' => $whose === OwnNumberSubject::Ring ? $name : null,
            'mark' => $parameter->mark,
            'rice' => $whose === OwnNumberSubject::Rice ? $name : null,
            'dish' => $whose === OwnNumberSubject::Dish ? $name : null,
            'pan' => $parameter->of === 'pan-power' ? $name : null,
            'unit' => self::UNITS[$parameter->of] ?? '×',
            'given' => $is(1.0),
            'value' => $is($number->factor()),
            'low_90' => $is($number->low()),
            'high_90' => $is($number->high()),
            'cooks' => $number->cooks,
            'since' => $number->since === null ? null : CarbonImmutable::createFromTimestampMs($number->since)->toIso8601String(),
            'outliers' => array_map(static fn (Outlier $outlier): array => ['cook' => $outlier->cook, 'why' => (new Words)->say(self::why($outlier, $is))], $number->outliers),
            'pinned' => false,
            'not_apart_from' => array_values(array_unique(array_map(static fn (Parameter $other): string => $other->mark === null ? $named($other) : "{$named($other)} $other->mark", $number->notApartFrom))),
        ];
    }

    /** @param  callable(float): float  $is  A factor in the unit of the number. */
    private static function why(Outlier $outlier, callable $is): Fact
    {
        return $outlier->grams === null ? Fact::of('because.would-be', value: $is(exp($outlier->off ?? 0.0)), unit: self::UNITS[$outlier->of])
            : Fact::of($outlier->grams > 0.0 ? 'because.weighed-more' : 'because.weighed-less', grams: round(abs($outlier->grams)));
    }
}

<?php

declare(strict_types=1);

namespace App\Learning;

use App\Words\Words;
use Carbon\CarbonImmutable;
use Velko\Core\Learning\Learned;
use Velko\Core\Learning\LearnedNumber;
use Velko\Core\Learning\Lesson;
use Velko\Core\Quantity\Fact;

/** velko.learned/1: what the cooks of a kitchen teach. */
final class LearnedDocument
{
    private const UNITS = ['ring-power' => 'W', 'drinking' => 'g/g', 'doneness' => 'min', 'crust' => '×', 'base-yield' => 'g/g'];

    private const DECIMALS = ['ring-power' => 0, 'drinking' => 2, 'doneness' => 1, 'crust' => 2, 'base-yield' => 2];

    /**
     * @param  list<Lesson>  $lessons
     * @param  int  $cooks  in the log
     *
     * @return array<string, mixed>
     */
    public static function of(array $lessons, int $cooks): array
    {
        $numbers = array_map(static fn (LearnedNumber $one): array => self::number($one, $one->hidden->whose), self::shown(Learned::from($lessons)));

        return ['format' => 'velko.learned/1', 'cooks' => $cooks, 'told' => count($lessons), 'numbers' => $numbers];
    }

    /** @return list<LearnedNumber> a ring is what its marks are */
    public static function shown(Learned $learned): array
    {
        return array_values(array_filter($learned->numbers, static fn (LearnedNumber $one): bool => $one->hidden->of !== 'ring-power' || $one->hidden->mark !== null));
    }

    /** In its unit, as far as it means anything. */
    public static function said(string $of, float $value): float
    {
        return round($value, self::DECIMALS[$of]);
    }

    /** @return array<string, mixed> */
    public static function number(LearnedNumber $one, string $name): array
    {
        $hidden = $one->hidden;
        $whose = Whose::of($hidden->of);
        $is = static fn (float $factor): float => self::said($hidden->of, $one->given * $factor);

        return [
            'of' => $hidden->of,
            'ring' => $whose === Whose::Ring ? $name : null,
            'mark' => $hidden->mark,
            'rice' => $whose === Whose::Rice ? $name : null,
            'dish' => $whose === Whose::Dish ? $name : null,
            'unit' => self::UNITS[$hidden->of],
            'given' => $is(1.0),
            'value' => $is($one->factor()),
            'low_90' => $is($one->low()),
            'high_90' => $is($one->high()),
            'cooks' => $one->cooks,
            'since' => $one->since === null ? null : CarbonImmutable::createFromTimestampMs($one->since)->toIso8601String(),
            'outliers' => array_map(static fn (array $out): array => ['cook' => $out['cook'], 'why' => (new Words)->say(Fact::of('because.would-be', value: $is(exp($out['off'])), unit: self::UNITS[$hidden->of]))], $one->outliers),
            'pinned' => false,
        ];
    }
}

<?php

declare(strict_types=1);

namespace Velko\Core\Live;

use Velko\Core\Planning\Checks;
use Velko\Core\Quantity\Rounding;

/** What one touch changed about the forecast, in one line. */
final class Change
{
    /** Less than this is not worth a word: mL, min, and as a share of the ring's strength. */
    private const ML = 10.0;

    private const MINUTES = 0.3;

    private const STRENGTH = 0.04;

    /** @param  Touch  $touch  the one that came between */
    public static function between(Forecast $before, Forecast $after, Touch $touch): ?string
    {
        $said = array_values(array_filter([
            self::strength($before->estimate->power, $after->estimate->power),
            $after->standing === null ? self::stock($before, $after, $touch) : null,
            $after->standing === null ? self::pull($before, $after) : null,
        ], static fn (?string $words): bool => $words !== null));

        return $said === [] ? null : implode(', ', [...self::cause($touch), ...$said]);
    }

    /** @return list<string> what was touched, where the rest of the line does not tell */
    private static function cause(Touch $touch): array
    {
        return match (true) {
            $touch->taste !== null => ['by the tooth'],
            $touch->kind === 'heat' && $touch->mark !== null => ["on {$touch->mark}"],
            $touch->kind === 'lid' => [$touch->on === true ? 'with the lid on' : 'with the lid off'],
            default => [],
        };
    }

    private static function strength(float $before, float $after): ?string
    {
        return abs($after / $before - 1) < self::STRENGTH ? null : sprintf('boiling off %s than thought', $after > $before ? 'faster' : 'slower');
    }

    /** In all, so that a dose just poured is no change. */
    private static function stock(Forecast $before, Forecast $after, Touch $touch): ?string
    {
        $poured = in_array($touch->kind, ['pour', 'splash'], true) ? $touch->volume ?? 0.0 : 0.0;
        $more = $after->coming->stock() + $poured - $before->coming->stock();
        if (abs($more) < self::ML) {
            return null;
        }
        $doses = $after->coming->doses;
        $last = $doses[count($doses) - 1] ?? null;

        return sprintf('%s %s%s', Checks::litres(abs($more)), $more > 0 ? 'more' : 'less', $last === null ? '' : sprintf(' by minute %d', (int) round($last['second'] / 60)));
    }

    private static function pull(Forecast $before, Forecast $after): ?string
    {
        $later = $after->coming->pulled->minute() - $before->coming->pulled->minute();

        return abs($later) < self::MINUTES ? null : sprintf('off %s min %s', Rounding::minutes(abs($later)), $later > 0 ? 'later' : 'sooner');
    }
}

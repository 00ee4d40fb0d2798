<?php

declare(strict_types=1);

namespace Velko\Core\Live;

use Velko\Core\Cook\Touch;
use Velko\Core\Cook\TouchKind;
use Velko\Core\Quantity\Duration;
use Velko\Core\Quantity\Fact;
use Velko\Core\Quantity\Mass;
use Velko\Core\Quantity\Volume;

/** What one touch changed about the forecast. */
final class Change
{
    /** Less than this is not worth a word: mL, min, and as a share of the ring's strength. */
    private const ML = 10.0;

    private const MINUTES = 0.3;

    private const STRENGTH = 0.04;

    /**
     * @param  Touch  $touch  the one that came between
     *
     * @return list<Fact>
     */
    public static function between(Forecast $before, Forecast $after, Touch $touch): array
    {
        $said = array_values(array_filter([
            self::strength($before->estimate->power, $after->estimate->power),
            $after->standing === null ? self::stock($before, $after, $touch) : null,
            $after->standing === null ? self::pull($before, $after) : null,
            $touch->salted === null ? null : self::seasoning($after),
            self::fierce($before, $after, $touch),
            self::early($before, $after),
            self::salty($before, $after),
        ], static fn (?Fact $fact): bool => $fact !== null));

        return $said === [] ? [] : [...self::cause($touch), ...$said];
    }

    /** @return list<Fact> what is to be said with the first liquid, before which there is no forecast */
    public static function first(Forecast $first): array
    {
        return $first->early > 0.0 ? [self::callingEarly($first)] : [];
    }

    /** @return list<Fact> what was touched, where the rest of the line does not tell */
    private static function cause(Touch $touch): array
    {
        return match (true) {
            $touch->taste !== null => [Fact::of('change.by-the-tooth')],
            $touch->salted !== null => [Fact::of('change.by-the-tongue')],
            $touch->kind === TouchKind::Heat && $touch->mark !== null => [Fact::of('change.on-mark', mark: $touch->mark)],
            $touch->kind === TouchKind::Lid => [Fact::of('change.lid', on: $touch->on === true)],
            default => [],
        };
    }

    private static function strength(float $before, float $after): ?Fact
    {
        return abs($after / $before - 1) < self::STRENGTH ? null : Fact::of('change.boils-off', faster: $after > $before);
    }

    /** In all, so that a dose just poured is no change. */
    private static function stock(Forecast $before, Forecast $after, Touch $touch): ?Fact
    {
        $poured = $touch->kind->poursIn() ? $touch->volume ?? 0.0 : 0.0;
        $more = $after->projection->stock() + $poured - $before->projection->stock();
        if (abs($more) < self::ML) {
            return null;
        }
        $doses = $after->projection->doses;
        $last = $doses[count($doses) - 1] ?? null;

        $args = ['volume' => Volume::ofMl(abs($more)), 'more' => $more > 0];

        return $last === null ? new Fact('change.stock', $args) : new Fact('change.stock-by', [...$args, 'minute' => (int) round($last['second'] / 60)]);
    }

    private static function seasoning(Forecast $after): Fact
    {
        $grams = $after->onThePlates()->toSeason();

        return $grams > 0 ? Fact::of('change.season', weight: Mass::ofG(round($grams, 1))) : Fact::of('change.no-more-salt');
    }

    /** Said once, by the touch from which on a late cook is called early. */
    private static function early(Forecast $before, Forecast $after): ?Fact
    {
        return $before->early > 0.0 || $after->early <= 0.0 ? null : self::callingEarly($after);
    }

    private static function callingEarly(Forecast $after): Fact
    {
        return Fact::of('change.calling-early', by: Duration::ofSeconds(5 * round($after->early / 5)));
    }

    /** A knob turned up further than the floor takes: by mistake, or for too long. */
    private static function fierce(Forecast $before, Forecast $after, Touch $touch): ?Fact
    {
        $ask = $after->ask;
        $most = $ask->family->traits()->mostHeat * $ask->pan->baseArea();
        $net = $ask->burner->net[$after->mark];
        if ($touch->kind !== TouchKind::Heat || $net <= $most || $net <= $ask->burner->net[$before->mark]) {
            return null;
        }

        return Fact::of('change.too-fierce', then: $ask->family->traits()->driesOut ? 'browns' : 'catches', mark: $before->mark);
    }

    /** Said once, by the touch that brings it past what a tongue takes for the top of what was asked. */
    private static function salty(Forecast $before, Forecast $after): ?Fact
    {
        $most = $after->ask->seasoning->salty();
        $percent = $after->onThePlates()->saltPercent();
        if ($percent <= $most || $before->onThePlates()->saltPercent() > $most) {
            return null;
        }

        return Fact::of('change.too-salty', salt: $percent, left: $after->projection->stock() >= self::ML);
    }

    private static function pull(Forecast $before, Forecast $after): ?Fact
    {
        $later = $after->projection->pulled->minute() - $before->projection->pulled->minute();

        return abs($later) < self::MINUTES ? null : Fact::of('change.off', by: Duration::ofMinutes(abs($later)), later: $later > 0);
    }
}

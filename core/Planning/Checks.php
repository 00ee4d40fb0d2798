<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

use Velko\Core\Quantity\Rounding;
use Velko\Core\Rice\Bite;
use Velko\Core\Season\Salt;

/** What can go wrong with a choice in any family, each with its way out. */
final class Checks
{
    /** Stock under this stops the boil when it goes in, °C (common practice: "steaming, just under the boil"). */
    private const HOT_STOCK_C = 75.0;

    /** Below this, under the boiling point, a pan does not simmer, K. */
    private const SIMMER_MARGIN = 7.0;

    /** Marks that are no further apart than this in e-folds from the heat looked for are as good. */
    private const AS_NEAR = 0.1;

    /** No thermometer at a stove is read finer than this, K. */
    private const READS_TO = 0.5;

    /** Over this much of the plate the sauce is wine. */
    private const MUCH_WINE_PER_G = 1.2;

    /** No cook goes on for longer than about this, min. */
    private const NEVER = 85.0;

    /** Where that much does not, so much more is tried next. */
    private const CLEARLY_MORE = 1.3;

    /** A net power that makes such a pan simmer, W/m² (our estimate). */
    private const SIMMERS = 9000.0;

    /** @return list<Warning|null> what any family can come to */
    public static function common(Plan $plan): array
    {
        return [
            self::neverDone($plan),
            ...FitChecks::of($plan),
            self::doesNotSimmer($plan),
            self::biteNotRight($plan),
            ...WayChecks::of($plan),
            self::coldStock($plan),
            self::stockAboveTheBoil($plan),
            self::salty($plan),
            self::alcohol($plan),
        ];
    }

    /**
     * @param  list<Warning|null>  $found
     *
     * @return list<Warning>
     */
    public static function found(array $found): array
    {
        return array_values(array_filter($found));
    }

    public static function isNeverDone(Plan $plan): bool
    {
        return $plan->bite() !== Bite::Right && $plan->pulled->minute() > self::NEVER;
    }

    /** Another mark that is as near to the heat a cook looks for, where the ring has none between the two. */
    public static function otherMark(Plan $plan): ?string
    {
        $ask = $plan->ask;
        $wish = $ask->family->fit($ask->grain, $ask->target->looseness)->heat * $ask->pan->baseArea();

        return $ask->method->heat === null ? $ask->burner->asNear($plan->heat[count($plan->heat) - 1]->mark, $wish, self::AS_NEAR) : null;
    }

    public static function eitherMark(Plan $plan): ?Warning
    {
        $other = self::otherMark($plan);
        if ($other === null) {
            return null;
        }
        $stronger = $plan->ask->burner->net[$other] > $plan->ask->burner->net[$plan->heat[count($plan->heat) - 1]->mark];

        return new Warning('either-mark', sprintf('%s would do as well: %s stock and %s minutes', ucfirst($other), $stronger ? 'more' : 'less', $stronger ? 'fewer' : 'more'), 'Take the mark your ring holds better');
    }

    private static function neverDone(Plan $plan): ?Warning
    {
        if (self::isNeverDone($plan)) {
            return new Warning('never-done', sprintf('On %s the rice is not done after %d min: the pan stays at %d °C', $plan->heat[count($plan->heat) - 1]->mark, (int) $plan->pulled->minute(), (int) round($plan->pulled->temperature)), self::stronger($plan));
        }

        return null;
    }

    /** Washed and soaked rice is for stews and for parboiled grain. */
    public static function rinsedOrSoaked(Plan $plan): ?Warning
    {
        $method = $plan->ask->method;
        if ((! $method->rinsed && $method->soak <= 0) || ! $plan->ask->grain->variety->givesBody()) {
            return null;
        }

        return new Warning('rinsed', sprintf('%s loses the starch that %s wants', $method->rinsed ? 'Rinsed rice' : 'Soaked rice', $plan->ask->family->words()), 'Use it as it comes out of the packet');
    }

    /** The nearest setting that would do, and is more than it has; or the ring that would. */
    private static function stronger(Plan $plan): string
    {
        $burner = $plan->ask->burner;
        $now = $burner->net[$plan->heat[count($plan->heat) - 1]->mark];
        $needed = max(self::SIMMERS * $plan->ask->pan->baseArea(), self::CLEARLY_MORE * $now);
        $mark = $burner->nearest($needed);

        return $burner->net[$mark] > $now
            ? "Set it to $mark"
            : sprintf('A ring that puts %s W into this pan, or a narrower pan', Rounding::plain(ceil($needed / 50) * 50, 0));
    }

    private static function doesNotSimmer(Plan $plan): ?Warning
    {
        $boiling = $plan->ask->conditions()->boiling;
        $mean = $plan->track->meanTemperature(4.0, $plan->pulled->minute());
        if ($mean === null || $mean >= $boiling - self::SIMMER_MARGIN) {
            return null;
        }
        $mark = $plan->heat[count($plan->heat) - 1]->mark;
        $stronger = $plan->ask->burner->above($mark);

        return new Warning(
            'does-not-simmer',
            sprintf('On %s it stays at %d °C and takes %d min: slow and pasty', $mark, (int) round($mean), (int) round($plan->pulled->minute())),
            $stronger === null ? self::stronger($plan) : "Set it to $stronger",
        );
    }

    private static function biteNotRight(Plan $plan): ?Warning
    {
        $bite = $plan->bite();
        if ($bite === Bite::Right || self::isNeverDone($plan) || WayChecks::cooksOn($plan)) {
            return null;
        }
        $fix = match ($bite) {
            Bite::HardHeart => 'Lower heat, larger doses: the grain has not drunk enough',
            Bite::Crunchy, Bite::FirmHeart => 'More heat, or hotter stock',
            default => 'A shorter way to the table, or a shorter rest',
        };

        return new Warning('bite-not-right', sprintf('At the table the bite is %s', $bite->value), $fix);
    }

    private static function coldStock(Plan $plan): ?Warning
    {
        $temperature = $plan->ask->stock->temperature;
        if ($temperature >= self::HOT_STOCK_C) {
            return null;
        }

        return new Warning(
            'stock-cold',
            sprintf('Stock at %d °C stops the boil at every dose', (int) round($temperature)),
            sprintf('Keep it steaming, about %d °C', (int) Defaults::STOCK_C),
        );
    }

    private static function stockAboveTheBoil(Plan $plan): ?Warning
    {
        $boiling = $plan->ask->conditions()->boiling;
        $temperature = $plan->ask->stock->temperature;
        if ($temperature <= $boiling + self::READS_TO) {
            return null;
        }

        return new Warning(
            'stock-above-boiling',
            sprintf('Stock at %d °C: here it boils at %d °C and is no hotter', (int) round($temperature), (int) round($boiling)),
            sprintf('Say %d °C', (int) floor($boiling)),
        );
    }

    private static function salty(Plan $plan): ?Warning
    {
        $percent = $plan->saltPercent();
        if ($percent <= Salt::SALTY_PERCENT) {
            return null;
        }

        return new Warning(
            'too-salty',
            sprintf('%s %% salt on the plate%s: the stock concentrates as it boils down', Rounding::plain($percent, 1), $plan->ask->finish->weight() > 0 ? ', cheese and all' : ''),
            sprintf('Stock with %s %% salt or less', Rounding::plain(max(0.0, floor(10 * $plan->ask->stock->saltPercent * (Salt::SALTY_PERCENT * $plan->plate() / 100 - $plan->ask->finish->salt()) / max(1e-9, $plan->atTable->salt)) / 10), 1)),
        );
    }

    private static function alcohol(Plan $plan): ?Warning
    {
        if ($plan->ask->wine <= 0) {
            return null;
        }
        $share = $plan->alcoholLeft();
        if ($plan->ask->wine / $plan->rice() > self::MUCH_WINE_PER_G) {
            return new Warning('much-wine', sprintf('%s of wine for %s of rice', self::litres($plan->ask->wine), Rounding::plain($plan->rice(), 0).' g'), '25 to 40 mL for 80 g of rice is usual');
        }

        return new Warning(
            'alcohol-stays',
            sprintf('About %d %% of the wine\'s alcohol stays: %s g a cover', (int) round(100 * $share), number_format($plan->alcoholPerCover(), 1)),
            'Tell a guest who avoids it, or cook it without wine',
        );
    }

    /** @param  float  $tolerance  g/g */
    public static function offTarget(Plan $plan, float $tolerance): ?Warning
    {
        $off = $plan->looseness() - $plan->ask->target->looseness;
        if (abs($off) <= $tolerance) {
            return null;
        }

        return new Warning(
            'looseness-off',
            sprintf('%s at the table than asked: %s instead of %s g of sauce per g of rice', $off > 0 ? 'Looser' : 'Tighter', number_format($plan->looseness(), 2), number_format($plan->ask->target->looseness, 2)),
            $off > 0 ? $plan->ask->wine > 0 ? 'Less wine, or lift some liquid out at the end' : 'Lift some liquid out at the end' : 'Loosen it at the pass with hot stock',
        );
    }

    public static function litres(float $millilitres): string
    {
        return $millilitres < 1000 ? (int) round($millilitres).' mL' : Rounding::plain($millilitres / 1000, 2).' L';
    }
}

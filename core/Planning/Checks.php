<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

use Velko\Core\Method\Pace;
use Velko\Core\Quantity\Fact;
use Velko\Core\Quantity\Mass;
use Velko\Core\Quantity\Power;
use Velko\Core\Quantity\Temperature;
use Velko\Core\Quantity\Volume;
use Velko\Core\Rice\Bite;

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

    /** What is usual of it, mL at least and at most, to so many g of rice (common practice, no single source). */
    private const USUAL_WINE = [25.0, 40.0];

    private const USUAL_WINE_TO_G = 80.0;

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
            ...ServingChecks::of($plan),
            ...FireChecks::of($plan),
            self::coldStock($plan),
            self::stockAboveTheBoil($plan),
            self::salty($plan),
            self::sodium($plan),
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
        $wish = $ask->heatFor($ask->family->fit($ask->grain, $ask->target->looseness)->heat);

        return $ask->method->heat === null ? $ask->burner->asNear($plan->heat[count($plan->heat) - 1]->mark, $wish, self::AS_NEAR) : null;
    }

    public static function eitherMark(Plan $plan): ?Warning
    {
        $other = self::otherMark($plan);
        if ($other === null) {
            return null;
        }
        $stronger = $plan->ask->burner->net[$other] > $plan->ask->burner->net[$plan->heat[count($plan->heat) - 1]->mark];

        return new Warning('either-mark', ['marks' => false, 'mark' => $other, 'stronger' => $stronger], Fact::of('fix.mark-it-holds'));
    }

    private static function neverDone(Plan $plan): ?Warning
    {
        if (self::isNeverDone($plan)) {
            return new Warning('never-done', ['mark' => $plan->heat[count($plan->heat) - 1]->mark, 'minutes' => (int) $plan->pulled->minute(), 'temperature' => Temperature::ofC(round($plan->pulled->temperature))], self::stronger($plan));
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

        return new Warning('rinsed', ['rinsed' => $method->rinsed, 'family' => $plan->ask->family->traits()->fact()], Fact::of('fix.as-it-comes'));
    }

    /** The nearest setting that would do, and is more than it has; or the ring that would. */
    private static function stronger(Plan $plan): Fact
    {
        $burner = $plan->ask->burner;
        $now = $burner->net[$plan->heat[count($plan->heat) - 1]->mark];
        $needed = max(self::SIMMERS * $plan->ask->pan->baseArea(), self::CLEARLY_MORE * $now);
        $mark = $burner->nearest($needed);

        return $burner->net[$mark] > $now
            ? Fact::of('fix.set-to', mark: $mark)
            : Fact::of('fix.stronger-ring', power: Power::ofW(ceil($needed / 50) * 50));
    }

    private static function doesNotSimmer(Plan $plan): ?Warning
    {
        $boiling = $plan->ask->conditions()->boiling;
        $mean = $plan->track->meanTemperature(4.0, $plan->pulled->minute());
        if ($mean === null || $mean >= $boiling - self::SIMMER_MARGIN || $plan->ask->method->pace === Pace::Slow) {
            return null; // it simmers, or is not meant to
        }
        $mark = $plan->heat[count($plan->heat) - 1]->mark;
        $stronger = $plan->ask->burner->above($mark);

        return new Warning(
            'does-not-simmer',
            ['mark' => $mark, 'temperature' => Temperature::ofC(round($mean)), 'minutes' => (int) round($plan->pulled->minute())],
            $stronger === null ? self::stronger($plan) : Fact::of('fix.set-to', mark: $stronger),
        );
    }

    private static function biteNotRight(Plan $plan): ?Warning
    {
        $bite = $plan->bite();
        if ($bite === Bite::Right || self::isNeverDone($plan) || ServingChecks::cooksOn($plan)) {
            return null;
        }
        $fix = match ($bite) {
            Bite::HardHeart => 'fix.lower-heat-larger-doses',
            Bite::Crunchy, Bite::FirmHeart => 'fix.more-heat',
            default => 'fix.shorter-way',
        };

        return new Warning('bite-not-right', ['bite' => $bite->fact()], Fact::of($fix));
    }

    private static function coldStock(Plan $plan): ?Warning
    {
        $temperature = $plan->ask->stock->temperature;
        if ($temperature >= self::HOT_STOCK_C) {
            return null;
        }

        return new Warning(
            'stock-cold',
            ['temperature' => Temperature::ofC(round($temperature))],
            Fact::of('fix.keep-steaming', temperature: Temperature::ofC(Defaults::STOCK_C)),
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
            ['temperature' => Temperature::ofC(round($temperature)), 'boiling' => Temperature::ofC(round($boiling))],
            Fact::of('fix.say-degrees', temperature: Temperature::ofC(floor($boiling))),
        );
    }

    private static function salty(Plan $plan): ?Warning
    {
        $percent = $plan->saltPercent();
        $salty = $plan->ask->seasoning->salty();
        if ($percent <= $salty) {
            return null;
        }

        return new Warning(
            'too-salty',
            ['salt' => $percent, 'finished' => $plan->ask->finish->weight() > 0],
            Fact::of('fix.stock-with-salt', salt: max(0.0, floor(10 * $plan->ask->stock->saltPercent * ($salty * $plan->plate() / 100 - $plan->ask->finish->salt() - $plan->saltOfFood()) / max(1e-9, $plan->saltOfStock())) / 10)),
        );
    }

    /** Over the ceiling that the dish carries; what it is, its dietitian says. */
    private static function sodium(Plan $plan): ?Warning
    {
        $ceiling = $plan->ask->seasoning->sodiumMost;
        if ($ceiling === null || $plan->sodiumSeasoned() <= $ceiling) {
            return null;
        }
        $left = $plan->ask->seasoning->most($plan->ask->covers) - $plan->ask->finish->salt() - $plan->saltOfFood();

        return new Warning(
            'sodium-over',
            ['is' => (int) round($plan->sodiumSeasoned()), 'most' => (int) round($ceiling)],
            $left <= 0 ? Fact::of('fix.less-of-what-is-salted') : Fact::of('fix.stock-with-salt', salt: floor(100 * $plan->ask->stock->saltPercent * $left / max(1e-9, $plan->saltOfStock())) / 100),
        );
    }

    private static function alcohol(Plan $plan): ?Warning
    {
        if ($plan->ask->wine <= 0) {
            return null;
        }
        $share = $plan->alcoholLeft();
        if ($plan->ask->wine / $plan->rice() > self::MUCH_WINE_PER_G) {
            return new Warning('much-wine', ['wine' => Volume::ofMl($plan->ask->wine), 'rice' => Mass::ofG($plan->rice())], Fact::of('fix.usual-wine', least: Volume::ofMl(self::USUAL_WINE[0]), most: Volume::ofMl(self::USUAL_WINE[1]), rice: Mass::ofG(self::USUAL_WINE_TO_G)));
        }

        return new Warning(
            'alcohol-stays',
            ['percent' => (int) round(100 * $share), 'weight' => Mass::ofG(round($plan->alcoholPerCover(), 1))],
            Fact::of('fix.tell-the-guest'),
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
            ['looser' => $off > 0, 'is' => $plan->looseness(), 'asked' => $plan->ask->target->looseness],
            Fact::of($off > 0 ? $plan->ask->wine > 0 ? 'fix.less-wine-or-lift' : 'fix.lift-some' : 'fix.loosen'),
        );
    }
}

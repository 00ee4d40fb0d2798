<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

use Velko\Core\Quantity\Rounding;
use Velko\Core\Rice\Bite;
use Velko\Core\Season\Alcohol;
use Velko\Core\Season\Salt;
use Velko\Core\Vessel\Burner;
use Velko\Core\Vessel\Pan;

/** What will go wrong with this choice at the stove, each with its way out. */
final class RisottoChecks
{
    /** Stock under this stops the boil at every dose, °C (common practice: "steaming, just under the boil"). */
    private const HOT_STOCK_C = 75.0;

    /** Doses nearer to each other than this cannot be kept up by hand, min. */
    private const CLOSEST_DOSES = 0.5;

    /** Below this, under the boiling point, a pan does not simmer, K. */
    private const SIMMER_MARGIN = 7.0;

    /** Looseness further off than this is not what was asked, g/g. */
    private const OFF_TARGET = 0.06;

    /** Over this much of the plate the sauce is wine. */
    private const MUCH_WINE_PER_G = 1.2;

    /** @return list<Warning> */
    public static function of(Plan $plan): array
    {
        return array_values(array_filter([
            self::neverDone($plan),
            self::tooDeep($plan),
            self::overRim($plan),
            self::ringTooSmall($plan),
            self::doesNotSimmer($plan),
            self::goesDry($plan),
            self::dosesTooClose($plan),
            self::offTarget($plan),
            self::biteNotRight($plan),
            self::coldStock($plan),
            self::wrongRice($plan),
            self::salty($plan),
            self::alcohol($plan),
        ]));
    }

    private static function neverDone(Plan $plan): ?Warning
    {
        if (in_array($plan->bite(), [Bite::Crunchy, Bite::FirmHeart], true) && $plan->pulled->minute() > 85) {
            return new Warning('never-done', sprintf('On %s the rice is not done after %d min: the pan stays at %d °C', $plan->heat[0]->mark, (int) $plan->pulled->minute(), (int) round($plan->pulled->temperature)), 'Choose a stronger setting or a stronger ring');
        }

        return null;
    }

    private static function tooDeep(Plan $plan): ?Warning
    {
        $layer = $plan->layer();
        if ($layer <= Pan::RISOTTO_LAYER_MM) {
            return null;
        }
        $covers = (int) floor($plan->ask->pan->riceForLayer(Pan::RISOTTO_LAYER_MM, $plan->pulled->drunk) / $plan->ask->gramsPerCover);
        $base = $plan->ask->pan->base * sqrt($layer / Pan::RISOTTO_LAYER_MM);

        return new Warning(
            'layer-too-deep',
            sprintf('%d mm deep, %d too many to stir evenly', (int) round($layer), (int) ceil($layer - Pan::RISOTTO_LAYER_MM)),
            $covers >= 1
                ? sprintf('At most %d covers in this pan, or a base of %d cm, or split into %d pans', $covers, (int) ceil($base), (int) ceil($plan->ask->covers / $covers))
                : sprintf('A base of %d cm or wider', (int) ceil($base)),
        );
    }

    private static function overRim(Plan $plan): ?Warning
    {
        $room = $plan->ask->pan->workingVolume();
        $most = 0.0;
        foreach ($plan->track->free as $row => $free) {
            $most = max($most, $plan->rice() * (1 + $plan->track->drunk[$row]) / Pan::COOKED_G_PER_ML, Pan::volumeAtPour($plan->rice(), $free + $plan->rice() * $plan->track->drunk[$row]));
        }
        if ($most <= $room) {
            return null;
        }

        return new Warning(
            'over-the-rim',
            sprintf('%s in a pan that takes %s up to %d mm under the rim', self::litres($most), self::litres($room), (int) (Pan::FREEBOARD_CM * 10)),
            sprintf('At most %d covers in this pan, or a larger one', max(0, (int) floor($plan->ask->covers * $room / $most))),
        );
    }

    private static function ringTooSmall(Plan $plan): ?Warning
    {
        $pan = $plan->ask->pan;
        if ($plan->ask->burner->reaches($pan)) {
            return null;
        }

        return new Warning(
            'ring-too-small',
            sprintf('The %s cm ring leaves the rim of a %s cm base cold', Rounding::plain($plan->ask->burner->ring, 0), Rounding::plain($pan->base, 0)),
            sprintf('A ring of %d cm or wider', (int) ceil(Burner::SMALLEST_RING_SHARE * $pan->base)),
        );
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
            $stronger === null ? 'This ring is too weak for so much rice: a stronger ring, or less in the pan' : "Set it to $stronger",
        );
    }

    private static function goesDry(Plan $plan): ?Warning
    {
        if ($plan->dryMinute === null || $plan->dryMinute >= $plan->pulled->minute()) {
            return null;
        }
        $weaker = $plan->ask->burner->below($plan->heat[0]->mark);

        return new Warning(
            'goes-dry',
            sprintf('The pan is dry at minute %s, before the next dose', Rounding::plain($plan->dryMinute, 1)),
            $weaker === null ? 'Larger doses' : "Set it to $weaker, or larger doses",
        );
    }

    private static function dosesTooClose(Plan $plan): ?Warning
    {
        $pours = array_values(array_filter($plan->stages, static fn (Stage $stage): bool => $stage->kind === 'pour'));
        $gap = INF;
        for ($i = 1; $i < count($pours); $i++) {
            $gap = min($gap, $pours[$i]->minute - $pours[$i - 1]->minute);
        }
        if ($gap >= self::CLOSEST_DOSES) {
            return null;
        }

        return new Warning(
            'doses-too-close',
            sprintf('A dose is gone in %d s: more than one pair of hands can pour', (int) round($gap * 60)),
            'A larger ladle, or a lower setting',
        );
    }

    private static function offTarget(Plan $plan): ?Warning
    {
        $off = $plan->looseness() - $plan->ask->looseness;
        if (abs($off) <= self::OFF_TARGET) {
            return null;
        }

        return new Warning(
            'looseness-off',
            sprintf('%s at the table than asked: %s instead of %s g of sauce per g of rice', $off > 0 ? 'Looser' : 'Tighter', number_format($plan->looseness(), 2), number_format($plan->ask->looseness, 2)),
            $off > 0 ? 'Less wine, or lift some liquid out at the end' : 'Loosen it at the pass with hot stock',
        );
    }

    private static function biteNotRight(Plan $plan): ?Warning
    {
        $bite = $plan->bite();
        if ($bite === Bite::Right || $plan->pulled->minute() > 85) {
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
        $temperature = $plan->ask->stockTemperature;
        if ($temperature >= self::HOT_STOCK_C) {
            return null;
        }

        return new Warning(
            'stock-cold',
            sprintf('Stock at %d °C stops the boil at every dose', (int) round($temperature)),
            sprintf('Keep it steaming, about %d °C', (int) Defaults::STOCK_C),
        );
    }

    private static function wrongRice(Plan $plan): ?Warning
    {
        $variety = $plan->ask->grain->variety;
        if ($variety->makesRisotto()) {
            return null;
        }

        return new Warning('rice-not-for-risotto', sprintf('%s gives a risotto no body', ucfirst($variety->label())), 'Carnaroli, arborio or vialone nano; sushi rice stands in');
    }

    private static function salty(Plan $plan): ?Warning
    {
        $percent = $plan->saltPercent();
        if ($percent <= Salt::SALTY_PERCENT) {
            return null;
        }

        return new Warning(
            'too-salty',
            sprintf('%s %% salt on the plate before any cheese: the stock concentrates as it boils down', Rounding::plain($percent, 1)),
            sprintf('Stock with %s %% salt or less', Rounding::plain(floor(10 * $plan->ask->stockSaltPercent * Salt::SALTY_PERCENT / $percent) / 10, 1)),
        );
    }

    private static function alcohol(Plan $plan): ?Warning
    {
        if ($plan->ask->wine <= 0) {
            return null;
        }
        $share = Alcohol::left($plan->pulled->minute());
        if ($plan->ask->wine / $plan->rice() > self::MUCH_WINE_PER_G) {
            return new Warning('much-wine', sprintf('%s of wine for %s of rice', self::litres($plan->ask->wine), Rounding::plain($plan->rice(), 0).' g'), '25 to 40 mL for 80 g of rice is usual');
        }

        return new Warning(
            'alcohol-stays',
            sprintf('About %d %% of the wine\'s alcohol stays: %s g a cover', (int) round(100 * $share), number_format($plan->alcoholPerCover(), 1)),
            'Tell a guest who avoids it, or cook it without wine',
        );
    }

    private static function litres(float $millilitres): string
    {
        return $millilitres < 1000 ? (int) round($millilitres).' mL' : number_format($millilitres / 1000, 1).' L';
    }
}

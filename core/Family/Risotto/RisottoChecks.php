<?php

declare(strict_types=1);

namespace Velko\Core\Family\Risotto;

use Velko\Core\Cook\Stage;
use Velko\Core\Cook\StageKind;
use Velko\Core\Planning\Checks;
use Velko\Core\Planning\FitChecks;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Warning;
use Velko\Core\Quantity\Duration;
use Velko\Core\Quantity\Fact;
use Velko\Core\Vessel\Pan;

/** What will go wrong with this choice for a risotto, each with its way out. */
final class RisottoChecks
{
    /** Doses nearer to each other than this cannot be kept up by hand, min. */
    private const CLOSEST_DOSES = 0.5;

    /** Heat that boils a risotto too hard, W/m² (common practice: "too hot, sticks"; our limit). */
    public const FIERCE = 28000.0;

    /** Looseness further off than this is not what was asked, g/g. */
    private const OFF_TARGET = 0.06;

    /** @return list<Warning> */
    public static function of(Plan $plan): array
    {
        return Checks::found([
            FitChecks::tooDeep($plan, Pan::RISOTTO_LAYER_MM, 'stir'),
            self::goesDry($plan),
            self::dosesTooClose($plan),
            self::fierce($plan),
            FitChecks::ladle($plan),
            Checks::eitherMark($plan),
            Checks::offTarget($plan, self::OFF_TARGET),
            self::wrongRice($plan),
            Checks::rinsedOrSoaked($plan),
            ...Checks::common($plan),
        ]);
    }

    private static function goesDry(Plan $plan): ?Warning
    {
        if ($plan->dryMinute === null || $plan->dryMinute >= $plan->pulled->minute()) {
            return null;
        }
        $weaker = $plan->ask->burner->below($plan->heat[0]->mark);

        return new Warning(
            'goes-dry',
            ['minute' => $plan->dryMinute],
            $weaker === null ? Fact::of('fix.larger-doses') : Fact::of('fix.set-to-or-larger-doses', mark: $weaker),
        );
    }

    private static function dosesTooClose(Plan $plan): ?Warning
    {
        $pours = array_values(array_filter($plan->stages, static fn (Stage $stage): bool => $stage->kind === StageKind::Pour));
        $gap = INF;
        for ($i = 1; $i < count($pours); $i++) {
            $gap = min($gap, $pours[$i]->minute - $pours[$i - 1]->minute);
        }
        if ($gap >= self::CLOSEST_DOSES) {
            return null;
        }

        return new Warning(
            'doses-too-close',
            ['gap' => Duration::ofSeconds(round($gap * 60))],
            Fact::of('fix.larger-ladle-or-lower'),
        );
    }

    private static function fierce(Plan $plan): ?Warning
    {
        foreach ($plan->heat as $change) {
            if ($plan->ask->burner->net[$change->mark] > self::FIERCE * $plan->ask->pan->baseArea()) {
                return FitChecks::tooFierce($plan, $change->mark, self::FIERCE, 'catches');
            }
        }

        return null;
    }

    private static function wrongRice(Plan $plan): ?Warning
    {
        $variety = $plan->ask->grain->variety;
        // A little cream mends a rice without starch.
        if ($variety->makesRisotto() || $plan->ask->finish->cream > 0.0) {
            return null;
        }

        return new Warning('rice-not-for-risotto', ['rice' => $variety->fact()], Fact::of('fix.rice-for-risotto'));
    }
}

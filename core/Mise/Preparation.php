<?php

declare(strict_types=1);

namespace Velko\Core\Mise;

use Velko\Core\Cook\Stage;
use Velko\Core\Cook\StageKind;
use Velko\Core\Planning\Plan;
use Velko\Core\Quantity\Duration;
use Velko\Core\Quantity\Fact;
use Velko\Core\Quantity\Mass;
use Velko\Core\Quantity\Volume;

/** When each piece of side work must be begun, back from the moment it must be ready: minutes of the cook, mostly negative. */
final class Preparation
{
    /** To cut what goes into a stock, to skim and to strain it, min (our estimate). */
    private const HANDS_FOR_STOCK = 8.0;

    /**
     * The dish's own side work, and what every pan needs: the stock on the fire so long before as its volume needs, the rice soaked.
     * What steeps in hot stock finds it hot.
     *
     * @param  list<SideWork>  $work
     *
     * @return list<array{work: SideWork, start: float, ready: float, lead: float, needs: int|null}> in order of the start; lead: min before the moment of its own that it is needed by another work; needs: place in this list
     */
    public static function of(Plan $plan, array $work): array
    {
        $ask = $plan->ask;
        $work[] = self::stock($plan, self::ownStock($plan, $work));
        $stock = count($work) - 1;
        if ($ask->method->soak > 0) {
            $work[] = new SideWork(Fact::of('prep.soak', rinsed: $ask->method->rinsed), ReadyBy::Rice, $ask->method->soak, 2.0, false);
        }
        $list = self::backFromTheTable($plan, $work);
        foreach ($list as $entry) {
            $early = $entry['work']->drinks > 0.0 ? max(0.0, $list[$stock]['ready'] - $entry['start']) : 0.0;
            $list[$stock] = [...$list[$stock], 'start' => $list[$stock]['start'] - $early, 'ready' => $list[$stock]['ready'] - $early, 'lead' => $list[$stock]['lead'] + $early];
        }
        uasort($list, static fn (array $a, array $b): int => $a['start'] <=> $b['start']);
        $places = array_flip(array_keys($list));

        return array_map(static fn (array $entry): array => [...$entry, 'needs' => $entry['work']->needs === null ? null : $places[$entry['work']->needs] ?? null], array_values($list));
    }

    /**
     * Stock that the kitchen has to bring itself, mL: all but the liquors that the works leave for it.
     *
     * @param  list<SideWork>  $work
     */
    public static function ownStock(Plan $plan, array $work): float
    {
        return max(0.0, $plan->make() - array_sum(array_map(static fn (SideWork $sideWork): float => $sideWork->gives, $work)));
    }

    /** The stock on the fire, from the fridge or from cold water. */
    private static function stock(Plan $plan, float $volume): SideWork
    {
        $stock = $plan->ask->stock;
        $water = $stock->water($volume);
        $what = $stock->fromWater === null ? Fact::of('prep.stock') : Fact::of(
            'prep.stock-from-water', water: Volume::ofMl(ceil($water / 50) * 50), time: Duration::ofMinutes($stock->fromWater->simmers), solids: Mass::ofG(round($stock->fromWater->weighIn($water) / 10) * 10),
        );

        return new SideWork($what, ReadyBy::Stock, round($stock->warmsIn($volume) + $stock->held), $stock->fromWater === null ? 1.0 : self::HANDS_FOR_STOCK, true);
    }

    /**
     * What another needs is ready when that one begins.
     *
     * @param  array<int, SideWork>  $work
     *
     * @return list<array{work: SideWork, start: float, ready: float, lead: float}>
     */
    private static function backFromTheTable(Plan $plan, array $work): array
    {
        $by = array_map(static fn (SideWork $sideWork): float => self::minute($plan, $sideWork->ready), $work);
        $ready = $by;
        for ($at = count($work) - 1; $at >= 0; $at--) {
            $needs = $work[$at]->needs;
            if ($needs !== null && $needs < $at) {
                $ready[$needs] = min($ready[$needs], $ready[$at] - $work[$at]->takes);
            }
        }

        return array_map(static fn (int $at): array => ['work' => $work[$at], 'start' => $ready[$at] - $work[$at]->takes, 'ready' => $ready[$at], 'lead' => $by[$at] - $ready[$at]], array_keys($work));
    }

    private static function minute(Plan $plan, ReadyBy $ready): float
    {
        $pours = array_values(array_filter($plan->stages, static fn (Stage $stage): bool => $stage->kind === StageKind::Pour));

        return match ($ready) {
            ReadyBy::Rice => $plan->begins(),
            ReadyBy::Stock => $plan->ask->isRainedIn() ? $plan->begins() : ($pours[0]->minute ?? 0.0),
            ReadyBy::LastDose => $pours === [] ? 0.0 : $pours[count($pours) - 1]->minute,
            ReadyBy::Table => $plan->atTable->minute(),
        };
    }
}

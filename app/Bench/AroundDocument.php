<?php

declare(strict_types=1);

namespace App\Bench;

use App\Kitchen\KitchenDocument;
use App\Kitchen\Source;
use App\Kitchen\Station;
use App\Words\FactDocument;
use App\Words\Words;
use Closure;
use Velko\Core\Planning\Around\Compared;
use Velko\Core\Planning\Around\GiveOrTake;
use Velko\Core\Planning\Around\Swap;
use Velko\Core\Planning\Around\Swaps;
use Velko\Core\Planning\Around\WhatIf;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\ScaleCurve;

/** The document velko.around/1: what the same pan would come to if one thing about it were different. */
final class AroundDocument
{
    /** @return array<string, mixed> */
    public static function of(KitchenAsk $asked): array
    {
        $plan = $asked->plan();
        $kitchen = new KitchenSwaps($asked, $plan);

        $words = $asked->words;
        $budget = new TimeBudget(always: TimeBudget::OF_EACH_LIST);
        $giveOrTake = $budget->each([static fn (): GiveOrTake => GiveOrTake::of(array_map(static fn (Closure $callback): array => $callback(), GiveOrTake::each($plan, Station::doubt($asked->dish->rice), Station::ringDoubt($asked->burner, $plan->marks()))))])[0] ?? null;
        $scale = ScaleCurve::rising([$plan, ...$budget->each(ScaleCurve::others($plan))]);
        $whatIf = array_values(array_filter($budget->each(WhatIf::each($plan))));
        $alone = static fn (Closure $swap): Closure => static fn (): array => ['swap' => $swap(), 'take' => null];
        $swaps = $budget->each([...array_map($alone, [...Swaps::each($plan), ...$kitchen->stocks()]), ...$kitchen->pans()]);

        return [
            'format' => 'velko.around/1',
            'give_or_take' => $giveOrTake === null ? null : self::giveOrTake($giveOrTake, $asked, $plan),
            'scale' => array_map(self::onTheCurve(...), $scale),
            'what_if' => array_map(static fn (Compared $comparison): array => self::whatIf($comparison, $words), $whatIf),
            'as_asked' => self::side($plan),
            'swaps' => array_map(static fn (array $swap): array => self::swap($plan, $swap['swap'], $swap['take'], $words), $swaps),
            'left_out' => $budget->leftOut,
        ];
    }

    /** @return array<string, mixed> */
    private static function giveOrTake(GiveOrTake $giveOrTake, KitchenAsk $asked, Plan $plan): array
    {
        $rice = $asked->dish->rice;
        $marks = array_filter(KitchenDocument::marks($asked->burner), static fn (array $mark): bool => in_array($mark['mark'], $plan->marks(), true));
        $worst = array_intersect(['guessed', 'measured', 'pinned', 'learned'], array_column($marks, 'source')); // in order of how little they say
        $sources = [
            'ring-power' => array_values($worst)[0] ?? Source::Guessed->value,
            'drinking' => Source::of(Station::ownOfRice($rice, 'drinking'), $rice->boiled() !== null)->value,
            'doneness' => Source::of(Station::ownOfRice($rice, 'doneness'), false)->value,
        ];

        return [
            'stock_ml' => round($giveOrTake->stock, 1),
            'pull_min' => round($giveOrTake->pull, 2),
            'of' => array_map(static fn (string $of, float $stock): array => ['of' => $of, 'stock_ml' => round($stock, 1), 'source' => $sources[$of]], array_keys($giveOrTake->of), $giveOrTake->of),
        ];
    }

    /** @return array<string, mixed> */
    private static function onTheCurve(Plan $plan): array
    {
        $rice = $plan->rice();

        return [
            'covers' => $plan->ask->covers,
            'ml_per_g' => round(($plan->stock + $plan->ask->wine) / $rice, 3),
            'drunk' => round($plan->drunkInThePan() / $plan->rice(), 3),
            'boiled_off' => round($plan->atTable->boiledOff / $rice, 3),
            'sauce' => round($plan->looseness(), 3),
        ];
    }

    /** @return array<string, mixed> */
    private static function whatIf(Compared $compared, Words $words): array
    {
        return [
            'what' => $words->say($compared->what),
            'what_fact' => FactDocument::of($compared->what),
            'stock_ml' => round($compared->after->stock, 1),
            'stock_by' => round($compared->stockBy(), 1) + 0.0,
            'ml_per_g' => round($compared->after->millilitresPerGram(), 2),
            'ml_per_g_by' => round($compared->ratioBy(), 2) + 0.0,
            'pull_min' => round($compared->after->pulled->minute(), 1),
            'pull_by' => round($compared->pullBy(), 1) + 0.0,
            'because' => $words->say($compared->because),
            'because_fact' => FactDocument::of($compared->because),
        ];
    }

    /**
     * @param  array<string, mixed>|null  $take  what to change in the ask to take it, where the ask can say it
     *
     * @return array<string, mixed>
     */
    private static function swap(Plan $before, Swap $swap, ?array $take, Words $words): array
    {
        return [
            'kind' => $swap->kind,
            'what' => $words->say($swap->what),
            'what_fact' => FactDocument::of($swap->what),
            'stock_by' => round($swap->stockBy, 1) + 0.0,
            'pull_by' => round($swap->pullBy($before), 1) + 0.0,
            'changes' => $words->all($swap->changes),
            'changes_facts' => FactDocument::all($swap->changes),
            'warnings' => array_map($words->say(...), $swap->warnings),
            'warnings_facts' => FactDocument::all($swap->warnings),
            'after' => self::side($swap->after),
            'take' => $take,
        ];
    }

    /** @return array<string, mixed> one of two plans laid side by side */
    public static function side(Plan $plan): array
    {
        return [
            'stock_ml' => round($plan->stock, 1),
            'wine_ml' => round($plan->ask->wine, 1),
            'rice_g' => round($plan->rice(), 1),
            'ml_per_g' => round($plan->millilitresPerGram(), 2),
            'drunk_g' => round($plan->drunkInThePan(), 1),
            'boiled_off_g' => round($plan->atTable->boiledOff, 1),
            'pull_min' => round($plan->pulled->minute(), 1),
            'table_min' => round($plan->atTable->minute(), 1),
            'layer_mm' => round($plan->layer(), 2),
            'looseness' => round($plan->looseness(), 2),
            'bite' => $plan->bite()->value,
            'body' => $plan->body()->value,
            'salt_percent' => round($plan->saltPercent(), 2),
            'alcohol_g' => round($plan->alcoholPerCover(), 1),
        ];
    }
}

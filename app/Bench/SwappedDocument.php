<?php

declare(strict_types=1);

namespace App\Bench;

use App\Contracts\FoodDocument;
use App\Words\FactDocument;
use OutOfBoundsException;
use Velko\Core\Food\Portion;
use Velko\Core\Planning\Around\Swaps;
use Velko\Core\Safety\Larder;
use Velko\Core\Safety\Part;
use Velko\Core\Safety\SwapEffect;

/** The document velko.swapped/1: one ingredient in the place of another, before and after. */
final class SwappedDocument
{
    /** @return array<string, mixed> */
    public static function of(KitchenAsk $asked, int $number, string $instead): array
    {
        $plan = $asked->plan();
        $ingredient = $asked->dish->ingredients[$number] ?? throw new OutOfBoundsException("The dish has no ingredient $number.");
        $portion = $plan->ask->food[$number];
        $food = FoodDocument::food($instead, []);
        // It comes as it is kept, unless the dish says how the thing in its place comes.
        $temperature = $ingredient->temperature_c ?? ($portion->fried ? $portion->temperature : $food->kept);
        $swap = Swaps::ingredient($plan, $number, new Portion($instead, $food, $portion->grams, $portion->goes, $temperature, $portion->minute, ! FoodDocument::isKnown($instead, []), $portion->fried));
        $known = Larder::find($instead);
        $after = new Part($instead, $known?->suits, $known->allergens ?? [], complete: $known->complete ?? false);
        $unfit = SwapEffect::unfit($after, $asked->dish->diet);
        $swap = $swap->andAlso(SwapEffect::of($ingredient->part(), $after, $asked->dish->diet), $unfit);
        $words = $asked->words;

        return [
            'format' => 'velko.swapped/1',
            'what' => $words->say($swap->what),
            'what_fact' => FactDocument::of($swap->what),
            'stock_ml' => [round($plan->stock, 1), round($swap->after->stock, 1)],
            'salt_percent' => [round($plan->saltPercent(), 2), round($swap->after->saltPercent(), 2)],
            'sodium_mg' => [round($plan->sodiumPerCover()), round($swap->after->sodiumPerCover())],
            'pull_min' => [round($plan->pulled->minute(), 1), round($swap->after->pulled->minute(), 1)],
            'changes' => $words->all($swap->changes),
            'changes_facts' => FactDocument::all($swap->changes),
            'warnings' => $words->all($swap->warnings),
            'warnings_facts' => FactDocument::all($swap->warnings),
            'unfit' => $unfit !== null,
        ];
    }
}

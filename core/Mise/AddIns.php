<?php

declare(strict_types=1);

namespace Velko\Core\Mise;

use Velko\Core\Cook\Item;
use Velko\Core\Cook\Stage;
use Velko\Core\Cook\StageKind;
use Velko\Core\Food\Goes;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Stages;

/** Ingredients that go into the pan while it cooks, as steps between the others. */
final class AddIns
{
    /**
     * @param  array<int, Ingredient>  $ingredients  by their place in the ask of the plan
     *
     * @return list<Stage> those of the plan and one for each thing that goes in, in order of time
     */
    public static function among(Plan $plan, array $ingredients, float $main): array
    {
        $stages = $plan->stages;
        foreach ($ingredients as $at => $ingredient) {
            $second = $plan->atTable->addedAt[$at] ?? null;
            if ($ingredient->goes->isAStep() && $second !== null) {
                $amount = $ingredient->for($plan->rice(), $main, $plan->ask->covers, $plan->ask->pan->baseArea());
                $stages[] = new Stage($second / 60, StageKind::Add, $ingredient->goes->fact(), item: new Item($ingredient->name, Amount::rounded($amount, $ingredient->unit), $ingredient->unit));
            }
        }

        return Stages::inOrder($stages);
    }

    /** @return list<Stage> the same for a plan that was asked for with everything in its request */
    public static function ofTheAsk(Plan $plan): array
    {
        $stages = $plan->stages;
        foreach ($plan->ask->food as $number => $one) {
            if ($one->grams > 0 && $one->goes->isAStep() && isset($plan->atTable->addedAt[$number])) {
                $stages[] = new Stage($plan->atTable->addedAt[$number] / 60, StageKind::Add, $one->goes->fact(), item: new Item($one->name, Amount::rounded($one->grams, 'g'), 'g'));
            }
        }

        return Stages::inOrder($stages);
    }
}

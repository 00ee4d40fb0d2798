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
    /** What is left of the stock when nine tenths of it has gone. */
    private const TENTH = 0.1;

    /** Where the liquid never goes down so far, it goes in so long before the pull, min (common practice: "two to three minutes"). */
    private const ELSE_BEFORE_PULL = 3.0;

    private const LAST_MINUTES = 2.0;

    /**
     * @param  list<Ingredient>  $ingredients
     *
     * @return list<Stage> those of the plan and one for each thing that goes in, in order of time
     */
    public static function among(Plan $plan, array $ingredients, float $main): array
    {
        $stages = $plan->stages;
        foreach ($ingredients as $at => $ingredient) {
            if ($ingredient->goes->isAStep()) {
                $amount = $ingredient->for($plan->rice(), $main, $plan->ask->covers, $plan->ask->pan->baseArea());
                $stages[] = new Stage(self::minute($plan, $ingredient, $at), StageKind::Add, $ingredient->goes->fact(), item: new Item($ingredient->name, Amount::rounded($amount, $ingredient->unit), $ingredient->unit));
            }
        }

        return Stages::inOrder($stages);
    }

    /** @return list<Stage> the same for a plan that was asked for with everything in its request */
    public static function ofTheAsk(Plan $plan): array
    {
        $stages = $plan->stages;
        foreach ($plan->ask->food as $number => $one) {
            if ($one->goes->isAStep() && isset($plan->atTable->addedAt[$number])) {
                $stages[] = new Stage($plan->atTable->addedAt[$number] / 60, StageKind::Add, $one->goes->fact(), item: new Item($one->name, Amount::rounded($one->grams, 'g'), 'g'));
            }
        }

        return Stages::inOrder($stages);
    }

    private static function minute(Plan $plan, Ingredient $ingredient, int $at): float
    {
        $second = $plan->atTable->addedAt[$at] ?? null;
        if ($second !== null) {
            return $second / 60;
        }
        $pull = $plan->pulled->minute();

        return max(0.0, min($pull, match ($ingredient->goes) {
            Goes::AtMinute => $ingredient->minute ?? 0.0,
            Goes::NineTenthsGone => self::nineTenthsGone($plan) ?? $pull - self::ELSE_BEFORE_PULL,
            default => $pull - self::LAST_MINUTES,
        }));
    }

    private static function nineTenthsGone(Plan $plan): ?float
    {
        foreach ($plan->track->minute as $row => $minute) {
            if ($minute > 0 && $minute <= $plan->pulled->minute() && $plan->track->free[$row] <= self::TENTH * $plan->stock) {
                return $minute;
            }
        }

        return null;
    }
}

<?php

declare(strict_types=1);

namespace Velko\Core\Mise;

use Velko\Core\Cook\Stage;
use Velko\Core\Cook\StageKind;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Stages;

/** Ingredients that go into the pan while it cooks, as steps between the others. */
final class AddIns
{
    /** What goes in as the pan comes off is put in before it does, s. */
    private const SAME = 1e-6;

    /**
     * @param  array<int, Ingredient>  $ingredients  by their place in the ask of the plan
     *
     * @return list<Stage> those of the plan and one for each thing that goes in, in order of time
     */
    public static function among(Plan $plan, array $ingredients, WeighedOut $weighedOut): array
    {
        $whileItCooks = $asItComesOff = [];
        foreach ($ingredients as $at => $ingredient) {
            $second = $plan->atTable->addedAt[$at] ?? null;
            if (! $ingredient->goes->isAStep() || $second === null) {
                continue;
            }
            $stage = new Stage($second / 60, StageKind::Add, $ingredient->goes->fact(), item: $weighedOut->item($ingredient));
            if ($second < $plan->pulled->second - self::SAME) {
                $whileItCooks[] = $stage;
            } else {
                $asItComesOff[] = $stage;
            }
        }

        return Stages::inOrder([...$asItComesOff, ...$plan->stages, ...$whileItCooks]);
    }
}

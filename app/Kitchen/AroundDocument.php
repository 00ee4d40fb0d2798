<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contracts\PlanRequestDocument;
use Velko\Core\Planning\Around\Compared;
use Velko\Core\Planning\Around\Swap;
use Velko\Core\Planning\Around\Swaps;
use Velko\Core\Planning\Around\WhatIf;
use Velko\Core\Planning\Planner;

/** velko.around/1: what the same pan would come to if one thing about it were different. */
final class AroundDocument
{
    /** @return array<string, mixed> */
    public static function of(Asked $asked): array
    {
        $plan = Planner::plan(PlanRequestDocument::of(PlanRequests::for($asked))->ask());

        return [
            'format' => 'velko.around/1',
            'what_if' => array_map(static fn (Compared $compared): array => [
                'what' => $compared->what,
                'stock_ml' => round($compared->after->stock, 1),
                'stock_by' => round($compared->stockBy(), 1) + 0.0,
                'ml_per_g' => round($compared->after->millilitresPerGram(), 2),
                'ml_per_g_by' => round($compared->ratioBy(), 2) + 0.0,
                'pull_min' => round($compared->after->pulled->minute(), 1),
                'pull_by' => round($compared->pullBy(), 1) + 0.0,
                'because' => $compared->because,
            ], WhatIf::of($plan)),
            'swaps' => array_map(static fn (Swap $swap): array => [
                'what' => $swap->what,
                'stock_by' => round($swap->stockBy, 1) + 0.0,
                'pull_by' => round($swap->after->pulled->minute() - $plan->pulled->minute(), 1) + 0.0,
                'changes' => $swap->changes,
                'warnings' => $swap->warnings,
            ], Swaps::of($plan)),
        ];
    }
}

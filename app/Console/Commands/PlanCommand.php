<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Contracts\PlanDocument;
use App\Contracts\PlanRequestDocument;
use App\Words\Words;
use Velko\Core\Planning\Planner;

/** Reads velko.plan-request/1 and answers velko.plan/1. */
final class PlanCommand extends EngineCommand
{
    protected $signature = 'velko:plan {request : a file, or - for standard input}';

    protected $description = 'Works out a pan: velko.plan-request/1 in, velko.plan/1 out';

    protected function answer(string $json): array
    {
        $request = PlanRequestDocument::read($json);
        $plan = Planner::plan($request->ask());

        return PlanDocument::of($plan, $request->assumed(), new Words);
    }
}

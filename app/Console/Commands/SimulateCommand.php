<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Contracts\SimulationDocument;
use App\Contracts\SimulationRequestDocument;

/** Reads velko.simulation-request/1 and answers velko.simulation/1. */
final class SimulateCommand extends EngineCommand
{
    protected $signature = 'velko:simulate {request : a file, or - for standard input}';

    protected $description = 'Plays what happens to a pan through the engine: velko.simulation-request/1 in, velko.simulation/1 out';

    protected function answer(string $json): array
    {
        $request = SimulationRequestDocument::read($json);
        [$setup, $rehearsed] = $request->rehearse();

        return SimulationDocument::of($setup, $rehearsed, $request->assumed());
    }
}

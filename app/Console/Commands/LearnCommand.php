<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Exchange\ArchiveCooks;
use App\Learning\LearnedDocument;
use Velko\Core\Learning\Lesson;

/** A kitchen's archive in, velko.learned/1 out. */
final class LearnCommand extends EngineCommand
{
    protected $signature = 'velko:learn {request : an archive, packed or not, or - for standard input}';

    protected $description = 'What a kitchen\'s cooks teach: velko.archive/2 (or /1) in, velko.learned/1 out';

    protected function answer(string $json): array
    {
        $cooks = ArchiveCooks::of($json);

        return LearnedDocument::of(array_values(array_filter(array_map(Lesson::of(...), $cooks))), count($cooks));
    }
}

<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Log\LogLineStore;
use App\Models\Kitchen;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;

/** The lines of every kitchen's log, made anew from its events. */
final class SummariesCommand extends Command
{
    protected $signature = 'velko:summaries';

    protected $description = 'Make every line of the log anew from the events of its cook';

    public function handle(): int
    {
        foreach (Kitchen::query()->get() as $kitchen) {
            $this->line(sprintf('%s: %d cooks', $kitchen->name, LogLineStore::rebuild($kitchen, CarbonImmutable::now())));
        }

        return self::SUCCESS;
    }
}

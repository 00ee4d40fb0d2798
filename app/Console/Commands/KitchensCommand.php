<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Kitchen;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\Schema;

final class KitchensCommand extends Command
{
    protected $signature = 'velko:kitchens';

    protected $description = 'How many kitchens there are beside the demo\'s';

    public function handle(): int
    {
        if (! Schema::hasTable('kitchens')) {
            $this->line('0'); // before anything was set up

            return self::SUCCESS;
        }
        $this->line((string) Kitchen::query()->whereDoesntHave('users', static fn ($query) => $query->withoutGlobalScopes()->where('email', Config::get('velko.demo_cook')))->count());

        return self::SUCCESS;
    }
}

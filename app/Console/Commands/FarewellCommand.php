<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\People\DeleteKitchen;
use Illuminate\Console\Command;

final class FarewellCommand extends Command
{
    protected $signature = 'velko:farewell';

    protected $description = 'Deletes the kitchens whose chefs said so a day ago, with everything in them';

    public function handle(): int
    {
        $this->line(DeleteKitchen::carryOut().' deleted');

        return self::SUCCESS;
    }
}

<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Burner;
use App\Models\Device;
use App\Models\DeviceKind;
use App\Models\Kitchen;
use Database\Seeders\KilnHouse;
use Illuminate\Console\Command;

/** A scale, a probe and a knob at every ring of the demo kitchen, with new keys in one file a kind. */
final class DemoDevicesCommand extends Command
{
    protected $signature = 'velko:demo-devices {folder : where the keys go}';

    protected $description = 'Stands a scale, a probe and a knob at every ring of the demo kitchen, and writes their keys down';

    public function handle(): int
    {
        $folder = $this->argument('folder');
        $kitchen = Kitchen::query()->with('burners')->where('name', KilnHouse::NAME)->first();
        if ($kitchen === null || ! is_dir($folder)) {
            $this->line($kitchen === null ? 'there is no demo kitchen here' : 'folder: must be there');

            return self::FAILURE;
        }
        foreach (DeviceKind::cases() as $kind) {
            $keys = $kitchen->burners->map(static fn (Burner $burner): string => Device::query()->firstOrCreate(
                ['kitchen_id' => $kitchen->id, 'name' => "{$kind->value}, {$burner->name}"],
                ['kind' => $kind, 'burner_id' => $burner->id],
            )->newKey());
            $file = "$folder/{$kind->value}.keys";
            touch($file);
            chmod($file, 0600);
            file_put_contents($file, $keys->implode("\n")."\n");
        }

        return self::SUCCESS;
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Device;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

/** A new key for a device, shown this once. */
final class DeviceKeyController
{
    public function __invoke(Device $device): JsonResponse
    {
        Gate::authorize('update', $device);

        return new JsonResponse(['format' => 'velko.device-key/1', 'name' => $device->name, 'key' => $device->newKey()], 201);
    }
}

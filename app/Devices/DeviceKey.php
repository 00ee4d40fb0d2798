<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\Device;
use Illuminate\Http\Exceptions\ThrottleRequestsException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;

/** Which device a request is of: by its key, in the Authorization header and nowhere else, since addresses are written down. */
final class DeviceKey
{
    /** Wrong keys from an address in a minute. */
    private const MOST_WRONG = 30;

    public static function device(Request $request): ?Device
    {
        $key = $request->bearerToken();
        $from = 'device-key:'.$request->ip();
        if (RateLimiter::tooManyAttempts($from, self::MOST_WRONG)) {
            throw new ThrottleRequestsException(headers: ['Retry-After' => RateLimiter::availableIn($from)]);
        }
        $device = $key === null || $key === '' ? null : Device::query()->withoutGlobalScope('kitchen')->where('api_token', hash('sha256', $key))->first();
        if ($device === null) {
            RateLimiter::hit($from);
        }

        return $device;
    }
}

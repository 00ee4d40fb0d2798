<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Models\User;
use Carbon\CarbonImmutable;

/** velko.session/1: who stands at the tablet, if anybody. */
final class SessionDocument
{
    /** @return array<string, mixed> */
    public static function of(?User $user): array
    {
        $zone = $user?->kitchen->timezone ?? 'UTC';

        return [
            'format' => 'velko.session/1',
            'cook' => $user === null ? null : ['name' => $user->name, 'role' => $user->role, 'kitchen' => $user->kitchen->name, 'timezone' => $zone, 'units' => $user->kitchen->units],
            'demo' => self::demoCook() !== null,
            'now' => CarbonImmutable::now($zone)->toIso8601String(),
        ];
    }

    /** The cook whose station the demo shows, where this house has the demo kitchen; its password is no secret. */
    public static function demoCook(): ?User
    {
        $email = config('velko.demo_cook');

        return config('velko.demo') === true && is_string($email) ? User::query()->where('email', $email)->first() : null;
    }
}

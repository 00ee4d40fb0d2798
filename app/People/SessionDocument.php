<?php

declare(strict_types=1);

namespace App\People;

use App\Kitchen\ServiceTimes;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Http\Request;

/** The document velko.session/1: who stands at the tablet, if anybody. */
final class SessionDocument
{
    /** @return array<string, mixed> */
    public static function of(Request $request, ?User $user): array
    {
        $zone = $user?->kitchen->timezone ?? 'UTC';

        return [
            'format' => 'velko.session/1',
            'cook' => $user === null ? null : self::cook($request, $user),
            'demo' => self::demoCook() !== null,
            'mail' => SendLinks::houseSendsMail(),
            'now' => CarbonImmutable::now($zone)->toIso8601String(),
        ];
    }

    /** @return array<string, mixed> */
    private static function cook(Request $request, User $user): array
    {
        Hands::stand($request, $user);
        $kitchen = $user->kitchen;
        $name = static fn (User $user): array => $user->only(['id', 'name']);

        return [
            'id' => $user->id, 'name' => $user->name, 'email' => $user->email ?? '', 'role' => $user->may()->value,
            'kitchen' => $kitchen->name, 'timezone' => $kitchen->timezone, 'night_turns_min' => ServiceTimes::turnsAt($kitchen),
            'units' => $user->units(), 'own_units' => $user->units, 'clock' => $user->clock, 'has_pin' => $user->pin !== null,
            'hand' => $user->hand === null ? null : $name($user->hand),
            'hands' => array_values($kitchen->people()->where('pin', '!=', null)->get()->sortBy('name')->map($name)->all()),
            'delete_at' => $kitchen->delete_at?->toIso8601String(),
        ];
    }

    /** The cook whose station the demo shows, where this house has the demo kitchen; its password is no secret. */
    public static function demoCook(): ?User
    {
        $email = config('velko.demo_cook');

        return config('velko.demo') === true && is_string($email) ? User::query()->where('email', $email)->first() : null;
    }
}

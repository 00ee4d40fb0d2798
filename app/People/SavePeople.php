<?php

declare(strict_types=1);

namespace App\People;

use App\Contracts\BadDocument;
use App\Contracts\Fault;
use App\Models\DoorLink;
use App\Models\Kitchen;
use App\Models\Role;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Who belongs to a kitchen. */
final class SavePeople
{
    /** @return array<string, mixed> velko.people/1 */
    public static function document(User $you): array
    {
        $people = $you->kitchen->people()->get()->sortBy(static fn (User $user): string => array_search($user->role, Role::cases(), true).$user->name);
        $chefs = $people->where('role', Role::Chef)->count();

        return [
            'format' => 'velko.people/1',
            'people' => $people->map(static fn (User $user): array => [
                'id' => $user->id, 'name' => $user->name, 'email' => $user->email ?? '', 'role' => $user->role->value,
                'has_pin' => $user->pin !== null, 'you' => $user->id === $you->id, 'last_chef' => $chefs === 1 && $user->role === Role::Chef,
            ])->values()->all(),
            'invitations' => DoorLink::open()->where('user_id', null)->get()->sortBy('id')->map(static fn (DoorLink $link): array => [
                'id' => $link->id, 'role' => $link->role->value ?? '', 'email' => $link->email, 'expires_at' => $link->expires_at->toIso8601String(),
            ])->values()->all(),
        ];
    }

    /** @throws BadDocument when the kitchen would be left without a chef */
    public static function give(User $person, Role $role): void
    {
        self::withAChefLeft($person->kitchen, $person, '/role', $role !== Role::Chef, static function () use ($person, $role): void {
            $person->update(['role' => $role]);
            // A door that they opened as a chef would lead back to where they were.
            DoorLink::open()->where('made_by', $person->id)->delete();
        });
    }

    /**
     * Nothing opens for them any more; the name stays where they cooked, the address is free for another kitchen.
     *
     * @throws BadDocument when the kitchen would be left without a chef
     */
    public static function takeAway(User $person): void
    {
        self::withAChefLeft($person->kitchen, $person, '', true, static function () use ($person): void {
            $person->update(['email' => null, 'password' => Str::random(60), 'pin' => null, 'left_at' => CarbonImmutable::now()]);
            DoorLink::query()->where(static fn (Builder $query) => $query->where('user_id', $person->id)->orWhere('made_by', $person->id))->delete();
        });
    }

    private static function withAChefLeft(Kitchen $kitchen, User $person, string $path, bool $stopsBeingChef, callable $do): void
    {
        DB::transaction(static function () use ($kitchen, $person, $path, $stopsBeingChef, $do): void {
            // One at a time: two chefs who take each other away would leave none.
            DB::table('kitchens')->where('id', $kitchen->id)->lockForUpdate()->get();
            $others = $kitchen->people()->where('role', Role::Chef)->whereKeyNot($person->id)->exists();
            if ($stopsBeingChef && $person->role === Role::Chef && ! $others) {
                throw new BadDocument([new Fault($path, 'is the last chef of this kitchen; make somebody else chef first', 'last-chef')]);
            }
            $do();
        }, attempts: 3);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contracts\BadDocument;
use App\Http\Requests\InvitationRequest;
use App\Http\Requests\PersonRequest;
use App\Models\DoorLink;
use App\Models\Role;
use App\Models\User;
use App\People\Email;
use App\People\KeepPeople;
use App\People\SendLinks;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

/** Who belongs to the kitchen: its chefs' to say. */
final class PeopleController
{
    public function index(#[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('run', $user->kitchen);

        return new JsonResponse(KeepPeople::document($user));
    }

    /** @throws BadDocument */
    public function update(PersonRequest $request, int $person, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('run', $user->kitchen);
        KeepPeople::give(self::person($user, $person), self::role($request->document()));

        return new JsonResponse(KeepPeople::document($user->refresh()));
    }

    /** @throws BadDocument */
    public function destroy(int $person, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('run', $user->kitchen);
        KeepPeople::takeAway(self::person($user, $person));

        return new JsonResponse(KeepPeople::document($user->refresh()));
    }

    /** @throws BadDocument */
    public function invite(InvitationRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('run', $user->kitchen);
        $document = $request->document();

        return new JsonResponse(SendLinks::invite($user, self::role($document), $document['email'] === null ? null : Email::read($document['email'])), 201);
    }

    public function uninvite(int $invitation, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('run', $user->kitchen);
        DoorLink::query()->where('user_id', null)->findOrFail($invitation)->delete();

        return new JsonResponse(KeepPeople::document($user));
    }

    /** A link with which they choose a new password. */
    public function link(int $person, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('run', $user->kitchen);

        return new JsonResponse(SendLinks::forPassword(self::person($user, $person), $user), 201);
    }

    private static function person(User $user, int $id): User
    {
        return $user->kitchen->people()->findOrFail($id);
    }

    /** @param  array<string, mixed>  $document */
    private static function role(array $document): Role
    {
        return Role::from(is_string($document['role']) ? $document['role'] : '');
    }
}

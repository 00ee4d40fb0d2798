<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contracts\BadDocument;
use App\Http\Requests\HeldDecisionRequest;
use App\Http\Requests\InvitationRequest;
use App\Http\Requests\OwnPasswordRequest;
use App\Http\Requests\PersonRequest;
use App\Models\DoorLink;
use App\Models\Role;
use App\Models\User;
use App\People\Email;
use App\People\Password;
use App\People\SavePeople;
use App\People\SendLinks;
use App\Stove\SaveHeldTouches;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

/** Who belongs to the kitchen: its chefs' to say. */
final class PeopleController
{
    public function index(#[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('run', $user->kitchen);

        return self::people($user);
    }

    /** @throws BadDocument */
    public function update(PersonRequest $request, int $person, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('run', $user->kitchen);
        $whom = self::person($user, $person);
        $document = $request->document();
        self::byPassword($user, $document);
        SavePeople::give($whom, self::role($document));

        return self::people($user->refresh());
    }

    /** @throws BadDocument */
    public function destroy(OwnPasswordRequest $request, int $person, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('run', $user->kitchen);
        $whom = self::person($user, $person);
        self::byPassword($user, $request->document());
        SavePeople::takeAway($whom);

        return self::people($user->refresh());
    }

    /** @throws BadDocument */
    public function invite(InvitationRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('run', $user->kitchen);
        $document = $request->document();
        self::byPassword($user, $document);

        return new JsonResponse(SendLinks::invite($user, self::role($document), $document['email'] === null ? null : Email::read($document['email'])), 201);
    }

    public function uninvite(int $invitation, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('run', $user->kitchen);
        DoorLink::query()->where('user_id', null)->findOrFail($invitation)->delete();

        return self::people($user);
    }

    /**
     * A link with which they choose a new password.
     *
     * @throws BadDocument
     */
    public function link(OwnPasswordRequest $request, int $person, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('run', $user->kitchen);
        $whom = self::person($user, $person);
        self::byPassword($user, $request->document());

        return new JsonResponse(SendLinks::forPassword($whom, $user), 201);
    }

    /**
     * What becomes of touches of somebody who was removed before they came.
     *
     * @throws BadDocument
     */
    public function held(HeldDecisionRequest $request, int $person, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('run', $user->kitchen);
        $whom = $user->kitchen->users()->findOrFail($person);
        abort_if($whom->left_at === null, 404);
        SaveHeldTouches::decide($whom, $request->document()['keep'] === true);

        return self::people($user);
    }

    private static function people(User $you): JsonResponse
    {
        return new JsonResponse([...SavePeople::document($you), 'held' => SaveHeldTouches::waiting($you->kitchen)]);
    }

    /**
     * A tablet that its chef left open changes nobody's account.
     *
     * @param  array<string, mixed>  $document
     *
     * @throws BadDocument
     */
    private static function byPassword(User $user, array $document): void
    {
        Password::mustBe($user, is_string($document['password']) ? $document['password'] : '');
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

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contracts\BadDocument;
use App\Http\Requests\HandRequest;
use App\Http\Requests\SignInRequest;
use App\Models\User;
use App\People\Email;
use App\People\Hands;
use App\People\Password;
use App\People\SessionDocument;
use App\People\SignInAndOut;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Hash;

final class SessionController
{
    public function show(Request $request): JsonResponse
    {
        return new JsonResponse(SessionDocument::of($request, $request->user()));
    }

    /** @throws BadDocument */
    public function store(SignInRequest $request): JsonResponse
    {
        ['email' => $email, 'password' => $password] = $request->document();
        [$email, $password] = [Email::normal($email), is_string($password) ? $password : ''];
        $user = User::here()->where('email', $email)->first();
        // A hash is checked for the unknown too, so that the time tells nothing.
        if (! Hash::check($password, $user->password ?? Password::nobodys()) || $user === null || Password::isPublished($password)) {
            throw BadDocument::at('/password', 'e-mail and password do not belong together');
        }
        if (Hash::needsRehash($user->password)) {
            $user->update(['password' => $password]);
        }
        SignInAndOut::in($request, $user);

        return new JsonResponse(SessionDocument::of($request, $user));
    }

    /** One touch into the demo kitchen, where this house has one. */
    public function demo(Request $request): JsonResponse
    {
        $user = SessionDocument::demoCook() ?? abort(404);
        SignInAndOut::in($request, $user);

        return new JsonResponse(SessionDocument::of($request, $user));
    }

    public function destroy(Request $request): JsonResponse
    {
        SignInAndOut::out($request);

        return new JsonResponse(SessionDocument::of($request, null));
    }

    public function everywhere(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        SignInAndOut::outEverywhere($request, $user);

        return new JsonResponse(SessionDocument::of($request, null));
    }

    /**
     * Another stands at the tablet now.
     *
     * @throws BadDocument
     */
    public function hand(HandRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        $document = $request->document();
        [$person, $pin, $password] = [$document['person'], $document['pin'], $document['password'] ?? null];
        if (is_int($person)) {
            Hands::to($request, $user, $person, is_string($pin) ? $pin : '');
        } else {
            Hands::handBack($request, $user, is_string($password) ? $password : '');
        }

        return new JsonResponse(SessionDocument::of($request, $user));
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contracts\BadDocument;
use App\Http\Requests\SignInRequest;
use App\Kitchen\Email;
use App\Kitchen\Password;
use App\Kitchen\SessionDocument;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;

final class SessionController
{
    public function show(Request $request): JsonResponse
    {
        return new JsonResponse(SessionDocument::of($request->user()));
    }

    /** @throws BadDocument */
    public function store(SignInRequest $request): JsonResponse
    {
        ['email' => $email, 'password' => $password] = $request->document();
        [$email, $password] = [Email::normal(is_string($email) ? $email : ''), is_string($password) ? $password : ''];
        $user = User::query()->where('email', $email)->first();
        // A hash is checked for the unknown too, so that the time tells nothing.
        if (! Hash::check($password, $user->password ?? Password::nobodys()) || $user === null || Password::isPublished($password)) {
            throw BadDocument::at('/password', 'e-mail and password do not belong together');
        }
        if (Hash::needsRehash($user->password)) {
            $user->update(['password' => $password]);
        }
        Auth::login($user);
        $request->session()->regenerate();

        return new JsonResponse(SessionDocument::of($request->user()));
    }

    /** One touch into the demo kitchen, where this house has one. */
    public function demo(Request $request): JsonResponse
    {
        Auth::login(SessionDocument::demoCook() ?? abort(404));
        $request->session()->regenerate();

        return new JsonResponse(SessionDocument::of($request->user()));
    }

    public function destroy(Request $request): JsonResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return new JsonResponse(SessionDocument::of(null));
    }
}

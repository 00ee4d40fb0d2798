<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contracts\BadDocument;
use App\Http\Requests\SignInRequest;
use App\Kitchen\SessionDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

final class SessionController
{
    public function show(Request $request): JsonResponse
    {
        return new JsonResponse(SessionDocument::of($request->user()));
    }

    /** @throws BadDocument */
    public function store(SignInRequest $request): JsonResponse
    {
        $document = $request->document();
        if (! Auth::attempt(['email' => $document['email'], 'password' => $document['password']])) {
            throw BadDocument::at('/password', 'e-mail and password do not belong together');
        }
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

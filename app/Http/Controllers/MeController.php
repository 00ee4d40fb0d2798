<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contracts\BadDocument;
use App\Http\Requests\MeRequest;
use App\Http\Requests\NewPasswordRequest;
use App\Http\Requests\PinRequest;
use App\Models\User;
use App\People\SaveAccount;
use App\People\SessionDocument;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

/** One's own account. */
final class MeController
{
    /** @throws BadDocument */
    public function update(MeRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        SaveAccount::keep($user, $request->document());

        return new JsonResponse(SessionDocument::of($request, $user));
    }

    /** @throws BadDocument */
    public function password(NewPasswordRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        SaveAccount::newPassword($user, $request->document());
        $request->session()->regenerate(true);

        return new JsonResponse(SessionDocument::of($request, $user));
    }

    /** @throws BadDocument */
    public function pin(PinRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        SaveAccount::pin($user, $request->document());

        return new JsonResponse(SessionDocument::of($request, $user));
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contracts\BadDocument;
use App\Http\Requests\SignInRequest;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

final class SessionController
{
    public function show(Request $request): JsonResponse
    {
        return new JsonResponse(self::document($request->user()));
    }

    /** @throws BadDocument */
    public function store(SignInRequest $request): JsonResponse
    {
        $document = $request->document();
        if (! Auth::attempt(['email' => $document['email'], 'password' => $document['password']])) {
            throw BadDocument::at('/password', 'e-mail and password do not belong together');
        }
        $request->session()->regenerate();

        return new JsonResponse(self::document($request->user()));
    }

    public function destroy(Request $request): JsonResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return new JsonResponse(self::document(null));
    }

    /** @return array<string, mixed> velko.session/1 */
    private static function document(?User $user): array
    {
        $zone = $user?->kitchen->timezone ?? 'UTC';

        return [
            'format' => 'velko.session/1',
            'cook' => $user === null ? null : ['name' => $user->name, 'role' => $user->role, 'kitchen' => $user->kitchen->name, 'timezone' => $zone],
            'now' => CarbonImmutable::now($zone)->toIso8601String(),
        ];
    }
}

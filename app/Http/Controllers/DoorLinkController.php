<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contracts\BadDocument;
use App\Http\Requests\ForgottenRequest;
use App\Http\Requests\JoinRequest;
use App\Http\Requests\ResetRequest;
use App\Http\Requests\TokenRequest;
use App\Models\User;
use App\People\Email;
use App\People\SendConfirmations;
use App\People\SendLinks;
use App\People\SessionDocument;
use App\People\SignInAndOut;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** Whoever follows a link, before anybody is signed in. */
final class DoorLinkController
{
    /** @throws BadDocument */
    public function look(TokenRequest $request): JsonResponse
    {
        $token = $request->document()['token'];

        return new JsonResponse(SendLinks::look(is_string($token) ? $token : ''));
    }

    /** @throws BadDocument */
    public function join(JoinRequest $request): JsonResponse
    {
        $user = SendLinks::join($request->document());
        if ($user !== null) {
            SignInAndOut::in($request, $user);
        }

        return new JsonResponse(SessionDocument::of($request, $user), $user === null ? 202 : 201);
    }

    /**
     * An address is theirs: what they asked for with it is done.
     *
     * @throws BadDocument
     */
    public function confirm(TokenRequest $request): JsonResponse
    {
        $token = $request->document()['token'];
        $user = SendConfirmations::through(is_string($token) ? $token : '');
        SignInAndOut::in($request, $user);

        return new JsonResponse(SessionDocument::of($request, $user));
    }

    /** @throws BadDocument */
    public function reset(ResetRequest $request): JsonResponse
    {
        $user = SendLinks::reset($request->document());
        SignInAndOut::in($request, $user);

        return new JsonResponse(SessionDocument::of($request, $user));
    }

    /** The answer is the same whether anybody has that address or not; where this house sends no mail it is no answer. */
    public function forgotten(ForgottenRequest $request): Response
    {
        $email = Email::normal($request->document()['email']);
        abort_unless(SendLinks::houseSendsMail(), 404);
        // After the answer: the time tells nothing either.
        dispatch(static function () use ($email): void {
            $user = User::here()->where('email', $email)->first();
            if ($user !== null) {
                SendLinks::forPassword($user, null);
            }
        })->afterResponse();

        return new Response(status: 204);
    }
}

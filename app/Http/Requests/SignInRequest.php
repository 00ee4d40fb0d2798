<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class SignInRequest extends DocumentRequest
{
    protected function contract(): string
    {
        return 'sign-in';
    }
}

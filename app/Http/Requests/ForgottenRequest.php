<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class ForgottenRequest extends DocumentRequest
{
    protected function contract(): string
    {
        return 'forgotten';
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class OwnPasswordRequest extends DocumentRequest
{
    protected function contract(): string
    {
        return 'own-password';
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class SetUpRequest extends DocumentRequest
{
    protected function contract(): string
    {
        return 'set-up';
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class JoinRequest extends DocumentRequest
{
    protected function contract(): string
    {
        return 'join';
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class AskRequest extends DocumentRequest
{
    protected function contract(): string
    {
        return 'ask';
    }
}

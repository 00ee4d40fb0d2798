<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class StartCookRequest extends DocumentRequest
{
    protected function contract(): string
    {
        return 'start-cook';
    }
}

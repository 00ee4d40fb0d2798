<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class PersonRequest extends DocumentRequest
{
    protected function contract(): string
    {
        return 'person';
    }
}

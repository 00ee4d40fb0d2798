<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class CookEventRequest extends DocumentRequest
{
    protected function contract(): string
    {
        return 'cook-event';
    }
}

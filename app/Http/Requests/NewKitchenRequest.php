<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class NewKitchenRequest extends DocumentRequest
{
    protected function contract(): string
    {
        return 'new-kitchen';
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class DishEntryRequest extends DocumentRequest
{
    protected function contract(): string
    {
        return 'dish-entry';
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class RecipeEntryRequest extends DocumentRequest
{
    protected function contract(): string
    {
        return 'recipe-entry';
    }
}

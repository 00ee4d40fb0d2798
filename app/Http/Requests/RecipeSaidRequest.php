<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class RecipeSaidRequest extends DocumentRequest
{
    protected function contract(): string
    {
        return 'recipe-said';
    }
}

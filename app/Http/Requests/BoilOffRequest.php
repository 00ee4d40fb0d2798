<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class BoilOffRequest extends DocumentRequest
{
    protected function contract(): string
    {
        return 'boil-off';
    }
}

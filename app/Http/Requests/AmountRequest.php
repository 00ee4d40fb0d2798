<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class AmountRequest extends DocumentRequest
{
    protected function contract(): string
    {
        return 'amount-said';
    }
}

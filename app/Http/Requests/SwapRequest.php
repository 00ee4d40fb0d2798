<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class SwapRequest extends DocumentRequest
{
    protected function contract(): string
    {
        return 'swap-asked';
    }
}

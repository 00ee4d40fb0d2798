<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class FiringsEntryRequest extends DocumentRequest
{
    protected function contract(): string
    {
        return 'firings-entry';
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class FiringEntryRequest extends DocumentRequest
{
    protected function contract(): string
    {
        return 'firing-entry';
    }
}

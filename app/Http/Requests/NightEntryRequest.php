<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class NightEntryRequest extends DocumentRequest
{
    protected function contract(): string
    {
        return 'night-entry';
    }
}

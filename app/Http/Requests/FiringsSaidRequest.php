<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class FiringsSaidRequest extends DocumentRequest
{
    protected function contract(): string
    {
        return 'firings-said';
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class HeldDecisionRequest extends DocumentRequest
{
    protected function contract(): string
    {
        return 'held-decision';
    }
}

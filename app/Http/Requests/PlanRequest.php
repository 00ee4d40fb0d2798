<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class PlanRequest extends DocumentRequest
{
    protected function contract(): string
    {
        return 'plan-request';
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class InvitationRequest extends DocumentRequest
{
    protected function contract(): string
    {
        return 'invitation';
    }
}

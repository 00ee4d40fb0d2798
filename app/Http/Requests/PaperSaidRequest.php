<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class PaperSaidRequest extends DocumentRequest
{
    protected function contract(): string
    {
        return 'paper-said';
    }

    protected function longest(): int
    {
        return 2_097_152;
    }

    protected function values(): int
    {
        return 60_000;
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class ArchiveRequest extends DocumentRequest
{
    private const LONGEST_ARCHIVE = 33554432;

    protected function contract(): string
    {
        return 'archive';
    }

    protected function longest(): int
    {
        return self::LONGEST_ARCHIVE;
    }
}

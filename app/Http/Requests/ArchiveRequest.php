<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** The first line of velko.archive/2, or velko.archive/1 whole. */
final class ArchiveRequest extends DocumentRequest
{
    private const LONGEST_ARCHIVE = 33554432;

    private const MOST_VALUES = 3_000_000;

    /** The format stands at the beginning of what we wrote ourselves. */
    private const OLD = '/^\s*\{\s*"format"\s*:\s*"velko\.archive\\\\?\/1"/';

    protected function contract(): string
    {
        return preg_match(self::OLD, substr($this->getContent(), 0, 200)) === 1 ? 'archive' : 'archive-head';
    }

    protected function longest(): int
    {
        return self::LONGEST_ARCHIVE;
    }

    protected function values(): int
    {
        return self::MOST_VALUES;
    }
}

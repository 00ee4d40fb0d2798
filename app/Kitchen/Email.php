<?php

declare(strict_types=1);

namespace App\Kitchen;

/** An e-mail address as it is kept and looked up: byte for byte, after this. One that only looks like it is another. */
final class Email
{
    private const LONGEST = 254;

    public static function normal(string $written): string
    {
        return mb_strcut(mb_strtolower(trim($written)), 0, self::LONGEST);
    }
}

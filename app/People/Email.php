<?php

declare(strict_types=1);

namespace App\People;

use App\Contracts\BadDocument;

/** An e-mail address as it is kept and looked up: byte for byte, after this. One that only looks like it is another. */
final class Email
{
    private const LONGEST = 254;

    public static function normal(mixed $written): string
    {
        return mb_strcut(mb_strtolower(trim(is_string($written) ? $written : '')), 0, self::LONGEST);
    }

    /** @throws BadDocument when it is none */
    public static function read(mixed $written): string
    {
        $email = self::normal($written);

        return filter_var($email, FILTER_VALIDATE_EMAIL) === false ? throw BadDocument::at('/email', 'must be an e-mail address') : $email;
    }
}

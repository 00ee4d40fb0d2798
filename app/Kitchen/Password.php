<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contracts\BadDocument;

/** What a password may be. */
final class Password
{
    /** bcrypt reads no further, bytes. */
    private const LONGEST = 72;

    /** @throws BadDocument when it would be kept as another than what was typed, or anybody would guess it */
    public static function check(string $password, string $email, string $path = '/password'): void
    {
        if (strlen($password) > self::LONGEST) {
            throw BadDocument::at($path, 'must be at most '.self::LONGEST.' bytes long: what is beyond would not count');
        }
        if (str_contains($password, "\0")) {
            throw BadDocument::at($path, 'must not hold the character NUL');
        }
        if (self::isPublished($password)) {
            throw BadDocument::at($path, 'must be another than one that anybody can read');
        }
        $name = strstr($email, '@', true);
        if (in_array(mb_strtolower($password), [$email, is_string($name) ? $name : $email], true)) {
            throw BadDocument::at($path, 'must be another than the e-mail');
        }
    }

    /** Whether anybody can read it in what we publish, and this house is no demo. */
    public static function isPublished(string $password): bool
    {
        $published = config('velko.published_passwords');

        return config('velko.demo') !== true && is_array($published) && in_array($password, $published, true);
    }

    /** Takes as long to check as any that is kept, and is nobody's. */
    public static function nobodys(): string
    {
        $rounds = config('hashing.bcrypt.rounds');

        return sprintf('$2y$%02d$%s', is_numeric($rounds) ? (int) $rounds : 12, str_repeat('.', 53));
    }
}

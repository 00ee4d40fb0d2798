<?php

declare(strict_types=1);

namespace App\People;

use App\Contracts\BadDocument;
use App\Models\User;
use Illuminate\Support\Facades\Hash;

/** What a password may be. */
final class Password
{
    /** The most bytes of a password that bcrypt reads. */
    private const LONGEST = 72;

    /** What people put behind a common one to make it pass. */
    private const TAIL = '/[^a-z]{1,4}$/';

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
        if (self::isCommon($password)) {
            throw BadDocument::at($path, 'must be another: many people have this one, and it is tried first');
        }
    }

    /** @throws BadDocument when it is not this user's */
    public static function mustBe(User $user, string $typed, string $path = '/password'): void
    {
        if (! Hash::check($typed, $user->password)) {
            throw BadDocument::at($path, 'is wrong');
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

    /** Among those that leaks show most often (bin/common-passwords.mjs), as they stand, with a tail, or said twice. */
    private static function isCommon(string $password): bool
    {
        $typed = mb_strtolower($password);
        $half = substr($typed, 0, intdiv(strlen($typed), 2));
        $common = array_flip(explode("\n", trim((string) file_get_contents(resource_path('passwords/common.txt')))));

        return count(array_unique(str_split($typed))) < 3 || isset($common[$typed]) || isset($common[(string) preg_replace(self::TAIL, '', $typed)]) || ($half.$half === $typed && isset($common[$half]));
    }
}

<?php

declare(strict_types=1);

namespace App\Words;

use Illuminate\Http\Request;

/** The languages that there are words of: a folder of lang/ each. */
final class Languages
{
    public const USUAL = 'en';

    /** @return non-empty-list<string> the usual one first */
    public static function all(): array
    {
        $found = glob(lang_path('*'), GLOB_ONLYDIR);
        $folders = array_map(basename(...), $found === false ? [] : $found);

        return [self::USUAL, ...array_values(array_diff($folders, [self::USUAL]))];
    }

    /** What a browser asks for, where there are words of it. */
    public static function of(Request $request): string
    {
        $all = self::all();
        $wanted = $request->getPreferredLanguage(array_map(static fn (string $language): string => str_replace('-', '_', $language), $all));

        return str_replace('_', '-', $wanted ?? self::USUAL);
    }
}

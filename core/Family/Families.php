<?php

declare(strict_types=1);

namespace Velko\Core\Family;

use Velko\Core\Family\PanRice\PanRice;
use Velko\Core\Family\Risotto\Risotto;
use Velko\Core\Family\SoupyRice\SoupyRice;
use Velko\Core\Planning\Family;

/** All families, by name: where a new one is entered. */
final class Families
{
    /** @var non-empty-array<string, Family>|null */
    private static ?array $all = null;

    /** @return non-empty-array<string, Family> the first is the one taken when none is said */
    public static function all(): array
    {
        return self::$all ??= self::byName(new Risotto, new PanRice, new SoupyRice);
    }

    public static function usual(): Family
    {
        return array_values(self::all())[0];
    }

    /** @throws NoSuchFamily */
    public static function named(string $name): Family
    {
        return self::all()[$name] ?? throw NoSuchFamily::named($name);
    }

    /** @return non-empty-array<string, Family> */
    private static function byName(Family $usual, Family ...$others): array
    {
        $all = [$usual->traits()->name => $usual];
        foreach ($others as $family) {
            $all[$family->traits()->name] = $family;
        }

        return $all;
    }
}

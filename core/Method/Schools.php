<?php

declare(strict_types=1);

namespace Velko\Core\Method;

/** The ways of dosing a risotto, by name. */
final class Schools
{
    public const DEFAULT = 'ladle-by-ladle';

    /** No school of stages: all the stock at once. */
    public const ONE_POUR = 'one-pour';

    /** @return array<string, DoseSchool> */
    public static function all(): array
    {
        $schools = [];
        foreach ([new LadleByLadle, new LittleAndOften, new KeptCovered, new CookedDown] as $school) {
            $schools[$school->name()] = $school;
        }

        return $schools;
    }

    public static function named(string $name): ?DoseSchool
    {
        return self::all()[$name] ?? null;
    }
}

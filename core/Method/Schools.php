<?php

declare(strict_types=1);

namespace Velko\Core\Method;

use Velko\Core\Quantity\Fact;

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

    /** What the cook waits for before pouring. */
    public static function sign(?DoseSchool $school): Fact
    {
        return Fact::of('doses.'.($school?->name() ?? self::ONE_POUR));
    }

    public static function named(string $name): ?DoseSchool
    {
        return self::all()[$name] ?? null;
    }
}

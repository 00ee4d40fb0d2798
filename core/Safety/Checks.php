<?php

declare(strict_types=1);

namespace Velko\Core\Safety;

use Velko\Core\Planning\Warning;

/** What is wrong with a plate for the guest it is meant for. */
final class Checks
{
    /** @return list<Warning> */
    public static function of(Served $served): array
    {
        $warnings = [];
        if ($served->against !== []) {
            $warnings[] = new Warning('not-for-diet', sprintf('Not %s: %s', $served->wanted->value, self::names($served->against)), sprintf('Something %s in its place, or call the dish what it is', $served->wanted->value));
        }
        if (! $served->isKnown()) {
            $warnings[] = new Warning('not-fully-known', sprintf('Not fully known: %s', self::names($served->unknown)), 'Read the label and say on the dish’s page what is in it; until then no guest is told that it is safe');
        }

        return $warnings;
    }

    /** @param  list<Part>  $parts */
    private static function names(array $parts): string
    {
        return implode(', ', array_unique(array_map(static fn (Part $part): string => $part->name, $parts)));
    }
}

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
        if ($served->against === []) {
            return [];
        }
        $names = implode(', ', array_map(static fn (Part $part): string => $part->name, $served->against));

        return [new Warning('not-for-diet', sprintf('Not %s: %s', $served->wanted->value, $names), sprintf('Something %s in its place, or call the dish what it is', $served->wanted->value))];
    }
}

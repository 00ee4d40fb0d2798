<?php

declare(strict_types=1);

namespace Velko\Core\Safety;

use Velko\Core\Planning\Warning;
use Velko\Core\Quantity\Fact;

/** What is wrong with a plate for the guest it is meant for. */
final class Checks
{
    /** @return list<Warning> */
    public static function of(Served $served): array
    {
        $warnings = [];
        if ($served->against !== []) {
            $warnings[] = new Warning('not-for-diet', ['diet' => $served->wanted->fact(), 'parts' => self::names($served->against)], Fact::of('fix.something-else', diet: $served->wanted->fact()));
        }
        if (! $served->isKnown()) {
            $warnings[] = new Warning('not-fully-known', ['parts' => self::names($served->unknown)], Fact::of('fix.read-the-label'));
        }

        return $warnings;
    }

    /**
     * @param  list<Part>  $parts
     *
     * @return list<string>
     */
    private static function names(array $parts): array
    {
        return array_values(array_unique(array_map(static fn (Part $part): string => $part->name, $parts)));
    }
}

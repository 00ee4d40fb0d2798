<?php

declare(strict_types=1);

namespace App\Console;

use RuntimeException;

/** Where a database writes a binary log it lets nobody make a trigger but whoever has SUPER, unless it was told to trust. */
final class TriggersAllowed
{
    /**
     * Before anything is made, since what a migration makes is not taken back.
     *
     * @param  array{log_bin: int|string, trusted: int|string}  $server  @@log_bin and @@log_bin_trust_function_creators
     * @param  array<string>  $grants  of the database's user, as SHOW GRANTS tells them
     *
     * @throws RuntimeException that says what to do
     */
    public static function check(array $server, array $grants): void
    {
        $may = array_filter($grants, static fn (string $grant): bool => preg_match('/^GRANT (ALL PRIVILEGES|(.*\b)?SUPER\b.*) ON \*\.\*/', $grant) === 1);
        if ((int) $server['log_bin'] === 1 && (int) $server['trusted'] === 0 && $may === []) {
            throw new RuntimeException('The database writes a binary log, and its user may not make triggers: set log_bin_trust_function_creators=1 on every node, or GRANT SUPER ON *.* to the user for the time of the migration.');
        }
    }
}

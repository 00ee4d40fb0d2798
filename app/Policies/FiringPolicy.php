<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;

/** Whoever stands at the pass takes orders. */
final class FiringPolicy extends KitchenRowPolicy
{
    protected function changes(Role $role): bool
    {
        return true;
    }
}

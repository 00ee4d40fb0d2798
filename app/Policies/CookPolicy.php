<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;

final class CookPolicy extends KitchenRowPolicy
{
    protected function changes(Role $role): bool
    {
        return true;
    }
}

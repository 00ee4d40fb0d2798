<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;
use Illuminate\Database\Eloquent\Model;

/** Rows of one kitchen are for its own people; changed are they by those whose role it is. */
abstract class KitchenRowPolicy
{
    /** Whether this role changes rows of this kind: what the kitchen has is its chefs'. */
    protected function changes(Role $role): bool
    {
        return $role->runsTheKitchen();
    }

    public function view(User $user, Model $row): bool
    {
        return $row->getAttribute('kitchen_id') === $user->kitchen_id;
    }

    public function create(User $user): bool
    {
        return $this->changes($user->may());
    }

    public function update(User $user, Model $row): bool
    {
        return $this->view($user, $row) && $this->changes($user->may());
    }

    public function delete(User $user, Model $row): bool
    {
        return $this->update($user, $row);
    }
}

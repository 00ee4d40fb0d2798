<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\User;
use Illuminate\Database\Eloquent\Model;

/** Rows of one kitchen are for its own cooks. */
abstract class KitchenRowPolicy
{
    public function view(User $user, Model $row): bool
    {
        return $row->getAttribute('kitchen_id') === $user->kitchen_id;
    }

    public function update(User $user, Model $row): bool
    {
        return $this->view($user, $row);
    }

    public function delete(User $user, Model $row): bool
    {
        return $this->view($user, $row);
    }
}

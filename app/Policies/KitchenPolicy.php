<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Kitchen;
use App\Models\User;

final class KitchenPolicy
{
    /** Its house, its people, its archive, its end. */
    public function run(User $user, Kitchen $kitchen): bool
    {
        return $kitchen->id === $user->kitchen_id && $user->may()->runsTheKitchen();
    }
}

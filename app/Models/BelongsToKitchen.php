<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Facades\Auth;

/**
 * A row that one kitchen owns. While somebody, or a device, is signed in, no query reaches another kitchen's rows, whatever the
 * controller asks for; policies say the same once more for each action.
 *
 * @property int $kitchen_id
 */
trait BelongsToKitchen
{
    public static function bootBelongsToKitchen(): void
    {
        static::addGlobalScope('kitchen', static function (Builder $query): void {
            $user = Auth::user();
            if ($user instanceof User || $user instanceof Device) {
                $query->where($query->qualifyColumn('kitchen_id'), $user->kitchen_id);
            }
        });
    }

    /** @return BelongsTo<Kitchen, $this> */
    public function kitchen(): BelongsTo
    {
        return $this->belongsTo(Kitchen::class);
    }
}

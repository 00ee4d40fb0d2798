<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Facades\Auth;

/**
 * A row that one kitchen owns. While somebody, or a device, is signed in, no query reaches another kitchen's rows, whatever the
 * controller asks for; policies say the same once more for each action.
 *
 * @property int $kitchen_id
 * @property Kitchen $kitchen
 */
trait BelongsToKitchen
{
    public static function bootBelongsToKitchen(): void
    {
        static::addGlobalScope('kitchen', static function (Builder $query): void {
            $kitchen = self::kitchenOf(Auth::user());
            if ($kitchen !== null) {
                $query->where($query->qualifyColumn('kitchen_id'), $kitchen);
            }
        });
    }

    /** The id of the kitchen of a person or a device that is signed in; null if nobody is. */
    private static function kitchenOf(?Authenticatable $signedIn): ?int
    {
        return $signedIn instanceof User || $signedIn instanceof Device ? $signedIn->kitchen_id : null;
    }

    /** @return BelongsTo<Kitchen, $this> */
    public function kitchen(): BelongsTo
    {
        return $this->belongsTo(Kitchen::class);
    }
}

<?php

declare(strict_types=1);

namespace App\Kitchen;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Database\Eloquent\SoftDeletingScope;

/** Rows that were deleted, and can still be had back. */
final class Retired
{
    /** A mistake is seen within so long. */
    private const BACK_WITHIN_HOURS = 24;

    /**
     * @template T of Model
     *
     * @param  T  $like
     *
     * @return Builder<T> of the kitchen of whoever is signed in; none of a kind that is gone once it is deleted
     */
    public static function of(Model $like): Builder
    {
        $rows = $like->newQueryWithoutScope(SoftDeletingScope::class);

        return in_array(SoftDeletes::class, class_uses_recursive($like), true)
            ? $rows->where('deleted_at', '>=', CarbonImmutable::now()->subHours(self::BACK_WITHIN_HOURS))
            : $rows->where('id', 0);
    }
}

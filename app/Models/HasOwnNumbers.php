<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A row of which the kitchen may have numbers of its own; no plan is made without them.
 *
 * @property \Illuminate\Database\Eloquent\Collection<int, OwnNumber> $own
 */
trait HasOwnNumbers
{
    public static function bootHasOwnNumbers(): void
    {
        static::addGlobalScope('own', static fn (Builder $query) => $query->with('own'));
    }

    /** @return HasMany<OwnNumber, $this> those that count now */
    public function own(): HasMany
    {
        $own = $this->hasMany(OwnNumber::class);
        $own->whereNull('until')->orderBy('id');

        return $own;
    }
}

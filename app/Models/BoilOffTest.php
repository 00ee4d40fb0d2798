<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletingScope;

/**
 * A pan of boiling water weighed, left on one mark, weighed again.
 *
 * @property string $mark
 * @property float $before_g
 * @property float $after_g
 * @property float $minutes
 * @property float $net_w
 * @property float $spread_w
 * @property \Illuminate\Support\Carbon $created_at
 * @property Pan $pan
 */
final class BoilOffTest extends Model
{
    use BelongsToKitchen;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['before_g' => 'float', 'after_g' => 'float', 'minutes' => 'float', 'net_w' => 'float', 'spread_w' => 'float'];
    }

    /** @return BelongsTo<Pan, $this> */
    public function pan(): BelongsTo
    {
        $pan = $this->belongsTo(Pan::class);
        $pan->withoutGlobalScope(SoftDeletingScope::class);

        return $pan;
    }
}

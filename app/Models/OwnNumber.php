<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A number of the kitchen's own: taken from its log, or set by hand, in place of what was guessed or measured. A row never changes but for
 * the day on which it was given back, so that all of them are its history.
 *
 * @property int $id
 * @property 'ring-power'|'drinking'|'doneness'|'crust'|'base-yield' $of
 * @property int|null $burner_id
 * @property string|null $mark
 * @property int|null $rice_id
 * @property int|null $dish_id
 * @property float $given what was taken for it before: W, g/g, min, or times as fast as ours; g left of a gram of base
 * @property float $value
 * @property float $spread one standard deviation, as a share
 * @property int|null $cooks it rests on; null: set by hand
 * @property string $said_by
 * @property \Carbon\CarbonImmutable $at
 * @property \Carbon\CarbonImmutable|null $until when it was given back, or another took its place
 */
final class OwnNumber extends Model
{
    use BelongsToKitchen;

    private const SAME = 1e-4;

    public $timestamps = false;

    protected $guarded = ['id'];

    protected $attributes = ['burner_id' => null, 'mark' => null, 'rice_id' => null, 'dish_id' => null, 'cooks' => null, 'until' => null];

    protected function casts(): array
    {
        return ['given' => 'float', 'value' => 'float', 'spread' => 'float', 'cooks' => 'integer', 'at' => 'immutable_datetime', 'until' => 'immutable_datetime'];
    }

    /** Whether it stands in for this number: one that was measured or entered anew since then counts by itself. */
    public function standsFor(float $given): bool
    {
        return $this->until === null && abs($this->given - $given) <= self::SAME * abs($given);
    }
}

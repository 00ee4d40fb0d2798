<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * One line of the log as it is read and searched: a summary of a cook beside its events, or a line that was brought from paper.
 *
 * @property int $id
 * @property int|null $cook_id null: from paper
 * @property int $reading
 * @property bool $settled nothing more happens to it by itself
 * @property \Carbon\CarbonImmutable $table_at
 * @property int|null $dish_id
 * @property int|null $rice_id
 * @property int|null $pan_id
 * @property int|null $burner_id
 * @property string $by
 * @property string $status
 * @property int $covers
 * @property float|null $rice_g raw
 * @property float|null $planned_ml
 * @property float|null $poured_ml
 * @property float|null $late_min at the table, after the minute that was asked
 * @property string|null $looseness
 * @property string|null $bite
 * @property string|null $crust
 * @property string|null $salt
 * @property bool|null $as_wanted
 * @property float|null $waste_g
 * @property string $note
 * @property array<string, mixed> $line of velko.log/1
 */
final class LogLine extends Model
{
    use BelongsToKitchen;

    public $timestamps = false;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['settled' => 'boolean', 'table_at' => 'immutable_datetime', 'rice_g' => 'float', 'planned_ml' => 'float', 'poured_ml' => 'float', 'late_min' => 'float', 'as_wanted' => 'boolean', 'waste_g' => 'float', 'line' => 'array'];
    }
}

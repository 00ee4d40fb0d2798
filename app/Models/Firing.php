<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;

/**
 * So many of a dish for a table at a time.
 *
 * @property int $id
 * @property int $night_id
 * @property int $dish_id
 * @property int $covers mains
 * @property int $starters
 * @property string $label which table
 * @property string $note what else the ticket says
 * @property CarbonImmutable $table_at
 * @property float $early_min before that it may be there, min
 * @property float $late_min after that it still may, min
 * @property int|null $pan_id settled by hand
 * @property int|null $burner_id settled by hand
 * @property CarbonImmutable|null $on_at settled by hand: when its pan goes on
 * @property int $parts pans it is cooked in at least
 * @property bool $to_order finished from rice that was part-cooked before
 * @property CarbonImmutable|null $asked_at when its time, covers and dish were last said
 * @property Night $night
 * @property \Illuminate\Database\Eloquent\Collection<int, Cook> $cooks
 */
final class Firing extends Model
{
    use BelongsToKitchen;

    protected $guarded = ['id'];

    /** What moves the minute at which its pan has to be on. */
    private const ASKED = ['table_at', 'covers', 'starters', 'dish_id'];

    protected static function booted(): void
    {
        self::saving(static function (self $firing): void {
            if ($firing->isDirty(self::ASKED)) {
                $firing->asked_at = CarbonImmutable::now();
            }
        });
    }

    protected function casts(): array
    {
        return ['covers' => 'integer', 'starters' => 'integer', 'table_at' => 'immutable_datetime', 'asked_at' => 'immutable_datetime', 'early_min' => 'float', 'late_min' => 'float', 'on_at' => 'immutable_datetime', 'parts' => 'integer', 'to_order' => 'boolean'];
    }

    /** @return BelongsTo<Night, $this> */
    public function night(): BelongsTo
    {
        return $this->belongsTo(Night::class);
    }

    /** @return BelongsToMany<Cook, $this> the pans on the fire that serve it, each with its covers */
    public function cooks(): BelongsToMany
    {
        return $this->belongsToMany(Cook::class)->withPivot('covers');
    }

    /** Mains and starters. */
    public function plates(): int
    {
        return $this->covers + $this->starters;
    }
}

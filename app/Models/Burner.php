<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Velko\Core\Vessel\Fire;

/**
 * @property int $id
 * @property string $name
 * @property float $ring_cm
 * @property float|null $grate_cm
 * @property 'gas'|'induction'|'top'|'charcoal'|'wood' $fuel
 * @property bool|null $outdoors where wind gets at it; null: as such a fire is
 * @property float|null $fades_percent_per_min of its heat, left alone; null: as such a fire does
 * @property float $rated_w
 * @property \Illuminate\Database\Eloquent\Collection<int, BurnerSetting> $settings
 */
final class Burner extends Model
{
    use BelongsToKitchen;
    use HasOwnNumbers;
    use SoftDeletes;

    protected $guarded = ['id'];

    public function isOutdoors(): bool
    {
        return $this->outdoors ?? Fire::from($this->fuel)->isOpen();
    }

    protected function casts(): array
    {
        return ['ring_cm' => 'float', 'grate_cm' => 'float', 'rated_w' => 'float', 'fades_percent_per_min' => 'float', 'outdoors' => 'boolean'];
    }

    /** @return HasMany<BoilOffTest, $this> */
    public function tests(): HasMany
    {
        $tests = $this->hasMany(BoilOffTest::class);
        $tests->orderByDesc('id');

        return $tests;
    }

    /** @return HasMany<Device, $this> */
    public function devices(): HasMany
    {
        return $this->hasMany(Device::class);
    }

    /** @return HasMany<BurnerSetting, $this> */
    public function settings(): HasMany
    {
        $settings = $this->hasMany(BurnerSetting::class);
        $settings->orderBy('position');

        return $settings;
    }
}

<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * One kitchen, and the owner of all it keeps.
 *
 * @property int $id
 * @property string $name
 * @property float $altitude_m
 * @property float $room_c
 * @property float $plates_c
 * @property float $glug_ml what a glug from the bottle is here
 * @property float $salt_low g in 100 g of the plate
 * @property float $salt_high
 * @property string $timezone
 * @property list<array{from: string, to: string}>|null $services HH:MM; null: as most do
 * @property 'metric'|'us' $units
 * @property float $fish_c
 * @property float $poultry_c
 * @property float $meat_c
 * @property float $hot_holding_c
 * @property int $fridge_days
 * @property int $cooled_first_min
 * @property int $cooled_min
 * @property float $reheat_c
 * @property bool $part_cooks whether it cooks rice part-way before the service
 * @property int $cooks_to_come of an archive that is being brought in
 * @property \Carbon\CarbonImmutable|null $delete_at when it is deleted with everything in it
 * @property \Illuminate\Database\Eloquent\Collection<int, Pan> $pans
 * @property \Illuminate\Database\Eloquent\Collection<int, Burner> $burners
 * @property \Illuminate\Database\Eloquent\Collection<int, Device> $devices
 * @property \Illuminate\Database\Eloquent\Collection<int, Ladle> $ladles
 * @property \Illuminate\Database\Eloquent\Collection<int, Dish> $dishes
 * @property \Illuminate\Database\Eloquent\Collection<int, Rice> $rices
 * @property \Illuminate\Database\Eloquent\Collection<int, Stock> $stocks
 */
final class Kitchen extends Model
{
    /** @use HasFactory<\Database\Factories\KitchenFactory> */
    use HasFactory;

    /** What a plan of a dish may need of it. */
    private const OF_A_DISH = ['rice', 'stock', 'ingredients', 'sideWorks'];

    protected $guarded = ['id'];

    protected $attributes = ['delete_at' => null, 'cooks_to_come' => 0, 'services' => null];

    protected function casts(): array
    {
        return ['altitude_m' => 'float', 'room_c' => 'float', 'plates_c' => 'float', 'glug_ml' => 'float', 'salt_low' => 'float', 'salt_high' => 'float', 'fish_c' => 'float', 'poultry_c' => 'float', 'meat_c' => 'float', 'hot_holding_c' => 'float', 'fridge_days' => 'integer', 'cooled_first_min' => 'integer', 'cooled_min' => 'integer', 'reheat_c' => 'float', 'part_cooks' => 'boolean', 'services' => 'array', 'cooks_to_come' => 'integer', 'delete_at' => 'immutable_datetime'];
    }

    /** @return array{fish_c: float, poultry_c: float, meat_c: float, hot_holding_c: float, fridge_days: int, cooled_first_min: int, cooled_min: int, reheat_c: float, part_cooks: bool} */
    public function safety(): array
    {
        return ['fish_c' => $this->fish_c, 'poultry_c' => $this->poultry_c, 'meat_c' => $this->meat_c, 'hot_holding_c' => $this->hot_holding_c, 'fridge_days' => $this->fridge_days, 'cooled_first_min' => $this->cooled_first_min, 'cooled_min' => $this->cooled_min, 'reheat_c' => $this->reheat_c, 'part_cooks' => $this->part_cooks];
    }

    /** @return HasMany<User, $this> */
    public function users(): HasMany
    {
        return $this->hasMany(User::class);
    }

    /** @return HasMany<User, $this> those who were not taken away */
    public function people(): HasMany
    {
        $people = $this->users();
        $people->whereNull('left_at');

        return $people;
    }

    /** @return HasMany<Pan, $this> */
    public function pans(): HasMany
    {
        return $this->hasMany(Pan::class);
    }

    /** @return HasMany<Burner, $this> */
    public function burners(): HasMany
    {
        return $this->hasMany(Burner::class);
    }

    /** @return HasMany<Device, $this> */
    public function devices(): HasMany
    {
        return $this->hasMany(Device::class);
    }

    /** @return HasMany<Ladle, $this> */
    public function ladles(): HasMany
    {
        return $this->hasMany(Ladle::class);
    }

    /** @return HasMany<Dish, $this> */
    public function dishes(): HasMany
    {
        return $this->hasMany(Dish::class);
    }

    /** @return HasMany<Rice, $this> */
    public function rices(): HasMany
    {
        return $this->hasMany(Rice::class);
    }

    /** @return HasMany<Stock, $this> */
    public function stocks(): HasMany
    {
        return $this->hasMany(Stock::class);
    }

    /** @return HasMany<Cook, $this> */
    public function cooks(): HasMany
    {
        return $this->hasMany(Cook::class);
    }

    /** @return HasMany<Night, $this> */
    public function nights(): HasMany
    {
        return $this->hasMany(Night::class);
    }

    /** What it cooks with, in a handful of queries. */
    public function withStation(): self
    {
        return $this->loadMissing(['pans', 'burners.settings', 'ladles']);
    }

    /** One of its dishes with all that a plan may need, or null. */
    public function dish(int $id): ?Dish
    {
        return $this->relationLoaded('dishes') ? $this->dishes->find($id)?->loadMissing(self::OF_A_DISH) : $this->dishes()->with(self::OF_A_DISH)->find($id);
    }

    /** All of them, and all it cooks with. */
    public function withDishes(): self
    {
        return $this->withStation()->loadMissing(array_map(static fn (string $part): string => "dishes.$part", self::OF_A_DISH));
    }
}

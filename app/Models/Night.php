<?php

declare(strict_types=1);

namespace App\Models;

use App\Contracts\EntityTag;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * One evening's service: what was ordered, who is there and when.
 *
 * @property int $id
 * @property \Carbon\CarbonImmutable $on the day on which it begins
 * @property list<array{name: string, from: string, to: string, count: int}> $hands by the kitchen's clock, HH:MM
 * @property list<array{burner_id: int, from: string, to: string, what: string, share: float}> $taken rings that carry something else
 * @property float $wash_min min until a pan that was eaten from can go on again
 * @property bool $merge whether tables of one dish may share a pan
 * @property list<array{serves: array<int, int>, dish: int, rice: float, pan: int, ring: int, on: float, beside?: list<int>}>|null $filled where each pan stood when it was last looked at
 * @property Kitchen $kitchen
 * @property \Illuminate\Database\Eloquent\Collection<int, Firing> $firings
 */
final class Night extends Model
{
    use BelongsToKitchen;

    protected $guarded = ['id'];

    protected $attributes = ['filled' => null];

    protected function casts(): array
    {
        return ['on' => 'immutable_date', 'hands' => 'array', 'taken' => 'array', 'wash_min' => 'float', 'merge' => 'boolean', 'filled' => 'array'];
    }

    /** Of how it is manned. */
    public function tag(): string
    {
        return EntityTag::of($this->only(['hands', 'taken', 'wash_min', 'merge']));
    }

    /** @return HasMany<Firing, $this> */
    public function firings(): HasMany
    {
        return $this->hasMany(Firing::class);
    }
}

<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A worked-out pan as it stood when it was put on the fire: later changes to the kitchen do not touch it.
 *
 * @property int $id
 * @property int|null $dish_id
 * @property int|null $pan_id
 * @property int|null $burner_id
 * @property array<string, mixed> $request velko.plan-request/1
 * @property array<string, mixed> $working velko.working/1
 * @property \Illuminate\Support\Carbon $table_at
 */
final class Plan extends Model
{
    use BelongsToKitchen;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['request' => 'array', 'working' => 'array', 'table_at' => 'immutable_datetime'];
    }

    /**
     * The request as it leaves the house: marks called 0, 1, 2 come back from the database as a list.
     *
     * @return array<string, mixed> velko.plan-request/1
     */
    public function requestDocument(): array
    {
        // Once: JIT-compiled, PHP 8.2 loses what a model's own attribute is decoded to each time it is taken apart in place.
        $request = $this->request;
        $byMark = array_map(static fn (array $marks): object => (object) $marks, array_intersect_key($request['burner'], ['net_w' => true, 'spread_percent' => true]));

        return [...$request, 'burner' => [...$request['burner'], ...$byMark]];
    }
}

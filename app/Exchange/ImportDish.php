<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Dish\SaveDish;
use App\Kitchen\SaveThing;
use App\Kitchen\Thing;
use App\Models\Dish;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/**
 * Brings velko.dish/1 into a kitchen, all of it or nothing. Rice and stock are the kitchen's own where it has them by name;
 * what it lacks is made for the dish.
 */
final readonly class ImportDish
{
    /** @param  list<array{address: 'rices'|'stocks', id: int, name: string}>  $made  rices and stocks that were made for it */
    private function __construct(public Dish $dish, public array $made) {}

    /**
     * @param  array<string, mixed>  $document  velko.dish/1, held to its schema
     * @param  Dish|null  $into  the dish of which it becomes the next version; null: it is a new one
     */
    public static function of(User $user, array $document, ?Dish $into = null): self
    {
        return DB::transaction(static function () use ($user, $document, $into): self {
            $made = [];
            $rice = self::own($user, Thing::Rices, self::part($document, 'rice'), $made);
            $stock = self::own($user, Thing::Stocks, self::part($document, 'stock'), $made);
            $entry = ['rice_id' => $rice, 'stock_id' => $stock, 'dish' => self::part($document, 'dish')];
            $dish = $into === null ? SaveDish::enter($user, $entry) : SaveDish::change($user, $into, $entry, '*');

            return new self($dish, $made);
        }, attempts: 3);
    }

    /**
     * @param  array<string, mixed>  $part
     * @param  list<array{address: 'rices'|'stocks', id: int, name: string}>  $made
     */
    private static function own(User $user, Thing $thing, array $part, array &$made): int
    {
        $rows = $thing === Thing::Rices ? $user->kitchen->rices() : $user->kitchen->stocks();
        $id = $rows->where('name', $part['name'])->value('id');
        if (is_int($id)) {
            return $id;
        }
        /** @var int $id */
        $id = SaveThing::enter($user->kitchen, $thing, $part)->getKey();
        $made[] = [
            'address' => $thing === Thing::Rices ? 'rices' : 'stocks',
            'id' => $id,
            'name' => is_string($part['name']) ? $part['name'] : '',
        ];

        return $id;
    }

    /** @return array<string, mixed> velko.imported/1 */
    public function document(): array
    {
        return [
            'format' => 'velko.imported/1',
            'id' => $this->dish->id,
            'name' => $this->dish->name,
            'made' => array_column($this->made, 'name'),
            'made_at' => array_map(static fn (array $thing): array => array_diff_key($thing, ['name' => true]), $this->made),
        ];
    }

    /**
     * @param  array<string, mixed>  $document
     *
     * @return array<string, mixed>
     */
    private static function part(array $document, string $name): array
    {
        /** @var array<string, mixed> */
        return $document[$name];
    }
}

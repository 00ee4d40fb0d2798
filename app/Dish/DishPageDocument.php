<?php

declare(strict_types=1);

namespace App\Dish;

use App\Models\Dish;
use App\Models\DishVersion;

/** The document velko.dish-page/1: a dish with every version it had. */
final class DishPageDocument
{
    /** @return array<string, mixed> */
    public static function of(Dish $dish): array
    {
        $dish->loadMissing(['rice', 'stock', 'ingredients', 'sideWorks', 'versions.user']);

        return [
            'format' => 'velko.dish-page/1',
            'id' => $dish->id,
            'rice_id' => $dish->rice_id,
            'stock_id' => $dish->stock_id,
            'dish' => DishBody::of($dish),
            'versions' => array_values($dish->versions->map(static fn (DishVersion $version): array => [
                'number' => $version->number,
                'by' => $version->user->name ?? '',
                'at' => $version->created_at->toIso8601String(),
                'rice' => $version->document['rice']['name'],
                'stock' => $version->document['stock']['name'],
                'dish' => $version->document['dish'],
            ])->all()),
        ];
    }
}

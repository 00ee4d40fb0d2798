<?php

declare(strict_types=1);

namespace App\Kitchen;

use Velko\Core\Live\Forecast;
use Velko\Core\Live\Rescue\Rescue;
use Velko\Core\Live\Rescue\WayBack;
use Velko\Core\Rice\Bite;

/** velko.ways-back/1: the table of what goes wrong, worked out for one pan on the fire. */
final class WaysBackDocument
{
    /**
     * @param  Forecast|null  $forecast  null before the first liquid and once it is at the table: then there is nothing to save
     *
     * @return array<string, mixed>
     */
    public static function of(?Forecast $forecast): array
    {
        if ($forecast === null) {
            return ['format' => 'velko.ways-back/1', 'ways' => []];
        }
        $rescue = new Rescue($forecast);
        $ask = $forecast->ask;

        return [
            'format' => 'velko.ways-back/1',
            'ways' => array_map(static fn (WayBack $way): array => [
                'trouble' => $way->trouble->value,
                'sees' => $way->trouble->sees(),
                'cause' => $way->trouble->cause(),
                'do' => $way->do,
                'plate' => [
                    'word' => $rescue->plate($way),
                    'looseness' => round($way->atTable->free / $ask->rice(), 2),
                    'bite' => Bite::of($ask->grain, $way->atTable->doneness, $way->atTable->drunk)->value,
                ],
                'first' => ['splash_ml' => $way->splash, 'water' => $way->water, 'lift_ml' => $way->lift, 'setting' => $way->mark, 'lid' => $way->lid],
                'beware' => $way->beware,
            ], $rescue->all()),
        ];
    }
}

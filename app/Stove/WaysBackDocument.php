<?php

declare(strict_types=1);

namespace App\Stove;

use App\Words\FactDocument;
use App\Words\Words;
use Velko\Core\Live\Forecast;
use Velko\Core\Live\Rescue\Rescue;
use Velko\Core\Live\Rescue\WayBack;

/** The document velko.ways-back/1: the table of what goes wrong, worked out for one pan on the fire. */
final class WaysBackDocument
{
    /**
     * @param  Forecast|null  $forecast  null before the first liquid and once it is at the table: then there is nothing to save
     *
     * @return array<string, mixed>
     */
    public static function of(?Forecast $forecast, Words $words): array
    {
        if ($forecast === null) {
            return ['format' => 'velko.ways-back/1', 'ways' => []];
        }
        $rescue = new Rescue($forecast);

        return [
            'format' => 'velko.ways-back/1',
            'ways' => array_map(static fn (WayBack $way): array => [
                'trouble' => $way->trouble->value,
                'sees' => $words->say($way->trouble->sees()),
                'cause' => $words->say($way->trouble->cause()),
                'do' => $words->all($way->do),
                'do_facts' => FactDocument::all($way->do),
                'plate' => [
                    'word' => $rescue->plate($way),
                    'looseness' => round($rescue->looseness($way), 2),
                    'bite' => $rescue->bite($way)->value,
                ],
                'first' => [
                    'splash_ml' => $way->splash,
                    'water' => $way->water,
                    'lift_ml' => $way->lift,
                    'setting' => $way->mark,
                    'lid' => $way->lidFor === null ? null : true,
                    'lid_s' => $way->lidFor === null ? null : max(1, (int) round(60 * $way->lidFor)),
                ],
                'mends' => $way->mends,
                'beware' => $way->beware === null ? null : $words->say($way->beware),
                'beware_fact' => $way->beware === null ? null : FactDocument::of($way->beware),
            ], $rescue->all()),
        ];
    }
}

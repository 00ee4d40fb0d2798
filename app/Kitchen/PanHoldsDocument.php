<?php

declare(strict_types=1);

namespace App\Kitchen;

use Velko\Core\Family\Families;
use Velko\Core\Planning\Family;
use Velko\Core\Vessel\Pan;

/** The document velko.pan-holds/1: what a pan of these measures holds, in mL and in ordinary mains of each family. */
final class PanHoldsDocument
{
    /** @return array<string, mixed> */
    public static function of(Pan $pan): array
    {
        return ['format' => 'velko.pan-holds/1', ...self::parts($pan)];
    }

    /** @return array{holds_ml: float, takes: list<array{family: string, covers: int, suited: bool}>} */
    public static function parts(Pan $pan): array
    {
        return [
            'holds_ml' => round($pan->workingVolume()),
            'takes' => array_map(static function (Family $family) use ($pan): array {
                $traits = $family->traits();
                $fit = $family->fit($traits->rices[0]->grain(), $traits->looseness);

                return ['family' => $traits->name, 'covers' => (int) floor($fit->mostRice($pan) / $traits->mainGrams), 'suited' => $fit->suits($pan)];
            }, array_values(Families::all())),
        ];
    }
}

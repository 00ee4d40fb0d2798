<?php

declare(strict_types=1);

namespace App\Kitchen;

use Velko\Core\Method\Family;
use Velko\Core\Vessel\Pan;

/** velko.pan-holds/1: what a pan of these measures holds, in mL and in ordinary mains of each family. */
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
                $fit = $family->fit($family->usualRice()->grain(), $family->looseness());

                return ['family' => $family->value, 'covers' => (int) floor($fit->mostRice($pan) / $family->mainGrams()), 'suited' => $fit->suits($pan)];
            }, Family::cases()),
        ];
    }
}

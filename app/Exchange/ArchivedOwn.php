<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Contracts\BadDocument;
use App\Learning\KeepOwnNumber;
use App\Models\Kitchen;
use App\Models\OwnNumber;
use Carbon\CarbonImmutable;

/** The kitchen's own numbers in its archive, with all they ever were, by the names of its rings and its rice. */
final class ArchivedOwn
{
    private const KEPT = ['of', 'mark', 'given', 'value', 'spread', 'cooks'];

    /** @return list<array<string, mixed>> the oldest first */
    public static function of(Kitchen $kitchen): array
    {
        $rings = $kitchen->burners->pluck('name', 'id');
        $rices = $kitchen->rices->pluck('name', 'id');
        $kept = OwnNumber::query()->where('kitchen_id', $kitchen->id)->get()->sortBy('id')->filter(static fn (OwnNumber $one): bool => isset($rings[$one->burner_id]) || isset($rices[$one->rice_id]));

        return array_values($kept->map(static fn (OwnNumber $one): array => [
            ...$one->only(self::KEPT), 'burner' => $rings[$one->burner_id] ?? null, 'rice' => $rices[$one->rice_id] ?? null, 'by' => $one->said_by,
            'at' => self::moment($one->at), 'until' => $one->until === null ? null : self::moment($one->until),
        ])->all());
    }

    /**
     * @param  list<array<string, mixed>>  $rows  held to their schema
     * @param  array<int|string, int>  $burners  ids by name
     * @param  array<int|string, int>  $rices  ids by name
     *
     * @throws BadDocument
     */
    public static function into(Kitchen $kitchen, array $rows, array $burners, array $rices): void
    {
        foreach ($rows as $at => $row) {
            $isRing = $row['of'] === 'ring-power';
            $whose = $isRing ? $burners[$row['burner'] ?? ''] ?? null : $rices[$row['rice'] ?? ''] ?? null;
            if ($whose === null) {
                throw BadDocument::at("/own/$at/".($isRing ? 'burner' : 'rice'), 'is not among the '.($isRing ? 'burners' : 'rices'));
            }
            KeepOwnNumber::asItWas($kitchen, [
                ...array_intersect_key($row, array_flip(self::KEPT)), $isRing ? 'burner_id' : 'rice_id' => $whose, 'mark' => $isRing ? $row['mark'] : null, 'said_by' => $row['by'],
                'at' => Moment::of($row['at'], "/own/$at/at"), 'until' => $row['until'] === null ? null : Moment::of($row['until'], "/own/$at/until"),
            ]);
        }
    }

    private static function moment(CarbonImmutable $at): string
    {
        return $at->utc()->toIso8601String();
    }
}

<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Contracts\BadDocument;
use App\Learning\OwnNumberSubject;
use App\Learning\SaveOwnNumber;
use App\Models\Kitchen;
use App\Models\OwnNumber;
use Carbon\CarbonImmutable;

/** The kitchen's own numbers in its archive, with all they ever were, by the names of its rings, its rice and its dishes. */
final class ArchivedOwn
{
    private const KEPT = ['of', 'mark', 'given', 'value', 'spread', 'cooks'];

    /** @return list<array<string, mixed>> the oldest first */
    public static function of(Kitchen $kitchen): array
    {
        $rings = $kitchen->burners->pluck('name', 'id');
        $rices = $kitchen->rices->pluck('name', 'id');
        $dishes = $kitchen->dishes->pluck('name', 'id');
        $kept = OwnNumber::query()->where('kitchen_id', $kitchen->id)->get()->sortBy('id')->filter(static fn (OwnNumber $ownNumber): bool => isset($rings[$ownNumber->burner_id]) || isset($rices[$ownNumber->rice_id]) || isset($dishes[$ownNumber->dish_id]));

        return array_values($kept->map(static fn (OwnNumber $ownNumber): array => [
            ...$ownNumber->only(self::KEPT), 'burner' => $rings[$ownNumber->burner_id] ?? null, 'rice' => $rices[$ownNumber->rice_id] ?? null, 'dish' => $dishes[$ownNumber->dish_id] ?? null, 'by' => $ownNumber->said_by,
            'at' => self::moment($ownNumber->at), 'until' => $ownNumber->until === null ? null : self::moment($ownNumber->until),
        ])->all());
    }

    /**
     * @param  list<array<string, mixed>>  $rows  held to their schema
     * @param  array{burner: array<int|string, int>, rice: array<int|string, int>, dish: array<int|string, int>}  $ids  by name
     *
     * @throws BadDocument
     */
    public static function into(Kitchen $kitchen, array $rows, array $ids): void
    {
        foreach ($rows as $at => $row) {
            $whose = OwnNumberSubject::of($row['of']);
            $word = $whose->word();
            $id = $ids[$word][$row[$word] ?? ''] ?? throw BadDocument::at("/own/$at/$word", 'is not among the '.($whose === OwnNumberSubject::Dish ? 'dishes' : "{$word}s"));
            SaveOwnNumber::asItWas($kitchen, [
                ...array_intersect_key($row, array_flip(self::KEPT)), $whose->value => $id, 'mark' => $whose === OwnNumberSubject::Ring ? $row['mark'] : null, 'said_by' => $row['by'],
                'at' => Moment::of($row['at'], "/own/$at/at"), 'until' => $row['until'] === null ? null : Moment::of($row['until'], "/own/$at/until"),
            ], "/own/$at");
        }
    }

    private static function moment(CarbonImmutable $at): string
    {
        return $at->utc()->toIso8601String();
    }
}

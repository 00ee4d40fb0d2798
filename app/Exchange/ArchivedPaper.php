<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Contracts\BadDocument;
use App\Log\KeepPaper;
use App\Models\Kitchen;
use App\Models\LogLine;
use Carbon\CarbonImmutable;

/** Lines of the log that came from paper, in its archive: by the names of dishes, pans and rings that are still there. */
final class ArchivedPaper
{
    /** @return list<array<string, mixed>> the oldest first */
    public static function of(Kitchen $kitchen): array
    {
        $names = array_map(static fn (string $shelf): array => $kitchen->getRelationValue($shelf)->pluck('name', 'id')->all(), ['dish' => 'dishes', 'pan' => 'pans', 'burner' => 'burners']);
        $lines = LogLine::query()->where('kitchen_id', $kitchen->id)->where('cook_id', null)->get()->sortBy('id')->filter(static fn (LogLine $one): bool => isset($names['dish'][$one->dish_id]));

        return array_values($lines->map(static fn (LogLine $one): array => [
            'on' => $one->table_at->setTimezone($kitchen->timezone)->format('Y-m-d'), 'at' => $one->table_at->setTimezone($kitchen->timezone)->format('H:i'),
            'dish' => $names['dish'][$one->dish_id], 'covers' => $one->covers, 'pan' => $names['pan'][$one->pan_id] ?? null, 'burner' => $names['burner'][$one->burner_id] ?? null,
            'stock_ml' => $one->poured_ml, 'late_min' => $one->late_min, 'looseness' => $one->looseness, 'bite' => $one->bite, 'waste_g' => $one->waste_g, 'by' => $one->by === '' ? null : $one->by, 'note' => $one->note,
        ])->all());
    }

    /**
     * @param  list<array<string, mixed>>  $rows  held to their schema
     * @param  array{dish: array<int|string, int>, pan: array<int|string, int>, burner: array<int|string, int>}  $ids  by name
     *
     * @throws BadDocument
     */
    public static function into(Kitchen $kitchen, array $rows, array $ids): void
    {
        $lines = [];
        foreach ($rows as $at => $row) {
            $line = ['format' => 'velko.paper-line/1', ...array_diff_key($row, $ids)];
            foreach ($ids as $what => $known) {
                $line["{$what}_id"] = $row[$what] === null ? null : $known[$row[$what]] ?? throw BadDocument::at("/paper/$at/$what", "is not among the $what".($what === 'dish' ? 'es' : 's'));
            }
            $lines[] = $line;
        }
        (new KeepPaper($kitchen, CarbonImmutable::now()))->keep($lines, '', '/paper');
    }
}

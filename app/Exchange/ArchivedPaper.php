<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Contracts\BadDocument;
use App\Log\ImportPaperLog;
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
        $lines = LogLine::query()->where('kitchen_id', $kitchen->id)->where('cook_id', null)->get()->sortBy('id')->filter(static fn (LogLine $line): bool => isset($names['dish'][$line->dish_id]));

        return array_values($lines->map(static fn (LogLine $line): array => [
            'on' => $line->table_at->setTimezone($kitchen->timezone)->format('Y-m-d'), 'at' => $line->table_at->setTimezone($kitchen->timezone)->format('H:i'),
            'dish' => $names['dish'][$line->dish_id], 'covers' => $line->covers, 'pan' => $names['pan'][$line->pan_id] ?? null, 'burner' => $names['burner'][$line->burner_id] ?? null,
            'stock_ml' => $line->poured_ml, 'late_min' => $line->late_min, 'looseness' => $line->looseness, 'bite' => $line->bite, 'waste_g' => $line->waste_g, 'by' => $line->by === '' ? null : $line->by, 'note' => $line->note,
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
        (new ImportPaperLog($kitchen, CarbonImmutable::now()))->keep($lines, '', '/paper');
    }
}

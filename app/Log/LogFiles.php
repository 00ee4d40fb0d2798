<?php

declare(strict_types=1);

namespace App\Log;

use App\Csv\Csv;
use App\Models\Kitchen;
use App\Models\LogLine;

/** The log as a file, a line at a time: as CSV (RFC 4180) for a spreadsheet, and as velko.log/1. */
final class LogFiles
{
    private const NAMES = ['date', 'time', 'dish', 'covers', 'pan', 'ring', 'cook', 'status', 'rice_g', 'planned_ml', 'stock_ml', 'late_min', 'looseness', 'bite', 'crust', 'salt', 'as_wanted', 'waste_g', 'note'];

    /** @param  iterable<LogLine>  $lines */
    public static function csv(iterable $lines, Kitchen $kitchen): void
    {
        echo Csv::of(self::NAMES, []);
        foreach ($lines as $one) {
            echo Csv::row(self::cells($one, $kitchen));
        }
    }

    /** @param  iterable<LogLine>  $lines */
    public static function json(iterable $lines): void
    {
        echo '{"format":"velko.log/1","cooks":[';
        $between = '';
        foreach ($lines as $one) {
            echo $between, json_encode($one->line, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
            $between = ",\n";
        }
        echo '],"next":null}';
    }

    /** @return list<string|int|float|null> */
    private static function cells(LogLine $one, Kitchen $kitchen): array
    {
        $at = $one->table_at->setTimezone($kitchen->timezone);
        $yesOrNo = $one->as_wanted === null ? null : ($one->as_wanted ? 'yes' : 'no');

        return [
            $at->format('Y-m-d'), $at->format('H:i'), $one->line['dish'], $one->covers, $one->line['pan'], $one->line['burner'], $one->by, $one->status, $one->rice_g, $one->planned_ml, $one->poured_ml, $one->late_min,
            $one->looseness, $one->bite, $one->crust, $one->salt, $yesOrNo, $one->waste_g, $one->note,
        ];
    }
}

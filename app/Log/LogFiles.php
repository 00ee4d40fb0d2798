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
        foreach ($lines as $line) {
            echo Csv::row(self::cells($line, $kitchen));
        }
    }

    /** @param  iterable<LogLine>  $lines */
    public static function json(iterable $lines): void
    {
        echo '{"format":"velko.log/1","cooks":[';
        $between = '';
        foreach ($lines as $line) {
            echo $between, json_encode($line->line, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
            $between = ",\n";
        }
        echo '],"next":null}';
    }

    /** @return list<string|int|float|null> */
    private static function cells(LogLine $line, Kitchen $kitchen): array
    {
        $at = $line->table_at->setTimezone($kitchen->timezone);
        $yesOrNo = $line->as_wanted === null ? null : ($line->as_wanted ? 'yes' : 'no');

        return [
            $at->format('Y-m-d'), $at->format('H:i'), $line->line['dish'], $line->covers, $line->line['pan'], $line->line['burner'], $line->by, $line->status, $line->rice_g, $line->planned_ml, $line->poured_ml, $line->late_min,
            $line->looseness, $line->bite, $line->crust, $line->salt, $yesOrNo, $line->waste_g, $line->note,
        ];
    }
}

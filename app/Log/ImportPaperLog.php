<?php

declare(strict_types=1);

namespace App\Log;

use App\Contracts\BadDocument;
use App\Contracts\Fault;
use App\Csv\CsvRows;
use App\Models\Kitchen;
use App\Models\LogLine;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Velko\Core\Cook\Verdict;
use Velko\Core\Family\Families;
use Velko\Core\Rice\Bite;
use Velko\Core\Rice\Looseness;

/**
 * A log that was kept on paper and typed into a table: read row by row, what is a line and what is wrong with what is none; kept all of it or
 * nothing. No touch stands behind such a line, so that it is found and counted, and teaches nothing of a ring.
 */
final readonly class ImportPaperLog
{
    public const MOST = 2000;

    /** As an archive takes them. */
    private const MOST_IN_ALL = 20_000;

    /** Names that a column may have. */
    private const COLUMNS = [
        'on' => ['date', 'day', 'on'], 'at' => ['time', 'at', 'table at'], 'dish' => ['dish', 'what'], 'covers' => ['covers', 'mains', 'plates', 'portions'], 'pan' => ['pan'], 'burner' => ['ring', 'burner'],
        'stock' => ['stock', 'stock_ml', 'stock ml', 'stock used'], 'late' => ['late', 'late_min'], 'looseness' => ['looseness', 'verdict', 'fall'], 'bite' => ['bite'], 'waste' => ['waste', 'waste_g'], 'by' => ['cook', 'by', 'who'], 'note' => ['note', 'notes', 'remarks'],
    ];

    /** Without which there is no line. */
    private const NEEDED = ['on', 'dish', 'covers'];

    /** How a day is written: as everywhere here, or the day first. */
    private const DAYS = ['Y-m-d', 'd.m.Y', 'j.n.Y', 'd/m/Y', 'j/n/Y', 'd.m.y', 'j.n.y', 'd/m/y', 'j/n/y'];

    /** Where a paper says no hour. */
    private const USUAL_TIME = '20:00';

    private const LONGEST_NOTE = 500;

    public function __construct(private Kitchen $kitchen, private CarbonImmutable $now)
    {
        $kitchen->withDishes();
    }

    /**
     * @param  array<string, int|null>|null  $columns  where each stands, as somebody matched them; null: by their names
     *
     * @return array<string, mixed> velko.paper-read/1
     *
     * @throws BadDocument where it is no table
     */
    public function read(string $text, ?array $columns): array
    {
        if (! mb_check_encoding($text, 'UTF-8')) {
            throw BadDocument::at('/text', 'must be text in UTF-8');
        }
        $table = CsvRows::of($text, self::MOST + 1);
        if (count($table->names) < 2 || $table->rows === []) {
            throw BadDocument::at('/text', 'must be a table: a row of names, and a row for each cook');
        }
        if (count($table->rows) > self::MOST) {
            throw BadDocument::at('/text', 'must be at most '.self::MOST.' rows');
        }
        $columns = $columns === null ? $table->columns(self::COLUMNS) : array_filter($columns, static fn (?int $at): bool => $at !== null);
        foreach ($columns as $name => $at) {
            if ($at >= count($table->names)) {
                throw BadDocument::at("/columns/$name", 'must be a whole number from 0 to '.(count($table->names) - 1).' (a column of the table)');
            }
        }
        $missing = array_values(array_diff(self::NEEDED, array_keys($columns)));
        $rows = [];
        foreach ($missing === [] ? $table->rows : [] as $row => $cells) {
            $rows[] = $this->row($row, array_map(static fn (int $at): string => $cells[$at] ?? '', $columns), implode($table->between, $cells));
        }

        return ['format' => 'velko.paper-read/1', 'names' => array_map(static fn (string $name): string => mb_strimwidth($name, 0, 60, '…'), $table->names), 'columns' => (object) $columns, 'missing' => $missing, 'rows' => $rows];
    }

    /**
     * @param  list<array<string, mixed>>  $lines  velko.paper-line/1, each held to its schema
     * @param  string  $by  who cooked, where a line does not say
     * @param  string  $place  where in their document the lines stand
     *
     * @return int how many were kept
     *
     * @throws BadDocument
     */
    public function keep(array $lines, string $by, string $place = '/lines'): int
    {
        $rows = $faults = [];
        foreach ($lines as $at => $line) {
            try {
                $rows[] = $this->columns($line, $by);
            } catch (BadDocument $bad) {
                $faults = [...$faults, ...$bad->under("$place/$at")->faults];
            }
        }
        if ($faults !== []) {
            throw new BadDocument($faults);
        }
        if (LogLine::query()->where('kitchen_id', $this->kitchen->id)->whereNull('cook_id')->count() + count($rows) > self::MOST_IN_ALL) {
            throw BadDocument::at($place, 'are too many: a log has at most '.self::MOST_IN_ALL.' lines from paper');
        }
        DB::transaction(static function () use ($rows): void {
            foreach (array_chunk($rows, 200) as $some) {
                LogLine::query()->insert($some);
            }
        }, attempts: 3);

        return count($rows);
    }

    /** @return int how many lines went: 1, or 0 where there is no such line from paper */
    public static function strike(Kitchen $kitchen, string $id): int
    {
        return LogLine::query()->where('kitchen_id', $kitchen->id)->whereNull('cook_id')->where('line->id', $id)->limit(1)->delete();
    }

    /**
     * @param  array<string, string>  $cells  by column
     *
     * @return array<string, mixed>
     */
    private function row(int $row, array $cells, string $text): array
    {
        $faults = [];
        $line = ['format' => 'velko.paper-line/1'];
        $say = static function (string $column, string $why) use (&$faults): null {
            $faults[] = ['column' => $column, 'why' => $why];

            return null;
        };
        $line['on'] = self::day($cells['on'] ?? '') ?? $say('on', 'must be a day, as 2026-05-04 or 4.5.2026');
        $line['at'] = ($cells['at'] ?? '') === '' ? null : (self::clock($cells['at']) ?? $say('at', 'must be a time, as 19:30'));
        $line['dish_id'] = $this->named($this->kitchen->dishes, $cells['dish'] ?? '') ?? $say('dish', 'must be a dish of this kitchen: '.$this->names($this->kitchen->dishes));
        $line['covers'] = self::number($cells['covers'] ?? '', 1, 400, true) ?? $say('covers', 'must be a whole number from 1 to 400');
        foreach (['pan' => $this->kitchen->pans, 'burner' => $this->kitchen->burners] as $column => $shelf) {
            $line["{$column}_id"] = ($cells[$column] ?? '') === '' ? null : ($this->named($shelf, $cells[$column]) ?? $say($column, 'must be one of this kitchen\'s: '.$this->names($shelf)));
        }
        $line['stock_ml'] = ($cells['stock'] ?? '') === '' ? null : (self::volume($cells['stock']) ?? $say('stock', 'must be from 10 to 100000 mL, as 1350 or 1.35 L'));
        $line['late_min'] = ($cells['late'] ?? '') === '' ? null : (self::number($cells['late'], -120, 240) ?? $say('late', 'must be a number from -120 to 240 (min)'));
        $line['looseness'] = ($cells['looseness'] ?? '') === '' ? null : (Looseness::tryFrom(mb_strtolower($cells['looseness']))->value ?? $say('looseness', 'must be one of '.implode(', ', array_column(Looseness::cases(), 'value'))));
        $line['bite'] = ($cells['bite'] ?? '') === '' ? null : (Bite::tryFrom(mb_strtolower($cells['bite']))->value ?? $say('bite', 'must be one of '.implode(', ', array_column(Bite::cases(), 'value'))));
        $line['waste_g'] = ($cells['waste'] ?? '') === '' ? null : (self::number($cells['waste'], 0, 100_000) ?? $say('waste', 'must be a number from 0 to 100000 (g)'));
        $line['by'] = ($cells['by'] ?? '') === '' ? null : mb_strimwidth($cells['by'], 0, 100, '…');
        $line['note'] = mb_strimwidth($cells['note'] ?? '', 0, self::LONGEST_NOTE, '…');
        if ($faults === []) {
            try {
                $this->columns($line, '');
            } catch (BadDocument $bad) {
                $faults = array_map(static fn (Fault $fault): array => ['column' => ['dish_id' => 'dish', 'pan_id' => 'pan', 'burner_id' => 'burner'][ltrim($fault->path, '/')] ?? ltrim($fault->path, '/'), 'why' => $fault->detail], $bad->faults);
            }
        }

        return ['row' => $row, 'text' => mb_strimwidth($text, 0, 200, '…'), 'line' => $faults === [] ? $line : null, 'faults' => $faults];
    }

    /**
     * @param  array<string, mixed>  $line  velko.paper-line/1
     *
     * @return array<string, mixed> of log_lines
     *
     * @throws BadDocument
     */
    private function columns(array $line, string $by): array
    {
        $dish = $this->kitchen->dishes->firstWhere('id', $line['dish_id']) ?? throw BadDocument::at('/dish_id', 'there is no such dish in this kitchen');
        $pan = $line['pan_id'] === null ? null : $this->kitchen->pans->firstWhere('id', $line['pan_id']) ?? throw BadDocument::at('/pan_id', 'there is no such pan in this kitchen');
        $burner = $line['burner_id'] === null ? null : $this->kitchen->burners->firstWhere('id', $line['burner_id']) ?? throw BadDocument::at('/burner_id', 'there is no such burner in this kitchen');
        $day = self::day($line['on']) ?? throw BadDocument::at('/on', 'must be a day, as 2026-05-04');
        if ($line['at'] !== null && self::clock($line['at']) === null) {
            throw BadDocument::at('/at', 'must be a time from 00:00 to 23:59, or null');
        }
        $at = CarbonImmutable::parse($day, $this->kitchen->timezone)->setTimeFromTimeString($line['at'] ?? self::USUAL_TIME);
        if ($at->greaterThan($this->now->addDay()) || $at->year < 1990) {
            throw BadDocument::at('/on', 'must be a day from 1990-01-01 to today');
        }
        $family = Families::named($dish->family)->traits();
        $looseness = $line['looseness'] === null ? null : Looseness::from($line['looseness']);
        $words = $family->scale->words;
        if ($looseness !== null && ! in_array($looseness, $words, true)) {
            throw BadDocument::at('/looseness', 'must be one of '.implode(', ', array_map(static fn (Looseness $looseness): string => $looseness->value, $words)).' for this dish');
        }
        $bite = $line['bite'] === null ? null : Bite::from($line['bite']);
        $asWanted = $looseness === null || $bite === null ? null : (new Verdict($looseness, $bite, $line['note']))->asWanted($dish->looseness, $family->scale);
        $rice = round($line['covers'] * $dish->grams_main, 1);
        $by = $line['by'] ?? $by;
        $uuid = (string) Str::uuid();

        return [
            'kitchen_id' => $this->kitchen->id, 'cook_id' => null, 'reading' => LogLineStore::READING, 'settled' => true, 'table_at' => $at->utc()->format('Y-m-d H:i:s'),
            'dish_id' => $dish->id, 'rice_id' => $dish->rice_id, 'pan_id' => $pan?->id, 'burner_id' => $burner?->id, 'by' => $by, 'status' => 'at-table', 'covers' => $line['covers'], 'rice_g' => $rice,
            'planned_ml' => null, 'poured_ml' => $line['stock_ml'], 'late_min' => $line['late_min'], 'looseness' => $looseness?->value, 'bite' => $bite?->value, 'crust' => null, 'salt' => null, 'as_wanted' => $asWanted, 'waste_g' => $line['waste_g'], 'note' => $line['note'],
            'line' => json_encode([
                'id' => $uuid, 'paper' => true, 'dish' => $dish->name, 'cook' => $by, 'covers' => $line['covers'], 'pan' => $pan->name ?? '', 'burner' => $burner->name ?? '', 'table_at' => $at->toIso8601String(), 'status' => 'at-table', 'rice_g' => $rice,
                'planned' => null, 'happened' => ['poured_ml' => $line['stock_ml'] ?? 0.0, 'pull_min' => null, 'table_min' => null, 'pours' => [], 'track' => null, 'looseness' => null, 'bite' => null, 'late_min' => $line['late_min']],
                'wasted_g' => $line['waste_g'], 'note' => $line['note'],
                'verdict' => $looseness === null || $bite === null ? null : ['looseness' => $looseness->value, 'bite' => $bite->value, 'crust' => null, 'note' => $line['note'], 'as_wanted' => $asWanted],
            ], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION),
        ];
    }

    /** YYYY-MM-DD of a day as people write it. */
    private static function day(string $text): ?string
    {
        foreach (self::DAYS as $format) {
            $day = CarbonImmutable::canBeCreatedFromFormat($text, $format) ? CarbonImmutable::createFromFormat("!$format", $text) : null;
            // The 31st of February is no day, and 26 is no year of the first century.
            if ($day !== null && $day->format($format) === $text && $day->year >= 1000) {
                return $day->format('Y-m-d');
            }
        }

        return null;
    }

    private static function clock(string $text): ?string
    {
        return preg_match('/^([01]?\d|2[0-3])[:.h]([0-5]\d)$/', $text, $parts) === 1 ? sprintf('%02d:%s', (int) $parts[1], $parts[2]) : null;
    }

    private static function number(string $text, float $least, float $most, bool $whole = false): int|float|null
    {
        $text = str_replace(',', '.', $text);
        if (preg_match($whole ? '/^\d{1,5}$/' : '/^-?\d{1,6}(\.\d{1,4})?$/', $text) !== 1 || (float) $text < $least || (float) $text > $most) {
            return null;
        }

        return $whole ? (int) $text : (float) $text;
    }

    /** A volume in mL; a number without a unit is mL. */
    private static function volume(string $text): ?float
    {
        if (preg_match('/^(\d{1,6}(?:[.,]\d{1,3})?)\s*(ml|l)?$/i', $text, $parts) !== 1) {
            return null;
        }
        $ml = (float) str_replace(',', '.', $parts[1]) * (strtolower($parts[2] ?? 'ml') === 'l' ? 1000 : 1);

        return $ml >= 10 && $ml <= 100_000 ? $ml : null;
    }

    /** @param  Collection<int, covariant Model>  $rows */
    private function named(Collection $rows, string $said): ?int
    {
        $said = mb_strtolower($said);
        $names = $rows->mapWithKeys(static fn (Model $row): array => [(int) $row->getAttribute('id') => mb_strtolower((string) $row->getAttribute('name'))])->all();
        $exactly = array_keys($names, $said, true);
        $starting = $said === '' ? [] : array_keys(array_filter($names, static fn (string $name): bool => str_starts_with($name, $said)));
        $part = $said === '' ? [] : array_keys(array_filter($names, static fn (string $name): bool => str_contains($name, $said)));

        return $exactly[0] ?? (count($starting) === 1 ? $starting[0] : (count($part) === 1 ? $part[0] : null));
    }

    /** @param  Collection<int, covariant Model>  $rows */
    private function names(Collection $rows): string
    {
        return mb_strimwidth($rows->pluck('name')->sort()->implode(', '), 0, 300, '…');
    }
}

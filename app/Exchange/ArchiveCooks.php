<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Contracts\BadDocument;
use App\Contracts\Contract;
use App\Contracts\PlanRequestDocument;
use App\Stove\StoredCook;
use Velko\Core\Cook\Replay;
use Velko\Core\Cook\Touch;
use Velko\Core\Cook\TouchKind;
use Velko\Core\Learning\LoggedCook;

/** The cooks of a kitchen's archive, as the core learns from them: velko.archive/2, in lines, packed or not, or velko.archive/1, one document. */
final class ArchiveCooks
{
    /** Values in one cook, and in an archive that is one document. */
    private const MOST_VALUES = 200_000;

    private const MOST_IN_ALL = 20_000_000;

    private const GZIP = "\x1f\x8b";

    /**
     * @return list<LoggedCook>
     *
     * @throws BadDocument naming the line, or the place in the document
     */
    public static function of(string $archive): array
    {
        $unpacked = str_starts_with($archive, self::GZIP) ? @gzdecode($archive) : $archive;
        if ($unpacked === false) {
            throw BadDocument::at('', 'is packed, and cannot be unpacked');
        }
        $lines = array_values(array_filter(explode("\n", $unpacked), static fn (string $line): bool => trim($line) !== ''));
        $head = count($lines) > 0 ? json_decode($lines[0], true) : null;
        if (! is_array($head) || ($head['format'] ?? null) !== 'velko.archive/2') {
            $whole = Contract::named('archive')->read($unpacked, self::MOST_IN_ALL);

            return self::cooks($whole, $whole['cooks'] ?? [], static fn (int $at): string => "/cooks/$at");
        }
        $rows = [];
        foreach (array_slice($lines, 1) as $at => $line) {
            try {
                $rows[] = Contract::named('archive-cook')->read($line, self::MOST_VALUES);
            } catch (BadDocument $bad) {
                throw $bad->under('/'.($at + 2));
            }
        }

        return self::cooks(Contract::named('archive-head')->read($lines[0], self::MOST_VALUES), $rows, static fn (int $at): string => '/'.($at + 2));
    }

    /**
     * @param  array<string, mixed>  $head
     * @param  list<array<string, mixed>>  $rows
     * @param  callable(int): string  $place
     *
     * @return list<LoggedCook>
     */
    private static function cooks(array $head, array $rows, callable $place): array
    {
        $rices = array_column(array_map(static fn (array $dish): array => ['dish' => $dish['dish']['name'], 'rice' => $dish['rice']], $head['dishes'] ?? []), 'rice', 'dish');
        $cooks = [];
        foreach ($rows as $at => $row) {
            try {
                $cooks[] = self::cooked($row, (string) ($rices[$row['dish'] ?? ''] ?? $row['working']['dish']['rice']), (string) ($row['dish'] ?? $row['working']['dish']['name']));
            } catch (BadDocument $bad) {
                throw $bad->under($place($at));
            }
        }

        return $cooks;
    }

    /**
     * @param  array<string, mixed>  $row  of velko.archive/2
     *
     * @throws BadDocument
     */
    private static function cooked(array $row, string $rice, string $dish): LoggedCook
    {
        try {
            $ask = PlanRequestDocument::of($row['request'])->ask();
        } catch (BadDocument $bad) {
            throw $bad->under('/request');
        }
        $touches = [];
        foreach ($row['events'] as $at => $event) {
            if (($event['out_of_time'] ?? false) !== true) {
                $touches[] = self::touch($event, "/events/$at");
            }
        }

        return new LoggedCook($row['id'], Moment::of($row['table_at'], '/table_at')->getTimestampMs(), $ask, StoredCook::changes($row['working']['plan']['heat']), Replay::of(StoredCook::stages($row['working']['plan']['stages']), $touches), $row['burner'] ?? $row['working']['burner']['name'], $rice, $dish, $row['pan'] ?? $row['working']['pan']['name'] ?? null);
    }

    /**
     * @param  array<string, mixed>  $event
     *
     * @throws BadDocument
     */
    private static function touch(array $event, string $path): Touch
    {
        return StoredCook::touch(TouchKind::from($event['event']['kind']), Moment::of($event['at'] ?? $event['event']['at'], "$path/at")->getTimestampMs(), $event['event']);
    }
}

<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Log;
use PDOException;
use Throwable;

/**
 * A fault as the log keeps it: what broke and where, and nothing that somebody sent. Messages of the database hold the
 * values of the statement; a trace may hold arguments.
 */
final class FaultInLog
{
    private const FRAMES = 40;

    public static function write(Throwable $fault): void
    {
        if (Log::getFacadeApplication() === null) {
            error_log(self::line($fault)); // before there is a log of ours

            return;
        }
        Log::error(self::line($fault), ['at' => self::places($fault)]);
    }

    private static function line(Throwable $fault): string
    {
        $said = match (true) {
            $fault instanceof QueryException => ' '.implode(' ', array_map(strval(...), array_filter($fault->errorInfo ?? [$fault->getCode()], static fn (mixed $part, int $i): bool => $i < 2 && is_scalar($part), ARRAY_FILTER_USE_BOTH))).': '.$fault->getSql(),
            $fault instanceof PDOException => ' '.$fault->getCode(),
            default => ': '.$fault->getMessage(),
        };

        return $fault::class.$said;
    }

    /** @return list<string> innermost first, without arguments */
    private static function places(Throwable $fault): array
    {
        $frames = [['file' => $fault->getFile(), 'line' => $fault->getLine()], ...$fault->getTrace()];
        $base = dirname(__DIR__, 2).'/';

        return array_map(
            static fn (array $frame): string => str_replace($base, '', $frame['file'] ?? '').':'.($frame['line'] ?? ''),
            array_slice($frames, 0, self::FRAMES),
        );
    }
}

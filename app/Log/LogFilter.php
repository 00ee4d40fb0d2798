<?php

declare(strict_types=1);

namespace App\Log;

use App\Contracts\BadDocument;
use App\Contracts\Day;
use App\Models\Kitchen;
use App\Models\LogLine;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Velko\Core\Rice\Bite;
use Velko\Core\Rice\Looseness;

/** What is looked for in the log: what stands in the address of its page. */
final readonly class LogFilter
{
    private const LONGEST_WORDS = 100;

    /** @param  array<string, string>  $said  by the name of the parameter, checked */
    private function __construct(private array $said, private Kitchen $kitchen) {}

    /**
     * @param  array<string, mixed>  $query  of an address
     *
     * @throws BadDocument naming the parameter
     */
    public static function of(array $query, Kitchen $kitchen): self
    {
        $said = [];
        foreach (array_intersect_key($query, array_flip(['dish', 'rice', 'pan', 'burner', 'by', 'from', 'to', 'verdict', 'words'])) as $name => $value) {
            if ($value === null || $value === '') {
                continue;
            }
            $said[$name] = is_string($value) && self::isOne($name, $value) ? $value : throw BadDocument::at("/$name", match ($name) {
                'from', 'to' => 'must be a day, as 2026-05-04',
                'verdict' => 'must be wanted, otherwise, none, given-up, or a word of the verdict',
                'by', 'words' => 'must be at most '.self::LONGEST_WORDS.' letters',
                default => 'must be a number of this kitchen',
            });
        }

        return new self($said, $kitchen);
    }

    private static function isOne(string $name, string $value): bool
    {
        return match ($name) {
            'from', 'to' => Day::of($value) !== null,
            'verdict' => in_array($value, ['wanted', 'otherwise', 'none', 'given-up'], true) || Looseness::tryFrom($value) !== null || Bite::tryFrom($value) !== null,
            'by', 'words' => mb_strlen($value) <= self::LONGEST_WORDS && mb_check_encoding($value, 'UTF-8'),
            default => preg_match('/^[0-9]{1,18}$/', $value) === 1,
        };
    }

    /** @return array<string, string> as it stands in the address */
    public function said(): array
    {
        return $this->said;
    }

    /**
     * @param  Builder<LogLine>  $lines
     *
     * @return Builder<LogLine>
     */
    public function on(Builder $lines): Builder
    {
        $lines->where('kitchen_id', $this->kitchen->id);
        foreach ($this->said as $name => $value) {
            match ($name) {
                'from' => $lines->where('table_at', '>=', $this->midnight($value)),
                'to' => $lines->where('table_at', '<', $this->midnight($value)->addDay()),
                'verdict' => $this->verdict($lines, $value),
                'by' => $lines->where('by', 'like', '%'.addcslashes($value, '%_\\').'%'),
                'words' => $lines->where('note', 'like', '%'.addcslashes($value, '%_\\').'%'),
                default => $lines->where("{$name}_id", (int) $value),
            };
        }

        return $lines;
    }

    /** @param  Builder<LogLine>  $lines */
    private function verdict(Builder $lines, string $value): void
    {
        match (true) {
            $value === 'wanted' => $lines->where('as_wanted', true),
            $value === 'otherwise' => $lines->where('as_wanted', false),
            $value === 'none' => $lines->whereNull('looseness')->where('status', 'at-table'),
            $value === 'given-up' => $lines->where('status', 'given-up'),
            Looseness::tryFrom($value) !== null => $lines->where('looseness', $value),
            default => $lines->where('bite', $value),
        };
    }

    private function midnight(string $day): CarbonImmutable
    {
        return CarbonImmutable::parse($day, $this->kitchen->timezone)->startOfDay()->utc();
    }
}

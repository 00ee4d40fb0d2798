<?php

declare(strict_types=1);

namespace Tests\Fuzz;

use Random\Randomizer;

/** Documents by chance: what a schema of contracts/ allows, at its edges more often than not. */
final class FromSchema
{
    private const WORDS = ['rice', 'ring 2', 'é', '①', '０', "a\u{200B}b", 'ﬁsh', '<b>', "O'Brien", '{{7*7}}', '%00', '../..', '1e309', 'NULL', '🍚', "\u{202E}abc", 'medium', 'low', 'high'];

    /** @var array<string, array<string, mixed>> */
    private static array $files = [];

    private function __construct(private readonly Randomizer $chance) {}

    /** @param  string  $contract  name of the file in contracts/, without ending */
    public static function make(string $contract, Randomizer $chance): mixed
    {
        return (new self($chance))->of(self::file($contract), $contract);
    }

    /** @return array<string, mixed> */
    private static function file(string $name): array
    {
        return self::$files[$name] ??= json_decode((string) file_get_contents(dirname(__DIR__, 2)."/contracts/$name.json"), true, flags: JSON_THROW_ON_ERROR);
    }

    /** @param  array<string, mixed>  $schema */
    private function of(array $schema, string $file): mixed
    {
        if (isset($schema['$ref'])) {
            [$name, $path] = [...explode('#', $schema['$ref']), ''];
            $name = $name === '' ? $file : basename($name, '.json');

            return $this->of(array_reduce(array_filter(explode('/', $path)), static fn (array $at, string $part): array => $at[$part], self::file($name)), $name);
        }
        $choice = $schema['oneOf'] ?? $schema['anyOf'] ?? null;
        if ($choice !== null) {
            return $this->of($this->one($choice), $file);
        }
        if (array_key_exists('const', $schema)) {
            return $schema['const'];
        }
        if (isset($schema['enum'])) {
            return $this->one($schema['enum']);
        }

        return match ($this->one((array) ($schema['type'] ?? ['null']))) {
            'object' => $this->object($schema, $file),
            'array' => $this->list($schema, $file),
            'number' => round($this->number($schema), $this->chance->getInt(0, 3)),
            'integer' => (int) round($this->number($schema)),
            'boolean' => $this->chance->getInt(0, 1) === 1,
            'string' => $this->text($schema),
            default => null,
        };
    }

    /** @param  array<string, mixed>  $schema */
    private function object(array $schema, string $file): object
    {
        $object = [];
        foreach ($schema['properties'] ?? [] as $name => $property) {
            if (in_array($name, $schema['required'] ?? [], true) || $this->chance->getInt(0, 2) > 0) {
                $object[$name] = $this->of($property, $file);
            }
        }
        if (is_array($schema['additionalProperties'] ?? null)) {
            foreach (range(1, $this->chance->getInt(max(1, $schema['minProperties'] ?? 1), min(6, $schema['maxProperties'] ?? 6))) as $i) {
                $object[$this->chance->getInt(0, 4) === 0 ? $this->one(self::WORDS) : ['low', 'medium', 'high', 'max', '1', '9'][$i - 1]] = $this->of($schema['additionalProperties'], $file);
            }
        }

        return (object) $object;
    }

    /**
     * @param  array<string, mixed>  $schema
     *
     * @return list<mixed>
     */
    private function list(array $schema, string $file): array
    {
        $least = $schema['minItems'] ?? 0;
        $most = min($schema['maxItems'] ?? 8, $this->chance->getInt(0, 19) === 0 ? 400 : $least + 4);
        $list = array_map(fn (): mixed => $this->of($schema['items'] ?? ['type' => 'null'], $file), range(1, max(1, $this->chance->getInt($least, max($least, $most)))));

        return ($schema['uniqueItems'] ?? false) === true ? array_values(array_unique($list, SORT_REGULAR)) : $list;
    }

    /** @param  array<string, mixed>  $schema */
    private function number(array $schema): float
    {
        $least = (float) ($schema['minimum'] ?? -1e6);
        $most = (float) ($schema['maximum'] ?? 1e6);

        return match ($this->chance->getInt(0, 9)) {
            0 => $least,
            1 => $most,
            2 => max($least, min($most, 0.0)),
            3, 4, 5 => $least + ($most - $least) * $this->share() ** 3,
            default => $least + ($most - $least) * $this->share(),
        };
    }

    private function share(): float
    {
        return $this->chance->getInt(0, 1_000_000) / 1e6;
    }

    /** @param  array<string, mixed>  $schema */
    private function text(array $schema): string
    {
        $digits = fn (int $n): string => substr(bin2hex($this->chance->getBytes($n)), 0, $n);
        $pattern = $schema['pattern'] ?? null;
        if ($pattern !== null) {
            return match (true) {
                str_starts_with($pattern, '^[0-9a-f]{8}-') => $digits(8).'-'.$digits(4).'-4'.$digits(3).'-a'.$digits(3).'-'.$digits(12),
                str_starts_with($pattern, '^[0-9a-f]{64}') => $digits(64),
                str_contains($pattern, 'T[0-9]{2}') => sprintf('2026-05-04T%02d:%02d:%02d.000Z', $this->chance->getInt(0, 23), $this->chance->getInt(0, 59), $this->chance->getInt(0, 59)),
                str_contains($pattern, '-(0[1-9]|1[0-2])-') => '2026-05-04',
                str_contains($pattern, ':[0-5]') => sprintf('%02d:%02d', $this->chance->getInt(0, 23), $this->chance->getInt(0, 59)),
                default => sprintf('%04d', $this->chance->getInt(0, 9999)),
            };
        }
        $text = $this->chance->getInt(0, 29) === 0 ? str_repeat('ä', $schema['maxLength'] ?? 500) : $this->one(self::WORDS);
        while (mb_strlen($text) < ($schema['minLength'] ?? 0)) {
            $text .= 'x';
        }

        return mb_substr($text, 0, $schema['maxLength'] ?? 500);
    }

    /**
     * @template T
     *
     * @param  array<T>  $of
     *
     * @return T
     */
    private function one(array $of): mixed
    {
        return $of[$this->chance->getInt(0, count($of) - 1)];
    }
}

<?php

declare(strict_types=1);

namespace App\Words;

use Velko\Core\Quantity\Duration;
use Velko\Core\Quantity\Fact;
use Velko\Core\Quantity\Length;
use Velko\Core\Quantity\Mass;
use Velko\Core\Quantity\Power;
use Velko\Core\Quantity\Quantity;
use Velko\Core\Quantity\Ratio;
use Velko\Core\Quantity\Temperature;
use Velko\Core\Quantity\Volume;

/** A fact in a document: its code, and what its words need, each quantity with its unit. */
final class FactDocument
{
    /** @return array{code: string, args?: array<string, mixed>} */
    public static function of(Fact $fact): array
    {
        return $fact->args === [] ? ['code' => $fact->code] : ['code' => $fact->code, 'args' => array_map(self::arg(...), $fact->args)];
    }

    /**
     * @param  list<Fact>  $facts
     *
     * @return list<array{code: string, args?: array<string, mixed>}>
     */
    public static function all(array $facts): array
    {
        return array_map(self::of(...), $facts);
    }

    /** @param  array<string, mixed>  $document  as {@see self::of()} made it */
    public static function read(array $document): Fact
    {
        /** @var array<string, Quantity|Fact|list<Fact|string>|string|int|float|bool> $args */
        $args = array_map(self::argument(...), (array) ($document['args'] ?? []));

        return new Fact((string) $document['code'], $args);
    }

    private static function arg(mixed $arg): mixed
    {
        return match (true) {
            $arg instanceof Fact => self::of($arg),
            $arg instanceof Volume => ['ml' => self::r($arg->ml)],
            $arg instanceof Mass => ['g' => self::r($arg->g)],
            $arg instanceof Duration => ['s' => self::r($arg->seconds)],
            $arg instanceof Temperature => ['c' => self::r($arg->celsius)],
            $arg instanceof Power => ['w' => self::r($arg->watts)],
            $arg instanceof Ratio => ['ml_per_g' => self::r($arg->mlPerG)],
            $arg instanceof Length => ['mm' => self::r($arg->mm), 'in' => $arg->in],
            is_array($arg) => array_map(self::arg(...), $arg),
            is_float($arg) => self::r($arg),
            default => $arg,
        };
    }

    private static function argument(mixed $arg): mixed
    {
        if (! is_array($arg)) {
            return $arg;
        }

        return match (true) {
            isset($arg['code']) => self::read($arg),
            isset($arg['ml']) => Volume::ofMl((float) $arg['ml']),
            isset($arg['g']) => Mass::ofG((float) $arg['g']),
            isset($arg['s']) => Duration::ofSeconds((float) $arg['s']),
            isset($arg['c']) => Temperature::ofC((float) $arg['c']),
            isset($arg['w']) => Power::ofW((float) $arg['w']),
            isset($arg['ml_per_g']) => Ratio::of((float) $arg['ml_per_g']),
            isset($arg['mm']) => Length::of((float) $arg['mm'], $arg['in']),
            default => array_map(self::argument(...), $arg),
        };
    }

    /** To the thousandth: below anything that is read. */
    private static function r(float $value): float
    {
        return round($value, 3) + 0.0;
    }
}

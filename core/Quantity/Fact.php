<?php

declare(strict_types=1);

namespace Velko\Core\Quantity;

/**
 * Something a cook is told: what it is, and how much of it. The engine speaks in these; the words, in the units of whoever reads
 * them, are made at the edge.
 */
final readonly class Fact
{
    /** @param  array<string, Quantity|self|list<self|string>|string|int|float|bool>  $args  what its words need, by name */
    public function __construct(public string $code, public array $args = []) {}

    /** In a cook's own words: what somebody typed, or what was kept before there were facts. */
    public static function text(string $text): self
    {
        return new self('text', ['text' => $text]);
    }

    /** @param  Quantity|self|list<self|string>|string|int|float|bool  ...$args  by name */
    public static function of(string $code, Quantity|self|array|string|int|float|bool ...$args): self
    {
        /** @var array<string, Quantity|self|list<self|string>|string|int|float|bool> $args */
        return new self($code, $args);
    }
}

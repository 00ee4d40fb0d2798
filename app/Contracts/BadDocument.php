<?php

declare(strict_types=1);

namespace App\Contracts;

use InvalidArgumentException;

/** A document that does not keep its contract, with every fault found in it. */
final class BadDocument extends InvalidArgumentException
{
    /** @param  list<Fault>  $faults  at least one */
    public function __construct(public readonly array $faults)
    {
        parent::__construct(implode("\n", array_map(static fn (Fault $fault): string => $fault->line(), $faults)));
    }

    /** The same faults, told with where in a larger document this one stands. */
    public function under(string $path): self
    {
        return new self(array_map(static fn (Fault $fault): Fault => $fault->under($path), $this->faults));
    }

    public static function at(string $path, string $detail): self
    {
        return new self([new Fault($path, $detail)]);
    }
}

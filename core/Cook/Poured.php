<?php

declare(strict_types=1);

namespace Velko\Core\Cook;

/** Something that went into the pan at a minute of the cook. */
final readonly class Poured
{
    public bool $wine;

    /** @param  'stock'|'wine'|'water'  $what */
    public function __construct(public float $minute, public float $volume, public string $what)
    {
        $this->wine = $what === 'wine';
    }
}

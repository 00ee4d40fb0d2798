<?php

declare(strict_types=1);

namespace Velko\Core\Service;

/** A firing as somebody says it: what of it was said. */
final readonly class Order
{
    /**
     * @param  int  $dish  its number
     * @param  int  $covers  mains
     * @param  string|null  $clock  HH:MM at the table; null: as soon as it can be
     * @param  string  $label  which table
     * @param  int|null  $early  min before that at which it may be there
     * @param  int|null  $late  min after that at which it still may
     */
    public function __construct(public int $dish, public int $covers, public int $starters, public ?string $clock, public string $label = '', public ?int $early = null, public ?int $late = null) {}
}

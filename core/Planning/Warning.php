<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

/** Something about the choice that will go wrong at the stove, and what to do about it. */
final readonly class Warning
{
    public function __construct(public string $code, public string $message, public string $fix) {}
}

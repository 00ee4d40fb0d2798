<?php

declare(strict_types=1);

namespace Velko\Core\Live;

use Velko\Core\Planning\Looseness;
use Velko\Core\Rice\Bite;

/** What came to the plate, as the cook judged it. */
final readonly class Verdict
{
    public function __construct(public Looseness $looseness, public Bite $bite, public string $note)
    {
    }
}

<?php

declare(strict_types=1);

namespace Velko\Core\Cook;

enum Status: string
{
    case Waiting = 'waiting';
    case Cooking = 'cooking';
    case AtTable = 'at-table';
    case GivenUp = 'given-up';
}

<?php

declare(strict_types=1);

namespace Velko\Core\Pan;

/** Why the loop came back. */
enum Stop
{
    /** The time asked for is reached. */
    case Time;

    /** The free liquid fell to the amount asked for. */
    case Dry;

    /** The doneness asked for is reached. */
    case Done;
}

<?php

declare(strict_types=1);

namespace App\Words;

/** What a kitchen reads its amounts in. */
enum Units: string
{
    case Metric = 'metric';
    case Us = 'us';
}

<?php

declare(strict_types=1);

namespace Velko\Core\Cook;

use Velko\Core\Quantity\Fact;

/** What a cook sees go wrong, and what usually is behind it. Common practice, no single source. */
enum Trouble: string
{
    case HardAndDry = 'hard-and-dry';
    case HardAndWet = 'hard-and-wet';
    case SoftOutside = 'soft-outside';
    case Swimming = 'swimming';
    case Tight = 'tight';
    case Catching = 'catching';
    case WetLate = 'wet-late';
    case DryEarly = 'dry-early';
    case TopHard = 'top-hard';
    case PaleRim = 'pale-rim';
    case Bitter = 'bitter';
    case TooSalty = 'too-salty';
    case StockOut = 'stock-out';
    case SetUp = 'set-up';

    public function sees(): Fact
    {
        return Fact::of("trouble.$this->value");
    }

    /** What usually is behind it. */
    public function cause(): Fact
    {
        return Fact::of("cause.$this->value");
    }
}

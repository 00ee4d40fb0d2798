<?php

declare(strict_types=1);

namespace Velko\Core\Method;

/** What the cooks of a family do differently, and disagree about. */
enum School: string
{
    case Doses = 'doses';
    case Stirring = 'stirring';
    case Crust = 'crust';
    case CrustHeat = 'crust-school';
    case Second = 'second-half';
    case Soak = 'soak';
    case Toast = 'toast';
    case Pace = 'pace';
    case Cover = 'cover';
    case Butter = 'butter';
    case Wine = 'wine';
    case Fat = 'fat';
    case Way = 'way';
    case Order = 'order';
    case Pours = 'pours';
    case FinishOn = 'finish-on';
    case Served = 'served';
}

<?php

declare(strict_types=1);

namespace Velko\Core\Cook;

use Velko\Core\Quantity\Fact;

/** What there is to do at a pan. Stages of a plan, steps of a forecast and what a forecast adds all speak of these. */
enum StageKind: string
{
    case PanOn = 'pan-on';
    case Base = 'base';
    case TakeOut = 'take-out';
    case BoilUp = 'boil-up';
    case Toast = 'toast';
    case RiceIn = 'rice-in';
    case Wine = 'wine';
    case Pour = 'pour';
    case Lift = 'lift';
    case Add = 'add';
    case Level = 'level';
    case Heat = 'heat';
    case Stir = 'stir';
    case Lid = 'lid';
    case Taste = 'taste';
    case Core = 'core';
    case Crust = 'crust';
    case Off = 'off';
    case Finish = 'finish';
    case Rest = 'rest';
    case PickOut = 'pick-out';
    case Garnish = 'garnish';
    case Serve = 'serve';

    /** What a cook would call out. */
    public function fact(): Fact
    {
        return Fact::of("stage.$this->value");
    }

    /** Whether the knob is turned. */
    public function turnsTheKnob(): bool
    {
        return $this === self::Heat || $this === self::Crust;
    }

    /** Whether it is done off the heat. */
    public function isOffTheHeat(): bool
    {
        return in_array($this, [self::Finish, self::Rest, self::PickOut, self::Garnish, self::Serve], true);
    }
}

<?php

declare(strict_types=1);

namespace Velko\Core\Method;

use Velko\Core\Quantity\Fact;

/** What the base is sweated and the grain toasted in. Common practice, no single source; the heats, our estimates. */
enum Fat: string
{
    case Oil = 'oil';
    case OilAndButter = 'oil-and-butter';
    case Clarified = 'clarified-butter';
    case Butter = 'butter';
    case Rendered = 'rendered-fat';

    /** Net heat over the floor under which it keeps its colour, W/m²: what is in plain butter besides its fat browns and turns bitter. */
    public function mostHeat(): float
    {
        return match ($this) {
            self::Butter => Toasting::Slow->heat(),
            self::OilAndButter => Toasting::Medium->heat(),
            self::Oil, self::Clarified, self::Rendered => INF,
        };
    }

    /** So many times as long takes on it what wants a heat that it does not stand. */
    public function slows(float $heat): float
    {
        return max(1.0, $heat / $this->mostHeat());
    }

    public function isOfMilk(): bool
    {
        return in_array($this, [self::OilAndButter, self::Clarified, self::Butter], true);
    }

    public function isOfMeat(): bool
    {
        return $this === self::Rendered;
    }

    public function fact(): Fact
    {
        return Fact::of("fat.$this->value");
    }
}

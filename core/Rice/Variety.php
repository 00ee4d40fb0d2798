<?php

declare(strict_types=1);

namespace Velko\Core\Rice;

use Velko\Core\Quantity\Fact;

/** The rices Velko knows. A kitchen replaces the window by its packet's printed time. */
enum Variety: string
{
    case Arborio = 'arborio';
    case Carnaroli = 'carnaroli';
    case VialoneNano = 'vialone-nano';
    case Bomba = 'bomba';
    case Round = 'round';
    case Sushi = 'sushi';
    case Parboiled = 'parboiled';
    case Long = 'long';

    /**
     * Drinking rate, what it drinks when hot, and window. Our estimates, fitted to the packets' times and to what
     * cooked rice holds (USDA FoodData Central, see tests/Reference); a kitchen corrects them from its log.
     */
    public function grain(): Grain
    {
        [$rate, $hot, $low, $high] = match ($this) {
            self::Arborio => [0.0690, 2.40, 16, 18],
            self::Carnaroli => [0.0660, 2.40, 17, 19],
            self::VialoneNano => [0.0720, 2.40, 14, 16],
            self::Bomba => [0.0620, 2.80, 18, 20],
            self::Round => [0.0700, 2.35, 15, 17],
            self::Sushi => [0.0720, 2.30, 15, 17],
            self::Parboiled => [0.0520, 2.30, 20, 24],
            self::Long => [0.0875, 2.40, 12, 14],
        };

        return new Grain($this, $rate, $hot, new Window($low, $high));
    }

    public function fact(): Fact
    {
        return Fact::of("rice.$this->value");
    }

    /** Starch it gives to the sauce, relative to arborio (common practice puts them in this order; our numbers). */
    public function starch(): float
    {
        return match ($this) {
            self::Arborio => 1.0,
            self::VialoneNano => 0.95,
            self::Carnaroli, self::Sushi => 0.9,
            self::Round => 0.85,
            self::Bomba => 0.6,
            self::Parboiled => 0.3,
            self::Long => 0.2,
        };
    }

    /** Whether it gives a risotto its body (common practice, no single source). */
    public function makesRisotto(): bool
    {
        return ! in_array($this, [self::Parboiled, self::Bomba, self::Long], true);
    }

    /** Whether its grains stay apart in a pan that is not stirred (common practice, no single source). */
    public function staysApart(): bool
    {
        return in_array($this, [self::Bomba, self::Round, self::Parboiled, self::Sushi, self::Long], true);
    }

    /** Whether its surface starch is worth keeping: parboiled and long grain have none to give (common practice, no single source). */
    public function givesBody(): bool
    {
        return $this !== self::Parboiled && $this !== self::Long;
    }
}

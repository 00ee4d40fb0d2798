<?php

declare(strict_types=1);

namespace Velko\Core\Method;

use Velko\Core\Quantity\Fact;
use Velko\Core\Rice\Grain;
use Velko\Core\Rice\Variety;
use Velko\Core\Vessel\Fit;

/** The three ways of cooking short rice in measured stock. Common practice, no single source. */
enum Family: string
{
    case Risotto = 'risotto';
    case PanRice = 'pan-rice';
    case SoupyRice = 'soupy-rice';

    public function fact(): Fact
    {
        return Fact::of("family.$this->value");
    }

    /** The rice that a family is usually cooked with (common practice, no single source). */
    public function usualRice(): Variety
    {
        return match ($this) {
            self::Risotto => Variety::Carnaroli,
            self::PanRice => Variety::Bomba,
            self::SoupyRice => Variety::Round,
        };
    }

    /** Raw rice of an ordinary main, g: a pan rice has its extras beside it (common practice, no single source). */
    public function mainGrams(): float
    {
        return match ($this) {
            self::Risotto => 80.0,
            self::PanRice => 60.0,
            self::SoupyRice => 70.0,
        };
    }

    /** Free liquid per raw rice when nothing else is asked, g/g. */
    public function looseness(): float
    {
        return match ($this) {
            self::Risotto => 0.85,
            self::PanRice => 0.0,
            self::SoupyRice => 3.0,
        };
    }

    public function stirring(): Stirring
    {
        return match ($this) {
            self::Risotto => Stirring::Constant,
            self::PanRice => Stirring::Never,
            self::SoupyRice => Stirring::NowAndThen,
        };
    }

    /** Minutes off the heat for butter and cheese. */
    public function finish(): float
    {
        return $this === self::Risotto ? 1.0 : 0.0;
    }

    /** Minutes of rest, under a cloth for a pan rice. */
    public function rest(): float
    {
        return $this === self::PanRice ? 5.0 : 0.0;
    }

    /** Whether it goes to the table on plates; else it stays in its pan. */
    public function isPlated(): bool
    {
        return $this !== self::PanRice;
    }

    /** What a pan must offer, to be chosen for it. */
    public function fit(Grain $grain, float $looseness): Fit
    {
        return match ($this) {
            self::Risotto => Fit::stirred($looseness),
            self::PanRice => Fit::thinLayer($grain->drunkInAmpleLiquid($grain->window->middle())),
            self::SoupyRice => Fit::pot($looseness),
        };
    }
}

<?php

declare(strict_types=1);

namespace Velko\Core\Method;

use Velko\Core\Rice\Grain;
use Velko\Core\Vessel\Ladle;
use Velko\Core\Water\Steam;

/** What a school needs to know to size a dose: this much of this rice, in this pan, on this heat, with this ladle. */
final readonly class Load
{
    /** What rice drinks a minute, on average over a cook, g per g raw: about 1.45 in 16 min (tests/Core/Method). */
    private const DRINKS_PER_MINUTE = 0.09;

    /**
     * @param  float  $rice  g raw
     * @param  float  $area  m² of floor
     * @param  float  $net  W, on the setting the cook runs at
     */
    public function __construct(
        public float $rice,
        public float $area,
        public float $net,
        public Grain $grain,
        public Ladle $ladle,
    ) {}

    /** What the pan uses up in a minute of simmering: the rice drinks by weight, the pan boils off by heat. mL */
    public function usePerMinute(): float
    {
        return $this->rice * self::DRINKS_PER_MINUTE + $this->net / Steam::LATENT_HEAT * 60;
    }
}

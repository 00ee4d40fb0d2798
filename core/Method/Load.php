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

    /** It is as loose as it leaves the heat so long before, minutes at 100 °C: when the last dose goes in. */
    private const REACHED_BEFORE = 1.25;

    /**
     * @param  float  $rice  g raw
     * @param  float  $area  m² of floor
     * @param  float  $net  W, on the setting the cook runs at
     * @param  PullEstimate|null  $landing  null: not known, a school keeps its own looseness to the end
     */
    public function __construct(
        public float $rice,
        public float $area,
        public float $net,
        public Grain $grain,
        public Ladle $ladle,
        public ?PullEstimate $landing = null,
    ) {}

    /**
     * Free liquid that a school keeps: its own measure, and towards the end as loose as the pan is to leave the heat, so
     * that the last dose is a dose like the others. Never tighter than its own measure.
     *
     * @param  float  $own  g per g rice
     * @param  float  $over  the last so many minutes at 100 °C, in which it rises
     * @param  float  $doneness  minutes at 100 °C
     *
     * @return float g
     */
    public function keeps(float $own, float $over, float $doneness): float
    {
        if ($this->landing === null) {
            return $own * $this->rice;
        }
        $from = $this->landing->doneness - $over;
        $share = max(0.0, min(1.0, ($doneness - $from) / ($over - self::REACHED_BEFORE)));

        return max($own * $this->rice, (1 - $share) * $own * $this->rice + $share * $this->landing->free);
    }

    /** What the pan uses up in a minute of simmering: the rice drinks by weight, the pan boils off by heat, mL. */
    public function usePerMinute(): float
    {
        return $this->rice * self::DRINKS_PER_MINUTE + $this->net / Steam::LATENT_HEAT * 60;
    }
}

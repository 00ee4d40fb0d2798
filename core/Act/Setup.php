<?php

declare(strict_types=1);

namespace Velko\Core\Act;

use Velko\Core\Pan\Conditions;
use Velko\Core\Rice\Grain;
use Velko\Core\Vessel\Pan;

/** What stands on the ring before the first liquid: so much of this rice, in this pan. */
final readonly class Setup
{
    /**
     * @param  float  $rice  g raw, > 0
     * @param  float  $ring  diameter, cm
     * @param  float|null  $toasted  °C that toasting in fat has brought the grain to; null: not toasted
     * @param  float  $soaked  min in cold water before
     * @param  float  $fades  share of its heat that the fire loses a minute, left alone
     * @param  bool  $scraped  stirred all the time, so that nothing browns on the floor
     */
    public function __construct(
        public Grain $grain,
        public Conditions $conditions,
        public Pan $pan,
        public float $ring,
        public float $rice,
        public ?float $toasted,
        public float $soaked = 0.0,
        public bool $scraped = false,
        public float $fades = 0.0,
    ) {}
}

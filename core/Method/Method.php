<?php

declare(strict_types=1);

namespace Velko\Core\Method;

/** How this kitchen makes this dish. */
final readonly class Method
{
    /**
     * @param  DoseSchool|null  $doses  null: all the stock at once
     * @param  non-empty-list<HeatChange>|null  $heat  in order of time; null = Velko chooses
     * @param  bool  $sealed  toasted in fat
     * @param  float  $finish  min off the heat for butter and cheese
     * @param  float  $rest  min
     * @param  float  $soak  min in cold water before
     * @param  list<LidChange>  $lid  in order of time
     */
    public function __construct(
        public ?DoseSchool $doses,
        public Stirring $stirring,
        public ?array $heat,
        public bool $sealed,
        public float $finish,
        public float $rest,
        public bool $restCovered,
        public Toasting $toasting = Toasting::Medium,
        public bool $rinsed = false,
        public float $soak = 0.0,
        public array $lid = [],
        public CrustSchool $crust = CrustSchool::ShortAndHot,
    ) {}

    /** Minutes on the fire before the first liquid. */
    public function toast(): float
    {
        return $this->sealed ? $this->toasting->minutes() : 0.0;
    }
}

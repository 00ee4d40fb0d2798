<?php

declare(strict_types=1);

namespace Velko\Core\Method;

use Velko\Core\Crust\CrustSchool;

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
     * @param  float  $coverLast  min before it comes off for which a lid lies on it, beside what $lid says
     * @param  PanHeat|null  $panHeat  marks of a pan rice without a track; null = Velko chooses
     * @param  Pace  $pace  how hard it is boiled, where Velko chooses the heat
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
        public ?PanHeat $panHeat = null,
        public float $coverLast = 0.0,
        public Pace $pace = Pace::Medium,
    ) {}

    /** @param  array<string, mixed>  $changes  by property */
    public function with(array $changes): self
    {
        /** @phpstan-ignore argument.type */
        return new self(...[...get_object_vars($this), ...$changes]);
    }

    /** Minutes on the fire before the first liquid. */
    public function toast(): float
    {
        return $this->sealed ? $this->toasting->minutes() : 0.0;
    }
}

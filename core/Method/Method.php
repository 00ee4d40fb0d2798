<?php

declare(strict_types=1);

namespace Velko\Core\Method;

/** How this kitchen makes this dish. */
final readonly class Method
{
    /** Toasting when nothing else is said, min (common practice, no single source: 2 to 3 on medium). */
    public const TOAST_MINUTES = 3.0;

    /**
     * @param  non-empty-list<HeatChange>|null  $heat  in order of time; null = Velko chooses
     * @param  bool  $sealed  toasted in fat
     * @param  float  $finish  min off the heat for butter and cheese
     * @param  float  $rest  min
     */
    public function __construct(
        public DoseSchool $doses,
        public Stirring $stirring,
        public ?array $heat,
        public bool $sealed,
        public float $finish,
        public float $rest,
        public bool $restCovered,
    ) {}

    /** Minutes on the fire before the first liquid. */
    public function toast(): float
    {
        return $this->sealed ? self::TOAST_MINUTES : 0.0;
    }
}

<?php

declare(strict_types=1);

namespace Velko\Core\Live;

/** One thing to do from now on. */
final readonly class Step
{
    /**
     * @param  int|null  $stage  of the plan; null for what the plan does not have
     * @param  float  $minute  of the cook
     * @param  string  $kind  as of a stage of the plan, or "lift"
     * @param  float|null  $volume  mL
     * @param  string|null  $mark  where the knob goes
     */
    public function __construct(
        public ?int $stage,
        public float $minute,
        public string $kind,
        public string $say,
        public ?float $volume = null,
        public ?string $mark = null,
    ) {}
}

<?php

declare(strict_types=1);

namespace Velko\Core\Live;

use Velko\Core\Cook\StageKind;
use Velko\Core\Quantity\Fact;

/** One thing to do from now on. */
final readonly class Step
{
    /**
     * @param  int|null  $stage  of the plan; null for what the plan does not have
     * @param  float  $minute  of the cook
     * @param  float|null  $volume  mL
     * @param  string|null  $mark  where the knob goes
     */
    public function __construct(
        public ?int $stage,
        public float $minute,
        public StageKind $kind,
        public Fact $say,
        public ?float $volume = null,
        public ?string $mark = null,
    ) {}

    /** Itself at another minute of the cook. */
    public function dueAt(float $minute): self
    {
        return new self($this->stage, $minute, $this->kind, $this->say, $this->volume, $this->mark);
    }

    /** What it is, wherever it has moved to. */
    public function place(): string
    {
        return $this->stage === null ? $this->kind->value : (string) $this->stage;
    }
}

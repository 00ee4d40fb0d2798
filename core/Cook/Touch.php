<?php

declare(strict_types=1);

namespace Velko\Core\Cook;

use Velko\Core\Season\SaltTaste;

/** One touch at the stove, as the device told it. */
final readonly class Touch
{
    /**
     * @param  string  $id  made by the device
     * @param  int  $at  device time, ms since 1970 UTC
     * @param  int|null  $stage  index in the plan
     * @param  float|null  $volume  mL, poured or lifted out
     * @param  string|null  $undoes  id of the touch taken back
     * @param  string|null  $mark  where the knob was turned to; with a stage done, where that is not what the plan said
     * @param  bool|null  $on  the lid
     * @param  float|null  $lidFor  min for which a remedy wants the lid on
     * @param  float|null  $late  s after the stove called for it; null where it did not
     * @param  bool  $water  poured hot water in place of stock
     * @param  string|null  $with  id of the trouble whose way back it is part of
     * @param  int|null  $work  place in the plan's list of works beside the pan
     * @param  bool  $ready  of that work: it is ready; else it is begun
     * @param  SaltTaste|null  $salted  what the tongue said of the salt
     * @param  bool  $asked  the stove asked for it, though the plan does not have it
     */
    public function __construct(
        public string $id,
        public TouchKind $kind,
        public int $at,
        public ?int $stage = null,
        public ?float $volume = null,
        public ?string $undoes = null,
        public ?Verdict $verdict = null,
        public ?string $mark = null,
        public ?bool $on = null,
        public bool $water = false,
        public ?Sign $sign = null,
        public ?Taste $taste = null,
        public ?Weighing $weighing = null,
        public bool $asked = false,
        public ?string $with = null,
        public ?string $note = null,
        public ?SaltTaste $salted = null,
        public ?int $work = null,
        public bool $ready = false,
        public ?float $lidFor = null,
        public ?float $late = null,
    ) {}

    /** @param  array{volume?: float, weighing?: Weighing}  $changed */
    public function with(array $changed): self
    {
        return new self(
            $this->id, $this->kind, $this->at, $this->stage, $changed['volume'] ?? $this->volume, $this->undoes,
            $this->verdict, $this->mark, $this->on, $this->water, $this->sign, $this->taste,
            $changed['weighing'] ?? $this->weighing, $this->asked, $this->with, $this->note, $this->salted,
            $this->work, $this->ready, $this->lidFor, $this->late,
        );
    }
}

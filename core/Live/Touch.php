<?php

declare(strict_types=1);

namespace Velko\Core\Live;

/** One touch at the stove, as the device told it. */
final readonly class Touch
{
    /**
     * @param  string  $id  made by the device
     * @param  'start'|'done'|'pour'|'undo'|'verdict'|'abandon'  $kind
     * @param  int  $at  device time, ms since 1970 UTC
     * @param  int|null  $stage  index in the plan
     * @param  float|null  $volume  mL, for a pour
     * @param  string|null  $undoes  id of the touch taken back
     */
    public function __construct(
        public string $id,
        public string $kind,
        public int $at,
        public ?int $stage = null,
        public ?float $volume = null,
        public ?string $undoes = null,
        public ?Verdict $verdict = null,
    ) {}
}

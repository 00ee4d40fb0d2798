<?php

declare(strict_types=1);

namespace Velko\Core\Learning;

/** One mark of a ring as its cooks have it, against what plans go by now. */
final readonly class MarkAsLearned
{
    /**
     * @param  string  $ring  as the kitchen calls it
     * @param  float  $given  W that plans go by
     * @param  float  $value  W as the cooks have it
     * @param  float  $low  W; nine times in ten it is no less
     * @param  float  $high  W
     * @param  int  $cooks  it rests on
     * @param  bool  $isSure  measured, or set by hand: nobody need weigh for it
     */
    public function __construct(public string $ring, public float $given, public float $value, public float $low, public float $high, public int $cooks, public bool $isSure) {}

    /** Whether nine cooks in ten have it be another than plans take it for. */
    public function isOff(): bool
    {
        return $this->low > $this->given || $this->high < $this->given;
    }

    /** How far off it is, as a share. */
    public function off(): float
    {
        return $this->value / $this->given - 1;
    }

    /** How wide it may be, as a share. */
    public function width(): float
    {
        return ($this->high - $this->low) / $this->value;
    }
}

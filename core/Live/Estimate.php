<?php

declare(strict_types=1);

namespace Velko\Core\Live;

use Velko\Core\Vessel\Burner;

/** How this ring really heats this pan, against what its marks say, and how well that is known. */
final readonly class Estimate
{
    /** Known by the mark alone, one standard deviation as a share. */
    public const BY_THE_MARK = 0.20;

    /**
     * @param  float  $power  times what the mark says, > 0
     * @param  float  $spread  one standard deviation, as a share of it
     * @param  bool  $weighed  rests on the scale, not on signs alone
     */
    public function __construct(public float $power = 1.0, public float $spread = self::BY_THE_MARK, public bool $weighed = false) {}

    /**
     * By what the marks of a ring tell, and nothing else.
     *
     * @param  list<string>  $marks  that the pan stands on
     */
    public static function byTheMarks(Burner $burner, array $marks): self
    {
        return new self(spread: $burner->knownTo($marks));
    }

    /** One standard deviation stronger (1) or weaker (−1). */
    public function off(int $deviations): self
    {
        return new self($this->power * exp($deviations * $this->spread), $this->spread, $this->weighed);
    }
}

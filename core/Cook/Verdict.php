<?php

declare(strict_types=1);

namespace Velko\Core\Cook;

use Velko\Core\Pan\Browning;
use Velko\Core\Rice\Bite;
use Velko\Core\Rice\Looseness;
use Velko\Core\Rice\Scale;
use Velko\Core\Season\SaltTaste;

/** What came to the plate, as the cook judged it. */
final readonly class Verdict
{
    /**
     * @param  Browning|null  $crust  of a pan rice
     * @param  SaltTaste|null  $salt  null: nobody said
     * @param  float|null  $spread  mm across to which a ladleful ran on a flat plate, where it was measured
     * @param  float|null  $covered  % of the floor that has a crust
     * @param  float|null  $waste  g that came back or stayed in the pan
     * @param  int|null  $wastePlates  plates of it, where they were counted
     */
    public function __construct(public Looseness $looseness, public Bite $bite, public string $note, public ?Browning $crust = null, public ?SaltTaste $salt = null, public ?float $spread = null, public ?float $covered = null, public ?float $waste = null, public ?int $wastePlates = null) {}

    /**
     * What was not eaten, g; null where nobody said.
     *
     * @param  float  $plate  g that a plate weighs
     */
    public function wasted(float $plate): ?float
    {
        return $this->waste ?? ($this->wastePlates === null ? null : $this->wastePlates * $plate);
    }

    /**
     * Whether the plate was what the dish asks for.
     *
     * @param  float  $looseness  asked for, g/g
     * @param  bool  $partCooked  it was to be stopped with its heart hard
     */
    public function asWanted(float $looseness, Scale $scale, bool $partCooked = false): bool
    {
        return in_array($this->bite, $partCooked ? [Bite::HardHeart, Bite::Crunchy, Bite::FirmHeart] : [Bite::Right, Bite::FirmHeart], true)
            && abs($this->looseness->value() - $looseness) <= $scale->step
            && $this->crust !== Browning::Burnt
            && in_array($this->salt, [null, SaltTaste::Right], true);
    }
}

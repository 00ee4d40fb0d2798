<?php

declare(strict_types=1);

namespace Velko\Core\Act;

use Velko\Core\Pan\State;

/** Something that goes in once: at its second, or as soon as the rice is so done, or as soon as so little of what was poured is left. */
final readonly class Due
{
    /**
     * @param  int  $number  of its own
     * @param  float  $second  since the first liquid; INF: at none
     * @param  float  $doneness  minutes at 100 °C; INF: at none
     * @param  float  $left  share of what was poured; 0: none
     * @param  float  $since  mL that must have been poured before that counts
     * @param  float  $free  g left, whatever was poured
     */
    public function __construct(
        public int $number,
        public Add $add,
        public float $second = INF,
        public float $doneness = INF,
        public float $left = 0.0,
        public float $since = 0.0,
        public float $free = -1.0,
    ) {}

    public function isOpen(State $state): bool
    {
        return ! isset($state->addedAt[$this->number]);
    }

    /** Whether it waits for anything at all; false: it goes in when somebody says so, and not before. */
    public function waits(): bool
    {
        return is_finite($this->second) || is_finite($this->doneness) || $this->left > 0.0 || $this->free >= 0.0;
    }

    /** @param  float  $late  s that it may be early */
    public function isDue(State $state, float $late): bool
    {
        return $state->second >= $this->second - $late || $state->doneness >= $this->doneness || $state->free <= $this->level($state);
    }

    /** Free liquid at which it is due, g; below nothing while none is. */
    public function level(State $state): float
    {
        return $state->poured > $this->since && ($this->left > 0.0 || $this->free >= 0.0) ? max($this->left * $state->poured, $this->free) : -1.0;
    }
}

<?php

declare(strict_types=1);

namespace Velko\Core\Learning;

/** Something worth changing, and what that rests on. */
final readonly class Advice
{
    /**
     * @param  'correct-ring'|'dish-takes'|'weigh-on-ring'  $kind  the marks of a ring are wrong; a dish takes more or less stock than planned; a ring is cooked on and hardly known
     * @param  string  $whose  the ring, or the dish, as the kitchen calls it
     * @param  float  $off  as a share; of what is hardly known, how far it may be off either way
     * @param  float|null  $least  as a share: nine times in ten it is no less; null of what is hardly known
     * @param  float|null  $most  likewise
     * @param  int  $cooks  it rests on
     * @param  float  $weight  against other things worth changing
     */
    public function __construct(public string $kind, public string $whose, public float $off, public ?float $least, public ?float $most, public int $cooks, public float $weight) {}
}

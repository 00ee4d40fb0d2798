<?php

declare(strict_types=1);

namespace App\Bench;

/**
 * How long a question that takes many plans may take. Most are answered whole in a fraction of it; where a pan takes long to
 * work out and the kitchen has much to compare it with, what is left when it is over is counted and left out. The first of
 * each list come whatever the clock says: a busy machine must not show less than a quiet one.
 */
final class TimeBudget
{
    /** For a screen: no list is longer in a kitchen of a usual size. */
    public const OF_EACH_LIST = 24;

    private readonly int $end;

    public int $leftOut = 0;

    /** @param  int  $always  so many of each list are done, however long they take */
    public function __construct(float $seconds = 1.0, private readonly int $always = 0)
    {
        $this->end = hrtime(true) + (int) (1e9 * $seconds);
    }

    /**
     * @template T
     *
     * @param  list<callable(): T>  $each
     *
     * @return list<T> the first of them, and what there was time for
     */
    public function each(array $each): array
    {
        $done = [];
        foreach ($each as $callback) {
            if (count($done) < $this->always || hrtime(true) < $this->end) {
                $done[] = $callback();
            } else {
                $this->leftOut++;
            }
        }

        return $done;
    }
}

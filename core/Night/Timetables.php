<?php

declare(strict_types=1);

namespace Velko\Core\Night;

/** How long each pan of the night would take: by real plans, each worked out once. */
interface Timetables
{
    /**
     * Every pan a dish may be cooked in, with a ring it may stand on and as much rice as it takes there; the smallest first.
     *
     * @return list<array{int, int, float}> pan, ring, g raw
     */
    public function places(int $dish): array;

    /** The number of the same dish cooked part-way before the service and finished to order; null where it is not. */
    public function toOrder(int $dish): ?int;

    /**
     * How long so many covers take there; null where no plan of it can be cooked.
     *
     * @param  float  $rice  g raw, all of them
     */
    public function of(int $dish, int $pan, int $ring, int $covers, float $rice): ?Timetable;
}

<?php

declare(strict_types=1);

namespace Velko\Core\Service;

/** How long each pan of the night would take: by real plans, each worked out once. */
interface Lengths
{
    /**
     * Every pan a dish may be cooked in, with a ring it may stand on and as many covers as it takes there; the smallest first.
     *
     * @return list<array{int, int, int}> pan, ring, covers
     */
    public function places(int $dish): array;

    /** How long so many covers take there; null where no plan of it can be cooked. */
    public function of(int $dish, int $pan, int $ring, int $covers): ?Length;
}

<?php

declare(strict_types=1);

namespace Velko\Core\Vessel;

/** One pan of several that share the covers; those of one round cook at once, the next round when the pans are free again. */
final readonly class Batch
{
    /**
     * @param  int  $pan  id
     * @param  int  $burner  id
     * @param  int  $most  covers it would hold
     * @param  int  $round  from 1
     */
    public function __construct(public int $pan, public int $burner, public int $covers, public int $most, public int $round = 1) {}
}

<?php

declare(strict_types=1);

namespace Velko\Core\Vessel;

/** One pan of several that share the covers. */
final readonly class Batch
{
    /**
     * @param  int  $pan  id
     * @param  int  $burner  id
     * @param  int  $most  covers it would hold
     */
    public function __construct(public int $pan, public int $burner, public int $covers, public int $most) {}
}

<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

use Velko\Core\Crust\CrustWish;

/** What is wanted at the table. */
final readonly class Target
{
    /**
     * @param  float  $looseness  free liquid per raw rice, g/g
     * @param  float  $minutesToTable  from the pass
     */
    public function __construct(
        public float $looseness,
        public float $minutesToTable,
        public CrustWish $crust = CrustWish::None,
    ) {}

    public function with(CrustWish $crust): self
    {
        return new self($this->looseness, $this->minutesToTable, $crust);
    }
}

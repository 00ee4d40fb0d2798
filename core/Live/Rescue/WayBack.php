<?php

declare(strict_types=1);

namespace Velko\Core\Live\Rescue;

use Velko\Core\Cook\Trouble;
use Velko\Core\Pan\State;
use Velko\Core\Quantity\Fact;

/** The way back for this very pan. */
final readonly class WayBack
{
    /**
     * @param  list<Fact>  $do  in order, with this pan's numbers
     * @param  State  $atTable  what comes to the table if it is done
     * @param  float|null  $splash  mL to pour at once, where the first thing is to pour
     * @param  bool  $water  hot water in place of stock
     * @param  float|null  $lift  mL to lift out at once
     * @param  string|null  $mark  where the knob goes at once
     * @param  float|null  $lidFor  min for which a lid goes on at once
     * @param  float|null  $minutes  on the fire from now, where there is a time to it
     * @param  Fact|null  $beware  what will stay of it, or what can hurt
     * @param  bool  $mends  else no remedy does, and what is to do says so
     */
    public function __construct(
        public Trouble $trouble,
        public array $do,
        public State $atTable,
        public ?float $splash = null,
        public bool $water = false,
        public ?float $lift = null,
        public ?string $mark = null,
        public ?float $lidFor = null,
        public ?Fact $beware = null,
        public ?float $minutes = null,
        public bool $mends = true,
    ) {}
}

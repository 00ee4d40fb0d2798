<?php

declare(strict_types=1);

namespace Velko\Core\Cook;

use Velko\Core\Quantity\Fact;

/** One thing to do, and when. */
final readonly class Stage
{
    /**
     * @param  float  $minute  of the cook; 0 is the first liquid
     * @param  float|null  $volume  mL
     * @param  float|null  $ladles  of the ladle in hand
     * @param  string|null  $mark  where the knob stands from here
     * @param  Fact  $say  the sign to wait for or to look at
     * @param  Item|null  $item  what goes in, where it is neither stock nor wine
     * @param  list<Item>  $items  what goes in together, comes out, or goes on top
     * @param  float|null  $reach  °C that the middle of its items reaches before it goes on
     * @param  float|null  $shift  of the pan's middle from the ring's from here, cm
     */
    public function __construct(
        public float $minute,
        public StageKind $kind,
        public Fact $say,
        public ?float $volume = null,
        public ?float $ladles = null,
        public ?string $mark = null,
        public ?Item $item = null,
        public ?float $shift = null,
        public array $items = [],
        public ?float $reach = null,
    ) {}

    /** The same step, told by another sign. */
    public function saying(Fact $say): self
    {
        return new self($this->minute, $this->kind, $say, $this->volume, $this->ladles, $this->mark, $this->item, $this->shift, $this->items, $this->reach);
    }

    /** @param  list<Item>  $items */
    public function withItems(array $items): self
    {
        return new self($this->minute, $this->kind, $this->say, $this->volume, $this->ladles, $this->mark, $this->item, $this->shift, $items, $this->reach);
    }
}

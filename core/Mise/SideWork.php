<?php

declare(strict_types=1);

namespace Velko\Core\Mise;

use Velko\Core\Quantity\Fact;

/** Work beside the pan that must be ready in time: a stock, a sofrito, a fillet. */
final readonly class SideWork
{
    /**
     * @param  float  $takes  min from its start until it is ready
     * @param  float  $hands  min of hands in it
     * @param  bool  $ahead  can be done before service
     * @param  int|null  $needs  place in its list of what must be ready before this is begun, which stands before it
     * @param  float  $drinks  mL of the hot stock that it takes and carries into the pan with it: saffron steeped
     * @param  float  $gives  mL of its own liquor that go to the stock: what cuttlefish was braised in
     * @param  bool  $onRing  stands on a ring of its own from its start until it is ready
     */
    public function __construct(public Fact $what, public ReadyBy $ready, public float $takes, public float $hands, public bool $ahead, public ?int $needs = null, public float $drinks = 0.0, public float $gives = 0.0, public bool $onRing = false) {}

    /** The same, begun after another that stands before it. */
    public function needing(?int $place): self
    {
        return new self($this->what, $this->ready, $this->takes, $this->hands, $this->ahead, $place, $this->drinks, $this->gives, $this->onRing);
    }

    /** What the kitchen calls it; nothing where it is what every pan needs. */
    public function name(): string
    {
        $text = $this->what->args['text'] ?? '';

        return is_string($text) ? $text : '';
    }
}

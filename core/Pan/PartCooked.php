<?php

declare(strict_types=1);

namespace Velko\Core\Pan;

/** Rice that was cooked part-way, spread, cooled and kept cold: what a gram of it, raw, has in it when it goes into a pan again. */
final readonly class PartCooked
{
    /**
     * @param  float  $doneness  minutes at 100 °C
     * @param  float  $drunk  g of water in the grain
     * @param  float  $free  g still loose between the grains
     * @param  float  $salt  g that its stock has left in it
     * @param  float  $temperature  °C
     */
    public function __construct(public float $doneness, public float $drunk, public float $free, public float $salt, public float $temperature) {}
}

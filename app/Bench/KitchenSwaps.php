<?php

declare(strict_types=1);

namespace App\Bench;

use App\Kitchen\Station;
use App\Models\Stock;
use Closure;
use Velko\Core\Planning\Around\Swap;
use Velko\Core\Planning\Around\Swaps;
use Velko\Core\Planning\Plan;
use Velko\Core\Quantity\Fact;
use Velko\Core\Safety\SwapEffect;
use Velko\Core\Vessel\PanChoice;

/** What this kitchen itself can take in place of what was asked: its other stocks, and its other pans with the ring each goes on. */
final readonly class KitchenSwaps
{
    public function __construct(private KitchenAsk $asked, private Plan $plan) {}

    /** @return list<Closure(): Swap> each to be worked out */
    public function stocks(): array
    {
        $now = $this->asked->dish->stock;
        $others = $this->asked->kitchen->stocks->where('id', '!=', $now->id)->sortBy('name');

        return array_values($others->map(fn (Stock $other): Closure => fn (): Swap => Swaps::stock($this->plan, Fact::of('swap.for', this: $other->name, that: $now->name), $other->held_at_c, $other->salt_percent)
            ->andAlso(SwapEffect::of($now->part(), $other->part(), $this->asked->dish->diet), SwapEffect::unfit($other->part(), $this->asked->dish->diet)))->all());
    }

    /** @return list<Closure(): array{swap: Swap, take: array<string, mixed>}> each to be worked out, with the change of the ask that takes it */
    public function pans(): array
    {
        $pans = $this->asked->kitchen->pans->keyBy('id');
        $burners = $this->asked->kitchen->burners->keyBy('id');
        $corePans = $pans->map(Station::pan(...))->all();
        $coreBurners = $burners->map(Station::burner(...))->all();
        $swaps = [];
        foreach (PanChoice::pairs($corePans, $coreBurners, Station::fit($this->asked->dish)) as [$pan, $burner]) {
            // The first ring is the smallest that serves the pan.
            if ($pan !== $this->asked->pan->id && ! isset($swaps[$pan])) {
                $name = Fact::of('swap.pan-on-ring', pan: $pans[$pan]->name ?? '', ring: $burners[$burner]->name ?? '');
                $swaps[$pan] = fn (): array => ['swap' => Swaps::pan($this->plan, $name, $corePans[$pan], $coreBurners[$burner]), 'take' => ['pan_id' => $pan, 'burner_id' => $burner, 'heat' => null]];
            }
        }

        return array_values($swaps);
    }
}

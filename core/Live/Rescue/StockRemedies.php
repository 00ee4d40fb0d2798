<?php

declare(strict_types=1);

namespace Velko\Core\Live\Rescue;

use Velko\Core\Cook\Trouble;
use Velko\Core\Quantity\Fact;
use Velko\Core\Quantity\Mass;
use Velko\Core\Quantity\Volume;
use Velko\Core\Season\Salt;

/** The ways back of too much salt, and of a stock that ran out. */
final readonly class StockRemedies
{
    /** Salt that a tongue calls too much, percent of the plate, at least. */
    private const SALTY = 1.25;

    public function __construct(private PanAsSeen $seen) {}

    public function of(Trouble $trouble): ?WayBack
    {
        return match ($trouble) {
            Trouble::TooSalty => $this->tooSalty(),
            Trouble::StockOut => $this->stockOut(),
            default => null,
        };
    }

    private function tooSalty(): WayBack
    {
        $left = max(0.0, $this->seen->forecast->projection->stock());
        $state = $this->seen->forecast->projection->atTable;
        $finish = $this->seen->ask->finish;
        $plate = $this->seen->rice * (1 + $state->drunk) + $state->free + $finish->weight();
        $salt = max($state->salt + $finish->salt(), self::SALTY / 100 * $plate);
        $percent = static fn (float $grams): float => Salt::percent($grams, $plate);
        $spared = $left * $this->seen->ask->stock->saltPercent / 100;
        $do = [];
        if ($left >= 5) {
            $do[] = Fact::of('do.last-as-water', volume: Volume::ofMl($left), salt: $percent($salt - $spared), instead: $percent($salt));
        } elseif ($this->seen->ask->family->traits()->driesOut) {
            $do[] = Fact::of('do.keep-it-dry');
        } else {
            // As much as leaves it within one word of what was asked.
            $water = PanAsSeen::jug(max(0.0, $this->seen->ask->target->looseness * $this->seen->rice + $this->seen->ask->family->traits()->scale->step * $this->seen->rice - $state->free));
            $do[] = $water < 5
                ? Fact::of('do.plain-beside-it')
                : Fact::of('do.water-loosens', volume: Volume::ofMl($water), salt: Salt::percent($salt, $plate + $water));
        }
        if ($finish->salt() > 0) {
            $do[] = Fact::of('do.no-cheese', salt: $percent($salt - $spared - $finish->salt()));
        }

        return new WayBack(Trouble::TooSalty, $do, $state, beware: Fact::of('beware.dietitian'));
    }

    private function stockOut(): WayBack
    {
        $left = max(0.0, $this->seen->forecast->projection->stock());
        $salt = $left * $this->seen->ask->stock->saltPercent / 100;

        return new WayBack(Trouble::StockOut, $left < 5
            ? [Fact::of('do.nothing-needed')]
            : [Fact::of('do.water-in-its-place', volume: Volume::ofMl($left)), Fact::of('do.with-salt', weight: Mass::ofG($salt))], $this->seen->forecast->projection->atTable, water: true);
    }
}

<?php

declare(strict_types=1);

namespace Velko\Core\Live\Rescue;

use LogicException;
use Velko\Core\Cook\Trouble;
use Velko\Core\Live\Forecast;
use Velko\Core\Pan\Simulation;
use Velko\Core\Planning\Ask;
use Velko\Core\Quantity\Fact;
use Velko\Core\Rice\Bite;
use Velko\Core\Rice\Grain;

/**
 * "Something is off": the usual ways back, worked out for this very pan. How many mL, how hot, how many minutes, and what
 * the plate will be. What the cook sees outweighs what the engine thinks: the pan is taken as it was seen.
 */
final readonly class Rescue
{
    /** Rice is called done but wet no sooner than so long before its window, min. */
    private const LATE = 5.0;

    private Ask $ask;

    private float $rice;

    private PanAsSeen $seen;

    public function __construct(private Forecast $forecast)
    {
        $this->seen = new PanAsSeen($forecast);
        $this->ask = $this->seen->ask;
        $this->rice = $this->seen->rice;
    }

    /** @return list<WayBack> for all that can be wrong with such a dish as it stands; where no remedy mends it, what it will be */
    public function all(): array
    {
        return array_map($this->from(...), array_values(array_filter($this->ask->family->traits()->troubles, $this->canBe(...))));
    }

    /** Whether a pan as it stands can look so: no crust is bitter under liquid, and no top is hard while it swims. */
    private function canBe(Trouble $trouble): bool
    {
        $now = $this->forecast->now;

        return match ($trouble) {
            Trouble::Bitter => $now->free <= Simulation::WET * $this->rice,
            Trouble::TopHard => $now->free <= Grain::gaps($this->rice, $now->drunk),
            Trouble::WetLate => $now->doneness >= $this->ask->grain->window->low - self::LATE,
            default => true,
        };
    }

    /** The way back; where none mends it, what the plate will be, and nothing to do at once. */
    public function from(Trouble $trouble): WayBack
    {
        $way = $this->remedy($trouble);

        return $this->mends($way) ? $way : new WayBack($trouble, [
            Fact::of('do.nothing-mends'), Fact::of('do.another-pan'),
        ], $way->atTable, mends: false);
    }

    /** Whether what it is for is right at the table: the bite of rice that was hard, the liquid of one that swam or was tight. */
    private function mends(WayBack $way): bool
    {
        $word = abs($this->looseness($way) - $this->ask->target->looseness) <= $this->ask->family->traits()->scale->step;

        return match ($way->trouble) {
            Trouble::HardAndDry, Trouble::HardAndWet, Trouble::SoftOutside, Trouble::DryEarly, Trouble::TopHard => $this->bite($way) === Bite::Right,
            Trouble::WetLate => $word && $this->bite($way) !== Bite::Mush,
            Trouble::Swimming, Trouble::Tight, Trouble::SetUp => $word,
            default => true,
        };
    }

    private function remedy(Trouble $trouble): WayBack
    {
        return (new BiteRemedies($this->seen))->of($trouble)
            ?? (new LiquidRemedies($this->seen))->of($trouble)
            ?? (new FloorRemedies($this->seen))->of($trouble)
            ?? (new StockRemedies($this->seen))->of($trouble)
            ?? throw new LogicException("No remedies have $trouble->value.");
    }

    /** In a cook's words. */
    public function plate(WayBack $way): string
    {
        return $this->ask->family->traits()->scale->nearest($this->looseness($way))->value;
    }

    /** Free liquid per raw rice at the table, g/g. */
    public function looseness(WayBack $way): float
    {
        return $way->atTable->free / $this->rice;
    }

    public function bite(WayBack $way): Bite
    {
        return Bite::of($this->ask->grain, $way->atTable->doneness, $way->atTable->drunkAboveTheCrust($this->rice));
    }
}

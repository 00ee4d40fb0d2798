<?php

declare(strict_types=1);

namespace Velko\Core\Live\Rescue;

use Velko\Core\Cook\Trouble;
use Velko\Core\Method\Stirring;
use Velko\Core\Pan\Simulation;
use Velko\Core\Quantity\Duration;
use Velko\Core\Quantity\Fact;
use Velko\Core\Quantity\Volume;

/** The ways back of a pan with too much liquid, or too little. */
final readonly class LiquidRemedies
{
    /** Rice that is called nearly done is at most so far below its window, min. */
    private const NEARLY = 0.5;

    /** Rice that swims has at least so much more than asked, g/g (one word of the scale and a half). */
    private const SWIMS = 0.35;

    /** Rice that is tight has at most this share of what was asked. */
    private const TIGHT = 0.5;

    public function __construct(private PanAsSeen $seen) {}

    public function of(Trouble $trouble): ?WayBack
    {
        return match ($trouble) {
            Trouble::Swimming => $this->swimming(),
            Trouble::Tight, Trouble::SetUp => $this->tight($trouble),
            Trouble::WetLate => $this->wetLate(),
            default => null,
        };
    }

    private function swimming(): WayBack
    {
        $target = $this->seen->ask->target->looseness;
        $state = $this->seen->state(atLeast: $target + self::SWIMS);
        $strongest = $this->seen->strongest();
        $trial = new Trial($this->seen->ask, $state, $strongest);
        [$minutes, $down] = $trial->untilDownTo($target * $this->seen->rice);
        $then = new Trial($this->seen->ask, $down, $this->seen->mark);
        [, $atTable] = $then->untilDone($then->pourForLooseness());
        [, $wet] = $trial->untilDone();
        $lift = PanAsSeen::jug(max(0.0, $wet->free - $target * $this->seen->rice));
        if ($lift <= 0.0 || $atTable->doneness < $this->seen->ask->grain->window->middle() + self::NEARLY) {
            return new WayBack(Trouble::Swimming, [
                $this->seen->turn($strongest),
                Fact::of($this->seen->ask->family->traits()->stirring === Stirring::Constant ? 'do.stir-hard' : 'do.let-it-roll'),
                Fact::of('do.nothing-for', time: Duration::ofMinutes($minutes)),
            ], $atTable, mark: $this->seen->ifOther($strongest), minutes: $minutes);
        }
        $lifted = clone $state;
        $lifted->free -= min($lifted->free, $lift);
        $lifted->liftedOut += $lift;
        [$left, $atTable] = (new Trial($this->seen->ask, $lifted, $strongest))->untilDone();

        return new WayBack(Trouble::Swimming, [
            Fact::of('do.lift-out', volume: Volume::ofMl($lift)),
            $this->seen->turn($strongest),
            Fact::of('do.time-more', time: Duration::ofMinutes($left)),
        ], $atTable, lift: $lift, mark: $this->seen->ifOther($strongest), minutes: $left);
    }

    private function tight(Trouble $trouble): WayBack
    {
        $state = $this->seen->state(atMost: self::TIGHT * $this->seen->ask->target->looseness);
        $trial = new Trial($this->seen->ask, $state, $this->seen->mark);
        $off = $this->seen->forecast->standing !== null;
        $short = $off ? max(0.0, $this->seen->ask->target->looseness * $this->seen->rice - $state->free) : $trial->pourForLooseness();
        $stock = max(5.0, PanAsSeen::jug($short));
        $spoon = PanAsSeen::jug(max(5.0, $stock / 4));
        $atTable = clone $state;
        if ($off) {
            $atTable->free += $stock;
        } else {
            [, $atTable] = $trial->untilDone($stock);
        }

        return new WayBack($trouble, [
            Fact::of('do.stock-at-a-time', each: Volume::ofMl($spoon), all: Volume::ofMl($stock)),
            Fact::of($this->seen->ask->family->traits()->stirring === Stirring::Constant ? 'do.beat-it-in' : 'do.turn-it-over'),
        ], $atTable, splash: $stock, beware: $trouble === Trouble::SetUp ? Fact::of('beware.not-as-clear') : null);
    }

    private function wetLate(): WayBack
    {
        $strongest = $this->seen->strongest();
        $state = $this->seen->state(atLeast: Simulation::WET);
        $state->doneness = max($state->doneness, $this->seen->ask->grain->window->low - self::NEARLY);
        [$minutes, $atTable] = (new Trial($this->seen->ask, $state, $strongest))->untilDry();

        return new WayBack(Trouble::WetLate, [
            $this->seen->turn($strongest),
            Fact::of('do.dry-watch-the-floor', time: Duration::ofMinutes($minutes)),
            Fact::of('do.off-when-toasted'),
        ], $atTable, mark: $this->seen->ifOther($strongest), minutes: $minutes);
    }
}

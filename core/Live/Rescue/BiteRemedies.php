<?php

declare(strict_types=1);

namespace Velko\Core\Live\Rescue;

use Velko\Core\Cook\Trouble;
use Velko\Core\Pan\Simulation;
use Velko\Core\Pan\State;
use Velko\Core\Pan\TopLayer;
use Velko\Core\Quantity\Duration;
use Velko\Core\Quantity\Fact;
use Velko\Core\Quantity\Length;
use Velko\Core\Quantity\Volume;
use Velko\Core\Rice\Kinetics;

/** The ways back of rice whose bite is not right: hard at heart, hard on top, dry before it is done. */
final readonly class BiteRemedies
{
    /** A lid for so long, min: "two minutes". */
    private const LID = 2.0;

    /** Longest rest under a cover that is asked for, min. */
    private const LONGEST_REST = 8.0;

    /** A rest under a cover that evens a grain out, min; and the shortest that does. */
    private const REST = 4.0;

    private const SHORTEST_REST = 2.0;

    public function __construct(private PanAsSeen $seen) {}

    public function of(Trouble $trouble): ?WayBack
    {
        return match ($trouble) {
            Trouble::HardAndDry => $this->hardAndDry(),
            Trouble::HardAndWet => $this->hardAndWet(),
            Trouble::SoftOutside => $this->softOutside(),
            Trouble::DryEarly => $this->dryEarly(),
            Trouble::TopHard => $this->topHard(),
            default => null,
        };
    }

    private function hardAndDry(): WayBack
    {
        $state = $this->seen->state(dry: true, hard: true);
        $lower = $this->seen->gentler($state);
        $trial = new Trial($this->seen->ask, $state, $lower);
        $stock = PanAsSeen::jug($trial->pourForLooseness(self::LID));
        [$minutes, $atTable] = $trial->untilDone($stock, self::LID);
        $first = PanAsSeen::jug(min($stock, $this->seen->ask->ladle->ml / 2 * ceil($this->seen->rice / 320)));

        return new WayBack(Trouble::HardAndDry, [
            Fact::of('do.stock-now', first: Volume::ofMl($first), all: Volume::ofMl($stock)),
            $this->seen->turn($lower),
            Fact::of('do.lid-for', time: Duration::ofMinutes(self::LID)),
            Fact::of('do.time-more', time: Duration::ofMinutes($minutes)),
        ], $atTable, splash: $first, mark: $this->seen->ifOther($lower), lidFor: self::LID, minutes: $minutes);
    }

    private function hardAndWet(): WayBack
    {
        $state = $this->seen->state(hard: true, atLeast: Simulation::WET);
        if ($this->seen->ask->family->traits()->driesOut) {
            [$mark, $minutes, $atTable] = $this->dryWhenDone($state);
            $stock = 0.0;
            if ($atTable->doneness < $this->seen->ask->grain->window->rightFrom()) {
                $trial = new Trial($this->seen->ask, $state, $mark);
                $stock = PanAsSeen::jug($trial->pourToFallDry());
                [$minutes, $atTable] = $trial->untilDry($stock);
            }

            return new WayBack(Trouble::HardAndWet, [
                $this->seen->turn($mark),
                ...$stock > 0.0 ? [Fact::of('do.sprinkle', volume: Volume::ofMl($stock))] : [],
                Fact::of('do.dry-in', time: Duration::ofMinutes($minutes)),
            ], $atTable, splash: $stock > 0.0 ? $stock : null, mark: $this->seen->ifOther($mark), minutes: $minutes);
        }
        $higher = $this->seen->ask->burner->above($this->seen->mark) ?? $this->seen->mark;
        $trial = new Trial($this->seen->ask, $state, $higher);
        $stock = PanAsSeen::jug($trial->pourForLooseness());
        [$minutes, $atTable] = $trial->untilDone($stock);

        return new WayBack(Trouble::HardAndWet, [
            $this->seen->turn($higher),
            Fact::of('do.give-it', time: Duration::ofMinutes($minutes)),
            $stock >= 5 ? Fact::of('do.still-goes-in', volume: Volume::ofMl($stock)) : Fact::of('do.nothing-more'),
        ], $atTable, mark: $this->seen->ifOther($higher), minutes: $minutes);
    }

    /**
     * The mark on which what is left is gone when the rice is done: not always a higher one, though it is wet.
     *
     * @return array{string, float, State} the mark, minutes from now until dry, and the pan at the table
     */
    private function dryWhenDone(State $state): array
    {
        $wanted = $this->seen->ask->grain->window->middle();
        $tried = array_map(fn (string $mark): array => [$mark, ...(new Trial($this->seen->ask, $state, $mark))->untilDry()], $this->seen->ask->burner->settings());
        usort($tried, static fn (array $a, array $b): int => abs($a[2]->doneness - $wanted) <=> abs($b[2]->doneness - $wanted));

        return $tried[0];
    }

    /** It evens out in a covered rest: for as long as it takes, or for as long as the bite still allows. */
    private function softOutside(): WayBack
    {
        $state = $this->seen->state(hard: true);
        $lower = $this->seen->gentler($state);
        $shortest = max($this->seen->ask->method->rest, self::SHORTEST_REST);
        $rest = max($this->seen->ask->method->rest, self::REST);
        do {
            $resting = $this->seen->ask->withMethod(['rest' => $rest, 'restCovered' => true]);
            $trial = new Trial($resting, $state, $lower);
            $stock = PanAsSeen::jug($trial->pourForLooseness());
            [$minutes, $atTable] = $trial->untilDone($stock);
            $rest--;
        } while ($rest >= $shortest && $atTable->doneness > $this->seen->ask->grain->window->rightTo());
        $dose = PanAsSeen::jug(min($stock, $this->seen->ask->ladle->ml / 2));

        return new WayBack(Trouble::SoftOutside, [
            $this->seen->turn($lower),
            Fact::of('do.time-in-doses', time: Duration::ofMinutes($minutes), dose: Volume::ofMl($dose), all: Volume::ofMl($stock)),
            Fact::of('do.then-rest', time: Duration::ofMinutes($resting->method->rest)),
        ], $atTable, splash: $dose > 0 ? $dose : null, mark: $this->seen->ifOther($lower), beware: Fact::of('beware.stays-soft'), minutes: $minutes);
    }

    private function dryEarly(): WayBack
    {
        $lowest = $this->seen->ask->burner->weakest();
        $trial = new Trial($this->seen->ask, $this->seen->state(dry: true, hard: true), $lowest);
        $stock = max(10.0, PanAsSeen::jug($trial->pourForDoneness()));
        [$minutes, $atTable] = $trial->coveredUntilDone($stock);

        return new WayBack(Trouble::DryEarly, [
            Fact::of('do.sprinkle', volume: Volume::ofMl($stock)),
            Fact::of('do.cover'),
            $this->seen->turn($lowest),
            Fact::of('do.time', time: Duration::ofMinutes($minutes)),
        ], $atTable, splash: $stock, mark: $this->seen->ifOther($lowest), lidFor: $minutes, minutes: $minutes);
    }

    private function topHard(): WayBack
    {
        $lowest = $this->seen->ask->burner->weakest();
        $state = $this->seen->forecast->now;
        $depth = $this->seen->ask->pan->layer($this->seen->rice, $state->drunk);
        $pace = min(1 - 0.15, TopLayer::pace($depth, false, false));
        $behind = max(1.0, $state->doneness * (1 - $pace) / 2);
        $minutes = min(self::LONGEST_REST, $behind / Kinetics::pace($this->seen->ask->conditions()->boiling));
        $covered = clone $state;
        [, $atTable] = (new Trial($this->seen->ask, $covered, $lowest))->untilDry(0.0, $minutes);

        return new WayBack(Trouble::TopHard, [
            Fact::of('do.damp-paper'),
            $this->seen->turn($lowest),
            Fact::of('do.time-for-the-top', time: Duration::ofMinutes($minutes), depth: Length::ofMm(round($depth))),
        ], $atTable, mark: $this->seen->ifOther($lowest), lidFor: $minutes, beware: Fact::of('beware.paper'), minutes: $minutes);
    }
}

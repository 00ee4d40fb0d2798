<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

use Velko\Core\Food\Portion;
use Velko\Core\Method\PartCooking;
use Velko\Core\Pan\Conditions;
use Velko\Core\Pan\PartCooked;
use Velko\Core\Pan\Simulation;
use Velko\Core\Pan\State;
use Velko\Core\Season\Finish;
use Velko\Core\Vessel\Pan;

/**
 * Rice that is cooked part-way before the service, spread thin to cool and kept cold, and finished to order: both halves by the
 * same engine, the second from the state in which the first was stopped (common practice in restaurants, no single source).
 */
final readonly class PartCookedPlan
{
    /** It leaves its pan moist, so that it does not dry on the tray, g/g (our estimate). */
    private const MOIST = 0.30;

    /** It steams in the open for so long before it goes where it is cold, min (common practice: "until it steams no more"). */
    private const STEAMS_OFF = 10.0;

    /** Air of a fridge, °C. */
    private const FRIDGE = 3.0;

    /** From here on nothing of it cooks or drinks any more, and it cools as Newton has it, °C. */
    private const STILL = 40.0;

    /** Between looks at how warm it still is, s. */
    private const LOOKS_EVERY = 15.0;

    private const LONGEST = 4 * 3600.0;

    /** What a tray on a rack loses to the air, on both sides together, W/(m²·K) (usual value for still air with radiation; from memory). */
    private const TAKES = 20.0;

    /** Cooked rice passes heat on, W/(m·K) (usual value for moist cooked rice; from memory). */
    private const CONDUCTS = 0.5;

    /** @param  Ask  $dish  the whole of it, as it would be asked for in one go */
    public function __construct(private Ask $dish, private PartCooking $part) {}

    /** What is cooked ahead: stopped part-way and moist, with what goes in until then and nothing of what goes in after. */
    public function cookedAhead(): Ask
    {
        return $this->dish->withGrain($this->dish->grain->upTo($this->part->share))
            ->withFinish(new Finish(0.0, 0.0, $this->dish->finish->salted, $this->dish->finish->butterTemperature))
            ->withTarget(new Target(self::MOIST, 0.0))
            ->withFood(array_filter($this->dish->food, $this->isAhead(...)))
            ->withMethod(['finish' => 0.0, 'rest' => 0.0, 'finishOnTheHeat' => false, 'plated' => false, 'partCooking' => $this->part]);
    }

    /** What is finished to order: the rest of the way, from the cold, with what went in ahead already in it. */
    public function toOrder(PartCooked $part): Ask
    {
        $food = array_map(fn (Portion $portion): Portion => match (true) {
            $this->isAhead($portion) => $portion->inTheBase(),
            $portion->minute !== null => $portion->at(max(0.0, $portion->minute - $this->part->stops($this->dish->grain->window))),
            default => $portion,
        }, $this->dish->food);

        return $this->dish->withWine(0.0)->withFood($food)->withMethod(['partCooked' => $part]);
    }

    private function isAhead(Portion $portion): bool
    {
        return $this->part->takes($portion->goes, $portion->minute, $this->dish->grain->window);
    }

    /**
     * Spread, left to steam off, then put where it is cold.
     *
     * @param  Ask  $ahead  what was cooked
     * @param  State  $stopped  as it came out of its pan
     * @param  float|null  $layer  mm that it is spread; null: as is said
     */
    public function cooled(Ask $ahead, State $stopped, ?float $layer = null): CooledRice
    {
        $layer ??= $this->part->layer;
        $rice = $ahead->rice();
        $state = clone $stopped;
        $area = ($rice * (1 + $state->drunk) / Pan::COOKED_G_PER_ML + $ahead->roomOfFood()) / 1000 / $layer;
        // From the middle of the layer outwards it passes its heat on through a third of its half.
        $losing = $area / (1 / self::TAKES + $layer / 1000 / 2 / 3 / self::CONDUCTS);
        [$counts, $from, $second] = [null, $state->second, 0.0];
        $open = new Simulation($ahead->grain, Conditions::at($ahead->surroundings->altitude, $ahead->surroundings->room, $ahead->pan), $rice);
        $cold = new Simulation($ahead->grain, Conditions::at($ahead->surroundings->altitude, self::FRIDGE, $ahead->pan), $rice);
        foreach ([[$open, 60 * self::STEAMS_OFF], [$cold, self::LONGEST]] as [$simulation, $until]) {
            $simulation->spread($state, $area, $losing);
            for (; $second < $until && $state->temperature > self::STILL; $second += self::LOOKS_EVERY) {
                $counts ??= $state->temperature <= CooledRice::COUNTS_FROM ? $second : null;
                $simulation->run($state, $from + $second + self::LOOKS_EVERY);
            }
        }
        $slows = $cold->capacity($state) / $losing;
        $to = static fn (float $celsius): float => ($second - ($counts ?? $second) + $slows * log(($state->temperature - self::FRIDGE) / ($celsius - self::FRIDGE))) / 60;

        return new CooledRice(
            new PartCooked($state->doneness, $state->drunk, $state->free / $rice, max(0.0, $state->salt - self::saltOfFood($ahead)) / $rice, CooledRice::COLD),
            $area, $to(CooledRice::FIRST), $to(CooledRice::COLD),
        );
    }

    /** The salt that came with everything else and is counted with it again, g. */
    private static function saltOfFood(Ask $ask): float
    {
        return array_sum(array_map(static fn (Portion $portion): float => $portion->isInThePan() ? $portion->salt() : 0.0, $ask->food));
    }
}

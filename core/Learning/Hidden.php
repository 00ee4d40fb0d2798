<?php

declare(strict_types=1);

namespace Velko\Core\Learning;

use Velko\Core\Food\Sweated;
use Velko\Core\Planning\Ask;
use Velko\Core\Rice\Doubt;
use Velko\Core\Vessel\Burner;

/**
 * A number of the kitchen that no plan knows, as the logarithm of a factor on what is taken for it: what it is called, how far off it
 * may be before anybody has cooked, and how far one cook of it lies from the next.
 */
final readonly class Hidden
{
    /** One standard deviation of a ring against its marks, of one mark against its ring, and of a cook against both: the pan half off the flame (our estimates; the first two together are the 20 % of a knob). */
    private const RING = 0.18;

    private const MARK = 0.08;

    private const RING_A_COOK = 0.04;

    /** Of what a rice drinks in the end, from batch to batch (our estimate). */
    private const DRINKING_A_COOK = 0.02;

    /** Of the minutes after which it is done, from batch to batch (our estimate). */
    private const DONENESS_A_COOK = 0.02;

    /** Of how fast the floor browns: sugar in what the rice drank, the metal (our estimate); and from one pan to the next. */
    private const CRUST = 0.5;

    private const CRUST_A_COOK = 0.15;

    /** Of what a sweated base weighs: onions that lose 30 ± 10 % weigh 0.70 ± 0.10 after (our estimate); and from one cook to the next: minutes, flame, how fine they are cut. */
    private const BASE = 0.14;

    private const BASE_A_COOK = 0.05;

    /** @param  'ring-power'|'drinking'|'doneness'|'crust'|'base-yield'  $of */
    private function __construct(public string $of, public string $whose, public ?string $mark, public float $spread, public float $aCook) {}

    public static function ring(string $ring): self
    {
        return new self('ring-power', $ring, null, self::RING, self::RING_A_COOK);
    }

    public static function mark(string $ring, string $mark): self
    {
        return new self('ring-power', $ring, $mark, self::MARK, 0.0);
    }

    public static function drinking(string $rice): self
    {
        return new self('drinking', $rice, null, Doubt::DRINKING, self::DRINKING_A_COOK);
    }

    public static function doneness(string $rice): self
    {
        return new self('doneness', $rice, null, Doubt::DONENESS, self::DONENESS_A_COOK);
    }

    public static function crust(string $rice): self
    {
        return new self('crust', $rice, null, self::CRUST, self::CRUST_A_COOK);
    }

    public static function base(string $dish): self
    {
        return new self('base-yield', $dish, null, self::BASE, self::BASE_A_COOK);
    }

    /** @param  'ring-power'|'drinking'|'doneness'|'crust'|'base-yield'  $of */
    public static function of(string $of, string $whose, ?string $mark): self
    {
        return match ($of) {
            'ring-power' => $mark === null ? self::ring($whose) : self::mark($whose, $mark),
            'drinking' => self::drinking($whose),
            'doneness' => self::doneness($whose),
            'crust' => self::crust($whose),
            'base-yield' => self::base($whose),
        };
    }

    /** By which it is known among others. */
    public function key(): string
    {
        return "$this->of|$this->whose|$this->mark";
    }

    /** What is taken for it where an ask says so: W of a mark; g drunk by a gram in ample liquid, and minutes at 100 °C, by the middle of its window; how fast a floor browns against ours; g that a gram of base weighs once it is sweated; 1 for a ring, which is all of its marks. */
    public function given(Ask $ask): float
    {
        $middle = $ask->grain->tooth()->middle();

        return match ($this->of) {
            'ring-power' => $this->mark === null ? 1.0 : $ask->burner->net[$this->mark],
            'drinking' => $ask->grain->drunkInAmpleLiquid($middle),
            'doneness' => $middle,
            'crust' => $ask->grain->browns,
            'base-yield' => Sweated::left($ask->food) ?? 1.0,
        };
    }

    /**
     * The same ask with this so far off.
     *
     * @param  float  $off  logarithm of the factor
     */
    public function in(Ask $ask, float $off): Ask
    {
        $times = exp($off);

        return match ($this->of) {
            'ring-power' => $ask->on(self::stronger($ask->burner, $this->mark, $times)),
            'drinking' => $ask->withGrain($ask->grain->drinkingTimes($times)),
            'doneness' => $ask->withGrain($ask->grain->doneAfterTimes($times)),
            'crust' => $ask->withGrain($ask->grain->browningTimes($times)),
            'base-yield' => $ask->withFood(Sweated::leaves($ask->food, $times)),
        };
    }

    /**
     * What is found in a pan moves with the number itself, not with its logarithm: a ring that is a third weaker boils off a third less. Only
     * browning is found in logarithms.
     *
     * @param  float  $off  logarithm of the factor
     */
    public function moves(float $off): float
    {
        return $this->of === 'crust' ? $off : exp($off) - 1.0;
    }

    /** How much more steeply it moves there. */
    public function steeper(float $off): float
    {
        return $this->of === 'crust' ? 1.0 : exp($off);
    }

    private static function stronger(Burner $burner, ?string $mark, float $times): Burner
    {
        return $mark === null ? $burner->times($times) : $burner->withMark($mark, $burner->net[$mark] * $times);
    }
}

<?php

declare(strict_types=1);

namespace Velko\Core\Learning;

use Velko\Core\Food\Sweated;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Surroundings;
use Velko\Core\Rice\Doubt;
use Velko\Core\Vessel\Burner;

/**
 * One number of the kitchen that no plan knows, and its prior: a normal distribution about zero. It is the logarithm of a factor on the
 * number that plans use; of the altitude it is a difference in km, of the stock's temperature one in K.
 */
final readonly class Parameter
{
    /** Priors, one standard deviation (our estimates). A ring, a mark and a pan together are the 20 % of a knob. */
    private const RING = 0.18;

    private const MARK = 0.08;

    /** A pan against others on the same ring: its floor, how flat it is, how well it sits on the flame. */
    private const PAN = 0.06;

    /** How fast the floor browns: sugar in what the rice drank, the metal. */
    private const CRUST = 0.5;

    /** What a sweated base weighs: onions that lose 30 ± 10 % weigh 0.70 ± 0.10 after. */
    private const BASE = 0.14;

    /** A kitchen scale that works is right to 1.5 %, a ladle holds what it should to 2 %. One that is wrong may be wrong by any amount. */
    private const SCALE = 0.015;

    private const LADLE = 0.02;

    /** Weather moves the boiling point as 100 m do, km. */
    private const ALTITUDE = 0.1;

    /** Stock is held as hot as it is said to be, to so many K. */
    private const STOCK = 4.0;

    /**
     * @param  'ring-power'|'pan-power'|'drinking'|'doneness'|'crust'|'base-yield'|'ladle'|'scale'|'altitude'|'stock-temperature'  $of
     * @param  string  $whose  Name of the ring, the pan, the rice or the dish; empty if it is the whole kitchen's.
     * @param  float  $prior  One standard deviation, > 0.
     * @param  bool  $isTool  Most work, some are wrong by much: its prior is {@see SpikeAndSlab}, and the standard deviation that of one that works.
     */
    private function __construct(public string $of, public string $whose, public ?string $mark, public float $prior, public bool $isTool = false) {}

    public static function ring(string $ring): self
    {
        return new self('ring-power', $ring, null, self::RING);
    }

    public static function mark(string $ring, string $mark): self
    {
        return new self('ring-power', $ring, $mark, self::MARK);
    }

    public static function pan(string $name): self
    {
        return new self('pan-power', $name, null, self::PAN);
    }

    public static function drinking(string $rice): self
    {
        return new self('drinking', $rice, null, Doubt::DRINKING);
    }

    public static function doneness(string $rice): self
    {
        return new self('doneness', $rice, null, Doubt::DONENESS);
    }

    public static function crust(string $rice): self
    {
        return new self('crust', $rice, null, self::CRUST);
    }

    public static function base(string $dish): self
    {
        return new self('base-yield', $dish, null, self::BASE);
    }

    /** How much more a ladle holds than it is said to. */
    public static function ladle(): self
    {
        return new self('ladle', '', null, self::LADLE, true);
    }

    /** How much more the scale under the pan shows than there is. */
    public static function scale(): self
    {
        return new self('scale', '', null, self::SCALE, true);
    }

    /** How much higher the kitchen stands than it is said to, km. */
    public static function altitude(): self
    {
        return new self('altitude', '', null, self::ALTITUDE);
    }

    /** How much hotter the stock is than it is said to be, K. */
    public static function stock(): self
    {
        return new self('stock-temperature', '', null, self::STOCK);
    }

    /** @param  'ring-power'|'pan-power'|'drinking'|'doneness'|'crust'|'base-yield'|'ladle'|'scale'|'altitude'|'stock-temperature'  $of */
    public static function of(string $of, string $whose, ?string $mark): self
    {
        return match ($of) {
            'ring-power' => $mark === null ? self::ring($whose) : self::mark($whose, $mark),
            'pan-power' => self::pan($whose),
            'drinking' => self::drinking($whose),
            'doneness' => self::doneness($whose),
            'crust' => self::crust($whose),
            'base-yield' => self::base($whose),
            'ladle' => self::ladle(),
            'scale' => self::scale(),
            'altitude' => self::altitude(),
            'stock-temperature' => self::stock(),
        };
    }

    /** Its name among all parameters. */
    public function key(): string
    {
        return "$this->of|$this->whose|$this->mark";
    }

    /** One standard deviation from cook to cook of what it is about; 0 if that does not change. */
    public function scatter(): float
    {
        return $this->mark === null ? Effect::SCATTER[$this->of] ?? 0.0 : 0.0;
    }

    /** Whether a sack, a jet or another change can make it another number from one day on. */
    public function mayChange(): bool
    {
        return ($this->of === 'ring-power' && $this->mark === null) || $this->of === 'drinking';
    }

    /**
     * The same ask with the number so far off.
     *
     * @param  float  $off  In its own unit, see the class.
     */
    public function in(Ask $ask, float $off): Ask
    {
        $times = exp($off);

        return match ($this->of) {
            'ring-power', 'pan-power' => $ask->on(self::stronger($ask->burner, $this->mark, $times)),
            'drinking' => $ask->withGrain($ask->grain->drinkingTimes($times)),
            'doneness' => $ask->withGrain($ask->grain->doneAfterTimes($times)),
            'crust' => $ask->withGrain($ask->grain->browningTimes($times)),
            'base-yield' => $ask->withFood(Sweated::leaves($ask->food, $times)),
            'altitude' => $ask->at(new Surroundings($ask->surroundings->altitude + 1000.0 * $off, $ask->surroundings->room, $ask->surroundings->plates, $ask->surroundings->wind)),
            'stock-temperature' => $ask->withStock($ask->stock->heldAt(min($ask->conditions()->boiling, $ask->stock->temperature + $off))),
            'ladle', 'scale' => $ask,
        };
    }

    private static function stronger(Burner $burner, ?string $mark, float $times): Burner
    {
        return $mark === null ? $burner->times($times) : $burner->withMark($mark, $burner->net[$mark] * $times);
    }
}

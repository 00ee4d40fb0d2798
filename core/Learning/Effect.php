<?php

declare(strict_types=1);

namespace Velko\Core\Learning;

use Velko\Core\Food\Portion;
use Velko\Core\Food\Sweated;
use Velko\Core\Planning\Ask;

/**
 * One thing in a cook that may differ from its plan, and the parameters whose sum says by how much. What a mark gives is the ring, the
 * mark and the pan; their logarithms add up, so that the factors multiply.
 */
final readonly class Effect
{
    /** Scatter from one cook to the next, one standard deviation (our estimates): a pan half off the flame, another batch of the rice, the ladle of somebody in a hurry, minutes in the fat, stock that cooled. */
    public const SCATTER = ['ring-power' => 0.04, 'drinking' => 0.02, 'doneness' => 0.02, 'ladle' => 0.02, 'base-yield' => 0.05, 'crust' => 0.15, 'stock-temperature' => 3.0];

    /** Step of the derivatives: of a logarithm, km, K. */
    private const NUDGE = ['altitude' => 0.2, 'stock-temperature' => -5.0];

    private const NUDGE_LOG = 0.03;

    private const FAR = 0.3;

    /** Nothing is less than this share of what it is taken to be. */
    private const LEAST = 0.05;

    /**
     * @param  'ring-power'|'drinking'|'doneness'|'crust'|'base-yield'|'ladle'|'scale'|'altitude'|'stock-temperature'  $of
     * @param  string|null  $mark  Of a ring's power, the mark.
     * @param  list<Parameter>  $parameters
     */
    public function __construct(public string $of, public ?string $mark, public array $parameters) {}

    /** The number that is used for it if an ask says so: W; g drunk by a gram in ample liquid and minutes at 100 °C, by the middle of the window; times ours; g left of a gram of base; 1 for what is usually right. */
    public function given(Ask $ask): float
    {
        $middle = $ask->grain->tooth()->middle();

        return match ($this->of) {
            'ring-power' => $ask->burner->net[$this->mark],
            'drinking' => $ask->grain->drunkInAmpleLiquid($middle),
            'doneness' => $middle,
            'crust' => $ask->grain->browns,
            'base-yield' => Sweated::left($ask->food) ?? 1.0,
            default => 1.0,
        };
    }

    /**
     * The same cook, had it been so far off.
     *
     * @param  float  $off  Logarithm of a factor, km or K.
     */
    public function in(LoggedCook $logged, float $off): LoggedCook
    {
        return match ($this->of) {
            'ladle' => $logged->touched($logged->replay->withLadle(exp($off))),
            'scale' => $logged->touched($logged->replay->withScale(exp(-$off))),
            'ring-power' => $logged->asked($logged->ask->on($logged->ask->burner->withMark((string) $this->mark, $logged->ask->burner->net[$this->mark] * exp($off)))),
            'base-yield' => self::baseWeighs($logged, $this->parameters[0]->in($logged->ask, $off)),
            default => $logged->asked($this->parameters[0]->in($logged->ask, $off)),
        };
    }

    /** What a weighing found is the rest: what was entered as in the pan beside rice and liquid was the base as it was thought to be. */
    private static function baseWeighs(LoggedCook $logged, Ask $ask): LoggedCook
    {
        $more = array_sum(array_map(static fn (Portion $was, Portion $is): float => $is->mass() - $was->mass(), $logged->ask->food, $ask->food));

        return $logged->asked($ask)->touched($logged->replay->withMoreInThePan($more));
    }

    public function nudge(): float
    {
        return self::NUDGE[$this->of] ?? self::NUDGE_LOG;
    }

    /** Where its curve is looked at: a ring may be a third off, and a pan that falls dry drinks less. Null for what is hardly ever that far off. */
    public function far(): ?float
    {
        return $this->of === 'ring-power' ? self::FAR : null;
    }

    /** Whether the pan itself runs another way; else it is only seen or weighed otherwise. */
    public function movesThePan(): bool
    {
        return ! in_array($this->of, ['doneness', 'crust', 'base-yield', 'scale'], true);
    }

    /**
     * How an observation moves with the effect: mostly with the number itself and not with its logarithm, since a ring that is a third weaker
     * boils off a third less. Browning is observed in logarithms.
     */
    public function moves(float $off): float
    {
        return match ($this->of) {
            'crust', 'altitude', 'stock-temperature' => $off,
            default => exp($off) - 1.0,
        };
    }

    /** How far off it is, if an observation moved by so much more in a straight line from there. */
    public function offBy(float $moved): float
    {
        return in_array($this->of, ['crust', 'altitude', 'stock-temperature'], true) ? $moved : log(max(self::LEAST, 1 + $moved));
    }

    /** The derivative of {@see moves}. */
    public function slope(float $off): float
    {
        return match ($this->of) {
            'crust', 'altitude', 'stock-temperature' => 1.0,
            default => exp($off),
        };
    }
}

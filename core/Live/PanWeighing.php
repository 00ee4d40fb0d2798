<?php

declare(strict_types=1);

namespace Velko\Core\Live;

use Velko\Core\Cook\Replay;
use Velko\Core\Cook\Touch;
use Velko\Core\Cook\Weighing;
use Velko\Core\Food\Sweated;
use Velko\Core\Pan\State;
use Velko\Core\Planning\Ask;

/**
 * What a weighing of the pan tells. One before the first liquid, pan and base and rice together, is the tare of all that come
 * after it; without one it is not known what the base has lost, and the answer is as wide as that.
 */
final readonly class PanWeighing
{
    /** What is not known of a base by less than this, one standard deviation, moves no answer, g. */
    private const WORTH_WEIGHING_G = 2 * Weighing::SPREAD_G;

    private AddedFood $added;

    private ?Touch $tare;

    /** @param  bool  $knowsTheBase  What is sweated in it is then no part of an error. */
    public function __construct(private Ask $ask, private Replay $replay, private bool $knowsTheBase = false)
    {
        $this->added = new AddedFood($ask, $replay);
        $this->tare = $this->hasATare() ? array_values(array_filter($replay->counted, $this->isTheTare(...)))[0] ?? null : null;
    }

    /** Whether a weighing now, before the first liquid, would tell what nobody knows of the base: it has not been weighed, and what it has lost is no matter of a few grams. */
    public function asksForTheTare(): bool
    {
        return $this->hasATare() && $this->tare === null && $this->replay->firstLiquidAt === null && $this->added->baseSpread() > self::WORTH_WEIGHING_G;
    }

    /** Whether pan, base and rice stand together before anything liquid: not where rice is rained into its stock. */
    private function hasATare(): bool
    {
        return ! $this->ask->isRainedIn();
    }

    /** Whether it was weighed before anything liquid was in it. */
    public function isTheTare(Touch $touch): bool
    {
        return $touch->weighing !== null && ($this->replay->minute($touch->at) ?? -1.0) <= 0.0;
    }

    /**
     * The base found heavier than it is thought to be once it is sweated, g, and its standard deviation.
     *
     * @return array{float, float}|null null where pan, base and rice were not weighed before the first liquid, or nothing in it is sweated; or nobody knows what else that
     *                                  weighed: water that rice was rinsed or soaked in, or drank in another pan, pieces that are only counted
     */
    public function baseOff(): ?array
    {
        $method = $this->ask->method;
        $thought = $this->added->beforeTheFirstLiquid();
        if ($this->tare?->weighing === null || $thought === null || Sweated::left($this->ask->food) === null || $method->soak > 0.0 || $method->rinsed || $method->partCooked !== null) {
            return null;
        }

        return [$this->tare->weighing->gross - $this->tare->weighing->tare - $this->ask->rice() - $thought, hypot(Weighing::SPREAD_G, Weighing::SPREAD_G)];
    }

    /**
     * What a weighing now would be off by itself, one standard deviation, g: the scale, what else is in the pan, and the base if that was not weighed before the first liquid.
     *
     * @param  float  $extras  g in the pan besides rice and liquid
     */
    public function spread(float $extras): float
    {
        return $this->tare === null
            ? hypot((new Weighing(0.0, 0.0, $extras))->spread(), $this->added->baseSpread($this->knowsTheBase))
            : hypot(Weighing::SPREAD_G, Weighing::SPREAD_G);
    }

    /**
     * Water found more than there is thought to be, g, and its standard deviation.
     *
     * @param  State  $state  the pan as it is thought to be
     *
     * @return array{float, float}
     */
    public function off(Weighing $weighing, State $state): array
    {
        $rice = $this->ask->rice();
        $thought = $state->free + $rice * $state->drunk - $state->brought;
        if ($this->tare?->weighing !== null) {
            $found = $weighing->gross - $this->tare->weighing->gross - $this->added->sinceTheFirstLiquid($state->addedAt) + $rice * ($state->soaked + ($this->ask->method->partCooked->free ?? 0.0));

            return [$found - $thought, $this->spread($weighing->extras)];
        }

        return [$weighing->water($rice) - $thought, $this->spread($weighing->extras)];
    }
}

<?php

declare(strict_types=1);

namespace Velko\Core\Live;

use Velko\Core\Cook\Replay;
use Velko\Core\Cook\Touch;
use Velko\Core\Cook\Weighing;
use Velko\Core\Pan\State;
use Velko\Core\Planning\Ask;

/**
 * What a weighing of the pan tells. One before the first liquid, pan and base and rice together, is the tare of all that come
 * after it; without one it is not known what the base has lost, and the answer is as wide as that.
 */
final readonly class OnTheScale
{
    /** What is not known of a base by less than this, one standard deviation, moves no answer, g. */
    private const WORTH_WEIGHING_G = 2 * Weighing::SPREAD_G;

    private Added $added;

    private ?Touch $tare;

    public function __construct(private Ask $ask, private Replay $replay)
    {
        $this->added = new Added($ask, $replay);
        $this->tare = array_values(array_filter($replay->counted, $this->isTheTare(...)))[0] ?? null;
    }

    /** Whether a weighing now, before the first liquid, would tell what nobody knows of the base: it has not been weighed, and what it has lost is no matter of a few grams. */
    public function asksForTheTare(): bool
    {
        return $this->tare === null && $this->replay->firstLiquidAt === null && $this->added->baseSpread() > self::WORTH_WEIGHING_G;
    }

    /** Whether it was weighed before anything liquid was in it. */
    public function isTheTare(Touch $touch): bool
    {
        return $touch->weighing !== null && ($this->replay->minute($touch->at) ?? -1.0) <= 0.0;
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

            return [$found - $thought, hypot(Weighing::SPREAD_G, Weighing::SPREAD_G)];
        }

        return [$weighing->water($rice) - $thought, hypot($weighing->spread(), $this->added->baseSpread())];
    }
}

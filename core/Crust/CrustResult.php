<?php

declare(strict_types=1);

namespace Velko\Core\Crust;

use Velko\Core\Pan\Leg;

/** What the floor of a pan rice comes to, and what each setting would do to it. */
final readonly class CrustResult
{
    /** Rings that the picture shows, from the middle to the rim. */
    public const RINGS = 8;

    /** The ring that would colour this floor, cm, when the one at hand does not. */
    public ?float $nearestRing;

    public function __construct(public CrustPlan $plan, public CrustMaking $making)
    {
        $this->nearestRing = $plan->even || $making->wish === CrustWish::None ? null : $making->nearestRing();
    }

    /** @return list<CrustRing> when it is off the heat and cool again */
    public function rings(): array
    {
        return $this->making->whole->rings($this->plan->legs === [] ? [] : [...$this->plan->legs, Leg::goesOn()], self::RINGS);
    }

    /** @return list<array{gold: float|null, burnt: float|null}> minutes from dry by ring, if the plan's last move went on */
    public function byRing(): array
    {
        return $this->making->whole->minutesByRing($this->plan->legs, self::RINGS);
    }

    /** @return array<int|string, array{centre_gold: float|null, centre_burnt: float|null, rim_gold: float|null, rim_burnt: float|null}> minutes from dry by mark, the pan left in the middle */
    public function byMark(): array
    {
        return array_map($this->making->whole->minutes(...), $this->making->burner->net);
    }

    /** @return array{centre_gold: float|null, centre_burnt: float|null, rim_gold: float|null, rim_burnt: float|null} minutes from dry on the plan's setting, the pan left in the middle */
    public function minutesLeft(): array
    {
        return $this->making->whole->minutes($this->making->burner->net[$this->plan->mark]);
    }
}

<?php

declare(strict_types=1);

namespace Velko\Core\Method;

use Velko\Core\Crust\CrustSchool;
use Velko\Core\Pan\PartCooked;

/** How this kitchen makes this dish. */
final readonly class Method
{
    /**
     * @param  DoseSchool|null  $doses  null: all the stock at once
     * @param  non-empty-list<HeatChange>|null  $heat  in order of time; null = Velko chooses
     * @param  bool  $sealed  toasted in fat
     * @param  float  $finish  min off the heat for butter and cheese
     * @param  float  $rest  min
     * @param  float  $soak  min in cold water before
     * @param  list<LidChange>  $lid  in order of time
     * @param  float  $coverLast  min before it comes off for which a lid lies on it, beside what $lid says
     * @param  bool  $coverFromGrains  a lid lies on it from when the grains show, on the lowest heat, beside what $lid says
     * @param  PanHeat|null  $panHeat  marks of a pan rice without a track; null = Velko chooses
     * @param  Fat  $fat  of the base, and of toasting
     * @param  bool  $rainedIn  where the stock goes in at once: it boils with the base first, and the rice is rained into it
     * @param  bool  $baseApart  where the rice is rained in: the base is cooked in a pan of its own and goes to the stock
     * @param  bool  $twoPours  most of the stock of a stew at first, the rest when it thickens
     * @param  bool  $finishOnTheHeat  butter and cheese beaten in on the lowest mark, not off the heat
     * @param  bool|null  $plated  served on plates, or in its pan; null: as its family is
     * @param  Pace  $pace  how hard it is boiled, where Velko chooses the heat
     * @param  float|null  $oven  °C of the oven that a pan rice goes into when its grains show; null: it stays on its ring
     * @param  PartCooked|null  $partCooked  what the rice was before, where it is finished to order; null: it goes in raw
     * @param  PartCooking|null  $partCooking  how far it is cooked and how deep it is spread, where it is not served now but finished to order later
     */
    public function __construct(
        public ?DoseSchool $doses,
        public Stirring $stirring,
        public ?array $heat,
        public bool $sealed,
        public float $finish,
        public float $rest,
        public bool $restCovered,
        public Toasting $toasting = Toasting::Medium,
        public bool $rinsed = false,
        public float $soak = 0.0,
        public array $lid = [],
        public CrustSchool $crust = CrustSchool::ShortAndHot,
        public ?PanHeat $panHeat = null,
        public float $coverLast = 0.0,
        public Pace $pace = Pace::Medium,
        public Fat $fat = Fat::Oil,
        public bool $rainedIn = false,
        public bool $twoPours = false,
        public bool $finishOnTheHeat = false,
        public ?bool $plated = null,
        public bool $coverFromGrains = false,
        public bool $baseApart = false,
        public ?float $oven = null,
        public ?PartCooked $partCooked = null,
        public ?PartCooking $partCooking = null,
    ) {}

    /** @param  array<string, mixed>  $changes  by property */
    public function with(array $changes): self
    {
        /** @phpstan-ignore argument.type */
        return new self(...[...get_object_vars($this), ...$changes]);
    }

    /** How the grain is toasted: as wanted, or as gently as its fat asks; null where it is not. */
    public function toasted(): ?Toasting
    {
        if (! $this->sealed || $this->rainedIn || $this->partCooked !== null) {
            return null;
        }
        foreach ([$this->toasting, ...Toasting::cases()] as $toasting) {
            if ($toasting->heat() <= $this->fat->mostHeat()) {
                return $toasting;
            }
        }

        return Toasting::Slow;
    }

    /** Minutes on the fire before the first liquid. */
    public function toast(): float
    {
        return $this->toasted()?->minutes() ?? 0.0;
    }
}

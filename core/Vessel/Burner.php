<?php

declare(strict_types=1);

namespace Velko\Core\Vessel;

/**
 * One ring: how wide its flame or coil is, and what each mark on its knob, or band of its fire, puts into boiling contents.
 */
final readonly class Burner
{
    /** Where a pan that leaves its ring for the oven stands: no mark of the knob. */
    public const OVEN = 'oven';

    /** A ring narrower than this share of the base leaves the rim cold (common practice, no single source). */
    public const SMALLEST_RING_SHARE = 0.55;

    /** Where nobody has measured it, the bars of its grate are so much wider than the ring, cm (our estimate). */
    private const GRATE_BEYOND = 16.0;

    /** A pan's middle stays so far within them, cm (our estimate). */
    private const STANDS_WITHIN = 2.0;

    /** No wind that anybody cooks in takes more (our limit). */
    private const MOST_BLOWN_PAST = 0.4;

    /** Share of its heat that it loses a minute, left alone. */
    public float $fades;

    /** @var non-empty-array<int|string, float> Net power by mark, W, weakest first; PHP keeps a mark like "6" as a whole number. */
    public array $net;

    /**
     * @param  float  $ring  diameter, cm
     * @param  non-empty-array<int|string, float>  $net  net power into boiling contents by mark, W
     * @param  float|null  $grate  what a pan stands on, across, cm; null: not measured
     * @param  float|null  $fades  share of its heat that it loses a minute, left alone; null: as such a fire does
     * @param  array<int|string, float>  $spreads  how well a mark tells what it gives, one standard deviation as a share; what is not in it, as those of such a fire do
     */
    public function __construct(public float $ring, array $net, public ?float $grate = null, public Fire $fire = Fire::Gas, ?float $fades = null, public array $spreads = [])
    {
        asort($net);
        $this->net = $net;
        $this->fades = $fades ?? $fire->fades();
    }

    /**
     * Net power taken for a mark until a boil-off test has measured it.
     *
     * @param  float  $rated  W
     * @param  float  $share  of the rated power at this mark, 0 to 1
     *
     * @return float W
     */
    public static function estimate(Fire $fire, float $rated, float $share): float
    {
        return $rated * $fire->efficiency() * $share;
    }

    /**
     * How well it is known what it gives on these marks, one standard deviation as a share: as well as on the one that is known worst.
     *
     * @param  list<string>  $marks
     */
    public function knownTo(array $marks): float
    {
        $spreads = array_map(fn (string $mark): float => $this->spreads[$mark] ?? $this->fire->spread(), $marks);

        return $spreads === [] ? $this->fire->spread() : max($spreads);
    }

    /** The same ring giving so many times what its marks say. */
    public function times(float $factor): self
    {
        return new self($this->ring, array_map(static fn (float $net): float => $net * $factor, $this->net), $this->grate, $this->fire, $this->fades, $this->spreads);
    }

    /** The same, with one mark known better, W. */
    public function withMark(string $mark, float $net): self
    {
        return new self($this->ring, array_replace($this->net, [$mark => $net]), $this->grate, $this->fire, $this->fades, $this->spreads);
    }

    /** As wide a ring more for as wide a pan more: the same over each square metre. */
    public function wider(float $times): self
    {
        return new self($this->ring * $times, array_map(static fn (float $net): float => $net * $times ** 2, $this->net), $this->grate === null ? null : $this->grate * $times, $this->fire, $this->fades, $this->spreads);
    }

    /** As it is so many minutes after its first liquid, left alone. */
    public function after(float $minutes): self
    {
        return $this->fades <= 0.0 ? $this : $this->times(exp(-$this->fades * $minutes));
    }

    /** In wind, m/s; what stands in the oven is out of it. */
    public function inWind(float $wind): self
    {
        $left = 1 - min(self::MOST_BLOWN_PAST, $this->fire->blownPast() * $wind);
        $net = $this->net;
        foreach ($net as $mark => $watts) {
            $net[$mark] = $mark === self::OVEN ? $watts : $watts * $left;
        }

        return new self($this->ring, $net, $this->grate, $this->fire, $this->fades, $this->spreads);
    }

    /**
     * With an oven that its pan goes into.
     *
     * @param  float  $celsius  of its air
     * @param  float  $boiling  °C
     */
    public function withOven(float $celsius, Pan $pan, float $boiling): self
    {
        return new self($this->ring, [self::OVEN => $pan->caughtInAnOven($celsius, $boiling)] + $this->net, $this->grate, $this->fire, $this->fades, $this->spreads);
    }

    /** The same marks, known as those of another fire; it fades as it did. */
    public function withFire(Fire $fire): self
    {
        return new self($this->ring, $this->net, $this->grate, $fire, $this->fades);
    }

    /** How far a pan's middle may stand from the ring's before it would tip off the grate, cm. */
    public function farthestShift(): float
    {
        return max(0.0, ($this->grate ?? $this->ring + self::GRATE_BEYOND) / 2 - self::STANDS_WITHIN);
    }

    /**
     * Marks that heat, weakest first: a mark of nothing is off, and no setting. All of them where none heats.
     *
     * @return non-empty-list<string>
     */
    public function settings(): array
    {
        $heating = array_values(array_filter($this->marks(), fn (string $mark): bool => $this->net[$mark] > 0.0));

        return $heating === [] ? $this->marks() : $heating;
    }

    public function weakest(): string
    {
        return $this->settings()[0];
    }

    /** @return non-empty-list<string> all of them, weakest first */
    public function marks(): array
    {
        $marks = array_values(array_filter(array_map(strval(...), array_keys($this->net)), static fn (string $mark): bool => $mark !== self::OVEN));

        /** @var non-empty-list<string> an oven only ever comes beside the marks of a ring */
        return $marks;
    }

    public function has(string $mark): bool
    {
        return isset($this->net[$mark]);
    }

    /** The net power of the strongest mark, W. */
    public function strongest(): float
    {
        return max(array_map(fn (string $mark): float => $this->net[$mark], $this->marks()));
    }

    /** The mark whose net power is nearest to the wish, by ratio. */
    public function nearest(float $watts): string
    {
        $settings = $this->settings();
        usort($settings, fn (string $a, string $b): int => $this->off($a, $watts) <=> $this->off($b, $watts));

        return $settings[0];
    }

    /** How far a mark is from a wish, in e-folds of the power either way. */
    public function off(string $mark, float $watts): float
    {
        return abs(log(max($this->net[$mark], 1.0) / $watts));
    }

    /** Another mark that is as near to the wish as this one, but for so much in e-folds; null where there is none. */
    public function asNear(string $mark, float $watts, float $within): ?string
    {
        foreach ($this->settings() as $other) {
            if ($other !== $mark && $this->off($other, $watts) <= $this->off($mark, $watts) + $within) {
                return $other;
            }
        }

        return null;
    }

    /** The next stronger mark, or null at the strongest. */
    public function above(string $mark): ?string
    {
        $marks = $this->settings();
        $at = array_search($mark, $marks, true);

        return $at === false ? null : ($marks[$at + 1] ?? null);
    }

    /** The next weaker mark, or null at the weakest. */
    public function below(string $mark): ?string
    {
        $marks = $this->settings();
        $at = array_search($mark, $marks, true);

        return $at === false || $at === 0 ? null : $marks[$at - 1];
    }

    public function reaches(Pan $pan): bool
    {
        return $this->ring >= self::SMALLEST_RING_SHARE * $pan->base;
    }
}

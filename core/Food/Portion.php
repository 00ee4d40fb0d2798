<?php

declare(strict_types=1);

namespace Velko\Core\Food;

use Velko\Core\Act\Add;

/** So much of a food, and when it goes in. */
final readonly class Portion
{
    /** A word of its name that says so, in the singular. */
    private const POULTRY = ['chicken', 'poussin', 'turkey', 'duck', 'goose', 'quail', 'pigeon', 'fowl', 'pheasant', 'poultry'];

    /** What gives off more than this share of what its group does is raw. */
    private const STILL_RAW = 0.5;

    /**
     * @param  string  $name  as the kitchen calls it
     * @param  float  $grams  as it is weighed out
     * @param  float  $temperature  °C at which it goes in
     * @param  float|null  $minute  of the cook, where it goes in at a minute
     * @param  bool  $assumed  nobody knows it by name: its numbers are those of its group
     * @param  bool  $fried  cooked in the base first and taken out, to go back in
     * @param  float|null  $pieces  where it is counted and not weighed
     */
    public function __construct(
        public string $name,
        public Food $food,
        public float $grams,
        public Goes $goes,
        public float $temperature,
        public ?float $minute = null,
        public bool $assumed = false,
        public bool $fried = false,
        public ?float $pieces = null,
    ) {}

    public function times(float $factor): self
    {
        return $this->with(['grams' => $this->grams * $factor, 'pieces' => $this->pieces === null ? null : $this->pieces * $factor]);
    }

    /** The same at a minute of the cook. */
    public function at(float $minute): self
    {
        return $this->with(['goes' => Goes::AtMinute, 'minute' => $minute]);
    }

    /** The same, in the pan before the rice. */
    public function inTheBase(): self
    {
        return $this->with(['goes' => Goes::Base, 'minute' => null]);
    }

    /**
     * The same, losing another share of itself where it is sweated or browned first.
     *
     * @param  float  $loses  0 to 1
     * @param  float  $spread  one standard deviation of that
     */
    public function losing(float $loses, float $spread): self
    {
        return $this->with(['food' => $this->food->with(['loses' => $loses, 'losesSpread' => $spread])]);
    }

    /** The same at another temperature, °C. */
    public function warmedTo(float $temperature): self
    {
        return $this->with(['temperature' => max($this->temperature, $temperature)]);
    }

    /** Whether it is in the pan with the rice at some time. */
    public function isInThePan(): bool
    {
        return $this->goes !== Goes::OnTop && $this->grams > 0.0;
    }

    /** Whether it goes into the pan as raw poultry; what was browned first is only brown outside. */
    public function isRawPoultry(): bool
    {
        return $this->isInThePan() && $this->food->group === Group::Meat && $this->food->loses > 0.0 && array_intersect(self::POULTRY, Names::words($this->name)) !== [];
    }

    /** Whether it goes in raw and has to be cooked through. What was smoked or cooked before has little water left to give. */
    public function isRawFlesh(): bool
    {
        $group = $this->food->group;

        return ! $this->fried && $group->isFlesh() && $this->food->frees > self::STILL_RAW * $group->food()->frees;
    }

    /** One piece of it as it lies on the rice; null for what melts into it. */
    public function piece(): ?Piece
    {
        return Piece::of($this->name, $this->food->group);
    }

    /** Its weight once it is sweated or browned, g. */
    public function mass(): float
    {
        return $this->grams * (1 - $this->lost());
    }

    /** One standard deviation of that weight, g. */
    public function massSpread(): float
    {
        return $this->goes === Goes::Base ? $this->grams * $this->food->losesSpread : 0.0;
    }

    /** The salt in it, g. */
    public function salt(): float
    {
        return $this->grams * $this->food->salt / 100;
    }

    /** The room that it takes up in the pan, mL. */
    public function room(): float
    {
        return $this->mass() * $this->food->room();
    }

    /** As it goes in. */
    public function add(): Add
    {
        $food = $this->food;
        $mass = $this->mass();
        $water = $this->water();
        $capacity = $mass * $food->capacity($water);
        // What was cooked before has let go of most of what it would.
        $frees = ($this->fried ? Foods::STILL_FREES : 1.0) * $food->frees * $water * $mass;
        $isBase = $this->goes === Goes::Base;
        $atOnce = $food->tau <= 0.0;

        return new Add(
            $capacity,
            $mass > 0 ? $mass * $food->heat($water, $this->temperature) / $capacity : 0.0,
            // What was sweated has let go of what it would.
            $isBase || $atOnce ? 0.0 : $frees - $food->takes * $mass,
            $food->tau,
            $atOnce ? $frees : 0.0,
            $this->salt(),
            hot: $isBase,
        );
    }

    /** Share of its mass that is water, as it goes in. */
    private function water(): float
    {
        $water = $this->food->water * (1 - $this->food->shell);

        return max(0.0, ($water - $this->lost()) / (1 - $this->lost()));
    }

    private function lost(): float
    {
        return $this->goes === Goes::Base || $this->fried ? min($this->food->loses, $this->food->water * (1 - $this->food->shell)) : 0.0;
    }

    /** @param  array<string, mixed>  $changes  by property */
    private function with(array $changes): self
    {
        /** @phpstan-ignore argument.type */
        return new self(...[...get_object_vars($this), ...$changes]);
    }
}

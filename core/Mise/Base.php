<?php

declare(strict_types=1);

namespace Velko\Core\Mise;

use Velko\Core\Cook\Stage;
use Velko\Core\Cook\StageKind;
use Velko\Core\Food\Goes;
use Velko\Core\Method\Toasting;
use Velko\Core\Planning\Plan;
use Velko\Core\Quantity\Fact;

/**
 * What is done in the pan before the rice.
 *
 * The ingredients of the base stand in the order of the dish, each with its minutes and its sign: those of the dish, or those that such a food
 * usually gets. Fat and salt, and what the dish gives no minute at all, go in with the next. What does not stay in the base is cooked in it
 * first, comes out, and goes back in when the dish says so.
 */
final readonly class Base
{
    /** An empty pan is warmed so long before its fat goes in, min (1 to 3, common practice, no single source). */
    public const WARMS = 2.0;

    /** Dried mushrooms lie in warm water, min (common practice, no single source). */
    private const SOAKS = 20.0;

    private const HANDS_TO_SOAK = 1.0;

    /** @var list<Ingredient> what goes through the base, in the order of the dish */
    private array $ingredients;

    /** @param  array<int, Ingredient>  $ingredients  of the dish */
    public function __construct(private Plan $plan, array $ingredients, private WeighedOut $weighedOut)
    {
        $this->ingredients = array_values(array_filter($ingredients, static fn (Ingredient $ingredient): bool => $ingredient->goes === Goes::Base || $ingredient->goesBackIn()));
    }

    /** Minutes from the cold pan until the base is ready; 0 if there is none. */
    public function minutes(): float
    {
        return $this->ingredients === [] ? 0.0 : self::WARMS + array_sum(array_map($this->inThePan(...), $this->ingredients));
    }

    /**
     * @param  float  $minute  of the cook at which the pan goes onto its ring
     *
     * @return list<Stage> in order of time; none if there is no base
     */
    public function stages(float $minute): array
    {
        if ($this->ingredients === []) {
            return [];
        }
        $stages = [new Stage($minute, StageKind::PanOn, Fact::of('say.pan-on'), mark: $this->mark(Toasting::Medium->heat()))];
        $minute += self::WARMS;
        $together = [];
        foreach ($this->ingredients as $ingredient) {
            $together[] = $this->weighedOut->item($ingredient);
            $lasts = $this->inThePan($ingredient);
            if ($lasts <= 0.0) {
                continue;
            }
            $until = $ingredient->sign() ?? Until::Soft;
            $stages[] = new Stage($minute, StageKind::Base, $until->fact(), mark: $this->mark($until->heat()), items: $together);
            $together = [];
            $minute += $lasts;
            if ($ingredient->goes !== Goes::Base) {
                $stages[] = new Stage($minute, StageKind::TakeOut, Fact::of('say.take-out'), items: [$this->weighedOut->item($ingredient)]);
            }
        }

        return $together === [] ? $stages : [...$stages, new Stage($minute, StageKind::Base, Fact::of('say.seconds', burns: false), items: $together)];
    }

    /** @return list<SideWork> what has to lie in water before the base begins */
    public function soaks(): array
    {
        $soaked = array_filter($this->ingredients, static fn (Ingredient $ingredient): bool => $ingredient->treatment()?->isSoaked() ?? false);

        return array_values(array_map(fn (Ingredient $ingredient): SideWork => new SideWork(Fact::of('prep.soak-food', food: $ingredient->name), ReadyBy::Rice, self::SOAKS + $this->minutes(), self::HANDS_TO_SOAK, false), $soaked));
    }

    /** Minutes that it has before the next thing goes in; longer in a fat that does not stand the heat of its sign. */
    private function inThePan(Ingredient $ingredient): float
    {
        $sign = $ingredient->sign();

        return $ingredient->minutesBefore() * ($ingredient->before === null && $sign !== null ? $this->plan->ask->method->fat->slows($sign->heat()) : 1.0);
    }

    /** @param  float  $heat  W/m² over the floor */
    private function mark(float $heat): string
    {
        return $this->plan->ask->burner->nearest(min($this->plan->ask->method->fat->mostHeat(), $heat) * $this->plan->ask->pan->baseArea());
    }
}

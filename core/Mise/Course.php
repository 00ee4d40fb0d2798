<?php

declare(strict_types=1);

namespace Velko\Core\Mise;

use Velko\Core\Cook\Item;
use Velko\Core\Cook\Stage;
use Velko\Core\Cook\StageKind;
use Velko\Core\Food\Goes;
use Velko\Core\Food\Portion;
use Velko\Core\Method\Stirring;
use Velko\Core\Method\Toasting;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Stages;
use Velko\Core\Quantity\Fact;

/**
 * A dish from the cold pan to the plate: what is done before the rice and on top of it, round the steps of its plan.
 *
 * What goes into the base stands in the order of its dish; each has its minutes and its sign, and what has none goes in
 * with the next that has. Who says no minutes at all has the base ready, and begins with the rice. What does not stay in
 * the base is cooked in it first, comes out, and goes back in where its dish says so.
 */
final readonly class Course
{
    /** A pan is warmed for so long before its fat, min (1 to 3, common practice, no single source). */
    public const WARMS = 2.0;

    /** FDA Food Code 2022, 3-401.11 (from memory); a kitchen has its own. */
    private const POULTRY_C = 74.0;

    /** It is measured so long before the pan comes off, min. */
    private const CORE_BEFORE_OFF = 1.5;

    /** Rice left in its pan goes on cooking, and a plain steel one gives it a taste: out within so many minutes (5 to 10, common practice, no single source). */
    public const EMPTIED_WITHIN = 8.0;

    /**
     * @param  array<int, Ingredient>  $ingredients  by their place in the ask of the plan
     * @param  list<SideWork>  $works  beside the pan
     * @param  float  $poultry  °C that raw poultry reaches in its middle, by the kitchen's code
     */
    public function __construct(private Plan $plan, private array $ingredients, private float $main, private array $works = [], private float $poultry = self::POULTRY_C) {}

    /** @return list<Stage> in order of time */
    public function stages(): array
    {
        $stages = $this->withCore($this->withLiquors($this->withTheRice($this->withTheBase(AddIns::among($this->plan, $this->ingredients, $this->main)))));
        $serve = array_pop($stages);

        return Stages::inOrder([...$this->beforeTheRice(), ...$stages, ...$this->atThePass(), ...$serve === null ? [] : [$serve]]);
    }

    /** Minute of the cook at which the pan goes onto its ring, 0 or before. */
    public function panOn(): float
    {
        return $this->plan->begins() - ($this->isApart() ? 0.0 : $this->base());
    }

    /** Minutes from the cold pan until the base is ready; 0 where it is ready already. */
    private function base(): float
    {
        $minutes = array_sum(array_map($this->minutes(...), $this->ingredients));

        return $minutes > 0.0 ? $minutes + self::WARMS : 0.0;
    }

    /** The base as a work beside the pan, where it is cooked in a pan of its own and goes to the stock; else null. */
    public function apart(): ?SideWork
    {
        $minutes = $this->isApart() ? $this->base() : 0.0;

        return $minutes > 0.0 ? new SideWork(Fact::of('prep.base'), Ready::Stock, $minutes, round($minutes * Stirring::NowAndThen->share(), 1), false, onRing: true) : null;
    }

    private function isApart(): bool
    {
        return $this->plan->ask->isRainedIn() && $this->plan->ask->method->baseApart;
    }

    /** Minute of the cook at which the rice goes in, 0 or before. */
    private function riceIn(): float
    {
        return 0.0 - $this->plan->ask->method->toast();
    }

    /** @return list<Stage> */
    private function beforeTheRice(): array
    {
        $minute = $this->panOn();
        if ($this->isApart() || $minute === $this->plan->begins()) {
            return [];
        }
        $stages = [new Stage($minute, StageKind::PanOn, Fact::of('say.pan-on'), mark: $this->mark(min($this->plan->ask->method->fat->mostHeat(), Toasting::Medium->heat())))];
        $minute += self::WARMS;
        $together = [];
        foreach ($this->ingredients as $one) {
            if ($one->goes !== Goes::Base && $one->minutesBefore() <= 0.0) {
                continue;
            }
            $together[] = $this->item($one);
            if ($one->minutesBefore() > 0.0) {
                $until = $one->until ?? Until::Soft;
                $stages[] = new Stage($minute, StageKind::Base, $until->fact(), mark: $this->mark(min($this->plan->ask->method->fat->mostHeat(), $until->heat())), items: $together);
                $together = [];
                $minute += $this->minutes($one);
                if ($one->goes !== Goes::Base) {
                    $stages[] = new Stage($minute, StageKind::TakeOut, Fact::of('say.take-out'), items: [$this->item($one)]);
                }
            }
        }

        return $together === [] ? $stages : [...$stages, new Stage($minute, StageKind::Base, Fact::of('say.seconds'), items: $together)];
    }

    /**
     * A base from a pan of its own goes in with the stock.
     *
     * @param  list<Stage>  $stages
     *
     * @return list<Stage>
     */
    private function withTheBase(array $stages): array
    {
        $items = array_values(array_map($this->item(...), array_filter($this->ingredients, static fn (Ingredient $one): bool => $one->goes === Goes::Base)));

        return ! $this->isApart() || $items === [] ? $stages : array_map(static fn (Stage $stage): Stage => $stage->kind === StageKind::BoilUp ? $stage->withItems($items) : $stage, $stages);
    }

    /**
     * The rice, and what is turned in with it.
     *
     * @param  list<Stage>  $stages
     *
     * @return list<Stage>
     */
    private function withTheRice(array $stages): array
    {
        $items = array_values(array_map($this->item(...), array_filter($this->ingredients, static fn (Ingredient $one): bool => $one->goes === Goes::WithTheRice)));
        if ($items === []) {
            return $stages;
        }
        foreach ($stages as $i => $stage) {
            if (in_array($stage->kind, [StageKind::Toast, StageKind::RiceIn], true)) {
                $stages[$i] = $stage->withItems($items);

                return $stages;
            }
        }

        return [new Stage($this->riceIn(), StageKind::Base, Goes::WithTheRice->fact(), items: $items), ...$stages];
    }

    /**
     * Raw poultry is measured while the pan can still give it a minute more.
     *
     * @param  list<Stage>  $stages
     *
     * @return list<Stage>
     */
    private function withCore(array $stages): array
    {
        $birds = array_values(array_filter($this->plan->ask->food, static fn (Portion $one): bool => $one->isRawPoultry()));
        if ($birds === []) {
            return $stages;
        }
        $minute = max(0.0, $this->plan->pulled->minute() - self::CORE_BEFORE_OFF);

        return Stages::inOrder([...$stages, new Stage($minute, StageKind::Core, Fact::of('say.core'), items: array_map(static fn (Portion $one): Item => new Item($one->name, 0.0, 'g'), $birds), reach: $this->poultry)]);
    }

    /**
     * What steeped in the stock is part of a pour: what is ready for the last dose of that, else of the first; what that does not hold, of the next.
     *
     * @param  list<Stage>  $stages
     *
     * @return list<Stage>
     */
    private function withLiquors(array $stages): array
    {
        $pours = array_keys(array_filter($stages, static fn (Stage $stage): bool => $stage->kind === StageKind::Pour));
        $items = [];
        $room = array_map(static fn (int $at): float => $stages[$at]->volume ?? 0.0, $pours);
        foreach ($this->works as $work) {
            $left = Amount::rounded($work->drinks, 'ml');
            foreach ($work->ready === Ready::LastDose ? array_reverse(array_keys($pours)) : array_keys($pours) as $pour) {
                $here = min($left, $room[$pour]);
                if ($here > 0.0) {
                    $items[$pours[$pour]][] = new Item($work->name(), $here, 'ml');
                    $room[$pour] -= $here;
                    $left -= $here;
                }
            }
        }

        return array_map(static fn (Stage $stage, int $at): Stage => isset($items[$at]) ? $stage->withItems([...$stage->items, ...$items[$at]]) : $stage, $stages, array_keys($stages));
    }

    /** @return list<Stage> what comes out of the pan before anybody is served, and what goes on top */
    private function atThePass(): array
    {
        $minute = $this->plan->readyAtPass();
        $out = array_values(array_map(static fn (Ingredient $one): Item => new Item($one->name, 0.0, $one->unit), array_filter($this->ingredients, static fn (Ingredient $one): bool => $one->comesOut)));
        $shells = $this->plan->ask->hasShells();
        $top = array_values(array_map($this->onAPlate(...), array_filter($this->ingredients, static fn (Ingredient $one): bool => $one->goes === Goes::OnTop)));

        return [
            ...$out === [] && ! $shells ? [] : [new Stage($minute, StageKind::PickOut, Fact::of($shells ? 'say.pick-out-shells' : 'say.pick-out'), items: $out)],
            ...$top === [] ? [] : [new Stage($minute, StageKind::Garnish, Fact::of($this->plan->ask->isPlated() ? 'say.on-each-plate' : 'say.over-the-pan'), items: $top)],
        ];
    }

    private function item(Ingredient $one): Item
    {
        return new Item($one->name, Amount::rounded($this->amount($one), $one->unit), $one->unit);
    }

    /** What lies on one plate; for a pan that goes to the table, all of it. */
    private function onAPlate(Ingredient $one): Item
    {
        $plates = $this->plan->ask->isPlated() ? $this->plan->ask->covers : 1;
        $amount = $this->amount($one) / $plates;

        // What is cut up for the plates is put there in quarters; of less nobody counts.
        return new Item($one->name, $one->unit === 'pieces' ? floor(4 * $amount + 1e-9) / 4 : Amount::rounded($amount, $one->unit), $one->unit);
    }

    /** Minutes that it has before the rice; by its sign, longer in a fat that does not stand that sign's heat. */
    private function minutes(Ingredient $one): float
    {
        return $one->minutesBefore() * ($one->before === null && $one->until !== null ? $this->plan->ask->method->fat->slows($one->until->heat()) : 1.0);
    }

    private function amount(Ingredient $one): float
    {
        return $one->for($this->plan->rice(), $this->main, $this->plan->ask->covers, $this->plan->ask->pan->baseArea());
    }

    private function mark(float $heat): string
    {
        return $this->plan->ask->burner->nearest($heat * $this->plan->ask->pan->baseArea());
    }
}

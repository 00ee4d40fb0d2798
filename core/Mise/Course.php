<?php

declare(strict_types=1);

namespace Velko\Core\Mise;

use Velko\Core\Cook\Item;
use Velko\Core\Cook\Stage;
use Velko\Core\Cook\StageKind;
use Velko\Core\Food\Goes;
use Velko\Core\Food\Group;
use Velko\Core\Food\Portion;
use Velko\Core\Method\Stirring;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Stages;
use Velko\Core\Quantity\Fact;

/**
 * A dish from the cold pan to the plate: what is done before the rice, with it and on top of it, round the steps of its plan.
 *
 * Every ingredient that is weighed out is part of a step: the base, the rice, a step of its own, the finish, or the top.
 */
final readonly class Course
{
    /** FDA Food Code 2022, 3-401.11 (from memory); a kitchen has its own. */
    private const POULTRY_C = 74.0;

    /** It is measured so long before the pan comes off, min. */
    private const CORE_BEFORE_OFF = 1.5;

    /** Rice left in its pan goes on cooking, and a plain steel one gives it a taste: out within so many minutes (5 to 10, common practice, no single source). */
    public const EMPTIED_WITHIN = 8.0;

    private WeighedOut $weighedOut;

    private Base $base;

    /**
     * @param  array<int, Ingredient>  $ingredients  by their place in the ask of the plan
     * @param  float  $main  g raw rice of one main, > 0
     * @param  list<SideWork>  $works  beside the pan
     * @param  float  $poultry  °C that raw poultry reaches in its middle, by the kitchen's code
     */
    public function __construct(private Plan $plan, private array $ingredients, float $main, private array $works = [], private float $poultry = self::POULTRY_C)
    {
        $this->weighedOut = new WeighedOut($plan, $main);
        $this->base = new Base($plan, $ingredients, $this->weighedOut);
    }

    /** A plan that was asked for with everything else by its weight. */
    public static function ofTheAsk(Plan $plan): self
    {
        $weighed = array_filter($plan->ask->food, static fn (Portion $portion): bool => $portion->grams > 0.0);

        return new self($plan, array_map(static fn (Portion $portion): Ingredient => new Ingredient(
            $portion->name, $portion->grams, 'g', Scales::Pan, $portion->goes, $portion->minute, $portion->temperature, until: $portion->fried ? Treatment::of($portion->name, $portion->food->group)?->until : null, group: $portion->food->group,
        ), $weighed), $plan->ask->gramsPerCover);
    }

    /** @return list<Stage> in order of time */
    public function stages(): array
    {
        $stages = $this->withTheFinish($this->withCore($this->withLiquors($this->withTheRice($this->withTheBase(AddIns::among($this->plan, $this->ingredients, $this->weighedOut))))));
        $serve = array_pop($stages);

        return Stages::inOrder([...$this->isApart() ? [] : $this->base->stages($this->panOn()), ...$stages, ...$this->atThePass(), ...$serve === null ? [] : [$serve]]);
    }

    /** Minute of the cook at which the pan goes onto its ring, 0 or before. */
    public function panOn(): float
    {
        return $this->plan->begins() - ($this->isApart() ? 0.0 : $this->base->minutes());
    }

    /** @return list<SideWork> what the base needs beside the pan: what is soaked for it, and itself if it is cooked in a pan of its own and goes to the stock */
    public function besideForTheBase(): array
    {
        $minutes = $this->isApart() ? $this->base->minutes() : 0.0;

        return [...$this->base->soaks(), ...$minutes > 0.0 ? [new SideWork(Fact::of('prep.base'), ReadyBy::Stock, $minutes, round($minutes * Stirring::NowAndThen->share(), 1), false, onRing: true)] : []];
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

    /**
     * A base from a pan of its own goes in with the stock.
     *
     * @param  list<Stage>  $stages
     *
     * @return list<Stage>
     */
    private function withTheBase(array $stages): array
    {
        $items = $this->items(static fn (Ingredient $ingredient): bool => $ingredient->goes === Goes::Base);

        return $this->isApart() ? self::into($stages, StageKind::BoilUp, $items) : $stages;
    }

    /**
     * What is turned in with the rice: most of it as the rice goes in; colour and spices, which burn, at the end of the toasting.
     *
     * @param  list<Stage>  $stages
     *
     * @return list<Stage>
     */
    private function withTheRice(array $stages): array
    {
        $burns = static fn (Ingredient $ingredient): bool => $ingredient->food()->group === Group::Seasoning;
        $sturdy = $this->items(static fn (Ingredient $ingredient): bool => $ingredient->goes === Goes::WithTheRice && ! $burns($ingredient));
        $last = $this->items(static fn (Ingredient $ingredient): bool => $ingredient->goes === Goes::WithTheRice && $burns($ingredient));
        $kinds = array_map(static fn (Stage $stage): StageKind => $stage->kind, $stages);
        if (! in_array(StageKind::RiceIn, $kinds, true)) {
            return [...$sturdy === [] && $last === [] ? [] : [new Stage($this->riceIn(), StageKind::Base, Goes::WithTheRice->fact(), items: [...$sturdy, ...$last])], ...$stages];
        }
        if (! in_array(StageKind::Toast, $kinds, true)) {
            return self::into($stages, StageKind::RiceIn, [...$sturdy, ...$last]);
        }
        $toasted = self::into(self::into($stages, StageKind::RiceIn, $sturdy), StageKind::Toast, $last);

        return $last === [] ? $toasted : array_map(static fn (Stage $stage): Stage => $stage->kind === StageKind::Toast ? $stage->saying(Fact::of('say.toast-colour-last')) : $stage, $toasted);
    }

    /**
     * @param  list<Stage>  $stages
     * @param  list<Item>  $items  that go in at every step of this kind
     *
     * @return list<Stage>
     */
    private static function into(array $stages, StageKind $kind, array $items): array
    {
        return array_map(static fn (Stage $stage): Stage => $stage->kind === $kind ? $stage->withItems([...$stage->items, ...$items]) : $stage, $stages);
    }

    /**
     * What is beaten in, in its order, and the salt. Salt is settled at the end, in the finish or at the tasting; what nobody stirs is salted with
     * its stock.
     *
     * @param  list<Stage>  $stages
     *
     * @return list<Stage>
     */
    private function withTheFinish(array $stages): array
    {
        $finish = $this->plan->ask->finish;
        $salt = $this->plan->ask->method->partCooking === null ? $this->plan->toSeason() : 0.0;
        $saltsAt = match (true) {
            $this->plan->ask->family->traits()->driesOut => StageKind::Pour,
            in_array(StageKind::Finish, array_map(static fn (Stage $stage): StageKind => $stage->kind, $stages), true) => StageKind::Finish,
            default => StageKind::Taste,
        };
        $isSalted = false;
        foreach ($stages as $at => $stage) {
            $parts = $stage->kind === StageKind::Finish ? $finish->parts() : [];
            if ($stage->kind === $saltsAt && ! $isSalted) {
                $parts['salt'] = $salt;
                $isSalted = true;
            }
            $parts = array_filter($parts, static fn (float $grams): bool => $grams > 0.0);
            $items = array_map(static fn (string $part, float $grams): Item => Item::of(Fact::of("ingredient.$part"), Amount::rounded($grams, 'g'), 'g'), array_keys($parts), array_values($parts));
            $stages[$at] = $items === [] ? $stage : $stage->withItems([...$stage->items, ...$items]);
        }

        return $stages;
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
        $birds = array_values(array_filter($this->plan->ask->food, static fn (Portion $portion): bool => $portion->isRawPoultry()));
        if ($birds === []) {
            return $stages;
        }
        $minute = max(0.0, $this->plan->pulled->minute() - self::CORE_BEFORE_OFF);

        return Stages::inOrder([...$stages, new Stage($minute, StageKind::Core, Fact::of('say.core'), items: array_map(static fn (Portion $portion): Item => new Item($portion->name, 0.0, 'g'), $birds), reach: $this->poultry)]);
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
            foreach ($work->ready === ReadyBy::LastDose ? array_reverse(array_keys($pours)) : array_keys($pours) as $pour) {
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
        $out = array_values(array_map(static fn (Ingredient $ingredient): Item => new Item($ingredient->name, 0.0, $ingredient->unit), array_filter($this->ingredients, static fn (Ingredient $ingredient): bool => $ingredient->comesOut)));
        $shells = $this->plan->ask->hasShells();
        $top = array_values(array_map($this->weighedOut->onAPlate(...), array_filter($this->ingredients, static fn (Ingredient $ingredient): bool => $ingredient->goes === Goes::OnTop)));

        return [
            ...$out === [] && ! $shells ? [] : [new Stage($minute, StageKind::PickOut, Fact::of($shells ? 'say.pick-out-shells' : 'say.pick-out'), items: $out)],
            ...$top === [] ? [] : [new Stage($minute, StageKind::Garnish, Fact::of($this->plan->ask->isPlated() ? 'say.on-each-plate' : 'say.over-the-pan'), items: $top)],
        ];
    }

    /**
     * @param  callable(Ingredient): bool  $which
     *
     * @return list<Item>
     */
    private function items(callable $which): array
    {
        return array_values(array_map($this->weighedOut->item(...), array_filter($this->ingredients, $which)));
    }
}

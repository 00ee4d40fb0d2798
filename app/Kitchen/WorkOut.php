<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contracts\BadDocument;
use App\Contracts\PlanDocument;
use App\Contracts\PlanRequestDocument;
use Carbon\CarbonImmutable;
use Velko\Core\Mise\AddIns;
use Velko\Core\Planning\Checks as PlanChecks;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Planner;
use Velko\Core\Planning\Warning;
use Velko\Core\Rice\Variety;
use Velko\Core\Safety\Cautions;
use Velko\Core\Safety\Checks;
use Velko\Core\Safety\Served;

/** A cook's ask, worked out and put on the kitchen's clock. */
final readonly class WorkOut
{
    private Served $served;

    /** @var list<array<string, mixed>> */
    private array $prep;

    /**
     * @param  array<string, mixed>  $request  velko.plan-request/1
     * @param  array<string, mixed>  $assumed
     */
    private function __construct(
        private Asked $asked,
        private CarbonImmutable $now,
        private Plan $plan,
        public array $request,
        private array $assumed,
    ) {
        $this->served = MiseDocument::served($asked->dish);
        $this->prep = MiseDocument::prep($asked->dish, $plan, $this->firstLiquidAt(), $now);
    }

    public static function of(Asked $asked, CarbonImmutable $now): self
    {
        $request = PlanRequests::for($asked);
        $document = PlanRequestDocument::of($request);
        $plan = Planner::plan($document->ask());

        return new self($asked, $now, $plan, $request, $document->assumed());
    }

    /** @throws BadDocument when the pan cannot hold it at all, or it would never be done */
    public function mustBePossible(): self
    {
        if (! $this->plan->isPossible()) {
            throw PlanChecks::isNeverDone($this->plan)
                ? BadDocument::at('/ask/burner_id', "is too weak: on {$this->asked->burner->name} the rice is never done; another ring or mark")
                : BadDocument::at('/ask/covers', "are more than the {$this->asked->pan->name} can hold: fewer, or another pan");
        }

        return $this;
    }

    /** @return array<string, mixed> velko.working/1 */
    public function document(): array
    {
        $asked = $this->asked;
        $ask = $this->plan->ask;

        return [
            'format' => 'velko.working/1',
            'ask' => $asked->document,
            'dish' => [
                'name' => $asked->dish->name,
                'family' => $ask->family->value,
                'rice' => Variety::from($asked->dish->rice->variety)->label(),
                'stock' => $asked->dish->stock->name,
                'finish' => $asked->dish->finish,
                'garnish' => $asked->dish->garnish,
                'grams_main' => $asked->dish->grams_main,
                'grams_starter' => $asked->dish->grams_starter,
                'stirring' => $ask->method->stirring->words(),
                'window_min' => [$ask->grain->window->low, $ask->grain->window->high],
            ],
            'pan' => ['name' => $asked->pan->name, 'base_cm' => $asked->pan->base_cm, 'rim_cm' => $asked->pan->rim_cm, 'height_cm' => $asked->pan->height_cm],
            'burner' => ['name' => $asked->burner->name, 'ring_cm' => $asked->burner->ring_cm, 'marks' => KitchenDocument::marks($asked->burner), 'mark' => $this->plan->heat[0]->mark],
            'ladle_ml' => $ask->ladle->ml,
            'body' => $this->plan->body()->value,
            'clock' => $this->clock(),
            'offers' => $this->offers(),
            'batches' => (new OtherPans($asked, $this->plan))->batches(),
            'mise' => MiseDocument::mise($asked->dish, $this->plan),
            'prep' => $this->prep,
            'served' => MiseDocument::servedDocument($this->served),
            'cautions' => Cautions::of($this->plan, $this->served, Station::temperatures($asked->kitchen)),
            'plan' => PlanDocument::of($this->plan->with($this->warnings()), $this->assumed, AddIns::among($this->plan, MiseDocument::ingredients($asked->dish), $asked->dish->grams_main)),
        ];
    }

    /** @return array<string, mixed> */
    private function clock(): array
    {
        $firstLiquid = $this->firstLiquidAt();
        $toast = $firstLiquid->subSeconds((int) round(60 * $this->plan->ask->method->toast()));

        return [
            'toast_at' => $toast->toIso8601String(),
            'first_liquid_at' => $firstLiquid->toIso8601String(),
            'pull_at' => $firstLiquid->addSeconds((int) round($this->plan->pulled->second))->toIso8601String(),
            'table_at' => $this->asked->tableAt->toIso8601String(),
            'starts_in_min' => round($this->now->diffInSeconds($this->begin()) / 60, 1),
        ];
    }

    /** @return list<Warning> of the pan, the plate and the work beside it */
    private function warnings(): array
    {
        $late = array_filter($this->prep, static fn (array $one): bool => $one['late'] === true);

        return [
            ...Checks::of($this->served),
            ...$this->plan->isPossible() ? (new OnTheFire($this->asked, $this->begin(), $this->now))->warnings() : [],
            ...array_map(static fn (array $one): Warning => new Warning('not-ready', "{$one['what']} takes {$one['takes_min']} min: it will not be ready", 'Later at the table, or done ahead'), array_slice(array_values($late), 0, 1)),
            ...$this->plan->warnings,
        ];
    }

    /** When the first hand is needed: at the pan, or at what cannot be done ahead. */
    private function begin(): CarbonImmutable
    {
        $toast = $this->firstLiquidAt()->subSeconds((int) round(60 * $this->plan->ask->method->toast()));
        $starts = array_map(static fn (array $one): CarbonImmutable => CarbonImmutable::parse($one['start_at']), array_filter($this->prep, static fn (array $one): bool => $one['ahead'] === false));

        return array_reduce($starts, static fn (CarbonImmutable $first, CarbonImmutable $one): CarbonImmutable => $one->lessThan($first) ? $one : $first, $toast);
    }

    private function firstLiquidAt(): CarbonImmutable
    {
        return $this->asked->tableAt->subSeconds((int) round($this->plan->atTable->second));
    }

    /** @return list<array<string, mixed>> */
    private function offers(): array
    {
        $offers = [];
        foreach ($this->warnings() as $warning) {
            $offer = match ($warning->code) {
                'layer-too-deep', 'over-the-rim', 'ring-too-small', 'no-crust', 'pan-too-wide', 'flame-too-wide' => (new OtherPans($this->asked, $this->plan))->offer(),
                'too-wet', 'too-dry' => $this->ourHeat(),
                'either-mark' => $this->otherMarks(),
                'does-not-simmer', 'never-done' => $this->anotherMark($this->plan->ask->burner->above($this->plan->heat[0]->mark)),
                'goes-dry', 'doses-too-close', 'too-fierce' => $this->anotherMark($this->plan->ask->burner->below($this->plan->heat[0]->mark)),
                default => null,
            };
            if ($offer !== null) {
                $offers[] = ['warning' => $warning->code, ...$offer];
            }
        }
        $begin = $this->begin();
        if ($begin->lessThan($this->now)) {
            $earliest = $this->asked->tableAt->addSeconds((int) ceil($begin->diffInSeconds($this->now)) + 59)->startOfMinute();
            $offers[] = ['warning' => 'too-late', 'label' => 'At the table '.$earliest->format('H:i'), 'change' => ['table_at' => $earliest->format('H:i')]];
        }

        return $offers;
    }

    /** @return array{label: string, change: array<string, mixed>}|null */
    private function ourHeat(): ?array
    {
        return $this->asked->heat === null ? null : ['label' => 'Let Velko choose the heat', 'change' => ['heat' => null]];
    }

    /** @return array{label: string, change: array<string, mixed>}|null */
    private function otherMarks(): ?array
    {
        $other = $this->plan->asGood?->heat;
        if ($other !== null) {
            return ['label' => "Take $other->hot, then $other->gentle", 'change' => ['heat' => null, 'pan_heat' => ['hot' => $other->hot, 'gentle' => $other->gentle]]];
        }

        return $this->anotherMark(PlanChecks::otherMark($this->plan));
    }

    /** @return array{label: string, change: array<string, mixed>}|null */
    private function anotherMark(?string $mark): ?array
    {
        return $mark === null ? null : ['label' => "Set it to $mark", 'change' => ['heat' => $mark]];
    }
}

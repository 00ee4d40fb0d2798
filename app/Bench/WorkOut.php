<?php

declare(strict_types=1);

namespace App\Bench;

use App\Contracts\BadDocument;
use App\Contracts\PlanDocument;
use App\Contracts\PlanRequestDocument;
use App\Dish\DishContents;
use App\Dish\PartToCook;
use App\Kitchen\KitchenDocument;
use App\Kitchen\Station;
use App\Words\FactDocument;
use App\Words\Words;
use Carbon\CarbonImmutable;
use Velko\Core\Mise\Course;
use Velko\Core\Planning\Checks as PlanChecks;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Warning;
use Velko\Core\Quantity\Duration;
use Velko\Core\Quantity\Fact;
use Velko\Core\Rice\Variety;
use Velko\Core\Safety\Cautions;
use Velko\Core\Safety\Checks;
use Velko\Core\Safety\Served;

/** A cook's ask, worked out and put on the kitchen's clock. */
final readonly class WorkOut
{
    private Served $served;

    private Words $words;

    private Course $course;

    /** @var list<array<string, mixed>> */
    private array $prep;

    /** @var list<Warning> of the pan, the plate and the work beside it */
    private array $warnings;

    private ?PartCookedDish $part;

    private function __construct(
        private KitchenAsk $asked,
        private CarbonImmutable $now,
        private Plan $plan,
    ) {
        $this->words = $asked->words;
        $this->course = self::course($asked, $plan);
        $this->served = DishContents::served($asked->dish);
        $this->prep = MiseDocument::prep($asked, $plan, $this->course->besideForTheBase(), $this->firstLiquidAt(), $now, $this->words);
        $this->part = DishAsk::partCooked($asked);
        $this->warnings = $this->warnings();
    }

    public static function of(KitchenAsk $asked, CarbonImmutable $now): self
    {
        return new self($asked, $now, $asked->plan());
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

    /** @return array<string, mixed> velko.plan-request/1: what the engine was asked, whole, so that it means the same whatever is taken for granted later */
    public function request(): array
    {
        return PlanRequestDocument::from($this->plan->ask);
    }

    /** @return array<string, mixed> velko.working/1 */
    public function document(): array
    {
        $asked = $this->asked;
        $ask = $this->plan->ask;
        $cautions = Cautions::of($this->plan, $this->served, Station::temperatures($asked->kitchen));

        return [
            'format' => 'velko.working/1',
            'ask' => $asked->document,
            'dish' => [
                'name' => $this->words->say($asked->way->named($asked->dish->name)),
                'family' => $ask->family->traits()->name,
                'rice' => $this->words->say(Variety::from($asked->dish->rice->variety)->fact()),
                'stock' => $asked->dish->stock->name,
                'finish' => $asked->dish->finish,
                'garnish' => $asked->dish->garnish,
                'grams_main' => $asked->dish->grams_main,
                'grams_starter' => $asked->dish->grams_starter,
                'stirring' => $this->words->say($ask->method->stirring->fact()),
                'window_min' => [$ask->grain->window->low, $ask->grain->window->high],
            ],
            'pan' => ['name' => $asked->pan->name, 'base_cm' => $asked->pan->base_cm, 'rim_cm' => $asked->pan->rim_cm, 'height_cm' => $asked->pan->height_cm],
            'burner' => ['name' => $asked->burner->name, 'ring_cm' => $asked->burner->ring_cm, 'fuel' => $asked->burner->fuel, 'marks' => KitchenDocument::marks($asked->burner), 'mark' => $this->plan->heat[0]->mark],
            'ladle_ml' => $ask->ladle->ml,
            'body' => $this->plan->body()->value,
            'clock' => $this->clock(),
            'empty_within_min' => Course::EMPTIED_WITHIN,
            'offers' => $this->offers(),
            'batches' => (new OtherPans($asked, $this->plan))->batches(),
            'mise' => MiseDocument::mise($asked, $this->plan, $this->words),
            'prep' => $this->prep,
            'served' => MiseDocument::servedDocument($this->served),
            'part_cooked' => $this->part?->document(Station::temperatures($asked->kitchen)),
            'cautions' => $this->words->all($cautions),
            'cautions_facts' => FactDocument::all($cautions),
            'plan' => PlanDocument::of($this->plan->with($this->warnings), DishAsk::assumed(), $this->words, $this->course->stages()),
        ];
    }

    /** @return array<string, mixed> */
    private function clock(): array
    {
        $firstLiquid = $this->firstLiquidAt();
        $toast = $firstLiquid->addSeconds((int) round(60 * $this->plan->begins()));

        return [
            'pan_on_at' => $this->panOnAt()->toIso8601String(),
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
        $late = array_filter($this->prep, static fn (array $task): bool => $task['late'] === true);

        return [
            ...Checks::of($this->served),
            ...$this->asked->way === PartToCook::Ahead ? $this->part?->warnings(Station::temperatures($this->asked->kitchen)) ?? [] : [],
            ...$this->plan->isPossible() ? (new PansOnTheFire($this->asked, $this->begin(), $this->now))->warnings() : [],
            ...array_map(static fn (array $task): Warning => new Warning('not-ready', ['what' => $task['what'], 'takes' => Duration::ofMinutes($task['takes_min'])], Fact::of('fix.later-or-ahead')), array_slice(array_values($late), 0, 1)),
            ...$this->plan->warnings,
        ];
    }

    /** When the first hand is needed: at the pan, or at what cannot be done ahead. */
    private function begin(): CarbonImmutable
    {
        $starts = array_map(static fn (array $task): CarbonImmutable => CarbonImmutable::parse($task['start_at']), array_filter($this->prep, static fn (array $task): bool => $task['ahead'] === false));

        return array_reduce($starts, static fn (CarbonImmutable $first, CarbonImmutable $moment): CarbonImmutable => $moment->lessThan($first) ? $moment : $first, $this->panOnAt());
    }

    private function panOnAt(): CarbonImmutable
    {
        return $this->firstLiquidAt()->addSeconds((int) round(60 * $this->course->panOn()));
    }

    /** The plan's steps from the cold pan to the plate. */
    public static function course(KitchenAsk $asked, Plan $plan): Course
    {
        return new Course($plan, MiseDocument::goingIn($asked), $asked->dish->grams_main, MiseDocument::sideWork($asked, $plan->rice()), $asked->kitchen->poultry_c);
    }

    private function firstLiquidAt(): CarbonImmutable
    {
        return $this->asked->tableAt->subSeconds((int) round($this->plan->atTable->second));
    }

    /** @return list<array<string, mixed>> */
    private function offers(): array
    {
        $offers = [];
        foreach ($this->warnings as $warning) {
            $offer = match ($warning->code) {
                'layer-too-deep', 'over-the-rim', 'ring-too-small', 'no-crust', 'pan-too-wide', 'flame-too-wide' => $this->otherPan(),
                'too-wet', 'too-dry' => $this->ourHeat(),
                'either-mark' => $this->otherMarks(),
                'top-behind' => $this->aLidOnTop(),
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
            $offers[] = ['warning' => 'too-late', ...$this->offer(Fact::of('offer.at-the-table', time: $earliest->format('H:i')), ['table_at' => $earliest->format('H:i')])];
        }

        return $offers;
    }

    /**
     * @param  array<string, mixed>  $change  fields of the ask
     *
     * @return array<string, mixed>
     */
    private function offer(Fact $label, array $change): array
    {
        return ['label' => $this->words->say($label), 'label_fact' => FactDocument::of($label), 'change' => $change];
    }

    /** @return array<string, mixed>|null */
    private function otherPan(): ?array
    {
        $other = (new OtherPans($this->asked, $this->plan))->offer();

        return $other === null ? null : $this->offer($other['label'], $other['change']);
    }

    /** @return array<string, mixed>|null */
    private function ourHeat(): ?array
    {
        return $this->asked->heat === null ? null : $this->offer(Fact::of('offer.our-heat'), ['heat' => null]);
    }

    /** @return array<string, mixed>|null */
    private function otherMarks(): ?array
    {
        $other = $this->plan->asGood?->heat;
        if ($other !== null) {
            return $this->offer(Fact::of('offer.take-marks', hot: $other->hot, gentle: $other->gentle), ['heat' => null, 'pan_heat' => ['hot' => $other->hot, 'gentle' => $other->gentle]]);
        }

        return $this->anotherMark(PlanChecks::otherMark($this->plan));
    }

    /** @return array<string, mixed>|null */
    private function aLidOnTop(): ?array
    {
        $cover = $this->plan->top()->cover;

        return $cover === null ? null : $this->offer(Fact::of('offer.cover-for-the-last', time: Duration::ofMinutes($cover)), ['cover_last_min' => $cover]);
    }

    /** @return array<string, mixed>|null */
    private function anotherMark(?string $mark): ?array
    {
        return $mark === null ? null : $this->offer(Fact::of('fix.set-to', mark: $mark), ['heat' => $mark]);
    }
}

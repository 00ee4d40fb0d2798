<?php

declare(strict_types=1);

namespace Velko\Core\Planning\Around;

use Closure;
use Velko\Core\Cook\Stage;
use Velko\Core\Cook\StageKind;
use Velko\Core\Crust\CrustSchool;
use Velko\Core\Crust\CrustWish;
use Velko\Core\Method\Cover;
use Velko\Core\Method\Fat;
use Velko\Core\Method\Pace;
use Velko\Core\Method\School;
use Velko\Core\Method\Schools;
use Velko\Core\Method\Stirring;
use Velko\Core\Method\Toasting;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Planner;
use Velko\Core\Quantity\Duration;
use Velko\Core\Quantity\Fact;
use Velko\Core\Quantity\Mass;
use Velko\Core\Quantity\Temperature;
use Velko\Core\Season\Finish;
use Velko\Core\Season\Wine;

/** The schools that a family's cooks disagree about, each worked out in the same pan. */
final class Choices
{
    /** A soak as it is usual for a stew, min (common practice: 15 to 20). */
    private const SOAK = 18.0;

    /** Butter as it is beaten in, °C: from the freezer, from the fridge, soft. */
    private const BUTTER = ['frozen' => [-18.0, 'note.butter-frozen'], 'cold' => [4.0, 'note.butter-cold'], 'soft' => [20.0, 'note.butter-soft']];

    /** The same cold within, K. */
    private const AS_COLD = 8.0;

    /** Where a dish has none, for each gram of raw rice: 15 g of butter, 25 g of cream and 30 mL of wine to 80 g (common practice, no single source). */
    private const USUAL_BUTTER = 15 / 80;

    private const USUAL_WINE = 30 / 80;

    private const USUAL_CREAM = 25 / 80;

    /** An oven that finishes a pan, °C (common practice: 180 to 200). */
    private const OVEN = 190.0;

    /** Vermouth and kin, percent by volume. */
    private const FORTIFIED = 18.0;

    /** @return list<Choice> */
    public static function of(Plan $plan): array
    {
        return array_map(static fn (Closure $callback): Choice => $callback(), self::each($plan));
    }

    /** @return list<Closure(): Choice> each to be worked out */
    public static function each(Plan $plan): array
    {
        return array_map(static fn (School $school): Closure => static fn (): Choice => match ($school) {
            School::Doses => self::doses($plan),
            School::Stirring => self::stirring($plan),
            School::Crust => self::crust($plan),
            School::CrustHeat => self::crustHeat($plan),
            School::Soak => self::soak($plan),
            School::Toast => self::toast($plan),
            School::Pace => self::pace($plan),
            School::Cover => self::cover($plan),
            School::Butter => self::butter($plan),
            School::Wine => self::wine($plan),
            School::Fat => self::fat($plan),
            School::Order => self::order($plan),
            School::Way => self::way($plan),
            School::Second => self::second($plan),
            School::Pours => self::pours($plan),
            School::FinishOn => self::finishOn($plan),
            School::Served => self::served($plan),
        }, $plan->ask->family->traits()->schools);
    }

    /** Minutes of hands until the pull: the spoon's share of the time, or a touch for each step. */
    public static function hands(Plan $plan): float
    {
        $touches = count(array_filter($plan->stages, static fn (Stage $stage): bool => $stage->kind === StageKind::Pour || $stage->kind->turnsTheKnob()));

        return max($plan->ask->method->stirring->share() * $plan->pulled->minute(), $touches / 2);
    }

    private static function doses(Plan $plan): Choice
    {
        $options = [];
        foreach (Schools::all() as $name => $school) {
            $options[] = self::option($plan, $name, $plan->ask->method->doses?->name() === $name, ['doses' => $school], Schools::sign($school));
        }

        return new Choice(School::Doses, $options);
    }

    private static function stirring(Plan $plan): Choice
    {
        return new Choice(School::Stirring, array_map(
            static fn (Stirring $stirring): Option => self::option($plan, $stirring->value, $plan->ask->method->stirring === $stirring, ['stirring' => $stirring], $stirring->fact()),
            [Stirring::Constant, Stirring::NowAndThen],
        ));
    }

    private static function toast(Plan $plan): Choice
    {
        $now = $plan->ask->method;
        $options = array_map(
            static fn (Toasting $toasting): Option => self::option($plan, $toasting->value, $now->sealed && $now->toasting === $toasting, ['sealed' => true, 'soak' => 0.0, 'toasting' => $toasting], $toasting->fact()),
            Toasting::cases(),
        );

        return new Choice(School::Toast, [...$options, self::option($plan, 'not-toasted', ! $now->sealed && $now->soak <= 0, ['sealed' => false, 'soak' => 0.0], Fact::of('note.not-toasted'))]);
    }

    private static function pace(Plan $plan): Choice
    {
        return new Choice(School::Pace, array_map(
            static fn (Pace $pace): Option => self::option($plan, $pace->value, $plan->ask->method->pace === $pace, ['pace' => $pace], $pace->fact()),
            Pace::cases(),
        ));
    }

    private static function cover(Plan $plan): Choice
    {
        $now = Cover::of($plan->ask->method);
        $traits = $plan->ask->family->traits();

        return new Choice(School::Cover, array_map(
            // A lid holds the heat: other marks are looked for.
            static fn (Cover $cover): Option => self::asked($cover->value, $now === $cover ? $plan : Planner::plan($plan->ask->withMethod($cover === Cover::Open && ! $traits->driesOut ? ['pace' => Pace::Medium, ...$cover->changes(false)] : $cover->changes($traits->driesOut))), $now === $cover, $cover->fact()),
            Cover::known($traits->inStages, $traits->driesOut),
        ));
    }

    /** The butter as cold as it may be, or none: then starch and cheese bind it alone. */
    private static function butter(Plan $plan): Choice
    {
        $finish = $plan->ask->finish;
        $options = [];
        foreach (self::BUTTER as $label => [$celsius, $note]) {
            $chosen = $finish->butter > 0 && abs($finish->butterTemperature - $celsius) < self::AS_COLD;
            $butter = $finish->butter > 0 ? $finish->butter : self::USUAL_BUTTER * $plan->rice();
            $options[] = self::asked($label, $chosen ? $plan : Planner::plan($plan->onTheSameHeat()->withFinish(new Finish($butter, $finish->cheese, $finish->salted, $celsius))), $chosen, Fact::of($note));
        }
        $usual = self::USUAL_BUTTER * $plan->rice();
        $instead = [
            'marrow' => [$finish->marrow, new Finish(0.0, $finish->cheese, marrow: $usual), Fact::of('note.marrow')],
            'oil' => [$finish->oil, new Finish(0.0, $finish->cheese, oil: $usual), Fact::of('note.oil-beaten-in')],
            'cream' => [$finish->cream, new Finish(0.0, $finish->cheese, cream: self::USUAL_CREAM * $plan->rice()), Fact::of('note.cream')],
        ];
        foreach ($instead as $label => [$grams, $other, $note]) {
            $chosen = $finish->butter <= 0 && $grams > 0;
            $options[] = self::asked($label, $chosen ? $plan : Planner::plan($plan->onTheSameHeat()->withFinish($other)), $chosen, $note);
        }
        $none = $finish->butter + $finish->cream + $finish->marrow + $finish->oil <= 0;

        return new Choice(School::Butter, [...$options, self::asked('no-butter', $none ? $plan : Planner::plan($plan->onTheSameHeat()->withFinish(new Finish(0.0, $finish->cheese))), $none, Fact::of('note.no-butter'))]);
    }

    private static function fat(Plan $plan): Choice
    {
        return new Choice(School::Fat, array_map(
            static fn (Fat $fat): Option => self::option($plan, $fat->value, $plan->ask->method->fat === $fat, ['fat' => $fat], $fat->fact()),
            Fat::cases(),
        ));
    }

    /** The rice into the base and the stock over it, or the stock first and the rice rained into it. */
    private static function order(Plan $plan): Choice
    {
        $now = $plan->ask->method;

        return new Choice(School::Order, [
            self::option($plan, 'rice-first', ! $now->rainedIn, ['rainedIn' => false, 'baseApart' => false], Fact::of('note.rice-first')),
            self::option($plan, 'stock-first', $now->rainedIn && ! $now->baseApart, ['rainedIn' => true, 'baseApart' => false], Fact::of('note.stock-first')),
            self::option($plan, 'base-to-the-stock', $now->rainedIn && $now->baseApart, ['rainedIn' => true, 'baseApart' => true], Fact::of('note.base-to-the-stock')),
        ]);
    }

    /** As its own steps say; or washed, soaked, drained into boiling stock and steamed when its top is dry, as rice is cooked that is to fall apart. */
    private static function way(Plan $plan): Choice
    {
        $now = $plan->ask->method;
        $steamed = $now->soak > 0 && $now->rainedIn && $now->coverFromGrains;
        $other = $plan->ask->onAnyHeat()->withTarget($plan->ask->target->with($steamed ? CrustWish::Gold : CrustWish::None));

        return new Choice(School::Way, [
            self::asked('its-own', $steamed ? Planner::plan($other->withMethod(['soak' => 0.0, 'rinsed' => false, 'sealed' => true, 'rainedIn' => false, ...Cover::Open->changes(true)])) : $plan, ! $steamed, Fact::of('note.its-own')),
            self::asked('washed-soaked-steamed', $steamed ? $plan : Planner::plan($other->withMethod(['soak' => self::SOAK, 'rinsed' => true, 'sealed' => false, 'rainedIn' => true, 'oven' => null, ...Cover::FromTheGrains->changes(true)])), $steamed, Fact::of('note.washed-soaked-steamed')),
        ]);
    }

    /** On its ring to the end, or into an oven when the grains show: even, without a crust. */
    private static function second(Plan $plan): Choice
    {
        $now = $plan->ask->method->oven;
        $other = static fn (?float $oven): Plan => Planner::plan($plan->ask->onAnyHeat()->inOven($oven));

        return new Choice(School::Second, [
            self::asked('on-the-ring', $now === null ? $plan : $other(null), $now === null, Fact::of('note.on-the-ring')),
            self::asked('in-the-oven', $now !== null ? $plan : $other(self::OVEN), $now !== null, Fact::of('note.in-the-oven', temperature: Temperature::ofC($now ?? self::OVEN))),
        ]);
    }

    private static function pours(Plan $plan): Choice
    {
        $now = $plan->ask->method->twoPours;

        return new Choice(School::Pours, [
            self::option($plan, 'one', ! $now, ['twoPours' => false], Fact::of('note.one-pour')),
            self::option($plan, 'two', $now, ['twoPours' => true], Fact::of('note.two-pours')),
        ]);
    }

    private static function finishOn(Plan $plan): Choice
    {
        $now = $plan->ask->method->finishOnTheHeat;

        return new Choice(School::FinishOn, [
            self::option($plan, 'off', ! $now, ['finishOnTheHeat' => false], Fact::of('note.finish-off')),
            self::option($plan, 'lowest-heat', $now, ['finishOnTheHeat' => true], Fact::of('note.finish-on-the-heat')),
        ]);
    }

    private static function served(Plan $plan): Choice
    {
        $now = $plan->ask->isPlated();
        $note = static fn (Plan $after): Fact => Fact::of('note.at-the-table', temperature: Temperature::ofC(round($after->atTable->temperature)));
        $options = [];
        foreach (['in-the-pan' => false, 'plated' => true] as $label => $plated) {
            $after = $now === $plated ? $plan : Planner::plan($plan->onTheSameHeat()->withMethod(['plated' => $plated]));
            $options[] = self::asked($label, $after, $now === $plated, $note($after));
        }

        return new Choice(School::Served, $options);
    }

    private static function wine(Plan $plan): Choice
    {
        $volume = $plan->ask->wine > 0 ? $plan->ask->wine : self::USUAL_WINE * $plan->rice();
        $now = $plan->ask->ofWine;
        $kinds = ['wine-as-it-comes' => new Wine, 'wine-cooked-off' => new Wine(cookedOff: true), 'wine-fortified' => new Wine(self::FORTIFIED)];
        $options = [];
        foreach ($kinds as $label => $kind) {
            $chosen = $plan->ask->wine > 0 && $now->cookedOff === $kind->cookedOff && ($now->percent >= self::FORTIFIED) === ($kind->percent >= self::FORTIFIED);
            $after = $chosen ? $plan : Planner::plan($plan->onTheSameHeat()->withWine($volume)->withWineOf($kind));
            $options[] = self::asked($label, $after, $chosen, self::wineNote($after));
        }
        $none = $plan->ask->wine <= 0;
        $without = $none ? $plan : Planner::plan($plan->onTheSameHeat()->withWine(0.0));

        return new Choice(School::Wine, [...$options, self::asked('no-wine', $without, $none, self::wineNote($without))]);
    }

    private static function wineNote(Plan $plan): Fact
    {
        return Fact::of('note.alcohol', grams: Mass::ofG(round($plan->ask->wine > 0 ? $plan->alcoholPerCover() : 0.0, 1)));
    }

    private static function asked(string $label, Plan $after, bool $chosen, Fact $note): Option
    {
        return new Option($label, $chosen, $after, $note);
    }

    private static function crustHeat(Plan $plan): Choice
    {
        return new Choice(School::CrustHeat, array_map(
            static fn (CrustSchool $crustSchool): Option => self::option($plan, $crustSchool->value, $plan->ask->method->crust === $crustSchool, ['crust' => $crustSchool]),
            CrustSchool::cases(),
        ));
    }

    private static function crust(Plan $plan): Choice
    {
        $target = $plan->ask->target;

        return new Choice(School::Crust, array_map(static function (CrustWish $crustWish) use ($plan, $target): Option {
            $after = $target->crust === $crustWish ? $plan : Planner::plan($plan->onTheSameHeat()->withTarget($target->with($crustWish)));

            return new Option($crustWish->value, $target->crust === $crustWish, $after, self::crustNote($after));
        }, CrustWish::cases()));
    }

    private static function soak(Plan $plan): Choice
    {
        $soaked = $plan->ask->method->soak > 0;

        return new Choice(School::Soak, [
            self::option($plan, 'as-it-comes', ! $soaked, ['soak' => 0.0, 'rinsed' => false, 'sealed' => true], Fact::of('note.more-body')),
            self::option($plan, 'washed-and-soaked', $soaked, ['soak' => $soaked ? $plan->ask->method->soak : self::SOAK, 'rinsed' => true, 'sealed' => false], Fact::of('note.cleaner-broth')),
        ]);
    }

    /** @param  array<string, mixed>  $changes  of the method, by property */
    private static function option(Plan $plan, string $label, bool $chosen, array $changes, ?Fact $note = null): Option
    {
        $after = $chosen ? $plan : Planner::plan($plan->onTheSameHeat()->withMethod($changes));

        return new Option($label, $chosen, $after, $note ?? self::crustNote($after));
    }

    private static function crustNote(Plan $plan): Fact
    {
        $crust = $plan->crust?->plan;

        return match (true) {
            $crust === null, $crust->legs === [] => Fact::of('note.off-when-dry'),
            default => Fact::of('note.crust', time: Duration::ofSeconds(round($crust->seconds())), mark: $crust->mark, even: $crust->even),
        };
    }
}

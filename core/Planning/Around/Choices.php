<?php

declare(strict_types=1);

namespace Velko\Core\Planning\Around;

use Closure;
use Velko\Core\Cook\Stage;
use Velko\Core\Cook\StageKind;
use Velko\Core\Crust\CrustSchool;
use Velko\Core\Crust\CrustWish;
use Velko\Core\Method\School;
use Velko\Core\Method\Schools;
use Velko\Core\Method\Stirring;
use Velko\Core\Method\Toasting;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Planner;
use Velko\Core\Planning\Target;
use Velko\Core\Quantity\Duration;
use Velko\Core\Quantity\Fact;

/** The schools that a family's cooks disagree about, each worked out in the same pan. */
final class Choices
{
    /** A soak as it is usual for a stew, min (common practice: 15 to 20). */
    private const SOAK = 18.0;

    /** @return list<Choice> */
    public static function of(Plan $plan): array
    {
        return array_map(static fn (Closure $one): Choice => $one(), self::each($plan));
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
            static fn (Stirring $one): Option => self::option($plan, $one->value, $plan->ask->method->stirring === $one, ['stirring' => $one], $one->fact()),
            [Stirring::Constant, Stirring::NowAndThen],
        ));
    }

    private static function toast(Plan $plan): Choice
    {
        $now = $plan->ask->method;
        $options = array_map(
            static fn (Toasting $one): Option => self::option($plan, $one->value, $now->sealed && $now->toasting === $one, ['sealed' => true, 'soak' => 0.0, 'toasting' => $one], $one->fact()),
            Toasting::cases(),
        );

        return new Choice(School::Toast, [...$options, self::option($plan, 'not-toasted', ! $now->sealed && $now->soak <= 0, ['sealed' => false, 'soak' => 0.0], Fact::of('note.not-toasted'))]);
    }

    private static function crustHeat(Plan $plan): Choice
    {
        return new Choice(School::CrustHeat, array_map(
            static fn (CrustSchool $one): Option => self::option($plan, $one->value, $plan->ask->method->crust === $one, ['crust' => $one]),
            CrustSchool::cases(),
        ));
    }

    private static function crust(Plan $plan): Choice
    {
        $target = $plan->ask->target;

        return new Choice(School::Crust, array_map(static function (CrustWish $one) use ($plan, $target): Option {
            $after = $target->crust === $one ? $plan : Planner::plan($plan->onTheSameHeat()->withTarget(new Target($target->looseness, $target->minutesToTable, $one)));

            return new Option($one->value, $target->crust === $one, $after, self::crustNote($after));
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

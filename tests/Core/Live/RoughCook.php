<?php

declare(strict_types=1);

namespace Tests\Core\Live;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\OnTheFire;
use Velko\Core\Act\Lift;
use Velko\Core\Act\Off;
use Velko\Core\Cook\Replay;
use Velko\Core\Cook\Sign;
use Velko\Core\Cook\StageKind;
use Velko\Core\Cook\Status;
use Velko\Core\Cook\Taste;
use Velko\Core\Cook\Touch;
use Velko\Core\Cook\TouchKind;
use Velko\Core\Cook\Weighing;
use Velko\Core\Food\Goes;
use Velko\Core\Food\Portion;
use Velko\Core\Live\Forecast;
use Velko\Core\Live\Step;
use Velko\Core\Method\HeatChange;
use Velko\Core\Method\Load;
use Velko\Core\Pan\Simulation;
use Velko\Core\Pan\State;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Cooking;
use Velko\Core\Planning\Plan;
use Velko\Core\Rice\Grain;

/**
 * A cook with rough hands beside a true pan: what the stove asks for is done late, early, by too much or too little, and
 * what is said of the pan may be wrong. The stove sees only what it is told.
 */
final class RoughCook
{
    /** No cook is followed for longer, s. */
    private const LONGEST = 5400.0;

    private const TARE = 1500.0;

    private const EXTRAS = 300.0;

    /** A sign that is not there is waited for so long, s, so many times. */
    private const WAITS = 40.0;

    private const MOST_WAITS = 6;

    /** Whoever looks into the pan looks so often, s. */
    private const LOOKS_EVERY = 15.0;

    private readonly Randomizer $chance;

    private readonly Cooking $cooking;

    private readonly State $true;

    private readonly float $rice;

    private readonly float $boiling;

    /** @var list<Touch> */
    private array $touches = [];

    private float $second = 0.0;

    private bool $weighed = false;

    private bool $awayStill;

    private int $waited = 0;

    /** s since the stove called for what is done now */
    private ?float $late = null;

    /** @var array<string, true> signs said so far */
    private array $said = [];

    /** Pours, lifts and turns that the plan does not have. */
    private int $beyond = 0;

    /** @var list<string> what must never be, as it was seen */
    private array $wrong = [];

    private ?State $eaten = null;

    private readonly Ask $ask;

    /**
     * @param  float  $power  how strong the ring truly is, times what its marks say
     * @param  Ask|null  $true  the pan as it truly is, where more than its ring is not as the plan takes it
     */
    public function __construct(private readonly Plan $plan, private readonly float $power, private readonly Hands $hands, int $seed, ?Ask $true = null)
    {
        $this->chance = new Randomizer(new Mt19937($seed));
        $this->ask = $true ?? $plan->ask;
        $this->cooking = new Cooking($this->ask->on($this->ask->burner->times($power))->withMethod(['lid' => []]), [new HeatChange(0.0, $plan->heat[0]->mark)]);
        $this->true = $this->cooking->start();
        $this->rice = $plan->ask->rice();
        $this->boiling = $plan->ask->conditions()->boiling;
        $this->awayStill = $hands->calledAway;
    }

    public function cook(): Outcome
    {
        $this->beforeTheFirstLiquid();
        while ($this->second < self::LONGEST && ($forecast = $this->forecast()) !== null) {
            $this->look($forecast);
            $step = $forecast->steps[0] ?? null;
            if ($step === null) {
                break;
            }
            $actAt = max($this->second, 60 * $step->minute) + $this->lateness();
            $weighAt = 60 * 0.4 * $this->plan->pulled->minute();
            if (! $this->weighed && $this->hands->weighs !== 'never' && $actAt > $weighAt) {
                $this->goOn(max($this->second, $weighAt));
                $this->weigh();

                continue;
            }
            if ($this->awayStill && $actAt > 60 * 0.5 * $this->plan->pulled->minute()) {
                $this->awayStill = false;
                $actAt = max($actAt, $this->second + 300.0);
            }
            if ($this->glances(max($this->second + 1.0, $actAt))) {
                continue;
            }
            $this->act();
        }

        return new Outcome($this->plan, $this->eaten ?? $this->true, $this->eaten !== null, $this->second / 60, $this->beyond, $this->wrong);
    }

    /** @return list<Touch> what it was told */
    public function touches(): array
    {
        return $this->touches;
    }

    private function beforeTheFirstLiquid(): void
    {
        if ($this->hands->tares) {
            $this->touches[] = new Touch('tare', TouchKind::Weigh, OnTheFire::at(-0.2), weighing: new Weighing(self::TARE + self::extras($this->ask) + $this->rice + $this->between(-8.0, 8.0), self::TARE, self::extras($this->plan->ask)));
        }
        foreach ($this->plan->stages as $i => $stage) {
            if ($stage->minute > 0.0) {
                break;
            }
            $this->touches[] = new Touch("s$i", $stage->volume === null ? TouchKind::Done : TouchKind::Pour, OnTheFire::at(min(0.0, $stage->minute)), $i, $stage->volume);
            if ($stage->volume !== null) {
                $this->cooking->do($this->true, $stage->kind === StageKind::Wine ? $this->cooking->wine($stage->volume) : $this->cooking->stock($stage->volume));
                if ($stage->mark !== null) {
                    $this->cooking->set($this->true, $stage->mark);
                }
            }
        }
    }

    private function forecast(): ?Forecast
    {
        $replay = Replay::of($this->plan->stages, $this->touches);

        return $replay->status === Status::Cooking ? Forecast::of($this->plan->ask, $this->plan->heat, $replay, $this->now()) : null;
    }

    /** What must never be seen at a stove. */
    private function look(Forecast $forecast): void
    {
        $step = $forecast->steps[0] ?? null;
        if ($step === null || $forecast->standing !== null) {
            return;
        }
        $calls = 60 * $step->minute <= $this->second + 1.0;
        $past = $forecast->now->doneness > $this->plan->ask->grain->window->rightTo();
        if ($calls && $past && in_array($step->kind, [StageKind::Pour, StageKind::Wine, StageKind::Taste, StageKind::Level], true)) {
            $this->wrong[] = sprintf('minute %.1f: %s asked for with the bite past', $this->second / 60, $step->kind->value);
        }
    }

    /** Does what the stove shows by the time the hand gets there. */
    private function act(): void
    {
        $forecast = $this->forecast();
        $step = $forecast->steps[0] ?? null;
        if ($forecast === null || $step === null) {
            return;
        }
        $this->look($forecast);
        // Early hands are there a little before the call; what is not due for longer is left alone.
        if (60 * $step->minute > $this->second + 25.0) {
            return;
        }
        $this->late = max(0.0, $this->second - 60 * $step->minute);
        match ($step->kind) {
            StageKind::Pour => $this->pour($step),
            StageKind::Lift => $this->lift($step),
            StageKind::Heat, StageKind::Crust => $this->turn($step),
            StageKind::Taste => $this->taste($step),
            default => $this->done($step),
        };
    }

    private function pour(Step $step): void
    {
        if ($this->signIsMissing($step)) {
            return;
        }
        $poured = round(($step->volume ?? 0.0) * (1 + $this->between(-$this->hands->pours, $this->hands->pours)), 1);
        $this->cooking->pourStock($this->true, $poured);
        // What is told is what was asked for: nobody measures what was spilt.
        $this->say($step->stage === null ? TouchKind::Splash : TouchKind::Pour, $step->stage, volume: $step->volume);
        if ($step->stage === null) {
            $this->beyond++;
        }
    }

    private function lift(Step $step): void
    {
        $this->cooking->do($this->true, new Lift($step->volume ?? 0.0));
        $this->say(TouchKind::Lift, null, volume: $step->volume);
        $this->beyond++;
    }

    private function turn(Step $step): void
    {
        if ($this->signIsMissing($step)) {
            return;
        }
        $forgets = $step->kind === StageKind::Heat && $this->between(0.0, 1.0) < $this->hands->forgetsKnob;
        if (! $forgets && $step->mark !== null) {
            $this->cooking->set($this->true, $step->mark);
        }
        $this->say($step->stage === null ? TouchKind::Heat : TouchKind::Done, $step->stage, mark: $step->mark);
        if ($step->stage === null) {
            $this->beyond++;
        }
    }

    private function taste(Step $step): void
    {
        if ($this->between(0.0, 1.0) >= $this->hands->skipsTaste) {
            $window = $this->ask->grain->window;
            $felt = $this->true->doneness + $this->between(-1.0, 1.0);
            if ($this->hands->signs === 'rightly') {
                // Who tastes looks at how it falls from the spoon, too.
                $falls = $this->plan->ask->family->traits()->name === 'pan-rice' ? null : Sign::ofLooseness($this->true->free / $this->rice + $this->between(-0.05, 0.05), $this->plan->ask->family->traits()->scale);
                $falls === null ? null : $this->say(TouchKind::Sign, null, sign: $falls);
            }
            $this->say(TouchKind::Taste, null, taste: match (true) {
                $felt < $window->low - 3.0 => Taste::Crunchy,
                $felt < $window->rightFrom() => Taste::Nearly,
                $felt <= $window->rightTo() => Taste::Right,
                default => Taste::Soft,
            });
        }
        $this->say(TouchKind::Done, $step->stage);
    }

    private function done(Step $step): void
    {
        if ($step->kind === StageKind::Off) {
            $this->true->second = round($this->true->second);
            $this->say(TouchKind::Done, $step->stage);
            $this->pulled();

            return;
        }
        $this->say(TouchKind::Done, $step->stage);
    }

    /** Off the heat: finish, rest and walk with the same hands. */
    private function pulled(): void
    {
        $off = $this->second;
        while (($forecast = $this->forecast()) !== null && ($step = $forecast->steps[0] ?? null) !== null) {
            $this->second = max($this->second, 60 * $step->minute) + max(0.0, $this->lateness());
            $this->late = $this->second - 60 * $step->minute;
            match ($step->kind) {
                StageKind::Pour => $this->pour($step),
                StageKind::Lift => $this->lift($step),
                default => $this->say(TouchKind::Done, $step->stage),
            };
            if ($this->second > $off + 3600) {
                break;
            }
        }
        $this->eaten = clone $this->true;
        $this->cooking->toTableAt($this->eaten, $this->second);
        $this->second = self::LONGEST + $this->second;
    }

    /** A sign that is looked for and not there: "not yet" is said, and the hand waits. */
    private function signIsMissing(Step $step): bool
    {
        $level = match ($step->kind) {
            StageKind::Heat => $this->plan->ask->family->traits()->name === 'pan-rice' ? Grain::gaps($this->rice, $this->true->drunk) : INF,
            StageKind::Crust => Simulation::WET * $this->rice,
            StageKind::Pour => $this->true->poured <= $this->plan->ask->wine ? 1.5 * Sign::WINE_GONE * $this->rice : $this->dueLevel(),
            default => INF,
        };
        if ($step->kind === StageKind::Heat && $this->plan->ask->family->traits()->name === 'soupy-rice') {
            $level = $this->true->temperature < $this->boiling - 0.3 ? 0.0 : 1e9; // it does not boil yet
        }
        $missing = $this->true->free > 1.15 * $level;
        $says = match ($this->hands->signs) {
            'never' => false,
            'wrongly' => $this->between(0.0, 1.0) < 0.3 ? ! $missing : $missing,
            default => $missing,
        };
        if (! $says || $step->stage === null || $this->waited >= self::MOST_WAITS || is_infinite($level)) {
            return false;
        }
        $this->waited++;
        $this->say(TouchKind::NotYet, $step->stage);
        $this->goOn($this->second + self::WAITS);

        return true;
    }

    /**
     * On to a second; hands that say what they see look into the pan meanwhile, and say a sign when it shows.
     *
     * @return bool whether something was said before the second came
     */
    private function glances(float $second): bool
    {
        while ($this->second < self::LONGEST && in_array($this->hands->signs, ['rightly', 'late', 'wrongly'], true) && $this->second + self::LOOKS_EVERY < $second) {
            $this->goOn($this->second + self::LOOKS_EVERY);
            $sign = $this->sees();
            if ($sign !== null && ! isset($this->said[$sign->value])) {
                $this->said[$sign->value] = true;
                $this->goOn($this->second + match ($this->hands->signs) {
                    'rightly' => 0.0,
                    default => $this->between(10.0, 60.0),
                });
                $this->say(TouchKind::Sign, null, sign: $sign);

                return true;
            }
        }
        $this->goOn($second);

        return false;
    }

    /** How it falls from the spoon, to a word. */
    private function falls(): ?Sign
    {
        $this->said['falls'] = true;

        return Sign::ofLooseness($this->true->free / $this->rice + $this->between(-0.05, 0.05), $this->plan->ask->family->traits()->scale);
    }

    /** What shows in the pan by now. */
    private function sees(): ?Sign
    {
        $free = $this->true->free;
        if ($this->hands->signs === 'wrongly' && $this->between(0.0, 1.0) < 0.02) {
            return Sign::GrainsShow;
        }

        return match (true) {
            $this->true->poured <= $this->plan->ask->wine => null,
            $this->plan->ask->family->traits()->name === 'pan-rice' && $free <= Simulation::DRY * $this->rice => Sign::Crackle,
            $this->plan->ask->family->traits()->name === 'pan-rice' && $free <= Grain::gaps($this->rice, $this->true->drunk) => Sign::GrainsShow,
            $this->plan->ask->family->traits()->name === 'soupy-rice' && ! isset($this->said['boils']) && $this->true->temperature >= $this->boiling - 0.3 => Sign::Boils,
            $this->plan->ask->family->traits()->name === 'soupy-rice' && $free <= Grain::gaps($this->rice, $this->true->drunk) => Sign::GrainsShow,
            $this->plan->ask->family->traits()->name === 'risotto' && $free <= 0.37 * $this->rice => Sign::DryTrail,
            // Past half way whoever looks into the pan sees how it falls from the spoon.
            $this->plan->ask->family->traits()->name === 'risotto' && $this->second > 60 * 0.6 * $this->plan->pulled->minute() && ! isset($this->said['falls']) => $this->falls(),
            default => null,
        };
    }

    /** Free liquid at which the school's next dose is due, g; INF where there is none. */
    private function dueLevel(): float
    {
        $ask = $this->plan->ask;
        $school = $ask->method->doses;

        // The last doses make the sauce: they go in at the call, whatever the trail does.
        $sauce = $this->second > 60 * ($this->plan->pulled->minute() - 6.0);

        return $school === null || $sauce || is_finite($school->dueAfter()) ? INF
            : max(0.1 * $this->rice, $school->dueAt(new Load($this->rice, $ask->pan->baseArea(), $this->true->net, $ask->grain, $ask->ladle), $this->true));
    }

    private function weigh(): void
    {
        $this->weighed = true;
        $water = $this->true->free + $this->rice * $this->true->drunk;
        $off = $this->hands->weighs === 'wrongly' ? $this->between(-0.15, 0.15) * $water : $this->between(-8.0, 8.0);
        $this->say(TouchKind::Weigh, null, weighing: new Weighing(self::TARE + self::extras($this->ask) + $this->rice + $water + $off, self::TARE, self::extras($this->plan->ask)));
    }

    /** g of what was sweated, as it weighs in a pan; of something, where nothing is said of it */
    private static function extras(Ask $ask): float
    {
        $base = array_filter($ask->food, static fn (Portion $portion): bool => $portion->goes === Goes::Base);

        return $base === [] ? self::EXTRAS : array_sum(array_map(static fn (Portion $portion): float => $portion->mass(), $base));
    }

    private function goOn(float $second): void
    {
        $this->second = min($second, self::LONGEST);
        $this->cooking->runTo($this->true, $this->second);
    }

    private function say(TouchKind $kind, ?int $stage, ?float $volume = null, ?string $mark = null, ?Sign $sign = null, ?Taste $taste = null, ?Weighing $weighing = null): void
    {
        $this->touches[] = new Touch('t'.count($this->touches), $kind, $this->now() + count($this->touches) % 10, $stage, $volume, mark: $mark, sign: $sign, taste: $taste, weighing: $weighing, asked: $stage === null && in_array($kind, [TouchKind::Splash, TouchKind::Lift, TouchKind::Heat], true), late: in_array($kind, [TouchKind::Done, TouchKind::Pour], true) ? $this->late : null);
    }

    private function now(): int
    {
        return OnTheFire::at($this->second / 60);
    }

    private function lateness(): float
    {
        return $this->between(...$this->hands->late);
    }

    private function between(float $low, float $high): float
    {
        return $low + ($high - $low) * $this->chance->getInt(0, 1_000_000) / 1e6;
    }
}

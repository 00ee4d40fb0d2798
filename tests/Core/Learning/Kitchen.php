<?php

declare(strict_types=1);

namespace Tests\Core\Learning;

use LogicException;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Kitchens;
use Tests\Core\OnTheFire;
use Velko\Core\Cook\Replay;
use Velko\Core\Cook\Sign;
use Velko\Core\Cook\StageKind;
use Velko\Core\Cook\Taste;
use Velko\Core\Cook\Touch;
use Velko\Core\Cook\TouchKind;
use Velko\Core\Cook\Verdict;
use Velko\Core\Cook\Weighing;
use Velko\Core\Food\Foods;
use Velko\Core\Food\Goes;
use Velko\Core\Food\Portion;
use Velko\Core\Learning\Effect;
use Velko\Core\Learning\Lesson;
use Velko\Core\Learning\LoggedCook;
use Velko\Core\Learning\Parameter;
use Velko\Core\Method\HeatChange;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Cooking;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Planner;
use Velko\Core\Rice\Bite;
use Velko\Core\Rice\Variety;

/**
 * A kitchen with hidden true numbers and a long log: two rings of two marks each, two pans, one rice, one dish. Every cook follows its plan
 * with late hands; cooks differ more from each other than the model takes them to.
 */
final class Kitchen
{
    public const RINGS = ['ring 1', 'ring 2'];

    public const MARKS = ['medium', 'medium-high'];

    public const PANS = ['pan 1', 'pan 2'];

    public const RICE = 'carnaroli';

    public const DISH = 'leek risotto';

    /** What cooks differ by, against the model's own. */
    private const WIDER = 1.4;

    private const WRONG_WORD = 0.15;

    private const WRONG_WEIGHING = 0.05;

    private const TARE_G = 1500.0;

    private readonly Randomizer $chance;

    /** @var array<string, float> what is truly off, by key of a parameter */
    public readonly array $true;

    private readonly Ask $usual;

    /** @var array<string, Plan> */
    private array $plans = [];

    /** @var list<string> ids of cooks whose weighing was wrong */
    public array $wronglyWeighed = [];

    /**
     * @param  'plain'|'sack'|'scale'|'ladle'|'pans'|'altitude'|'stock'|'jet'|'random-words'|'always-right'|'never-weighs'  $fault
     */
    public function __construct(private readonly int $seed, private readonly string $fault = 'plain')
    {
        $this->chance = new Randomizer(new Mt19937($seed));
        $true = [];
        foreach (self::RINGS as $ring) {
            $true[Parameter::ring($ring)->key()] = $this->normal(0.17);
            foreach (self::MARKS as $mark) {
                $true[Parameter::mark($ring, $mark)->key()] = $this->normal(0.07);
            }
        }
        foreach (self::PANS as $at => $pan) {
            $true[Parameter::pan($pan)->key()] = $fault === 'pans' ? ($at === 0 ? 0.12 : -0.12) : $this->normal(0.04);
        }
        $this->true = [
            ...$true,
            Parameter::drinking(self::RICE)->key() => $this->normal(0.06), Parameter::doneness(self::RICE)->key() => $this->normal(0.06), Parameter::base(self::DISH)->key() => $this->normal(0.12),
            Parameter::scale()->key() => $fault === 'scale' ? log(1.1) : $this->normal(0.01), Parameter::ladle()->key() => $fault === 'ladle' ? log(1.1) : $this->normal(0.015),
            // Nobody says how high a kitchen stands to the metre, nor how hot its stock is to the degree.
            Parameter::altitude()->key() => ($fault === 'altitude' ? 1.4 : 0.0) + $this->normal(0.07), Parameter::stock()->key() => ($fault === 'stock' ? -25.0 : 0.0) + $this->normal(3.0),
        ];
        $base = 22 + $this->between(0, 14);
        $area = M_PI * ($base / 200) ** 2;
        $full = $this->between(26000, 32000) * $area;
        $usual = Kitchens::ask(
            covers: max(2, (int) ($this->between(0.25, 0.6) * 50 * $area * 1000 * 0.79 / 2.6 / 80)), variety: Variety::Carnaroli, base: $base, ring: 0.7 * $base,
            net: ['low' => 0.2 * $full, 'medium' => 0.42 * $full, 'medium-high' => 0.55 * $full, 'high' => $full], mark: 'medium', wine: 0, butter: 12, cheese: 12, altitude: 100,
        );
        $this->usual = $usual->withFood([new Portion('leeks', Foods::find('leeks') ?? throw new LogicException, round(0.6 * $usual->rice()), Goes::Base, 5.0)]);
    }

    public function usual(string $mark = 'medium', ?int $covers = null): Ask
    {
        return $this->usual->forCovers($covers ?? $this->usual->covers)->withMethod(['heat' => [new HeatChange(0.0, $mark)]]);
    }

    /** The same as it truly is, at the end of the log. */
    public function truly(Ask $ask, string $ring, string $mark, string $pan, bool $after = true): Ask
    {
        foreach ([Parameter::ring($ring), Parameter::mark($ring, $mark), Parameter::pan($pan), Parameter::drinking(self::RICE), Parameter::doneness(self::RICE), Parameter::base(self::DISH), Parameter::altitude(), Parameter::stock()] as $parameter) {
            $ask = $parameter->in($ask, $this->true[$parameter->key()] + $this->changed($parameter, $after));
        }

        return $ask;
    }

    /** What is true of a number by the end of the log. */
    public function isTruly(string $key): float
    {
        return $this->true[$key] + ($key === Parameter::drinking(self::RICE)->key() ? $this->changed(Parameter::drinking(self::RICE), true) : ($key === Parameter::ring('ring 1')->key() ? $this->changed(Parameter::ring('ring 1'), true) : 0.0));
    }

    private function changed(Parameter $parameter, bool $after): float
    {
        return match (true) {
            ! $after => 0.0,
            $this->fault === 'sack' && $parameter->of === 'drinking' => log(1.15),
            $this->fault === 'jet' && $parameter->of === 'ring-power' && $parameter->mark === null && $parameter->whose === 'ring 1' => log($this->seed % 2 === 0 ? 1.3 : 0.75),
            default => 0.0,
        };
    }

    /**
     * So many cooks, a day each; a new sack and a new jet come half-way.
     *
     * @return list<Lesson>
     */
    public function cooks(int $count): array
    {
        return array_values(array_filter(array_map(fn (int $i): ?Lesson => Lesson::of($this->cook($i, $i >= $count / 2)), range(0, $count - 1))));
    }

    public function cook(int $day, bool $after): LoggedCook
    {
        $ring = self::RINGS[$this->chance->getInt(0, 1)];
        $mark = self::MARKS[$this->chance->getInt(0, 1)];
        $pan = self::PANS[$this->chance->getInt(0, 1)];
        $covers = max(1, (int) round($this->usual->covers * [0.6, 0.8, 1.0, 1.2][$this->chance->getInt(0, 3)]));
        $plan = $this->plans["$mark $covers"] ??= Planner::plan($this->usual($mark, $covers));
        $true = $this->truly($plan->ask, $ring, $mark, $pan, $after);
        $wider = static fn (string $of): float => self::WIDER * Effect::SCATTER[$of];
        $true = Parameter::drinking(self::RICE)->in($true, $this->normal($wider('drinking')));
        $true = Parameter::doneness(self::RICE)->in($true, $this->normal($wider('doneness')));
        $true = Parameter::base(self::DISH)->in($true, $this->normal($wider('base-yield')));
        $true = Parameter::ring($ring)->in($true, $this->normal($wider('ring-power')));
        $true = Parameter::stock()->in($true, $this->normal(Effect::SCATTER['stock-temperature']));
        $touches = $this->played($plan, $true, "cook $day", $this->normal($wider('ladle')));

        return new LoggedCook("cook $day", 86_400_000 * $day, $plan->ask, $plan->heat, Replay::of($plan->stages, $touches), $ring, self::RICE, self::DISH, $pan);
    }

    /** @return list<Touch> */
    private function played(Plan $plan, Ask $true, string $id, float $ladle): array
    {
        $cooking = new Cooking($true, $plan->heat);
        $pan = $cooking->start();
        $rice = $true->rice();
        $pull = 60 * $plan->pulled->minute();
        $weighs = $this->fault !== 'never-weighs' && $this->between(0, 1) < 0.5 ? $this->between(0.35, 0.75) * $pull : INF;
        $tares = is_finite($weighs) && $this->between(0, 1) < 0.5;
        $looks = $this->between(0, 1) < 0.7 ? 0.6 * $pull : INF;
        $touches = [];
        $base = array_sum(array_map(static fn (Portion $portion): float => $portion->mass(), array_filter($true->food, static fn (Portion $portion): bool => $portion->goes === Goes::Base)));
        $thought = array_sum(array_map(static fn (Portion $portion): float => $portion->mass(), array_filter($plan->ask->food, static fn (Portion $portion): bool => $portion->goes === Goes::Base)));
        $shows = exp($this->true[Parameter::scale()->key()]);
        $say = static function (TouchKind $kind, float $second, mixed ...$more) use (&$touches): void {
            $touches[] = new Touch('t'.count($touches), $kind, OnTheFire::at($second / 60) + count($touches) % 10, ...$more);
        };
        if ($tares) {
            $say(TouchKind::Weigh, -12.0, weighing: new Weighing($shows * (self::TARE_G + $base + $rice + $this->normal(7.0)), $shows * self::TARE_G, $thought));
        }
        $second = 0.0;
        $off = null;
        foreach ($plan->stages as $i => $stage) {
            if ($stage->minute <= 0.0) {
                $say($stage->volume === null ? TouchKind::Done : TouchKind::Pour, min(0.0, 60 * $stage->minute), stage: $i, volume: $stage->volume);
                if ($stage->volume !== null) {
                    $cooking->do($pan, $cooking->stock($stage->volume * $this->ladled($ladle)));
                }

                continue;
            }
            $at = max($second + 2.0, 60 * $stage->minute + $this->between(-10.0, 40.0));
            foreach ([[&$weighs, $this->weigh(...)], [&$looks, $this->look(...)]] as [&$when, $does]) {
                if ($off === null && $when < $at) {
                    $second = max($second, $when);
                    $cooking->runTo($pan, $second);
                    $say(...$does($pan, $second, $rice, $base, $thought, $shows, $plan, $id));
                    $when = INF;
                }
            }
            $second = max($at, $second + 1.0);
            if ($off !== null) {
                $say(TouchKind::Done, $second, stage: $i);

                continue;
            }
            $cooking->runTo($pan, $second);
            if ($stage->volume !== null) {
                $cooking->pourStock($pan, $stage->volume * $this->ladled($ladle));
                $say(TouchKind::Pour, $second, stage: $i, volume: $stage->volume);
            } elseif ($stage->kind === StageKind::Taste) {
                $say(TouchKind::Taste, $second, taste: $this->tasted($pan->doneness, $true));
                $say(TouchKind::Done, $second, stage: $i);
            } else {
                if ($stage->kind === StageKind::Heat && $stage->mark !== null) {
                    $cooking->set($pan, $stage->mark);
                }
                if ($stage->kind === StageKind::Off) {
                    $pan->second = round($pan->second);
                    $off = $second;
                }
                $say(TouchKind::Done, $second, stage: $i);
            }
        }
        $cooking->toTableAt($pan, $second);
        $scale = $plan->ask->family->traits()->scale;
        $loose = $scale->nearest($pan->free / $rice + $this->normal(0.08));
        $bite = Bite::of($true->grain, $pan->doneness + $this->normal(1.2 * Taste::SPREAD), $pan->drunk);
        if ($this->speaksAtRandom()) {
            $loose = $scale->words[$this->chance->getInt(0, count($scale->words) - 1)];
            $bite = [Bite::Crunchy, Bite::FirmHeart, Bite::Right, Bite::Soft][$this->chance->getInt(0, 3)];
        }
        if ($this->fault === 'always-right') {
            [$loose, $bite] = [$scale->nearest($plan->ask->target->looseness), Bite::Right];
        }
        $say(TouchKind::Verdict, $second + 60, verdict: new Verdict($loose, $bite, ''));

        return $touches;
    }

    private function ladled(float $ladle): float
    {
        return exp($this->true[Parameter::ladle()->key()] + $ladle) * (1 + $this->normal(0.055));
    }

    /** @return array<int|string, mixed> */
    private function weigh(\Velko\Core\Pan\State $pan, float $second, float $rice, float $base, float $thought, float $shows, Plan $plan, string $id): array
    {
        $water = $pan->free + $rice * $pan->drunk;
        $wrong = $this->between(0, 1) < self::WRONG_WEIGHING;
        $off = $wrong ? ($this->chance->getInt(0, 1) === 0 ? -1 : 1) * $this->between(0.15, 0.5) * $water : $this->normal(7.0);
        if ($wrong) {
            $this->wronglyWeighed[] = $id;
        }

        return [TouchKind::Weigh, $second, 'weighing' => new Weighing($shows * (self::TARE_G + $base + $rice + $water + $off), $shows * self::TARE_G, $thought)];
    }

    /** @return array<int|string, mixed> */
    private function look(\Velko\Core\Pan\State $pan, float $second, float $rice, float $base, float $thought, float $shows, Plan $plan): array
    {
        $scale = $plan->ask->family->traits()->scale;
        $sign = Sign::ofLooseness($this->speaksAtRandom() ? $this->between(0.2, 1.4) : $pan->free / $rice + $this->normal(0.08), $scale);

        return [TouchKind::Sign, $second, 'sign' => $this->fault === 'always-right' ? Sign::Wave : $sign];
    }

    private function tasted(float $doneness, Ask $true): Taste
    {
        if ($this->speaksAtRandom()) {
            return Taste::cases()[$this->chance->getInt(0, 3)];
        }
        $felt = $doneness + $this->normal(1.2 * Taste::SPREAD);
        foreach (Taste::cases() as $taste) {
            if ($felt < $taste->range($true->grain->tooth())[1]) {
                return $this->fault === 'always-right' ? Taste::Right : $taste;
            }
        }

        return Taste::Soft;
    }

    private function speaksAtRandom(): bool
    {
        return $this->between(0, 1) < ($this->fault === 'random-words' ? 1.0 : self::WRONG_WORD);
    }

    private function between(float $low, float $high): float
    {
        return $low + ($high - $low) * $this->chance->getInt(0, 1_000_000) / 1e6;
    }

    /** By the sum of twelve. */
    private function normal(float $spread): float
    {
        $sum = 0.0;
        for ($i = 0; $i < 12; $i++) {
            $sum += $this->chance->getInt(0, 1_000_000) / 1e6;
        }

        return $spread * ($sum - 6.0);
    }
}

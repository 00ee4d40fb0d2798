<?php

declare(strict_types=1);

namespace Tests\Core\Learning;

use LogicException;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Kitchens;
use Tests\Core\Live\Hands;
use Tests\Core\Live\RoughCook;
use Velko\Core\Cook\Replay;
use Velko\Core\Cook\Taste;
use Velko\Core\Cook\Touch;
use Velko\Core\Cook\TouchKind;
use Velko\Core\Cook\Verdict;
use Velko\Core\Food\Foods;
use Velko\Core\Food\Goes;
use Velko\Core\Food\Portion;
use Velko\Core\Learning\Lesson;
use Velko\Core\Learning\LoggedCook;
use Velko\Core\Learning\Parameter;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Planner;
use Velko\Core\Rice\Bite;
use Velko\Core\Rice\Variety;

/** A kitchen whose true numbers nobody knows, and its cooks: late hands, inexact ladles, a scale that errs, words that are wrong one time in ten. */
final class Taught
{
    public const RING = 'ring';

    public const RICE = 'rice';

    public const DISH = 'leek risotto';

    private const WRONG_WORD = 0.1;

    private readonly Randomizer $chance;

    /** @var array{ring: float, mark: float, drinking: float, doneness: float, base: float} logarithms of the true factors */
    public readonly array $true;

    private readonly Ask $usual;

    /** @param  bool  $weighs  every other cook weighs its pan once, every fourth before the first liquid too */
    public function __construct(private readonly int $seed, private readonly bool $weighs = true)
    {
        $this->chance = new Randomizer(new Mt19937($seed));
        $this->true = ['ring' => $this->normal(0.18), 'mark' => $this->normal(0.06), 'drinking' => $this->normal(0.06), 'doneness' => $this->normal(0.06), 'base' => $this->normal(0.12)];
        $base = 22 + $this->between(0, 14);
        $area = M_PI * ($base / 200) ** 2;
        $full = $this->between(24000, 34000) * $area;
        $usual = Kitchens::ask(
            covers: max(2, (int) ($this->between(0.2, 0.7) * 50 * $area * 1000 * 0.79 / 2.6 / 80)), variety: [Variety::Carnaroli, Variety::Arborio, Variety::VialoneNano][$this->chance->getInt(0, 2)],
            base: $base, ring: 0.7 * $base, net: ['low' => 0.2 * $full, 'medium' => 0.5 * $full, 'high' => $full], mark: 'medium', wine: 0, butter: 12, cheese: 12, altitude: $this->between(0, 900),
        );
        $this->usual = $usual->withFood([new Portion('leeks', Foods::find('leeks') ?? throw new LogicException, round(0.6 * $usual->rice()), Goes::Base, 5.0)]);
    }

    /** Its dish for as many as it is usually asked for, as nobody knows better. */
    public function usual(): Ask
    {
        return $this->usual;
    }

    /** The same as it truly is. */
    public function truly(Ask $ask): Ask
    {
        foreach ([[Parameter::ring(self::RING), 'ring'], [Parameter::mark(self::RING, 'medium'), 'mark'], [Parameter::drinking(self::RICE), 'drinking'], [Parameter::doneness(self::RICE), 'doneness'], [Parameter::base(self::DISH), 'base']] as [$hidden, $of]) {
            $ask = $hidden->in($ask, $this->true[$of]);
        }

        return $ask;
    }

    /**
     * So many cooks of it, one after the other, each planned by the numbers of the packet and the knob.
     *
     * @param  float  $jet  times which the ring gives from the middle on: a new jet
     *
     * @return list<Lesson>
     */
    public function cooks(int $count, float $jet = 1.0): array
    {
        $lessons = [];
        for ($i = 0; $i < $count; $i++) {
            $ask = $this->usual->forCovers(max(1, (int) round($this->usual->covers * $this->between(0.6, 1.2))));
            $plan = Planner::plan($ask);
            $hands = new Hands('noisy', late: [-10.0, 45.0], pours: 0.08, weighs: $this->weighs && $i % 2 === 0 ? ($this->between(0, 1) < self::WRONG_WORD ? 'wrongly' : 'once') : 'never', signs: $this->between(0, 1) < 0.7 ? 'rightly' : 'never', tares: $this->weighs && $i % 4 === 0);
            // A pan half off its flame, another batch of the same rice, leeks that were sweated for longer.
            $truly = $this->truly($ask);
            foreach ([Parameter::drinking(self::RICE), Parameter::doneness(self::RICE), Parameter::base(self::DISH)] as $hidden) {
                $truly = $hidden->in($truly, $this->normal($hidden->scatter()));
            }
            $cook = new RoughCook($plan, exp($this->normal(Parameter::ring(self::RING)->scatter())) * ($i >= $count / 2 ? $jet : 1.0), $hands, 1000 * $this->seed + $i, $truly);
            $outcome = $cook->cook();
            if (! $outcome->ended) {
                continue;
            }
            $touches = $cook->touches();
            $last = end($touches);
            $scale = $ask->family->traits()->scale;
            $loose = $scale->nearest($outcome->eaten->free / $ask->rice() + $this->normal(0.08));
            $bite = Bite::of($truly->grain, $outcome->eaten->doneness + $this->normal(Taste::SPREAD), $outcome->eaten->drunk);
            if ($this->between(0, 1) < self::WRONG_WORD) {
                $loose = $scale->words[$this->chance->getInt(0, count($scale->words) - 1)];
            }
            if ($this->between(0, 1) < self::WRONG_WORD) {
                $bite = [Bite::Crunchy, Bite::FirmHeart, Bite::Right, Bite::Soft][$this->chance->getInt(0, 3)];
            }
            $touches[] = new Touch('verdict', TouchKind::Verdict, $last->at + 60_000, verdict: new Verdict($loose, $bite, ''));
            $lesson = Lesson::of(new LoggedCook("cook $i", 86_400_000 * $i, $plan->ask, $plan->heat, Replay::of($plan->stages, $touches), self::RING, self::RICE, self::DISH));
            if ($lesson !== null) {
                $lessons[] = $lesson;
            }
        }

        return $lessons;
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

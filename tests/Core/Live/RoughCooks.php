<?php

declare(strict_types=1);

namespace Tests\Core\Live;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Kitchens;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Planner;
use Velko\Core\Rice\Bite;

/** Rough-handed cooks in random kitchens, each on a ring that is 0.7 to 1.4 times what its marks say. */
final class RoughCooks
{
    private const WEAKEST = 0.7;

    private const STRONGEST = 1.4;

    /** A pan that nobody could cook right by the plan itself says nothing about hands. */
    private const HOPELESS = ['cooks-on', 'goes-dry', 'doses-too-close', 'too-wet', 'too-dry', 'looseness-off', 'does-not-simmer'];

    /** @return array<string, Plan> that can be cooked, by name */
    public static function plans(string $family, int $count, int $seed): array
    {
        $asks = match ($family) {
            'risotto' => Kitchens::random(4 * $count, $seed),
            'pan-rice' => Kitchens::randomPanRice(4 * $count, $seed),
            default => Kitchens::randomSoupy(4 * $count, $seed),
        };
        $plans = [];
        foreach ($asks as $name => $ask) {
            $plan = Planner::plan($ask);
            if ($plan->isPossible() && $plan->bite() === Bite::Right && array_intersect(self::HOPELESS, array_column($plan->warnings, 'code')) === []) {
                $plans[$name] = $plan;
            }
            if (count($plans) === $count) {
                break;
            }
        }

        return $plans;
    }

    /**
     * @param  array<string, Plan>  $plans
     *
     * @return iterable<string, Outcome>
     */
    public static function cook(array $plans, Hands $hands, int $seed): iterable
    {
        $i = 0;
        foreach ($plans as $name => $plan) {
            $chance = new Randomizer(new Mt19937($seed + $i));
            $power = self::WEAKEST * (self::STRONGEST / self::WEAKEST) ** ($chance->getInt(0, 1000) / 1000);
            yield "$name, its ring ".round($power, 2).' of its marks' => (new RoughCook($plan, $power, $hands, $seed + 1000 + $i))->cook();
            $i++;
        }
    }
}

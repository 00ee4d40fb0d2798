<?php

declare(strict_types=1);

namespace Tests\Core;

use Velko\Core\Cook\StageKind;
use Velko\Core\Planning\Family;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Warning;
use Velko\Core\Rice\Bite;
use Velko\Core\Rice\Variety;

/**
 * What each warning claims, reckoned anew from the ask and the plan's own numbers with nothing of the core's checks: lengths,
 * areas, watts, minutes, grams. Limits are those of docs/model.md (common practice, no single source, or our own).
 */
final class ByHand
{
    /** The rule of thumb for where water boils is good to this below 4,000 m, K. */
    private const RULE_OF_THUMB_K = 0.5;

    /** @return array{float, string, float}|null the value, how it stands to its limit, the limit; null where it is a matter of words alone */
    public static function claim(Plan $plan, Warning $warning): ?array
    {
        $ask = $plan->ask;
        $pan = $ask->pan;
        $floor = M_PI * ($pan->base / 200) ** 2;
        $rice = $ask->covers * $ask->gramsPerCover;
        // As deep as it lay before the crust dried.
        $depth = ($rice * (1 + $plan->pulled->drunk) + $plan->pulled->dried) / 0.79 / 1000 / $floor;
        $pours = array_values(array_filter($plan->stages, static fn ($stage): bool => $stage->kind === StageKind::Pour));
        $marks = array_map(static fn ($change): float => $ask->burner->net[$change->mark] / $floor, $plan->heat);
        $window = $ask->grain->window;

        return match ($warning->code) {
            'layer-too-deep' => [$depth, '>', $ask->family->traits()->name === 'risotto' ? 60.0 : 12.0],
            'over-the-rim' => [self::peak($plan, $rice), '>', self::frustum($pan->base, $pan->rim, $pan->height, $pan->height - 1.5)],
            'ring-too-small' => [$ask->burner->ring / $pan->base, '<', 0.55],
            'flame-too-wide' => [$ask->burner->ring / $pan->base, '>', 4 / 3],
            'pan-too-wide' => $depth < 5 ? [$depth, '<', 5.0] : [$plan->stock / $rice, '>', 12.0],
            'too-fierce' => [max($marks), '>', $ask->family->traits()->name === 'risotto' ? 28000.0 : 30000.0],
            'ladle-too-big' => [$plan->stock / $ask->ladle->ml, '<', 3.0],
            'ladle-too-small' => [$plan->stock / $ask->ladle->ml, '>', 30.0],
            'doses-too-close' => [min(array_map(static fn ($i): float => $pours[$i + 1]->minute - $pours[$i]->minute, range(0, count($pours) - 2))), '<', 0.5],
            'goes-dry' => [$plan->dryMinute ?? INF, '<', $plan->pulled->minute()],
            'never-done' => [$plan->pulled->minute(), '>', 85.0],
            'does-not-simmer' => [self::meanTemperature($plan), '<', self::boiling($ask->surroundings->altitude) - 7.0 + self::RULE_OF_THUMB_K],
            'bite-not-right' => $plan->bite() === Bite::HardHeart
                ? [$plan->atTable->drunk, '<', 0.75 * $ask->grain->hot * (1 - exp(-$ask->grain->rate * $window->low))]
                : ($plan->atTable->doneness < $window->middle() ? [$plan->atTable->doneness, '<', $window->low + 0.75] : [$plan->atTable->doneness, '>', $window->high - 0.25]),
            'cooks-on' => [$plan->atTable->doneness, '>', $window->high - 0.25],
            'cold-plate' => [$plan->atTable->temperature, '<', 60.0],
            'cheese-catches' => [min($ask->burner->net) / $floor, '>', 7500.0],
            'stock-cold' => [$ask->stock->temperature, '<', 75.0],
            'stock-above-boiling' => [$ask->stock->temperature, '>', self::boiling($ask->surroundings->altitude)],
            'too-salty' => [100 * self::salt($plan) / self::plate($plan, $rice), '>', 1.1],
            'alcohol-stays' => [$ask->wine, '>', 0.0],
            'much-wine' => [$ask->wine / $rice, '>', 1.2],
            'looseness-off' => [abs($plan->atTable->free / $rice - $ask->target->looseness), '>', $ask->family->traits()->name === 'risotto' ? 0.06 : 0.15],
            'too-wet' => [$plan->pulled->free, '>', 0.0],
            'too-dry' => [$plan->nearest ?? 0.0, '>', $plan->stock],
            'lid-all-through' => [(float) count($ask->method->lid), '>', 0.0],
            'rice-not-for-risotto', 'rice-not-for-pan', 'rice-not-for-stew' => [(float) in_array($ask->grain->variety, self::right($ask->family), true), '<', 1.0],
            default => null,
        };
    }

    public static function isFalse(Plan $plan, Warning $warning): bool
    {
        $claim = self::claim($plan, $warning);
        if ($claim === null) {
            return false;
        }
        [$value, $sign, $limit] = $claim;

        return $sign === '<' ? $value >= $limit : $value <= $limit;
    }

    /** @return list<Variety> common practice, no single source */
    private static function right(Family $family): array
    {
        return match ($family->traits()->name) {
            'risotto' => [Variety::Arborio, Variety::Carnaroli, Variety::VialoneNano, Variety::Round, Variety::Sushi],
            'pan-rice' => [Variety::Bomba, Variety::Round, Variety::Sushi, Variety::Parboiled],
            'soupy-rice' => [Variety::Arborio, Variety::Carnaroli, Variety::VialoneNano, Variety::Round, Variety::Sushi, Variety::Bomba],
        };
    }

    /** Volume of a truncated cone, mL. */
    private static function frustum(float $base, float $rim, float $height, float $to): float
    {
        $at = static fn (float $h): float => M_PI * (($base + ($rim - $base) * $h / $height) / 2) ** 2;

        return $to / 6 * ($at(0) + 4 * $at($to / 2) + $at($to)); // Simpson's rule is exact for it
    }

    /** The most that stands in the pan, mL: grains in their liquid, or the swollen bed where that is more. */
    private static function peak(Plan $plan, float $rice): float
    {
        return max(array_map(static fn (float $free, float $drunk): float => max($rice / 1.45 + $free + $rice * $drunk, $rice * (1 + $drunk) / 0.79), $plan->track->free, $plan->track->drunk));
    }

    private static function meanTemperature(Plan $plan): float
    {
        $rows = array_filter(array_keys($plan->track->minute), static fn (int $row): bool => $plan->track->minute[$row] >= 4 && $plan->track->minute[$row] <= $plan->pulled->minute());

        return array_sum(array_map(static fn (int $row): float => $plan->track->temperature[$row], $rows)) / max(1, count($rows));
    }

    /** °C; the rule of thumb of a degree every 300 m, from memory. */
    private static function boiling(float $altitude): float
    {
        return 100 - $altitude / 300;
    }

    /** g: of the stock that was poured, and of hard cheese (USDA FoodData Central, from memory: 1.2 g of sodium in 100 g; 58.44 g of salt has 22.99 of it). */
    private static function salt(Plan $plan): float
    {
        return $plan->stock * $plan->ask->stock->saltPercent / 100 + 0.012 * 58.44 / 22.99 * $plan->ask->finish->cheese;
    }

    private static function plate(Plan $plan, float $rice): float
    {
        return $rice * (1 + $plan->atTable->drunk) + $plan->atTable->free + $plan->ask->finish->butter + $plan->ask->finish->cheese;
    }
}

<?php

declare(strict_types=1);

namespace App\Night;

use App\Bench\DishAsk;
use App\Bench\KitchenAsk;
use App\Bench\OtherPans;
use App\Bench\PartCookedDish;
use App\Bench\WorkOut;
use App\Dish\DishContents;
use App\Dish\PartToCook;
use App\Kitchen\Station;
use App\Models\Dish;
use App\Words\Words;
use Carbon\CarbonImmutable;
use LogicException;
use Velko\Core\Night\HandAssignment;
use Velko\Core\Night\Placement;
use Velko\Core\Quantity\Fact;

/** What a night needs laid out: velko.night-lists/1, from the night as it stands. */
final class ListsDocument
{
    /**
     * @param  array<string, mixed>  $night  velko.night/1
     * @param  list<Placement>  $cooks  its pans
     *
     * @return array<string, mixed> velko.night-lists/1
     */
    public static function of(Evening $evening, array $night, array $cooks, Words $words): array
    {
        $dishes = $evening->kitchen->dishes->keyBy('id');
        $who = self::who($evening, $cooks, $words);
        $rice = $stock = $pans = $works = [];
        foreach ($night['pans'] as $at => $pan) {
            $dish = $dishes[$pan['dish_id']] ?? null;
            if ($dish === null) {
                continue;
            }
            $rice[$dish->rice->name] = ($rice[$dish->rice->name] ?? 0.0) + $pan['rice_g'];
            $stock[$dish->stock->name] = ($stock[$dish->stock->name] ?? 0.0) + ($pan['make_ml'] ?? 0.0);
            $pans[$pan['pan']][] = $pan['on_at'];
            $for = ['dish' => $pan['dish'], 'covers' => $pan['covers'], 'starters' => $pan['starters'], 'who' => $who[$at]];
            foreach ($pan['works'] as $work) {
                $works[] = [...$work, ...$for];
            }
            $works[] = ['what' => null, 'start_at' => $pan['on_at'], 'ready_at' => $pan['table_at'], 'hands_min' => 0.0, 'ahead' => false, ...$for, 'pan' => $pan['pan'], 'burner' => $pan['burner']];
        }
        $ahead = self::cookedAhead($evening, $night['pans']);
        foreach ($ahead as $batch) {
            $name = $dishes->findOrFail($batch['dish_id'])->stock->name;
            $stock[$name] = ($stock[$name] ?? 0.0) + $batch['make_ml'];
            $works[] = [
                'what' => $words->say(Fact::of('prep.part-cook')), 'start_at' => $batch['start_at'], 'ready_at' => $batch['ready_at'], 'hands_min' => 0.0, 'ahead' => true,
                'dish' => $batch['dish'], 'covers' => $batch['covers'], 'starters' => $batch['starters'], 'who' => '',
            ];
        }
        usort($works, static fn (array $a, array $b): int => [$a['start_at'], $a['ready_at']] <=> [$b['start_at'], $b['ready_at']]);
        ksort($pans);

        return [
            'format' => 'velko.night-lists/1',
            'on' => $night['on'],
            'rice' => array_map(static fn (string $name, float $grams): array => ['name' => $name, 'g' => round($grams)], array_keys($rice), array_values($rice)),
            'stock' => array_map(static fn (string $name, float $ml): array => ['name' => $name, 'ml' => ceil($ml / 50) * 50], array_keys($stock), array_values($stock)),
            'pans' => array_map(static fn (string $name, array $on): array => ['name' => $name, 'times' => count($on), 'first_at' => min($on)], array_map(strval(...), array_keys($pans)), array_values($pans)),
            'ahead' => array_map(static fn (array $batch): array => array_diff_key($batch, ['dish_id' => true]), $ahead),
            'works' => $works,
            'allergens' => self::allergens($dishes->only(array_unique(array_column($night['pans'], 'dish_id')))->all()),
        ];
    }

    /**
     * What is part-cooked before the service: cold by the time its first pan goes on.
     *
     * @param  list<array<string, mixed>>  $pans
     *
     * @return list<array<string, mixed>> by dish
     */
    private static function cookedAhead(Evening $evening, array $pans): array
    {
        $ahead = [];
        foreach ($pans as $pan) {
            if ($pan['to_order'] === true && $pan['cook'] === null) {
                $batch = $ahead[$pan['dish_id']] ?? ['covers' => 0, 'starters' => 0, 'first_at' => $pan['on_at']];
                $ahead[$pan['dish_id']] = ['covers' => $batch['covers'] + $pan['covers'], 'starters' => $batch['starters'] + $pan['starters'], 'first_at' => min($batch['first_at'], $pan['on_at'])];
            }
        }

        return array_map(static function (int $dish, array $batch) use ($evening): array {
            $mains = $batch['covers'] > 0;
            $asked = KitchenAsk::of([
                'format' => 'velko.ask/1', 'dish_id' => $dish, 'way' => PartToCook::Ahead->value, 'covers' => $mains ? $batch['covers'] : $batch['starters'], 'starters' => $mains ? $batch['starters'] : 0, 'portion' => $mains ? 'main' : 'starter',
                'pan_id' => null, 'burner_id' => null, 'table_at' => '12:00',
            ], $evening->kitchen, $evening->now);
            $parts = self::inPans($asked);
            $temperatures = Station::temperatures($evening->kitchen);
            $documents = array_map(static fn (array $part): array => $part['part']->document($temperatures), $parts);
            $cold = CarbonImmutable::parse($batch['first_at'])->subMinutes((int) ceil(max(array_map(static fn (array $part): float => $part['part']->cooled->cold, $parts))));

            return [
                'dish_id' => $dish, 'dish' => $asked->dish->name, 'covers' => $batch['covers'], 'starters' => $batch['starters'],
                'rice_g' => round(array_sum(array_map(static fn (array $part): float => $part['part']->ahead->rice(), $parts))), 'make_ml' => round(array_sum(array_map(static fn (array $part): float => $part['part']->ahead->make(), $parts))), 'pans' => count($parts),
                // One after the other, by one pair of hands.
                'start_at' => $cold->subMinutes((int) ceil(array_sum(array_column($parts, 'takes'))))->toIso8601String(), 'ready_at' => $cold->toIso8601String(),
                ...$documents[0], ...array_map(static fn (string $sum): float => array_sum(array_column($documents, $sum)), ['weighs_g' => 'weighs_g', 'stock_ml' => 'stock_ml', 'tray_m2' => 'tray_m2']), 'trays' => array_sum(array_column($documents, 'trays')),
            ];
        }, array_keys($ahead), array_values($ahead));
    }

    /**
     * What is part-cooked of a dish, in as many pans as it needs.
     *
     * @return non-empty-list<array{part: PartCookedDish, takes: float}> each with the minutes from the cold pan to its trays
     */
    private static function inPans(KitchenAsk $asked): array
    {
        $shares = array_column((new OtherPans($asked, $asked->plan()))->batches(), 'change');

        return array_map(static function (array $change) use ($asked): array {
            $changed = KitchenAsk::of([...$asked->document, ...$change], $asked->kitchen, $asked->tableAt);
            $part = DishAsk::partCooked($changed) ?? throw new LogicException('what is finished to order was part-cooked');

            return ['part' => $part, 'takes' => $part->ahead->atTable->minute() - WorkOut::course($changed, $part->ahead)->panOn()];
        }, $shares === [] ? [[]] : $shares);
    }

    /**
     * Of several who go by one name which; whoever has none is counted.
     *
     * @param  list<Placement>  $cooks
     *
     * @return list<string> by pan
     */
    private static function who(Evening $evening, array $cooks, Words $words): array
    {
        $hands = $evening->row->hands;

        return array_map(static function (?array $post) use ($hands, $words): string {
            if ($post === null) {
                return '';
            }
            [$at, $pair] = $post;
            ['name' => $name, 'count' => $count] = $hands[$at];
            if ($name === '') {
                $nameless = array_filter(array_slice($hands, 0, $at), static fn (array $hand): bool => $hand['name'] === '');

                return $words->say(Fact::of('calendar.hand', number: array_sum(array_column($nameless, 'count')) + $pair + 1));
            }

            return $count > 1 ? $name.' '.($pair + 1) : $name;
        }, HandAssignment::of($evening->night, $cooks));
    }

    /**
     * @param  array<int, Dish>  $dishes
     *
     * @return list<array{allergen: string, dishes: list<string>}>
     */
    private static function allergens(array $dishes): array
    {
        $found = [];
        foreach ($dishes as $dish) {
            foreach (array_keys(DishContents::served($dish)->allergens) as $allergen) {
                $found[$allergen][] = $dish->name;
            }
        }
        ksort($found);

        return array_map(static fn (string $allergen, array $in): array => ['allergen' => $allergen, 'dishes' => $in], array_keys($found), array_values($found));
    }
}

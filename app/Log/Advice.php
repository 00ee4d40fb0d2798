<?php

declare(strict_types=1);

namespace App\Log;

use Velko\Core\Learning\Advice as Worth;
use Velko\Core\Learning\DishNow;
use Velko\Core\Learning\MarkNow;
use Velko\Core\Learning\WorthChanging;

/** What is worth changing as velko.weeks/1 has it: the core's advice by the names and numbers of the kitchen's rings and dishes. Of a mark that gives nothing nothing is worth changing. */
final readonly class Advice
{
    /**
     * @param  list<array<string, mixed>>  $numbers  of velko.learned/1
     * @param  list<array<string, mixed>>  $dishes  of velko.weeks/1
     *
     * @return list<array<string, mixed>>
     */
    public static function of(array $numbers, array $dishes): array
    {
        $marks = array_values(array_filter($numbers, static fn (array $one): bool => $one['of'] === 'ring-power' && isset($one['burner_id']) && $one['given'] > 0 && $one['value'] > 0));
        $wanted = array_values(array_filter($dishes, static fn (array $one): bool => isset($one['wanted']['of_planned'])));
        $worth = WorthChanging::of(
            array_map(static fn (array $one): MarkNow => new MarkNow((string) $one['burner_id'], $one['given'], $one['value'], $one['low_90'], $one['high_90'], $one['cooks'], in_array($one['source'], ['measured', 'pinned'], true)), $marks),
            array_map(static fn (array $one): DishNow => new DishNow((string) $one['id'], $one['wanted']['of_planned'], $one['wanted']['cooks']), $wanted),
        );
        $rings = array_column($marks, 'ring', 'burner_id');
        $byId = array_column($wanted, null, 'id');

        return array_map(static function (Worth $one) use ($rings, $byId): array {
            $id = (int) $one->whose;
            $dish = $one->kind === 'dish-takes' ? $byId[$id] : null;

            return [
                'kind' => $one->kind, 'ring' => $dish === null ? $rings[$id] : $dish['wanted']['ring'], 'burner_id' => $dish === null ? $id : null,
                'dish' => $dish['name'] ?? null, 'dish_id' => $dish === null ? null : $id, 'percent' => round(100 * $one->off), 'cooks' => $one->cooks,
                'least_percent' => self::percent($one->least), 'most_percent' => self::percent($one->most),
            ];
        }, $worth);
    }

    private static function percent(?float $share): ?float
    {
        return $share === null ? null : round(100 * $share);
    }
}

<?php

declare(strict_types=1);

namespace App\Log;

use Velko\Core\Learning\Advice as Worth;
use Velko\Core\Learning\DishAsWanted;
use Velko\Core\Learning\MarkAsLearned;
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
        $marks = array_values(array_filter($numbers, static fn (array $number): bool => $number['of'] === 'ring-power' && isset($number['burner_id']) && $number['given'] > 0 && $number['value'] > 0));
        $wanted = array_values(array_filter($dishes, static fn (array $dish): bool => isset($dish['wanted']['of_planned'])));
        $worth = WorthChanging::of(
            array_map(static fn (array $mark): MarkAsLearned => new MarkAsLearned((string) $mark['burner_id'], $mark['given'], $mark['value'], $mark['low_90'], $mark['high_90'], $mark['cooks'], in_array($mark['source'], ['measured', 'pinned'], true)), $marks),
            array_map(static fn (array $dish): DishAsWanted => new DishAsWanted((string) $dish['id'], $dish['wanted']['of_planned'], $dish['wanted']['cooks']), $wanted),
        );
        $rings = array_column($marks, 'ring', 'burner_id');
        $byId = array_column($wanted, null, 'id');

        return array_map(static function (Worth $advice) use ($rings, $byId): array {
            $id = (int) $advice->whose;
            $dish = $advice->kind === 'dish-takes' ? $byId[$id] : null;

            return [
                'kind' => $advice->kind, 'ring' => $dish === null ? $rings[$id] : $dish['wanted']['ring'], 'burner_id' => $dish === null ? $id : null,
                'dish' => $dish['name'] ?? null, 'dish_id' => $dish === null ? null : $id, 'percent' => round(100 * $advice->off), 'cooks' => $advice->cooks,
                'least_percent' => self::percent($advice->least), 'most_percent' => self::percent($advice->most),
            ];
        }, $worth);
    }

    private static function percent(?float $share): ?float
    {
        return $share === null ? null : round(100 * $share);
    }
}

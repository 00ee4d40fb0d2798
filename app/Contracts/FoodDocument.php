<?php

declare(strict_types=1);

namespace App\Contracts;

use Velko\Core\Food\Food;
use Velko\Core\Food\Foods;
use Velko\Core\Food\Group;
use Velko\Core\Mise\Treatment;

/** The numbers of a food as food.json has them, and the food that they make. */
final class FoodDocument
{
    /** Said in per cent, a share in the core. */
    private const SHARES = ['water' => 'water_percent', 'fat' => 'fat_percent', 'frees' => 'frees_percent', 'loses' => 'loses_percent', 'losesSpread' => 'loses_spread_percent', 'shell' => 'shell_percent'];

    private const AS_SAID = ['salt' => 'salt_g_per_100_g', 'tau' => 'tau_min', 'takes' => 'takes_g_per_g'];

    /** @return array<string, float|string> */
    public static function of(Food $food): array
    {
        return [
            'group' => $food->group->value,
            'water_percent' => 100 * $food->water, 'fat_percent' => 100 * $food->fat, 'salt_g_per_100_g' => $food->salt,
            'frees_percent' => 100 * $food->frees, 'tau_min' => $food->tau, 'takes_g_per_g' => $food->takes,
            'loses_percent' => 100 * $food->loses, 'loses_spread_percent' => 100 * $food->losesSpread, 'shell_percent' => 100 * $food->shell,
        ];
    }

    /** @return array{name: string, known: bool, food: array<string, float|string>, kept_c: float, usual: array{until: string, minutes: float}|null} food-by-name.json */
    public static function byName(string $name): array
    {
        $food = self::food($name, []);
        $usual = Treatment::of($name);

        return [
            'name' => $name,
            'known' => self::isKnown($name, []),
            'food' => array_map(static fn (float|string $value): float|string => is_float($value) ? round($value, 2) : $value, self::of($food)),
            'kept_c' => $food->kept,
            'usual' => $usual === null ? null : ['until' => $usual->until->value, 'minutes' => $usual->minutes],
        ];
    }

    /**
     * A food by its group where one is said, else by its name, with every number that is said in the place of its own.
     *
     * @param  array<string, mixed>  $said  held to food.json; what is in it besides is left alone
     */
    public static function food(string $name, array $said): Food
    {
        $known = isset($said['group']) ? Group::from(is_string($said['group']) ? $said['group'] : '')->food() : Foods::find($name);
        $changes = [];
        foreach (self::SHARES as $property => $field) {
            $changes += is_numeric($said[$field] ?? null) ? [$property => $said[$field] / 100] : [];
        }
        foreach (self::AS_SAID as $property => $field) {
            $changes += is_numeric($said[$field] ?? null) ? [$property => (float) $said[$field]] : [];
        }

        return ($known ?? Group::usual()->food())->with($changes);
    }

    /**
     * Whether anything is known of it: its name, or what was said.
     *
     * @param  array<string, mixed>  $said  held to food.json
     */
    public static function isKnown(string $name, array $said): bool
    {
        return isset($said['group']) || Foods::find($name) !== null;
    }
}

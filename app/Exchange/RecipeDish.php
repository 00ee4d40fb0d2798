<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Contracts\BadDocument;
use App\Dish\DishBody;
use App\Words\Words;
use Velko\Core\Family\Families;
use Velko\Core\Food\Foods;
use Velko\Core\Food\Goes;
use Velko\Core\Food\Group;
use Velko\Core\Food\Names;
use Velko\Core\Method\Fat;
use Velko\Core\Recipe\RecipeReader;
use Velko\Core\Recipe\Role;
use Velko\Core\Rice\Grain;
use Velko\Core\Rice\Variety;
use Velko\Core\Safety\Diet;
use Velko\Core\Season\Finish;

/**
 * Makes velko.dish/1 from the lines of a recipe as somebody has looked them over: each counts once, and none is lost.
 *
 * @phpstan-type RecipeLine array{said: string, role: string, food: string, amount: float|null, unit: string, goes: string|null, minute: float|null, to_taste: bool}
 */
final class RecipeDish
{
    public const LONGEST_NAME = 80;

    private const LONGEST_GARNISH = 240;

    private const LONGEST_INSTRUCTIONS = 8000;

    private const LEAST_GRAMS = 10.0;

    private const MOST_GRAMS = 250.0;

    private const MOST_WINE = 200.0;

    private const MOST_FINISH = 100.0;

    private const MOST_AMOUNT = 100000.0;

    /** What a starter has of a main (common practice, no single source). */
    private const STARTER = 0.55;

    private const TO_G = 80.0;

    /** Words of a stock's name, and what it is made from. */
    private const STOCKS = [
        'shell' => 'shellfish', 'clam' => 'shellfish', 'prawn' => 'shellfish', 'fish' => 'fish', 'fumet' => 'fish',
        'chicken' => 'poultry', 'duck' => 'poultry', 'beef' => 'meat', 'veal' => 'meat', 'lamb' => 'meat', 'meat' => 'meat', 'mushroom' => 'mushroom',
    ];

    /** Words of cheeses that are grated and beaten in. */
    private const CHEESE = ['cheese', 'parmesan', 'parmigiano', 'pecorino', 'grana'];

    /** What browns first goes into a base first, and what burns goes last (common practice, no single source). */
    private const ORDER = ['fat', 'leaf', 'meat', 'cured', 'squid', 'prawn', 'mushroom', 'allium', 'vegetable', 'dried', 'tomato', 'seasoning'];

    /** @param  array<string, mixed>  $entry  velko.recipe-entry/1, held to its schema */
    private function __construct(private readonly array $entry) {}

    /**
     * @param  array<string, mixed>  $entry  velko.recipe-entry/1, held to its schema
     *
     * @return array<string, mixed> velko.dish/1
     *
     * @throws BadDocument at the line that has to be decided
     */
    public static function of(array $entry): array
    {
        return (new self($entry))->dish();
    }

    /** @return array<string, mixed> */
    private function dish(): array
    {
        $this->everyLineIsDecided();
        $this->whatIsMeasuredIsNotCounted();
        [$rice, $grams] = $this->rice();
        $is = static fn (string $food): callable => static fn (array $line): bool => in_array($food, Names::words($line['food']), true);
        $isCheese = static fn (array $line): bool => array_intersect(self::CHEESE, Names::words($line['food'])) !== [];
        $finish = fn (callable $which): float => $this->to80g(Role::Finish, $which, self::MOST_FINISH, $grams);

        return ['format' => 'velko.dish/1', 'rice' => $rice, 'stock' => $this->stock(), 'dish' => [
            ...DishBody::usual(Families::named($this->entry['family'])),
            'name' => $this->entry['name'],
            'diet' => Diet::Any->value,
            'grams_main' => $grams,
            'grams_starter' => max(self::LEAST_GRAMS, round(self::STARTER * $grams)),
            'wine_ml_per_80_g' => $this->to80g(Role::Wine, static fn (): bool => true, self::MOST_WINE, $grams),
            'butter_g_per_80_g' => $finish($is('butter')),
            'cream_g_per_80_g' => $finish($is('cream')),
            'marrow_g_per_80_g' => $finish($is('marrow')),
            'oil_g_per_80_g' => $finish($is('oil')),
            'cheese_g_per_80_g' => $finish($isCheese),
            'fat' => $this->fat()->value,
            'garnish' => $this->garnish(),
            'instructions' => $this->instructions(),
            'ingredients' => $this->ingredients(),
        ]];
    }

    /** @throws BadDocument if they are longer than a dish keeps */
    private function instructions(): string
    {
        $words = implode("\n", $this->entry['instructions']);

        return mb_strlen($words) <= self::LONGEST_INSTRUCTIONS ? $words : throw BadDocument::at('/instructions', 'must have at most '.self::LONGEST_INSTRUCTIONS.' letters in all');
    }

    /** @throws BadDocument at the first line of which nobody has said what it is */
    private function everyLineIsDecided(): void
    {
        $roles = array_map(static fn (Role $role): string => $role->value, array_slice(Role::cases(), 0, -1));
        foreach ($this->having(Role::Unknown) as $at => $line) {
            throw BadDocument::at("/lines/$at/role", 'must be one of '.implode(', ', $roles).": \"{$line['said']}\"");
        }
    }

    /**
     * How much of some lines goes to 80 g of raw rice.
     *
     * @param  callable(RecipeLine): bool  $which  of those that have the role
     * @param  float  $grams  raw rice of a main
     *
     * @return float mL of wine, g of what is beaten in
     *
     * @throws BadDocument if it is more than a dish can have
     */
    private function to80g(Role $role, callable $which, float $most, float $grams): float
    {
        $lines = array_filter($this->having($role), $which);
        $to80 = round(array_sum(array_map(self::measured(...), $lines)) / $this->covers() * self::TO_G / $grams, 1);
        if ($to80 > $most) {
            throw BadDocument::at('/lines/'.array_key_first($lines).'/amount', "must be at most $most to 80 g of raw rice; this is $to80");
        }

        return $to80;
    }

    /**
     * The amount of a line: oil by weight, also if it is measured by volume; wine and cream as they are written.
     *
     * @param  RecipeLine  $line
     */
    private static function measured(array $line): float
    {
        $isOilByVolume = $line['unit'] === 'ml' && in_array('oil', Names::words($line['food']), true);

        return ($line['amount'] ?? 0.0) * ($isOilByVolume ? Finish::OIL_G_PER_ML : 1.0);
    }

    /** @throws BadDocument at a line of rice, wine or finish that is in pieces, or at what nobody beats into a rice */
    private function whatIsMeasuredIsNotCounted(): void
    {
        foreach ([Role::Rice, Role::Wine, Role::Finish] as $role) {
            foreach ($this->having($role) as $at => $line) {
                if ($line['unit'] === 'pieces') {
                    throw BadDocument::at("/lines/$at/unit", "must be g or ml: \"{$line['said']}\"");
                }
                if ($role === Role::Finish && array_intersect(['butter', 'cream', 'marrow', 'oil', ...self::CHEESE], Names::words($line['food'])) === []) {
                    throw BadDocument::at("/lines/$at/role", "can be finish for butter, hard cheese, cream, marrow and oil only: \"{$line['said']}\"");
                }
            }
        }
    }

    /** What lies on top in no amount, in words. */
    private function garnish(): string
    {
        $toTaste = array_filter($this->having(Role::OnTop), static fn (array $line): bool => $line['amount'] === null);

        return mb_strimwidth(implode(', ', array_column($toTaste, 'food')), 0, self::LONGEST_GARNISH);
    }

    private function covers(): int
    {
        return $this->entry['covers'];
    }

    /** @return array<int, RecipeLine> by their place in the recipe */
    private function lines(): array
    {
        return $this->entry['lines'];
    }

    /** @return array<int, RecipeLine> those of a role, by their place in the recipe */
    private function having(Role $role): array
    {
        return array_filter($this->lines(), static fn (array $line): bool => $line['role'] === $role->value);
    }

    /**
     * @return array{array<string, mixed>, float} the rice, and g of it in a main
     *
     * @throws BadDocument
     */
    private function rice(): array
    {
        $lines = $this->having(Role::Rice);
        if ($lines === []) {
            throw BadDocument::at('/lines', 'must have one that is the rice');
        }
        $at = array_key_first($lines);
        $all = array_sum(array_map(static fn (array $line): float => ($line['amount'] ?? 0.0) * ($line['unit'] === 'ml' ? Grain::RAW_G_PER_ML : 1.0), $lines));
        $grams = round($all / $this->covers(), 1);
        if ($grams < self::LEAST_GRAMS || $grams > self::MOST_GRAMS) {
            throw BadDocument::at("/lines/$at/amount", 'must be '.self::LEAST_GRAMS.' to '.self::MOST_GRAMS." g of raw rice a cover; this is $grams g for each of {$this->covers()}");
        }
        $variety = RecipeReader::variety($lines[$at]['food']) ?? Variety::Round;
        $name = (new Words)->say($variety->fact());

        return [['name' => $name, 'variety' => $variety->value, 'window_min' => null, 'grams_per_cup' => null], $grams];
    }

    /** @return array<string, mixed> the kitchen's usual way of holding it, made from what the recipe names */
    private function stock(): array
    {
        $stock = ['name' => 'vegetable stock', 'base' => 'vegetable', 'salt_percent' => 0.6, 'held_at_c' => 92, 'batch_ml' => null, 'allergens' => null];
        $words = mb_strtolower(implode(' ', array_map(static fn (array $line): string => $line['food'], $this->having(Role::Stock))));
        foreach (self::STOCKS as $word => $base) {
            if (str_contains($words, $word)) {
                return [...$stock, 'name' => "$word stock", 'base' => $base];
            }
        }

        return $stock;
    }

    private function fat(): Fat
    {
        $words = array_merge(...array_map(static fn (array $line): array => Names::words($line['food']), array_values($this->having(Role::Fat))));
        $butter = in_array('butter', $words, true);

        return match (true) {
            array_intersect(['lard', 'dripping', 'goose', 'duck', 'fat'], $words) !== [] => Fat::Rendered,
            $butter && in_array('oil', $words, true) => Fat::OilAndButter,
            $butter => Fat::Butter,
            default => Fat::Oil,
        };
    }

    /**
     * @return list<array<string, mixed>>
     *
     * @throws BadDocument where an amount is needed and there is none
     */
    private function ingredients(): array
    {
        $ingredients = [];
        foreach ($this->lines() as $at => $line) {
            $role = Role::from($line['role']);
            $goes = match ($role) {
                Role::Fat, Role::Base => Goes::Base,
                Role::OnTop => Goes::OnTop,
                Role::Add => Goes::tryFrom($line['goes'] ?? '') ?? Goes::LastTwoMinutes,
                default => null,
            };
            if ($goes === null || ($line['amount'] === null && in_array($role, [Role::Fat, Role::OnTop], true))) {
                continue;
            }
            if ($line['amount'] === null && ! $line['to_taste']) {
                throw BadDocument::at("/lines/$at/amount", "must be a number from 0 to 100000: how much of \"{$line['said']}\" goes in");
            }
            if ($goes === Goes::AtMinute && $line['minute'] === null) {
                throw BadDocument::at("/lines/$at/minute", 'must be a number from 0 to 120 (min, for what goes in at a minute)');
            }
            $ingredients[] = [
                'name' => mb_strimwidth($line['food'], 0, self::LONGEST_NAME),
                'amount' => round(min(self::MOST_AMOUNT, ($line['amount'] ?? 0.0) / $this->covers()), 3),
                'unit' => $line['unit'],
                'per' => 'main',
                'goes' => $goes->value,
                'minute' => $goes === Goes::AtMinute ? $line['minute'] : null,
                'suits' => null,
                'allergens' => null,
                'comes_out' => in_array('bay', Names::words($line['food']), true),
            ];
        }

        return self::inOrder($ingredients);
    }

    /**
     * @param  list<array<string, mixed>>  $ingredients
     *
     * @return list<array<string, mixed>> the base in the order in which it is cooked, the rest as it stands
     */
    private static function inOrder(array $ingredients): array
    {
        $place = static function (array $ingredient): int {
            $name = is_string($ingredient['name']) ? $ingredient['name'] : '';
            $group = Foods::find($name)->group ?? Group::usual();
            $isGarlic = in_array('garlic', Names::words($name), true);
            $at = array_search($group->value, self::ORDER, true);

            // Garlic burns before an onion is soft.
            return 2 * ($at === false ? array_search('vegetable', self::ORDER, true) : $at) + ($isGarlic ? 3 : 0);
        };
        $base = array_values(array_filter($ingredients, static fn (array $ingredient): bool => $ingredient['goes'] === Goes::Base->value));
        usort($base, static fn (array $a, array $b): int => $place($a) <=> $place($b));

        return [...$base, ...array_values(array_filter($ingredients, static fn (array $ingredient): bool => $ingredient['goes'] !== Goes::Base->value))];
    }
}

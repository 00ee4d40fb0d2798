<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\Kitchen;
use Velko\Core\Recipe\Line;
use Velko\Core\Recipe\Recipe;
use Velko\Core\Recipe\RecipeReader;
use Velko\Core\Recipe\RecipeReading;

/** The document velko.recipe-read/1: how recipes were understood, line by line, before anything is kept. */
final class RecipeDocument
{
    /**
     * @param  non-empty-list<Recipe>  $recipes
     *
     * @return array<string, mixed>
     */
    public static function of(array $recipes, Kitchen $kitchen): array
    {
        $dishes = $kitchen->dishes()->pluck('id', 'name');

        return ['format' => 'velko.recipe-read/1', 'recipes' => array_map(static function (Recipe $recipe) use ($dishes): array {
            $read = RecipeReader::read($recipe);

            return [
                'name' => $read->name, 'family' => $read->family, 'covers' => $read->covers, 'language' => $read->language->value,
                'lines' => array_map(self::line(...), $read->lines), 'instructions' => $read->instructions, 'same_name' => $dishes[$read->name] ?? null,
            ];
        }, $recipes)];
    }

    /** @return array<string, mixed> */
    private static function line(Line $line): array
    {
        return [
            'said' => $line->said, 'role' => $line->role->value, 'food' => mb_strimwidth($line->food, 0, RecipeDish::LONGEST_NAME), 'amount' => $line->amount, 'unit' => $line->unit,
            'goes' => $line->goes?->value, 'minute' => null, 'to_taste' => $line->toTaste, 'asks' => $line->isAsked(),
        ];
    }

    /** @return array<string, mixed> as velko.reading/1 has a recipe */
    public static function plain(RecipeReading $read): array
    {
        return [
            'name' => $read->name, 'family' => $read->family, 'covers' => $read->covers,
            'lines' => array_map(static fn (Line $line): array => ['said' => $line->said, 'role' => $line->role->value, 'food' => $line->food, 'value' => $line->amount, 'unit' => $line->unit], $read->lines),
            'not_understood' => array_map(static fn (Line $line): string => $line->said, $read->asked()),
        ];
    }
}

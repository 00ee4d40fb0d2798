<?php

declare(strict_types=1);

namespace Velko\Core\Recipe;

use Velko\Core\Quantity\DecimalMark;

/** A language in which recipes are read. */
enum Language: string
{
    case English = 'en';
    case Spanish = 'es';
    case Italian = 'it';

    /** Words that stand in nearly every recipe of a language, and in none of the others. */
    private const TELLS = [
        'en' => ['of', 'and', 'cup', 'cups', 'tbsp', 'tsp', 'tablespoon', 'tablespoons', 'teaspoon', 'oil', 'rice', 'stock', 'broth', 'onion', 'garlic', 'butter', 'chopped', 'to', 'taste', 'fresh', 'salt', 'serves', 'wine'],
        'es' => ['y', 'para', 'aceite', 'arroz', 'caldo', 'cebolla', 'cebollas', 'ajo', 'sal', 'cucharada', 'cucharadas', 'diente', 'dientes', 'taza', 'tazas', 'personas', 'el', 'los', 'las', 'vaso', 'tomate', 'queso', 'vino blanco'],
        'it' => ['di', 'e', 'olio', 'riso', 'brodo', 'cipolla', 'aglio', 'sale', 'burro', 'cucchiai', 'cucchiaio', 'spicchio', 'spicchi', 'bicchiere', 'persone', 'q.b', 'qb', 'quanto', 'il', 'per', 'parmigiano', 'pepe', 'vino bianco'],
    ];

    /** The one whose words stand oftenest in a text; English if none does. */
    public static function of(string $text): self
    {
        $words = preg_split('/[^\p{L}.]+/u', mb_strtolower($text), -1, PREG_SPLIT_NO_EMPTY);
        $counts = array_map(static fn (array $tells): int => count(array_intersect($words === false ? [] : array_map(static fn (string $word): string => trim($word, '.'), $words), $tells)), self::TELLS);
        arsort($counts);

        return max($counts) === 0 ? self::English : self::from(array_key_first($counts));
    }

    public function decimalMark(): DecimalMark
    {
        return $this === self::English ? DecimalMark::Point : DecimalMark::Comma;
    }
}

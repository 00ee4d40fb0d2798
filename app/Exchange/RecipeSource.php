<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Contracts\BadDocument;
use App\Contracts\Shape;
use App\Csv\CsvRows;
use DOMDocument;
use DOMElement;
use DOMXPath;
use stdClass;
use Velko\Core\Recipe\Recipe;

/**
 * Finds the recipes in what somebody brings: JSON-LD (an object, a list or a graph), a saved page with JSON-LD or microdata in it
 * (schema.org/Recipe), a table (RFC 4180), or text in lines.
 */
final class RecipeSource
{
    private const MOST_RECIPES = 20;

    private const MOST_LINES = 60;

    private const LONGEST_LINE = 300;

    private const MOST_STEPS = 60;

    private const LONGEST_STEP = 2000;

    private const LONGEST_NAME = 120;

    /** Rows of a table. */
    private const MOST_ROWS = 200;

    /** Names that the columns of a table may have. */
    private const COLUMNS = [
        'food' => ['ingredient', 'ingredients', 'name', 'food', 'item', 'ingrediente', 'ingredientes', 'ingredienti', 'nombre', 'nome'],
        'amount' => ['amount', 'quantity', 'qty', 'cantidad', 'quantità', 'dose'],
        'unit' => ['unit', 'units', 'unidad', 'unità', 'misura'],
    ];

    private const YIELD = '/^(?:serves|serving|servings|yield|yields|makes|feeds|for|para|raciones|comensales|per|dosi per|porzioni|persone)\b.*\d|^\d+\s*(?:people|persons|servings|portions|covers|personas|raciones|comensales|persone|porzioni)\b/iu';

    private const INGREDIENTS = '/^(?:ingredients|ingredientes|ingredienti)\b[^\p{L}\d]*(?<rest>.*)$/iu';

    private const METHOD = '/^(?:method|instructions|directions|preparation|steps|how to|preparación|elaboración|pasos|preparazione|procedimento|istruzioni)\b.{0,20}$/iu';

    /** A line that has more words than this is a sentence of the method. */
    private const WORDS_OF_A_LINE = 14;

    /**
     * @param  string|null  $mediaType  of the text; null: found out
     *
     * @return non-empty-list<Recipe>
     *
     * @throws BadDocument if there is no recipe in it
     */
    public static function recipes(string $text, ?string $mediaType = null): array
    {
        $text = trim(CsvRows::plain($text));
        $found = match ($mediaType ?? self::kindOf($text)) {
            'application/ld+json', 'application/json' => self::inJson($text),
            'text/html' => self::inHtml($text),
            'text/csv' => [self::inTable($text)],
            default => [self::inText($text)],
        };
        $recipes = array_values(array_filter($found, static fn (Recipe $recipe): bool => $recipe->lines !== []));

        if ($recipes === []) {
            throw BadDocument::at('/text', 'has no recipe in it: neither a list of ingredients, nor JSON-LD or microdata of schema.org/Recipe');
        }

        return count($recipes) <= self::MOST_RECIPES ? $recipes : throw BadDocument::at('/text', 'has '.count($recipes).' recipes in it: at most '.self::MOST_RECIPES.' at once');
    }

    private static function kindOf(string $text): string
    {
        return match (true) {
            preg_match('/^[\[{]/', $text) === 1 => 'application/ld+json',
            preg_match('/^<|<html|<script|itemprop=/i', $text) === 1 => 'text/html',
            self::isTable($text) => 'text/csv',
            default => 'text/plain',
        };
    }

    private static function isTable(string $text): bool
    {
        $rows = CsvRows::of($text, 1);

        return count($rows->names) > 1 && isset($rows->columns(self::COLUMNS)['food']);
    }

    /**
     * @return list<Recipe>
     *
     * @throws BadDocument if it is no JSON
     */
    private static function inJson(string $text): array
    {
        // A list is read as the graph of a document: one shape for all.
        $document = Shape::read(str_starts_with($text, '[') ? '{"@graph":'.$text.'}' : $text);

        return array_map(self::ofJson(...), self::recipesIn($document));
    }

    /** @return list<stdClass> every Recipe at the top, in a graph, or as the subject of a page */
    private static function recipesIn(mixed $node, int $depth = 0): array
    {
        if (is_array($node)) {
            return array_merge(...array_map(static fn (mixed $child): array => self::recipesIn($child, $depth), array_values($node)));
        }
        if (! $node instanceof stdClass || $depth > 3) {
            return [];
        }
        if (array_filter((array) ($node->{'@type'} ?? []), static fn (mixed $type): bool => is_string($type) && str_ends_with($type, 'Recipe')) !== []) {
            return [$node];
        }

        return [...self::recipesIn($node->{'@graph'} ?? null, $depth + 1), ...self::recipesIn($node->mainEntity ?? null, $depth + 1), ...self::recipesIn($node->itemListElement ?? null, $depth + 1), ...self::recipesIn($node->item ?? null, $depth + 1)];
    }

    private static function ofJson(stdClass $recipe): Recipe
    {
        $words = static fn (string $field): string => implode(' ', self::texts($recipe->{$field} ?? null));

        return self::recipe($words('name'), $words('recipeCategory').' '.$words('keywords'), self::texts($recipe->recipeYield ?? $recipe->yield ?? null)[0] ?? '', self::texts($recipe->recipeIngredient ?? $recipe->ingredients ?? null), self::texts($recipe->recipeInstructions ?? null));
    }

    /** @return list<string> the texts of a value: a text, a list of them, steps and sections of steps */
    private static function texts(mixed $value): array
    {
        return match (true) {
            is_string($value) => array_values(array_filter(array_map(self::plain(...), explode("\n", strip_tags(str_replace(['<br>', '<br/>', '</p>', '</li>'], "\n", $value)))), static fn (string $line): bool => $line !== '')),
            is_int($value) || is_float($value) => [(string) $value],
            is_array($value) => array_merge(...array_map(self::texts(...), array_values($value))),
            $value instanceof stdClass => self::texts($value->text ?? $value->itemListElement ?? $value->name ?? null),
            default => [],
        };
    }

    /** @return list<Recipe> */
    private static function inHtml(string $html): array
    {
        $page = new DOMDocument;
        $before = libxml_use_internal_errors(true);
        // The parser takes a page for Latin-1 unless it is told.
        $page->loadHTML('<?xml encoding="UTF-8">'.$html, LIBXML_NONET | LIBXML_NOERROR | LIBXML_NOWARNING | LIBXML_COMPACT);
        libxml_clear_errors();
        libxml_use_internal_errors($before);
        $path = new DOMXPath($page);
        $found = [];
        foreach (self::elements($path, '//script[@type="application/ld+json"]') as $script) {
            try {
                $found = [...$found, ...self::inJson(trim($script->textContent))];
            } catch (BadDocument) {
                // A page has other data in it, and broken data.
            }
        }

        return $found !== [] ? $found : array_map(static fn (DOMElement $item): Recipe => self::ofMicrodata($path, $item), self::elements($path, '//*[contains(@itemtype, "schema.org/Recipe")]'));
    }

    private static function ofMicrodata(DOMXPath $path, DOMElement $item): Recipe
    {
        $of = static fn (string ...$properties): array => array_merge(...array_map(static fn (string $property): array => array_map(static fn (DOMElement $element): string => self::plain($element->getAttribute('content') !== '' ? $element->getAttribute('content') : $element->textContent), self::elements($path, ".//*[contains(concat(' ', normalize-space(@itemprop), ' '), ' $property ')]", $item)), $properties));

        return self::recipe($of('name')[0] ?? '', implode(' ', $of('recipeCategory', 'keywords')), $of('recipeYield', 'yield')[0] ?? '', $of('recipeIngredient', 'ingredients'), array_merge(...array_map(self::texts(...), $of('recipeInstructions'))));
    }

    /** @return list<DOMElement> */
    private static function elements(DOMXPath $path, string $query, ?DOMElement $in = null): array
    {
        $nodes = $path->query($query, $in);

        return $nodes === false ? [] : array_values(array_filter(iterator_to_array($nodes), static fn (mixed $node): bool => $node instanceof DOMElement));
    }

    private static function inTable(string $text): Recipe
    {
        $table = CsvRows::of($text, self::MOST_ROWS);
        $columns = $table->columns(self::COLUMNS);
        $lines = array_map(static fn (array $cells): string => implode(' ', array_filter(
            isset($columns['food']) ? array_map(static fn (string $column): string => isset($columns[$column]) ? $cells[$columns[$column]] ?? '' : '', ['amount', 'unit', 'food']) : $cells,
            static fn (string $cell): bool => $cell !== '',
        )), array_values($table->rows));

        return self::recipe('', '', '', $lines, []);
    }

    /** A name, a yield, ingredients and a method, each where a cook would write it; with headings or without. */
    private static function inText(string $text): Recipe
    {
        $name = $yield = '';
        $lines = $steps = [];
        $inMethod = false;
        $hasHeading = preg_match(self::INGREDIENTS.'m', $text) === 1;
        $started = ! $hasHeading;
        foreach (array_map(self::plain(...), explode("\n", $text)) as $line) {
            if ($line === '') {
                continue;
            }
            if (preg_match(self::METHOD, $line) === 1) {
                $inMethod = true;
            } elseif (preg_match(self::INGREDIENTS, $line, $heading) === 1) {
                [$started, $inMethod] = [true, false];
                $yield = $yield === '' && preg_match('/\d/', $heading['rest']) === 1 ? $heading['rest'] : $yield;
            } elseif ($yield === '' && ! $inMethod && preg_match(self::YIELD, $line) === 1) {
                $yield = $line;
            } elseif ($name === '' && $lines === [] && ! $inMethod && preg_match('/^[\d¼½¾⅓⅔•*\-]/u', $line) !== 1) {
                $name = $line;
            } elseif ($inMethod || ! $started || self::isASentence($line)) {
                $steps[] = $line;
            } else {
                $lines[] = $line;
            }
        }

        return self::recipe($name, '', $yield, $lines, $steps);
    }

    private static function isASentence(string $line): bool
    {
        return count(explode(' ', $line)) > self::WORDS_OF_A_LINE || preg_match('/^\d+[.)]\s+\p{Lu}.*\.$|^\p{Lu}[^\d].*\.\s+\p{Lu}.*\.$/u', $line) === 1;
    }

    /**
     * @param  list<string>  $lines
     * @param  list<string>  $steps
     */
    private static function recipe(string $name, string $about, string $yield, array $lines, array $steps): Recipe
    {
        return new Recipe(
            mb_strimwidth(self::plain($name), 0, self::LONGEST_NAME),
            $about,
            $yield,
            self::within($lines, self::MOST_LINES, self::LONGEST_LINE, 'lines of ingredients'),
            self::within($steps, self::MOST_STEPS, self::LONGEST_STEP, 'steps'),
        );
    }

    /**
     * All of some texts that are not empty: nothing of a recipe is cut off.
     *
     * @param  list<string>  $texts
     *
     * @return list<string>
     *
     * @throws BadDocument if there are more of them, or longer ones, than a recipe has
     */
    private static function within(array $texts, int $most, int $length, string $called): array
    {
        $texts = array_values(array_filter($texts, static fn (string $text): bool => $text !== ''));
        if (count($texts) > $most || array_filter($texts, static fn (string $text): bool => mb_strlen($text) > $length) !== []) {
            throw BadDocument::at('/text', "must have at most $most $called of $length letters each");
        }

        return $texts;
    }

    /** In one line, without entities and doubled spaces. */
    private static function plain(string $text): string
    {
        return trim((string) preg_replace('/[\s\x{a0}]+/u', ' ', html_entity_decode(mb_scrub($text), ENT_QUOTES | ENT_HTML5)));
    }
}

<?php

declare(strict_types=1);

namespace Velko\Core\Recipe;

use Velko\Core\Food\Foods;
use Velko\Core\Food\Heaped;
use Velko\Core\Food\Names;
use Velko\Core\Food\Whole;
use Velko\Core\Mise\SpokenAmount;
use Velko\Core\Quantity\DecimalMark;
use Velko\Core\Quantity\NotAMeasure;
use Velko\Core\Quantity\OutOfRange;
use Velko\Core\Quantity\WrittenNumber;
use Velko\Core\Rice\Grain;

/** Reads one line of the ingredients of a recipe: "1 l di brodo vegetale", "2 medium onions, chopped", "Riso Carnaroli 320 g". */
final readonly class LineReader
{
    private const BULLETS = "-–—•*·▢☐ \t\u{a0}";

    /** The amount is left to the cook. */
    private const TO_TASTE = '/\b(?:to taste|as needed|as required|to serve|for serving|to garnish|for garnish|to finish|optional)\b\.?/u';

    private const SERVED_WITH = '/\b(?:to serve|for serving|to garnish|for garnish|per decorare|per guarnire|para servir|para decorar|para emplatar)\b/u';

    /** Brackets weigh one of several. */
    private const EACH = '/\b(?:each|apiece|cada uno|cada una|c u|ciascuno|ciascuna|l uno|l una|cad)\b/u';

    /** Units that only recipes have: g or mL of one. */
    private const OF_RECIPES = ['sachet' => [0.125, 'g'], 'shot' => [40.0, 'ml'], 'leaf' => [1.0, 'pieces']];

    /** A stick of butter, as it is sold in the US (from memory). */
    private const STICK_OF_BUTTER = 113.0;

    /** The first words of units of two words: "fl oz". */
    private const OF_TWO_WORDS = ['fl', 'fl.', 'fluid'];

    /** In the three languages: what is said of a fat that goes in off the heat. */
    private const TO_FINISH = '/\b(?:to finish|per mantecare|per la mantecatura|para mantecar|para terminar)\b/u';

    private const SIZES = ['small', 'medium', 'large', 'big'];

    private SpokenAmount $spoken;

    public function __construct(private Language $language)
    {
        $this->spoken = new SpokenAmount(mark: DecimalMark::Point);
    }

    /**
     * The food and its amount. `english` is the food in the words that Velko knows.
     *
     * @return array{food: string, english: string, amount: float|null, unit: 'g'|'ml'|'pieces', to_taste: bool, served_with: bool, to_finish: bool}
     */
    public function read(string $said): array
    {
        $plain = $line = $this->plain($said);
        $servedWith = preg_match(self::SERVED_WITH, $line) === 1;
        $inBrackets = preg_match('/\(([^)]*)\)/u', $line, $part) === 1 ? trim($part[1]) : '';
        $line = trim((string) preg_replace('/\([^)]*\)?/u', ' ', $line));
        $toFinish = preg_match(self::TO_FINISH, $line) === 1;
        $english = Phrases::inEnglish((string) preg_replace([self::SERVED_WITH, self::TO_FINISH], ['to serve', 'to finish'], $line), $this->language);
        $toTaste = preg_match(self::TO_TASTE, $english) === 1;
        $english = trim((string) preg_replace(self::TO_TASTE, ' ', $english), " ,.;:\u{a0}");
        [$head, $tail] = [...explode(',', $english, 2), ''];
        [$amount, $unit, $food] = $this->amountFirst($head) ?? $this->amountLast($head) ?? $this->amountApart($head, explode(',', $tail)) ?? [null, 'g', $head];
        $isApart = $amount !== null && $this->amountFirst($head) === null && $this->amountLast($head) === null;
        $weighed = $this->inBrackets($inBrackets);
        if ($weighed !== null) {
            [$amount, $unit] = [$this->ofSoMany($weighed[0], $plain, $english, $inBrackets, $unit), $weighed[1]];
        }
        $food = trim($food, " ,.;:\u{a0}");

        return [
            'food' => $this->language === Language::English
                ? self::asWritten(trim($food.($tail === '' || $isApart ? '' : ",$tail"), ' ,'), Phrases::written($line, $this->language))
                : Foods::called($food) ?? $food,
            'english' => $food, 'amount' => $amount === null ? null : round($amount, 2), 'unit' => $unit, 'to_taste' => $toTaste, 'served_with' => $servedWith, 'to_finish' => $toFinish,
        ];
    }

    /** @return array{float, 'g'|'ml'|'pieces', string}|null what brackets weigh: "(14-ounce)", "(about 400 g)"; null if they say something else */
    private function inBrackets(string $text): ?array
    {
        $english = Phrases::inEnglish((string) preg_replace('/(?<=\d)-(?=\p{L})/u', ' ', $text), $this->language);
        // Of no food in particular.
        $read = $text === '' ? null : $this->amountFirst("$english x");

        return $read === null || $read[1] === 'pieces' ? null : $read;
    }

    /**
     * All of it, where brackets weigh one or all: "2 cans (400 g)" are 800 g, "2 cups (500 ml)" are 500 mL.
     *
     * @param  float  $weighed  what the brackets say, g or mL
     *
     * @return float|null null if it could be one or all: "2 lobsters (600 g)"
     */
    private function ofSoMany(float $weighed, string $plain, string $english, string $brackets, string $unit): ?float
    {
        $count = WrittenNumber::before($english)[0] ?? 1.0;
        $isEach = preg_match(self::EACH, $brackets) === 1 || preg_match('/^[\d\s]+\(/u', $plain) === 1 || preg_match('/^\d+ (?:can|tin)s?\b/u', $english) === 1;

        return match (true) {
            $isEach => $count * $weighed,
            $unit === 'pieces' && $count !== 1.0 => null,
            default => $weighed,
        };
    }

    /** What a food is stands before what is done to it: "onion, finely chopped". */
    public static function head(string $food): string
    {
        return trim(explode(',', $food)[0]);
    }

    /** In small letters, without bullets, with every apostrophe a word's end and every range one number. */
    private function plain(string $said): string
    {
        $line = str_replace(['’', '`'], "'", mb_strtolower(trim($said, self::BULLETS)));
        $line = $this->language === Language::Italian ? (string) preg_replace("/\\b(d|l|un|dell|all|sull)'/u", '$1 ', $line) : $line;
        $line = (string) preg_replace('/,?\s*(?:plus (?:more|extra)|e altro|y un poco más)\b.*$/u', '', $line);
        $line = (string) preg_replace('/\b(?:about|approx\.?|approximately|circa|unos|unas|aproximadamente|ca\.)\s+/u', '', $line);
        // Of "2 or 3", "2-3" and "4 to 6" the middle; of "oil or butter" the first.
        $line = (string) preg_replace_callback('/(?<![\d\/.,])(\d+(?:[.,]\d+)?)\s*(?:-|–|—|\bto\b|\bor\b|\ba\b|\bo\b|\bu\b)\s*(\d+(?:[.,]\d+)?)(?![\d\/])/u', fn (array $part): string => self::number((self::value($part[1]) + self::value($part[2])) / 2), $line);
        $line = (string) preg_replace('/\s+(?:or|oppure|o bien)\s+.*$/u', '', $line);

        return $this->inPoints($line);
    }

    /** Numbers with the point that the readers of amounts take, whatever the language has. */
    private function inPoints(string $line): string
    {
        if ($this->language->decimalMark() === DecimalMark::Point) {
            return (string) preg_replace('/(?<=\d),(?=\d{3}\b)/u', '', $line);
        }
        $line = (string) preg_replace('/(?<=\d)\.(?=\d{3}\b)/u', '', $line);

        return (string) preg_replace('/(?<=\d),(?=\d)/u', '.', $line);
    }

    private static function value(string $digits): float
    {
        return (float) strtr($digits, ',', '.');
    }

    private static function number(float $value): string
    {
        return rtrim(rtrim(sprintf('%.3F', $value), '0'), '.');
    }

    /**
     * An English food in the words of whoever wrote it: "shrimp" stays shrimp.
     *
     * @param  array<string, string>  $written
     */
    private static function asWritten(string $food, array $written): string
    {
        foreach ($written as $means => $said) {
            $food = (string) preg_replace('/(?<!\p{L})'.preg_quote($means, '/').'(?!\p{L})/u', $said, $food, 1);
        }

        return $food;
    }

    /** @return array{float, 'g'|'ml'|'pieces', string}|null "320 g rice": amount, unit, and the food after it */
    private function amountFirst(string $english): ?array
    {
        // "400g" and "1x".
        $english = (string) preg_replace('/^([\d.,\/¼½¾⅓⅔⅛]+)\s*(?:x\b)?\s*(?=\p{L})/u', '$1 ', $english);
        $number = WrittenNumber::before($english);
        if ($number === null || $number[0] <= 0.0) {
            return null;
        }
        [$count, $rest] = $number;
        $words = preg_split('/\s+/u', $rest, -1, PREG_SPLIT_NO_EMPTY);
        $words = $words === false ? [] : $words;
        if ($words === []) {
            return null;
        }
        $length = in_array($words[0], self::OF_TWO_WORDS, true) ? 2 : 1;
        $food = self::withoutOf(array_slice($words, $length));
        $read = $food === '' ? null : $this->measured($count, implode(' ', array_slice($words, 0, $length)), $food);

        return $read === null ? $this->counted($count, $words) : [...$this->byWeight($read, $food), $food];
    }

    /** @return array{float, 'g'|'ml'|'pieces', string}|null "rice 320 g": the food before its amount */
    private function amountLast(string $english): ?array
    {
        return preg_match('/^(?<food>\p{L}.*?)[\s:]+(?<amount>(?:half\b|\d|[¼½¾⅓⅔⅛]).*)$/u', $english, $part) === 1 ? $this->amountApart(trim($part['food'], ' :'), [$part['amount']]) : null;
    }

    /**
     * @param  list<string>  $parts  of which one may be the amount: "rice, 320 g" and "320 g, rice"
     *
     * @return array{float, 'g'|'ml'|'pieces', string}|null
     */
    private function amountApart(string $food, array $parts): ?array
    {
        foreach ($parts as $part) {
            $read = preg_match('/^\s*(?:half\b|\d|[¼½¾⅓⅔⅛])/u', $part) === 1 ? $this->amountFirst(trim($part).' '.$food) : null;
            if ($read !== null) {
                return [$read[0], $read[1], $food];
            }
        }

        return null;
    }

    /** @return array{float, 'g'|'ml'|'pieces'}|null */
    private function measured(float $count, string $unit, string $food): ?array
    {
        $unit = rtrim($unit, '.');
        $own = self::OF_RECIPES[Names::words($unit)[0] ?? ''] ?? null;
        if ($own !== null) {
            return [$count * $own[0], $own[1]];
        }
        if ($unit === 'stick' && Names::words($food) === ['butter']) {
            return [$count * self::STICK_OF_BUTTER, 'g'];
        }
        try {
            return $this->spoken->read(sprintf('%.6F ', $count).$unit, $food);
        } catch (NotAMeasure|OutOfRange) {
            return null;
        }
    }

    /**
     * @param  list<string>  $words
     *
     * @return array{float, 'g'|'pieces', string} "2 medium onions": what whole ones weigh, or how many they are
     */
    private function counted(float $count, array $words): array
    {
        $sizes = count($words) > 1 ? array_values(array_intersect($words, self::SIZES)) : [];
        $food = self::withoutOf(array_values(array_diff($words, $sizes)));
        $grams = Whole::weighs(self::head($food), $sizes[0] ?? 'medium');

        return $grams === null ? [$count, 'pieces', $food] : [$count * $grams, 'g', $food];
    }

    /**
     * A cup of peas is weighed: what a cup of such a thing weighs is known.
     *
     * @param  array{float, 'g'|'ml'|'pieces'}  $read
     *
     * @return array{float, 'g'|'ml'|'pieces'}
     */
    private function byWeight(array $read, string $food): array
    {
        if ($read[1] !== 'ml') {
            return $read;
        }
        $perMl = in_array('rice', Names::words($food), true) ? Grain::RAW_G_PER_ML : Heaped::gramsPerMl(self::head($food));

        return $perMl === null ? $read : [$read[0] * $perMl, 'g'];
    }

    /** @param  list<string>  $words */
    private static function withoutOf(array $words): string
    {
        return trim(implode(' ', in_array($words[0] ?? '', ['of', 'the'], true) ? array_slice($words, 1) : $words));
    }
}

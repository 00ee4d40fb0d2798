<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Contracts\BadDocument;
use App\Kitchen\DishBody;
use App\Words\Words;
use stdClass;
use Velko\Core\Family\Families;
use Velko\Core\Planning\Family;
use Velko\Core\Quantity\Mass;
use Velko\Core\Quantity\Measure;
use Velko\Core\Quantity\NotAMeasure;
use Velko\Core\Quantity\OutOfRange;
use Velko\Core\Quantity\Rounding;
use Velko\Core\Quantity\Volume;
use Velko\Core\Rice\Grain;
use Velko\Core\Rice\Variety;
use Velko\Core\Safety\Diet;

/** A recipe that another program wrote: what of it makes a dish here, and what does not. */
final class ForeignRecipe
{
    private const USUAL_COVERS = 4;

    /** g to 80 g of rice, where a recipe does not say (common practice, no single source). */
    private const USUAL_BUTTER = 12.0;

    private const USUAL_CHEESE = 12.0;

    private const MOST_FINISH = 100.0;

    private const LONGEST_NAME = 80;

    /** "fl oz" before "cups" */
    private const UNITS_OF_WORDS = ['[A-Za-z]+\.? [A-Za-z]+', '[A-Za-z]+'];

    private const MOST_INGREDIENTS = 60;

    private const LEAST_GRAMS = 10.0;

    private const MOST_GRAMS = 250.0;

    private const MOST_AMOUNT = 100000.0;

    /** @var list<string> */
    private array $leftOut = [];

    public function __construct(private readonly stdClass $recipe) {}

    /**
     * @return array{array<string, mixed>, list<string>} velko.dish/1, and what was left out
     *
     * @throws BadDocument
     */
    public function dish(): array
    {
        $name = $this->text('name');
        if ($name === '') {
            throw BadDocument::at('/name', 'is missing');
        }
        $family = $this->family($name);
        $covers = $this->covers();
        $rice = ['name' => 'carnaroli', 'variety' => 'carnaroli', 'window_min' => null, 'grams_per_cup' => null];
        $stock = ['name' => 'vegetable stock', 'base' => 'vegetable', 'salt_percent' => 0.6, 'held_at_c' => 92, 'batch_ml' => null, 'allergens' => null];
        $grams = $family->traits()->mainGrams;
        $wine = $butter = $cheese = 0.0;
        $ingredients = [];
        $foundRice = false;
        foreach (array_slice($this->lines(), 0, self::MOST_INGREDIENTS) as $line) {
            [$measure, $what] = self::split($line);
            $lower = mb_strtolower($what);
            $each = self::each($measure, $covers);
            match (true) {
                ! $foundRice && ($variety = self::variety($lower)) !== null => [$foundRice, $rice, $grams] = [true, [...$rice, 'name' => self::named($variety), 'variety' => $variety->value], $this->grams($measure, $each, $grams, $line)],
                preg_match('/\b(stock|broth)\b/u', $lower) === 1 => $stock = [...$stock, ...self::stock($lower)],
                str_contains($lower, 'wine') && ! str_contains($lower, 'vinegar') => $wine = min(200.0, $each * 80 / $grams),
                $family->traits()->finish > 0 && self::isButter($lower) => $butter = $this->finish($each, $grams, self::USUAL_BUTTER, $line),
                $family->traits()->finish > 0 && self::isHardCheese($lower) => $cheese = $this->finish($each, $grams, self::USUAL_CHEESE, $line),
                default => $ingredients[] = $this->ingredient($measure, $what, $each, $line),
            };
        }
        if (! $foundRice) {
            $this->leftOut[] = "no rice was named: taken as {$rice['name']}";
        }
        foreach (['recipeInstructions' => 'the instructions', 'totalTime' => 'the time', 'cookTime' => 'the time', 'image' => 'the picture', 'nutrition' => 'the nutrition', 'aggregateRating' => 'the rating', 'video' => 'the film'] as $field => $words) {
            if (isset($this->recipe->{$field}) && ! in_array($words, $this->leftOut, true)) {
                $this->leftOut[] = $words;
            }
        }

        return [['format' => 'velko.dish/1', 'rice' => $rice, 'stock' => $stock, 'dish' => [
            ...DishBody::usual($family), 'diet' => Diet::Any->value, 'name' => mb_strimwidth($name, 0, 120), 'grams_main' => $grams, 'grams_starter' => max(self::LEAST_GRAMS, round($grams * 0.55)),
            'wine_ml_per_80_g' => round($wine, 1), 'butter_g_per_80_g' => round($butter, 1), 'cheese_g_per_80_g' => round($cheese, 1),
            'ingredients' => array_values(array_filter($ingredients, static fn (?array $one): bool => $one !== null)),
        ]], array_values(array_unique($this->leftOut))];
    }

    /** Butter itself, not the bean, the nut or the squash. */
    private static function isButter(string $words): bool
    {
        return preg_match('/\bbutter\b(?! beans?\b)/u', $words) === 1 && preg_match('/\b(peanut|nut|almond|cocoa) butter\b/u', $words) !== 1;
    }

    private static function isHardCheese(string $words): bool
    {
        return preg_match('/\b(parmesan|parmigiano|grana|pecorino)\b|(?<!cream |cottage |goat |goat\'s |goat’s |blue )\bcheese\b/u', $words) === 1;
    }

    /** What is beaten in at the end, g for 80 g of rice; of an amount that cannot be read the usual one is taken, and said. */
    private function finish(float $each, float $grams, float $usual, string $line): float
    {
        if ($each <= 0.0) {
            $this->leftOut[] = "how much of \"$line\": taken as ".Rounding::plain($usual, 0).' g to 80 g of rice';

            return $usual;
        }

        return min(self::MOST_FINISH, $each * 80 / $grams);
    }

    private function family(string $name): Family
    {
        $words = mb_strtolower($name.' '.$this->text('recipeCategory').' '.$this->text('keywords'));
        foreach (Families::all() as $family) {
            if (array_filter($family->traits()->calledBy, static fn (string $word): bool => str_contains($words, $word)) !== []) {
                return $family;
            }
        }
        $this->leftOut[] = 'the family was not said: taken as a risotto';

        return Families::usual();
    }

    private function covers(): int
    {
        $yield = $this->recipe->recipeYield ?? null;
        foreach (is_array($yield) ? $yield : [$yield] as $one) {
            if ((is_string($one) || is_int($one)) && preg_match('/\d+/', (string) $one, $found) === 1 && (int) $found[0] >= 1 && (int) $found[0] <= 400) {
                return (int) $found[0];
            }
        }
        $this->leftOut[] = 'the yield was not said: taken as '.self::USUAL_COVERS;

        return self::USUAL_COVERS;
    }

    /** @return list<string> */
    private function lines(): array
    {
        $lines = $this->recipe->recipeIngredient ?? $this->recipe->ingredients ?? [];

        $words = array_map(static fn (mixed $line): string => is_string($line) ? trim($line) : '', is_array($lines) ? $lines : [$lines]);

        return array_values(array_filter($words, static fn (string $line): bool => $line !== ''));
    }

    private function text(string $field): string
    {
        $value = $this->recipe->{$field} ?? '';
        $value = is_array($value) ? implode(' ', array_filter($value, is_string(...))) : $value;

        return is_string($value) ? trim($value) : '';
    }

    /**
     * "200 g of peas" into the amount and what it is an amount of; an amount that cannot be read is none.
     *
     * @return array{Mass|Volume|float|null, string} a count is a plain number
     */
    private static function split(string $line): array
    {
        foreach (self::UNITS_OF_WORDS as $unit) {
            if (preg_match('/^([\d¼½¾⅓⅔⅛⅜⅝⅞.,\/\s]+'.$unit.'\.?)\s+(?:of\s+)?(.+)$/u', $line, $part) !== 1) {
                continue;
            }
            try {
                $measure = Measure::read(rtrim($part[1], ' .'));
                if ($measure instanceof Mass || $measure instanceof Volume) {
                    return [$measure, $part[2]];
                }
            } catch (NotAMeasure|OutOfRange) {
                // Not an amount with a unit: perhaps one of fewer words, or a count.
            }
        }
        if (preg_match('/^(\d+(?:[.,]\d+)?)\s+(.+)$/u', $line, $part) === 1) {
            return [(float) strtr($part[1], ',', '.'), $part[2]];
        }

        return [null, $line];
    }

    /** g, mL or pieces a cover */
    private static function each(Mass|Volume|float|null $measure, int $covers): float
    {
        return match (true) {
            $measure instanceof Mass => $measure->g,
            $measure instanceof Volume => $measure->ml,
            default => $measure ?? 0.0,
        } / $covers;
    }

    private function grams(Mass|Volume|float|null $measure, float $each, float $usual, string $line): float
    {
        $grams = round($measure instanceof Volume ? $each * Grain::RAW_G_PER_ML : $each, 1);
        if ($grams >= self::LEAST_GRAMS && $grams <= self::MOST_GRAMS && ! is_float($measure)) {
            return $grams;
        }
        $this->leftOut[] = "\"$line\": taken as $usual g a main";

        return $usual;
    }

    private static function variety(string $words): ?Variety
    {
        foreach (Variety::cases() as $variety) {
            if (str_contains($words, self::named($variety)) || str_contains($words, $variety->value)) {
                return $variety;
            }
        }

        return match (true) {
            ! str_contains($words, 'rice') || str_contains($words, 'vinegar') => null,
            str_contains($words, 'risotto') => Variety::Arborio,
            str_contains($words, 'long') => Variety::Parboiled,
            default => Variety::Round,
        };
    }

    /** @return array<string, string> */
    private static function stock(string $words): array
    {
        foreach (['fish' => 'fish', 'shell' => 'shellfish', 'prawn' => 'shellfish', 'chicken' => 'poultry', 'duck' => 'poultry', 'beef' => 'meat', 'lamb' => 'meat', 'meat' => 'meat', 'mushroom' => 'mushroom'] as $word => $base) {
            if (str_contains($words, $word)) {
                return ['name' => "$word stock", 'base' => $base];
            }
        }

        return ['name' => 'vegetable stock', 'base' => 'vegetable'];
    }

    /** @return array<string, mixed>|null */
    private function ingredient(Mass|Volume|float|null $measure, string $what, float $each, string $line): ?array
    {
        if ($measure === null || $each > self::MOST_AMOUNT) {
            $this->leftOut[] = "\"$line\": no amount that can be read";

            return null;
        }

        return [
            'name' => mb_strimwidth($what, 0, self::LONGEST_NAME), 'amount' => round($each, 3),
            'unit' => $measure instanceof Mass ? 'g' : ($measure instanceof Volume ? 'ml' : 'pieces'),
            'per' => 'main', 'goes' => 'base', 'minute' => null, 'suits' => null, 'allergens' => null,
        ];
    }

    private static function named(Variety $variety): string
    {
        return (new Words)->say($variety->fact());
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Recipe;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Velko\Core\Recipe\Recipe;

/** Writes recipes as people do, in three languages, and knows what each line means. */
final readonly class RecipeWriter
{
    private const LANGUAGES = ['en', 'es', 'it'];

    /** What each is called, and its role in a risotto and in a pan rice. Weighed, counted or by the spoon. */
    private const FOODS = [
        ['onion', 'cebolla', 'cipolla', 'base', 'base'], ['shallot', 'chalota', 'scalogno', 'base', 'base'], ['leek', 'puerro', 'porro', 'base', 'base'], ['celery', 'apio', 'sedano', 'base', 'base'], ['carrot', 'zanahoria', 'carota', 'base', 'base'],
        ['mushrooms', 'champiñones', 'funghi', 'base', 'base'], ['dried porcini', 'setas secas', 'funghi porcini secchi', 'base', 'base'], ['pumpkin', 'calabaza', 'zucca', 'base', 'base'], ['tomatoes', 'tomates', 'pomodori', 'base', 'base'],
        ['rabbit', 'conejo', 'coniglio', 'base', 'base'], ['chicken', 'pollo', 'pollo', 'base', 'base'], ['pork', 'cerdo', 'maiale', 'base', 'base'], ['sausage', 'longaniza', 'salsiccia', 'base', 'base'], ['pancetta', 'panceta', 'pancetta', 'base', 'base'],
        ['prawns', 'gambas', 'gamberi', 'add', 'add'], ['clams', 'almejas', 'vongole', 'add', 'add'], ['mussels', 'mejillones', 'cozze', 'add', 'add'], ['squid', 'calamares', 'calamari', 'base', 'base'], ['cuttlefish', 'sepia', 'seppie', 'base', 'base'], ['hake', 'merluza', 'merluzzo', 'add', 'add'],
        ['peas', 'guisantes', 'piselli', 'add', 'add'], ['asparagus', 'espárragos', 'asparagi', 'add', 'add'], ['green beans', 'judías verdes', 'fagiolini', 'add', 'base'], ['artichokes', 'alcachofas', 'carciofi', 'base', 'base'], ['spinach', 'espinacas', 'spinaci', 'add', 'add'],
        ['white beans', 'alubias', 'fagioli', 'add', 'add'], ['walnuts', 'nueces', 'noci', 'on-top', 'on-top'], ['almonds', 'almendras', 'mandorle', 'on-top', 'on-top'], ['parsley', 'perejil', 'prezzemolo', 'on-top', 'on-top'], ['basil', 'albahaca', 'basilico', 'on-top', 'on-top'],
    ];

    /** Units by language: how each writes g, kg, mL, L, tablespoon, teaspoon, and what one is in g or mL. */
    private const UNITS = [
        'en' => ['g' => ['g', 'grams', 'gr'], 'kg' => ['kg', 'kilo'], 'ml' => ['ml', 'mL'], 'l' => ['l', 'litre'], 'oz' => ['oz', 'ounces'], 'lb' => ['lb', 'pound']],
        'es' => ['g' => ['g', 'gramos', 'gr'], 'kg' => ['kg', 'kilo'], 'ml' => ['ml'], 'l' => ['l', 'litro', 'litros']],
        'it' => ['g' => ['g', 'grammi', 'gr'], 'kg' => ['kg', 'chilo'], 'ml' => ['ml'], 'l' => ['l', 'litro', 'litri']],
    ];

    /** NIST Handbook 44, appendix C */
    private const IS = ['g' => 1.0, 'kg' => 1000.0, 'ml' => 1.0, 'l' => 1000.0, 'oz' => 28.349523, 'lb' => 453.59237];

    private const OF = ['en' => ['', 'of '], 'es' => ['de '], 'it' => ['di ', 'di ', '']];

    private const PREPARED = ['en' => ['', '', ', chopped', ', finely sliced', ' (fresh)'], 'es' => ['', '', ', picado', ', en rodajas', ' (fresco)'], 'it' => ['', '', ', tritato', ', a fette', ' (fresco)']];

    private const YIELDS = ['en' => ['Serves %d', '%d servings', '%d'], 'es' => ['Para %d personas', '%d raciones'], 'it' => ['Per %d persone', '%d porzioni']];

    private const NAMES = ['risotto' => ['en' => 'Risotto of the day', 'es' => 'Risotto del día', 'it' => 'Risotto del giorno'], 'pan-rice' => ['en' => 'Pan rice of the house', 'es' => 'Arroz en paella', 'it' => 'Paella della casa']];

    private const RICE = ['en' => 'carnaroli rice', 'es' => 'arroz bomba', 'it' => 'riso arborio'];

    private const STOCK = ['en' => 'chicken stock', 'es' => 'caldo de pollo', 'it' => 'brodo vegetale'];

    private const WINE = ['en' => 'white wine', 'es' => 'vino blanco', 'it' => 'vino bianco'];

    private const OIL = ['en' => 'olive oil', 'es' => 'aceite de oliva', 'it' => 'olio extravergine d’oliva'];

    private const BUTTER = ['en' => 'butter', 'es' => 'mantequilla', 'it' => 'burro'];

    private const SALT = ['en' => 'Salt to taste', 'es' => 'Sal al gusto', 'it' => 'Sale q.b.'];

    private Randomizer $chance;

    public function __construct(int $seed)
    {
        $this->chance = new Randomizer(new Mt19937($seed));
    }

    /** @return array{Recipe, string, string, int, list<array{string, float|null, 'g'|'ml'|null}>} recipe, language, family and covers; and of each line its role, its amount in g or mL, and which */
    public function recipe(): array
    {
        $language = $this->one(self::LANGUAGES);
        $family = $this->one(['risotto', 'pan-rice']);
        $covers = $this->chance->getInt(2, 12);
        $grams = $covers * $this->chance->getInt(50, 100);
        $rows = [
            ['rice', $this->weighed($grams, 'g', self::RICE[$language], $language), (float) $grams, 'g'],
            ['stock', ...$this->poured($covers * $this->chance->getInt(200, 400), self::STOCK[$language], $language)],
            ['fat', ...$this->poured($this->chance->getInt(20, 90), self::OIL[$language], $language)],
            ['salt', self::SALT[$language], null, null],
        ];
        if ($this->likely(0.6)) {
            $rows[] = ['wine', ...$this->poured($covers * $this->chance->getInt(15, 40), self::WINE[$language], $language)];
        }
        if ($family === 'risotto') {
            $butter = $this->chance->getInt(20, 120);
            $rows[] = ['finish', $this->weighed($butter, 'g', self::BUTTER[$language], $language), (float) $butter, 'g'];
        }
        foreach ($this->chance->pickArrayKeys(self::FOODS, $this->chance->getInt(3, 9)) as $key) {
            $food = self::FOODS[$key];
            $name = $food[array_search($language, self::LANGUAGES, true)];
            $amount = $this->chance->getInt(2, 90) * 10;
            [$line, $is] = $this->weighedSomehow($amount, $this->likely(0.06) ? $this->mistyped($name) : $name, $language);
            $rows[] = [$food[$family === 'risotto' ? 3 : 4], $line.$this->one(self::PREPARED[$language]), $is, 'g'];
        }
        $rows = $this->chance->shuffleArray($rows);

        return [
            new Recipe(self::NAMES[$family][$language], '', sprintf($this->one(self::YIELDS[$language]), $covers), array_map(fn (array $row): string => $this->one(['', '', '- ', '• ']).($this->likely(0.1) ? mb_strtoupper($row[1]) : $row[1]), $rows), []),
            $language, $family, $covers, array_map(static fn (array $row): array => [$row[0], $row[2], $row[3]], $rows),
        ];
    }

    /** @return array{string, float, 'ml'} */
    private function poured(int $ml, string $name, string $language): array
    {
        $inLitres = $ml >= 500 && $this->likely(0.5);
        $ml = $inLitres ? (int) (100 * round($ml / 100)) : $ml;

        return [$this->weighed($inLitres ? $ml / 1000 : $ml, $inLitres ? 'l' : 'ml', $name, $language), (float) $ml, 'ml'];
    }

    /** @return array{string, float} a line, and the g that it says */
    private function weighedSomehow(int $grams, string $name, string $language): array
    {
        $unit = $this->one(array_values(array_intersect(['g', 'g', 'kg', 'oz', 'lb'], array_keys(self::UNITS[$language]))));
        $number = match ($unit) {
            'kg' => round($grams / 1000, 2), 'oz' => max(1, round($grams / 28)), 'lb' => max(0.5, round(2 * $grams / 454) / 2), default => $grams,
        };

        return [$this->weighed($number, $unit, $name, $language), $number * self::IS[$unit]];
    }

    private function weighed(float|int $number, string $unit, string $name, string $language): string
    {
        $digits = $this->digits($number, $language);
        $word = $this->one(self::UNITS[$language][$unit]);

        return match ($this->chance->getInt(0, 4)) {
            0 => "$name $digits $word",
            1 => "$name, $digits $word",
            2 => strlen($word) <= 2 ? "$digits$word ".$this->one(self::OF[$language]).$name : "$digits $word ".$this->one(self::OF[$language]).$name,
            default => "$digits $word ".$this->one(self::OF[$language]).$name,
        };
    }

    private function digits(float|int $number, string $language): string
    {
        if ($number == 0.5 && $this->likely(0.5)) {
            return $this->one(['½', '1/2']);
        }
        $plain = rtrim(rtrim(sprintf('%.2F', $number), '0'), '.');

        return $language === 'en' ? $plain : strtr($plain, '.', ',');
    }

    /** With two letters exchanged, or one left out. */
    private function mistyped(string $name): string
    {
        $at = $this->chance->getInt(1, mb_strlen($name) - 2);

        return $this->likely(0.5) ? mb_substr($name, 0, $at).mb_substr($name, $at + 1) : mb_substr($name, 0, $at).mb_substr($name, $at + 1, 1).mb_substr($name, $at, 1).mb_substr($name, $at + 2);
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $of
     *
     * @return T
     */
    private function one(array $of): mixed
    {
        return $of[$this->chance->getInt(0, count($of) - 1)];
    }

    private function likely(float $share): bool
    {
        return $this->chance->getInt(0, 999) < 1000 * $share;
    }
}

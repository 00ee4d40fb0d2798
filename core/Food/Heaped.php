<?php

declare(strict_types=1);

namespace Velko\Core\Food;

/**
 * What a cup of a food weighs as it falls into it: grated, chopped or whole. USDA FoodData Central, SR Legacy, household weights (from memory).
 * What is not known is taken as water: a liquid.
 */
final class Heaped
{
    /** What is poured: a cup of it is its volume. */
    private const POURED = ['oil', 'stock', 'broth', 'juice', 'wine', 'water', 'milk', 'vinegar', 'liquor', 'cream'];

    /** Grams in a US cup (236.6 mL). */
    private const GRAMS_A_CUP = [
        'hard cheese' => 100, 'parmesan' => 100, 'pecorino' => 100, 'cheese' => 113, 'pea' => 145, 'green pea' => 145, 'broad bean' => 125, 'green bean' => 100, 'sweetcorn' => 145, 'corn' => 145, 'asparagus' => 134,
        'onion' => 160, 'shallot' => 160, 'leek' => 89, 'spring onion' => 100, 'fennel' => 87, 'garlic' => 136, 'carrot' => 128, 'celery' => 101, 'courgette' => 124, 'aubergine' => 82, 'pepper' => 149, 'red pepper' => 149,
        'green pepper' => 149, 'pumpkin' => 116, 'squash' => 116, 'cauliflower' => 107, 'broccoli' => 91, 'artichoke' => 168, 'potato' => 150, 'mushroom' => 70, 'button mushroom' => 70, 'dried porcini' => 30, 'dried mushroom' => 30,
        'tomato' => 180, 'chopped tomato' => 240, 'cherry tomato' => 149, 'passata' => 245, 'tomato paste' => 262, 'spinach' => 30, 'rocket' => 20, 'kale' => 67, 'parsley' => 60, 'basil' => 24, 'mint' => 24, 'chive' => 48,
        'white bean' => 180, 'chickpea' => 164, 'lentil' => 198, 'prawn' => 145, 'crab' => 118, 'walnut' => 117, 'almond' => 143, 'hazelnut' => 135, 'pine nut' => 135, 'pistachio' => 123, 'raisin' => 145, 'breadcrumb' => 108,
        'olive' => 135, 'caper' => 137, 'butter' => 227, 'ricotta' => 246, 'mascarpone' => 240, 'chicken' => 140, 'ham' => 140, 'pancetta' => 130, 'bacon' => 130,
    ];

    /**
     * @param  string  $name  of the food, as a kitchen writes it
     *
     * @return float|null g to a mL; null if it is a liquid, or not known
     */
    public static function gramsPerMl(string $name): ?float
    {
        if (array_intersect(self::POURED, Names::words($name)) !== []) {
            return null;
        }
        $grams = Names::last($name, self::GRAMS_A_CUP);

        return $grams === null ? null : $grams / (3785.411784 / 16);
    }
}

<?php

declare(strict_types=1);

namespace Velko\Core\Food;

/**
 * What one whole vegetable, fruit or egg weighs as it is bought: "one medium onion". USDA FoodData Central, SR Legacy, household weights (from
 * memory); a kitchen that weighs corrects it by weighing.
 */
final class Whole
{
    /** Grams of a small, a medium and a large one. */
    private const GRAMS = [
        'onion' => [70, 110, 150], 'red onion' => [70, 110, 150], 'white onion' => [70, 110, 150], 'shallot' => [20, 30, 45], 'leek' => [60, 89, 140], 'spring onion' => [5, 15, 25], 'fennel' => [180, 234, 300],
        'carrot' => [50, 61, 72], 'celery' => [17, 40, 64], 'courgette' => [118, 196, 323], 'zucchini' => [118, 196, 323], 'aubergine' => [350, 458, 550], 'eggplant' => [350, 458, 550],
        'pepper' => [74, 119, 164], 'red pepper' => [74, 119, 164], 'green pepper' => [74, 119, 164], 'bell pepper' => [74, 119, 164], 'potato' => [170, 213, 369], 'beetroot' => [60, 82, 110], 'artichoke' => [100, 128, 162],
        'corn' => [73, 102, 143], 'sweetcorn' => [73, 102, 143], 'asparagus' => [12, 16, 20], 'brussels sprout' => [15, 19, 25], 'cherry tomato' => [12, 17, 20],
        'cauliflower' => [265, 588, 840], 'cabbage' => [714, 908, 1248], 'broccoli' => [148, 151, 300], 'lime' => [44, 67, 90], 'jalapeño' => [10, 14, 20], 'jalapeno' => [10, 14, 20], 'anchovy' => [3, 4, 5],
        'tomato' => [91, 123, 182], 'mushroom' => [10, 18, 23], 'apple' => [149, 182, 223], 'pear' => [148, 178, 230], 'lemon' => [48, 58, 84], 'egg' => [38, 44, 50],
        // As they are bought for a kitchen (common practice, no single source).
        'prawn' => [12, 18, 30], 'shrimp' => [6, 10, 18], 'langoustine' => [60, 100, 150], 'crayfish' => [25, 40, 60], 'mussel' => [10, 15, 25], 'clam' => [8, 14, 30], 'scallop' => [15, 25, 35],
        'butternut squash' => [700, 1000, 1500], 'radicchio' => [150, 250, 350], 'squid' => [60, 100, 200], 'cuttlefish' => [150, 300, 500], 'chicken breast' => [120, 170, 250], 'duck breast' => [180, 220, 350],
        'duck leg' => [180, 230, 300], 'chicken thigh' => [90, 120, 160], 'chicken leg' => [180, 240, 300], 'quail' => [120, 150, 180], 'sausage' => [50, 80, 110], 'garlic clove' => [3, 5, 7], 'dried pepper' => [3, 5, 8],
    ];

    private const SIZES = ['small' => 0, 'medium' => 1, 'large' => 2, 'big' => 2];

    /**
     * @param  string  $name  Of the food, as a kitchen writes it.
     * @param  string  $size  'small', 'medium', 'large' or 'big'; anything else is medium.
     *
     * @return float|null g; null if nobody buys it by the piece, or its weight is not known
     */
    public static function weighs(string $name, string $size = 'medium'): ?float
    {
        $grams = Names::last($name, self::GRAMS);

        return $grams === null ? null : (float) $grams[self::SIZES[$size] ?? 1];
    }
}

<?php

declare(strict_types=1);

namespace Velko\Core\Food;

/**
 * Ordinary ingredients by name.
 *
 * Water, fat and salt (2.54 times the sodium): USDA FoodData Central, SR Legacy, from memory, to what a plate can tell apart.
 * What comes out of them, how fast, and what goes while they are sweated: their group's, our estimates.
 */
final class Foods
{
    /** By group: names in the singular, bars between, then water %, fat % and salt in g per 100 g, and what differs from the group. */
    private const KNOWN = [
        'allium' => [
            'onion|red onion|white onion' => [89, 0, 0.01], 'shallot' => [80, 0, 0.03], 'leek' => [83, 0, 0.05],
            'spring onion' => [90, 0, 0.04], 'garlic' => [59, 0, 0.04, ['loses' => 0.15]], 'fennel' => [90, 0, 0.13],
            // Weighed as it stands ready: cooked down before.
            'sofrito|soffritto' => [74, 12, 0.3, ['frees' => 0.0, 'loses' => 0.0, 'losesSpread' => 0.0]],
        ],
        'vegetable' => [
            'pea|green pea' => [79, 0, 0.01, ['frees' => 0.05]], 'sugar snap|snow pea' => [89, 0, 0.01, ['frees' => 0.05]],
            'asparagus' => [93, 0, 0.01], 'artichoke|artichoke heart' => [85, 0, 0.24], 'broad bean' => [73, 1, 0.06],
            'green bean|runner bean' => [90, 0, 0.02], 'broccoli' => [89, 0, 0.08], 'cauliflower' => [92, 0, 0.08],
            'carrot' => [88, 0, 0.18], 'celery' => [95, 0, 0.20], 'celeriac' => [88, 0, 0.25], 'courgette|zucchini' => [95, 0, 0.02, ['frees' => 0.20]],
            'aubergine|eggplant' => [92, 0, 0.01, ['frees' => 0.15]], 'pepper|red pepper|green pepper|bell pepper|jalapeño|jalapeno' => [92, 0, 0.01],
            'beetroot' => [88, 0, 0.20], 'parsnip' => [80, 0, 0.03], 'turnip' => [92, 0, 0.17], 'radish' => [95, 0, 0.10],
            'potato' => [79, 0, 0.02, ['frees' => 0.0]], 'sweet potato' => [77, 0, 0.14, ['frees' => 0.0]], 'pumpkin|squash|butternut' => [88, 0, 0.01],
            'sweetcorn|corn' => [76, 1, 0.04, ['frees' => 0.05]], 'apple' => [86, 0, 0.0], 'pear' => [84, 0, 0.0], 'grape' => [81, 0, 0.01],
        ],
        'leaf' => [
            'spinach' => [91, 0, 0.20], 'chard' => [93, 0, 0.54], 'kale' => [90, 1, 0.10], 'nettle' => [88, 0, 0.01], 'sorrel' => [93, 1, 0.01],
            'rocket|arugula' => [92, 1, 0.07], 'radicchio|chicory' => [93, 0, 0.06], 'cabbage' => [92, 0, 0.05, ['tau' => 4.0]],
            'pea shoot' => [92, 0, 0.01], 'parsley' => [88, 1, 0.14], 'lovage' => [88, 1, 0.05], 'basil' => [92, 1, 0.01], 'chive' => [91, 1, 0.01], 'wild garlic' => [90, 0, 0.02],
            'mint|dill|chervil|tarragon|coriander|marjoram|thyme|rosemary|sage|oregano|herb|bay leaf' => [80, 1, 0.05, ['frees' => 0.0]],
        ],
        'mushroom' => [
            'mushroom|button mushroom|chestnut mushroom' => [92, 0, 0.01], 'oyster mushroom' => [89, 0, 0.05], 'chanterelle' => [90, 1, 0.02],
            'porcini|cep' => [88, 1, 0.01], 'shiitake' => [90, 0, 0.02],
        ],
        'puree' => ['purée|puree|parsnip purée|pumpkin purée|pea purée' => [85, 0, 0.02]],
        'tomato' => ['tomato|chopped tomato|grated tomato' => [94, 0, 0.01], 'cherry tomato' => [94, 0, 0.01, ['frees' => 0.25, 'tau' => 4.0, 'loses' => 0.30]], 'passata' => [91, 0, 0.03], 'tomato paste|tomato purée' => [74, 0, 0.15, ['loses' => 0.10]]],
        'pulse' => ['chickpea' => [60, 3, 0.02], 'white bean|butter bean|borlotti bean|bean' => [65, 0, 0.01], 'lentil' => [70, 0, 0.01]],
        'dried' => [
            'dried pepper' => [10, 5, 0.05, ['takes' => 1.5]], 'dried mushroom|dried porcini' => [10, 1, 0.03, ['takes' => 2.5]], 'breadcrumb|bread' => [6, 5, 1.9, ['tau' => 1.0]],
            'raisin|sultana|currant' => [15, 0, 0.03, ['takes' => 0.3]], 'dried tomato' => [15, 3, 0.27],
        ],
        'fish' => [
            'fish|white fish|cod|hake|haddock|monkfish|halibut|turbot|sole|plaice' => [80, 1, 0.15], 'sea bass|sea bream|red mullet' => [76, 4, 0.17],
            'salmon' => [65, 13, 0.15], 'trout' => [72, 6, 0.13], 'smoked trout|smoked fish|smoked salmon' => [69, 6, 2.0, ['frees' => 0.05]],
            'salt cod' => [73, 1, 2.5], 'tuna' => [68, 5, 0.10], 'eel' => [68, 12, 0.13], 'anchovy' => [50, 10, 9.3, ['frees' => 0.0]],
        ],
        'prawn' => ['prawn|shrimp' => [78, 1, 0.6], 'langoustine|crayfish' => [80, 1, 0.4], 'crab|crabmeat|lobster' => [78, 1, 0.9]],
        'squid' => [
            'squid|cuttlefish' => [79, 1, 0.4], 'octopus' => [80, 1, 0.6], 'scallop' => [77, 1, 1.0],
        ],
        'in-shell' => ['mussel' => [80, 2, 0.7], 'clam|cockle|razor clam' => [82, 1, 1.5]],
        'meat' => [
            'chicken|chicken thigh|chicken breast' => [74, 4, 0.2], 'rabbit|hare' => [72, 6, 0.1], 'duck|duck leg|duck breast' => [66, 15, 0.2],
            'pork|pork rib|pork belly' => [65, 18, 0.15], 'beef|beef shin|veal|lamb|veal shin' => [70, 8, 0.15], 'quail|pigeon|guinea fowl' => [72, 6, 0.15],
        ],
        'cured' => ['sausage|chorizo' => [45, 35, 3.0], 'bacon|pancetta|guanciale|lardo' => [40, 45, 2.8], 'ham|cured ham' => [55, 12, 4.5]],
        'dairy' => [
            'cream|double cream' => [57, 36, 0.07], 'milk' => [88, 3, 0.11], 'ricotta' => [72, 13, 0.21, ['frees' => 0.0]], 'mascarpone' => [45, 45, 0.14, ['frees' => 0.0]],
            'hard cheese|parmesan|pecorino|cheese' => [30, 28, 1.7, ['frees' => 0.0]], 'blue cheese|goat cheese|soft cheese' => [45, 28, 2.5, ['frees' => 0.0]], 'yoghurt|yogurt' => [85, 4, 0.12],
        ],
        'fat' => [
            'oil|olive oil|sunflower oil' => [0, 100, 0.0], 'butter' => [16, 81, 0.03, ['kept' => Food::FRIDGE_C]], 'lard|dripping|goose fat|duck fat' => [0, 100, 0.0], 'marrow' => [15, 84, 0.02],
        ],
        'nut' => ['almond|hazelnut|walnut|pistachio|pine nut|nut' => [4, 55, 0.0]],
        'pickle' => ['olive' => [78, 13, 3.0], 'green olive' => [75, 15, 3.96], 'black olive' => [80, 11, 1.87], 'caper' => [84, 1, 6.0], 'preserved lemon' => [80, 0, 8.0], 'gherkin' => [94, 0, 2.0]],
        'seasoning' => [
            'salt' => [0, 0, 100.0], 'saffron' => [12, 6, 0.4], 'paprika|smoked paprika' => [11, 13, 0.17], 'stock cube' => [3, 10, 50.0], 'black pepper|white pepper|peppercorn|nutmeg|turmeric|chilli|cumin|fennel seed|food colour' => [10, 5, 0.05],
            'lemon juice' => [92, 0, 0.0, ['frees' => 1.0]], 'clam juice|mussel juice|clam liquor|mussel liquor' => [97, 0, 0.9, ['frees' => 1.0]], 'lemon|lemon zest|lime|lime zest' => [80, 0, 0.0], 'squid ink|cuttlefish ink' => [75, 1, 3.0],
        ],
    ];

    /** It goes in as it comes from the freezer. */
    private const FROZEN = 'frozen';

    /** What was cooked before has given most of its water already, and loses no more of it in the base. */
    private const COOKED = ['braised', 'confit', 'roast', 'roasted', 'cooked', 'fried', 'toasted', 'poached', 'boiled', 'grilled'];

    public const STILL_FREES = 0.2;

    /** What is known of a food by its name; null where nothing is. */
    public static function find(string $name): ?Food
    {
        $words = Names::words($name);
        $food = Names::last($name, self::known());

        if ($food !== null && array_intersect(self::COOKED, $words) !== []) {
            $food = $food->with(['frees' => self::STILL_FREES * $food->frees, 'loses' => 0.0, 'losesSpread' => 0.0]);
        }

        return $food !== null && in_array(self::FROZEN, $words, true) ? $food->with(['kept' => Food::FROZEN_C]) : $food;
    }

    /** The name by which a food is known, in the singular and without what is done to it: "parmesan" of "finely grated parmesan"; null if it is not known. */
    public static function called(string $name): ?string
    {
        return Names::called($name, self::known());
    }

    /** @return list<string> names that are known, in the singular */
    public static function names(): array
    {
        return array_keys(self::known());
    }

    /** @return array<string, Food> by name */
    private static function known(): array
    {
        /** @var array<string, Food> $known */
        static $known = [];
        if ($known === []) {
            foreach (self::KNOWN as $group => $foods) {
                foreach ($foods as $names => $entry) {
                    $food = Group::from($group)->food()->with(['water' => $entry[0] / 100, 'fat' => $entry[1] / 100, 'salt' => $entry[2], ...$entry[3] ?? []]);
                    foreach (explode('|', $names) as $name) {
                        $known[$name] = $food;
                    }
                }
            }
        }

        return $known;
    }
}

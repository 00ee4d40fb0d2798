<?php

declare(strict_types=1);

namespace Velko\Core\Safety;

use Velko\Core\Food\Names;

/**
 * Ordinary ingredients by name, with what they are known to bring.
 *
 * Allergens: Regulation (EU) No 1169/2011, Annex II. What an ingredient is made of and who eats it: common practice, no
 * single source, from memory. A product may hold more than its name says (a stock cube, cured meat): its allergens stay
 * unknown until the kitchen has read the label.
 */
final class Larder
{
    /** Made with more than its name says: who eats it is known, what is in it stands on its label. */
    private const LABEL = '?';

    /** By diet, then by allergens (commas between; empty: none), the names in the singular, bars between. */
    private const KNOWN = [
        'vegan' => [
            '' => 'pea|bean|broad bean|butter bean|green bean|runner bean|borlotti bean|white bean|chickpea|lentil|onion|red onion|spring onion|shallot|leek|garlic|ginger|carrot|parsnip|beetroot|radish|turnip|potato|sweet potato|tomato|cherry tomato|pepper|red pepper|green pepper|black pepper|white pepper|chilli|aubergine|courgette|courgette flower|pumpkin|squash|butternut squash|cucumber|fennel|artichoke|asparagus|spinach|chard|kale|cabbage|cauliflower|broccoli|radicchio|chicory|lettuce|rocket|watercress|nettle|sorrel|mushroom|button mushroom|oyster mushroom|porcini|cep|chanterelle|morel|truffle|seaweed|lemon|lime|orange|apple|pear|quince|fig|grape|cherry|raspberry|blackberry|chestnut|coconut|coconut milk|olive|caper|oil|olive oil|sunflower oil|rapeseed oil|salt|sea salt|sugar|saffron|smoked paprika|paprika|cumin|coriander|cinnamon|nutmeg|clove|bay|bay leaf|thyme|rosemary|sage|oregano|marjoram|basil|parsley|chive|chervil|tarragon|dill|mint|lovage|elderflower|sunflower seed|pumpkin seed|poppy seed|water|rice|corn|maize|sweetcorn|polenta',
            'celery' => 'celery|celeriac|celery salt',
            'gluten' => 'flour|wheat|barley|pearl barley|rye|spelt|semolina|couscous|bulgur',
            'lupin' => 'lupin|lupin flour',
            'mustard' => 'mustard|mustard seed',
            'nuts' => 'nut|almond|almond milk|hazelnut|walnut|cashew|pecan|pistachio|macadamia|brazil nut',
            'peanuts' => 'peanut|peanut butter|peanut oil',
            'sesame' => 'sesame|sesame seed|sesame oil|tahini',
            'soy' => 'soy|soya|tofu|edamame|soya milk|soya cream',
            'gluten,soy' => 'soy sauce|soya sauce',
            'sulphites' => 'wine|red wine|white wine|sherry|vermouth|wine vinegar|sherry vinegar|balsamic vinegar|raisin|sultana|dried apricot',
        ],
        'vegetarian' => [
            '' => 'honey',
            'egg' => 'egg|egg yolk|egg white|quail egg',
            'milk' => 'milk|cream|double cream|sour cream|crème fraîche|creme fraiche|butter|brown butter|ghee|yoghurt|yogurt|buttermilk|cheese|hard cheese|goat cheese|goat\'s cheese|sheep cheese|blue cheese|cream cheese|cottage cheese|mascarpone|ricotta|mozzarella|burrata|feta|gorgonzola|taleggio|fontina|cheddar|gruyère|gruyere',
        ],
        'pescatarian' => [
            'crustaceans' => 'prawn|shrimp|crab|crabmeat|crab meat|lobster|langoustine|crayfish|scampi',
            'fish' => 'fish|cod|hake|haddock|halibut|monkfish|mackerel|salmon|trout|tuna|sardine|anchovy|sea bass|sea bream|bream|turbot|sole|plaice|red mullet|mullet|eel|salt cod|fish roe|trout roe',
            'molluscs' => 'mussel|clam|cockle|razor clam|oyster|scallop|squid|squid ink|cuttlefish|cuttlefish ink|octopus|snail|whelk',
        ],
        'any' => [
            '' => 'chicken|chicken thigh|chicken breast|chicken liver|duck|duck leg|duck breast|guinea fowl|quail|pigeon|pheasant|turkey|rabbit|hare|pork|pork belly|pork rib|beef|beef shin|beef marrow|bone marrow|marrow bone|oxtail|veal|lamb|lamb shoulder|mutton|kid|goat|venison|wild boar|lard|duck fat|goose fat',
            self::LABEL => 'pancetta|bacon|guanciale|lardo|ham|cured ham|sausage|salami|black pudding|stock cube|bouillon',
            'milk' => 'parmesan|parmigiano|parmigiano reggiano|grana|grana padano|pecorino',
        ],
    ];

    /** Words that say how a thing is cut, kept or cooked, and bring nothing of their own. */
    private const HOW = ' a an and or of the in with to for from fresh frozen dried raw cooked hot cold warm large small medium big baby young old ripe whole half halved sliced thin thinly thick thickly fine finely coarse coarsely chopped diced minced grated shaved crushed torn shredded peeled podded shelled cleaned picked trimmed blanched roast roasted toasted fried grilled braised boiled steamed poached smoked salted unsalted ground cracked extra virgin boneless skinless wild dry red green white yellow black purple flat leaf leave tip top heart head stalk stick sprig clove bunch handful knob pinch splash piece slice strip dice cube wedge floret bulb tail fillet loin zest juice peel rind skin puree purée juiced zested more some little few plus extra taste finish serve garnish optional about ';

    /** What is known of an ingredient by its name; null where a word of it is not known here. */
    public static function find(string $name): ?Part
    {
        $words = Names::words($name);
        $known = self::known();
        $suits = Diet::Vegan;
        $allergens = [];
        $found = $label = false;
        for ($at = 0; $at < count($words);) {
            $length = Names::longest($words, $at, $known);
            if ($length === 0) {
                if (! str_contains(self::HOW, " $words[$at] ")) {
                    return null;
                }
                $at++;

                continue;
            }
            [$diet, $brings] = $known[implode(' ', array_slice($words, $at, $length))];
            $suits = $suits->with($diet);
            $label = $label || $brings === null;
            $allergens = [...$allergens, ...$brings ?? []];
            $found = true;
            $at += $length;
        }

        return $found ? new Part($name, $suits, array_values(array_unique($allergens, SORT_REGULAR)), complete: ! $label) : null;
    }

    /** @return array<string, array{Diet, list<Allergen>|null}> by the words of the name in the singular */
    private static function known(): array
    {
        /** @var array<string, array{Diet, list<Allergen>|null}> $known */
        static $known = [];
        if ($known === []) {
            foreach (self::KNOWN as $diet => $groups) {
                foreach ($groups as $allergens => $names) {
                    $brings = match ($allergens) {
                        '' => [],
                        self::LABEL => null,
                        default => array_map(Allergen::from(...), explode(',', $allergens)),
                    };
                    foreach (explode('|', $names) as $name) {
                        $known[$name] = [Diet::from($diet), $brings];
                    }
                }
            }
        }

        return $known;
    }
}

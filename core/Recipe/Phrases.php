<?php

declare(strict_types=1);

namespace Velko\Core\Recipe;

/**
 * The words of a recipe line in English, as the readers of amounts and foods know them.
 *
 * A dictionary of kitchens, from memory: what stands in no line is not understood, and is asked about.
 */
final class Phrases
{
    /** What one to three words mean; bars between forms of a word. Longer phrases win. */
    private const WORDS = [
        'es' => [
            'un|una|uno' => '1', 'dos' => '2', 'tres' => '3', 'cuatro' => '4', 'cinco' => '5', 'seis' => '6', 'ocho' => '8', 'diez' => '10', 'doce' => '12', 'medio|media' => 'half', 'un cuarto de|un cuarto' => '1/4',
            'tres cuartos de|tres cuartos' => '3/4', 'docena' => '12', 'media docena de|media docena' => '6', 'y medio|y media' => 'and a half',
            'cucharada|cucharadas' => 'tbsp', 'cda|cdas' => 'tbsp', 'cucharadita|cucharaditas' => 'tsp', 'cdta|cdtas' => 'tsp', 'vaso|vasos' => 'glass', 'copa|copas' => 'glass', 'taza|tazas' => 'cup', 'diente|dientes' => 'clove', 'pizca|pizcas' => 'pinch',
            'manojo|manojos|ramillete' => 'bunch', 'puñado|puñados' => 'handful', 'hebra|hebras' => 'thread', 'litro|litros' => 'l', 'gramo|gramos|grs|gr' => 'g', 'kilo|kilos' => 'kg', 'cubito|cubitos|pastilla|pastillas' => 'cube',
            'lata|latas|bote|botes' => 'can', 'chorro|chorrito' => 'splash', 'rama|ramita|ramas|ramitas' => 'sprig', 'loncha|lonchas' => 'rasher', 'sobre|sobres' => 'sachet', 'cabeza|cabezas' => 'head', 'hoja|hojas' => 'leaf',
            'al gusto|a gusto|cantidad necesaria|c n' => 'to taste', 'pequeño|pequeña|pequeños|pequeñas' => 'small', 'mediano|mediana|medianos|medianas' => 'medium', 'grande|grandes' => 'large',
            'aceite de oliva virgen extra|aceite de oliva|aceite|aove' => 'olive oil', 'aceite de girasol' => 'sunflower oil', 'mantequilla' => 'butter', 'manteca de cerdo|manteca' => 'lard', 'nata|nata líquida|crema de leche' => 'cream',
            'queso|queso rallado|queso curado|queso parmesano|parmesano' => 'hard cheese', 'queso de cabra' => 'goat cheese', 'requesón' => 'ricotta', 'leche' => 'milk',
            'arroz bomba' => 'bomba rice', 'arroz redondo|arroz' => 'rice', 'arroz arborio' => 'arborio rice', 'arroz carnaroli' => 'carnaroli rice',
            'caldo|caldo de verduras|caldo vegetal' => 'vegetable stock', 'caldo de pollo|caldo de ave' => 'chicken stock', 'caldo de pescado|fumet|fumet de pescado' => 'fish stock', 'caldo de carne' => 'beef stock', 'caldo de marisco|caldo de gambas' => 'shellfish stock',
            'agua' => 'water', 'vino blanco' => 'white wine', 'vino tinto' => 'red wine', 'vino' => 'wine', 'vinagre' => 'vinegar', 'brandy|coñac' => 'brandy', 'jerez' => 'sherry',
            'cebolla|cebollas' => 'onion', 'cebolleta|cebolletas' => 'spring onion', 'chalota|chalotas' => 'shallot', 'puerro|puerros' => 'leek', 'ajo|ajos' => 'garlic', 'apio' => 'celery', 'zanahoria|zanahorias' => 'carrot', 'hinojo' => 'fennel',
            'tomate|tomates' => 'tomato', 'tomate triturado|tomate rallado' => 'grated tomato', 'tomates cherry' => 'cherry tomato', 'tomate frito' => 'passata', 'concentrado de tomate' => 'tomato paste',
            'pimiento rojo|pimientos rojos' => 'red pepper', 'pimiento verde|pimientos verdes' => 'green pepper', 'pimiento|pimientos' => 'pepper', 'pimiento del piquillo|pimientos del piquillo' => 'roasted pepper',
            'calabaza' => 'pumpkin', 'calabacín|calabacines' => 'courgette', 'berenjena|berenjenas' => 'aubergine', 'alcachofa|alcachofas' => 'artichoke', 'guisante|guisantes' => 'pea', 'judía verde|judías verdes' => 'green bean', 'espárrago|espárragos|espárragos verdes|espárragos trigueros' => 'asparagus',
            'coliflor' => 'cauliflower', 'espinaca|espinacas' => 'spinach', 'acelga|acelgas' => 'chard', 'nabo|nabos' => 'turnip', 'patata|patatas' => 'potato', 'remolacha' => 'beetroot', 'haba|habas|habitas' => 'broad bean',
            'garrofón|judías blancas|judía blanca|alubia|alubias' => 'white bean', 'garbanzo|garbanzos' => 'chickpea', 'lenteja|lentejas' => 'lentil',
            'champiñón|champiñones' => 'button mushroom', 'seta|setas' => 'mushroom', 'boletus' => 'porcini', 'setas secas|boletus secos' => 'dried mushroom',
            'pollo' => 'chicken', 'muslo de pollo|muslos de pollo|contramuslos de pollo' => 'chicken thigh', 'conejo' => 'rabbit', 'cerdo' => 'pork', 'costilla de cerdo|costillas de cerdo|costilla|costillas' => 'pork rib', 'magro de cerdo|magro' => 'pork', 'pato' => 'duck', 'cordero' => 'lamb', 'ternera' => 'veal',
            'chorizo' => 'chorizo', 'morcilla' => 'sausage', 'longaniza|butifarra|salchicha|salchichas' => 'sausage', 'jamón|jamón serrano' => 'cured ham', 'panceta|tocino' => 'pancetta', 'beicon' => 'bacon',
            'merluza' => 'hake', 'bacalao' => 'salt cod', 'rape' => 'monkfish', 'salmón' => 'salmon', 'atún' => 'tuna', 'pescado blanco|pescado' => 'white fish', 'anchoa|anchoas' => 'anchovy',
            'gamba|gambas|langostino|langostinos|gambón|gambones' => 'prawn', 'cigala|cigalas' => 'langoustine', 'bogavante' => 'lobster', 'almeja|almejas' => 'clam', 'mejillón|mejillones' => 'mussel', 'calamar|calamares|chipirón|chipirones' => 'squid', 'sepia' => 'cuttlefish', 'pulpo' => 'octopus', 'tinta de calamar' => 'squid ink',
            'perejil' => 'parsley', 'cilantro' => 'coriander', 'albahaca' => 'basil', 'hierbabuena|menta' => 'mint', 'romero' => 'rosemary', 'tomillo' => 'thyme', 'laurel' => 'bay leaf', 'cebollino' => 'chive', 'orégano' => 'oregano',
            'azafrán' => 'saffron', 'pimentón dulce|pimentón|pimentón de la vera' => 'paprika', 'sal' => 'salt', 'pimienta|pimienta negra' => 'black pepper', 'guindilla|cayena' => 'chilli', 'ñora|ñoras' => 'dried pepper', 'colorante' => 'food colour',
            'limón|limones' => 'lemon', 'ralladura de limón' => 'lemon zest', 'zumo de limón' => 'lemon juice', 'almendra|almendras' => 'almond', 'nuez|nueces' => 'walnut', 'avellana|avellanas' => 'hazelnut', 'piñón|piñones' => 'pine nut', 'pasas' => 'raisin', 'aceituna|aceitunas' => 'olive', 'alcaparras' => 'caper',
        ],
        'it' => [
            'un|uno|una|un’|un\'' => '1', 'due' => '2', 'tre' => '3', 'quattro' => '4', 'cinque' => '5', 'sei' => '6', 'otto' => '8', 'dieci' => '10', 'dodici' => '12', 'mezzo|mezza' => 'half', 'un quarto di|un quarto' => '1/4', 'e mezzo|e mezza' => 'and a half', 'mezzo litro di|mezzo litro' => '500 ml', 'mezzo chilo di|mezzo chilo' => '500 g',
            'cucchiaio|cucchiai' => 'tbsp', 'cucchiaino|cucchiaini' => 'tsp', 'bicchiere|bicchieri' => 'glass', 'bicchierino' => 'shot', 'tazza|tazze' => 'cup', 'spicchio|spicchi' => 'clove', 'pizzico' => 'pinch', 'ciuffo|ciuffi|mazzetto|mazzo' => 'bunch', 'manciata' => 'handful', 'bustina|bustine' => 'sachet',
            'litro|litri|lt' => 'l', 'grammo|grammi|gr' => 'g', 'chilo|chili' => 'kg', 'dado|dadi' => 'cube', 'lattina|lattine|barattolo|scatola' => 'can', 'filo' => 'drizzle', 'noce' => 'knob', 'costa|coste|gambo' => 'stick', 'rametto|rametti' => 'sprig', 'fetta|fette' => 'rasher', 'testa' => 'head', 'foglia|foglie' => 'leaf', 'pistilli|stimmi' => 'thread',
            'q.b|qb|quanto basta|a piacere' => 'to taste', 'piccolo|piccola|piccoli|piccole' => 'small', 'medio|media|medie|medi' => 'medium', 'grande|grandi' => 'large',
            'olio extravergine di oliva|olio extravergine d oliva|olio extravergine|olio evo|olio di oliva|olio d oliva|olio|evo' => 'olive oil', 'olio di semi' => 'sunflower oil', 'burro' => 'butter', 'strutto' => 'lard', 'lardo' => 'lardo', 'panna|panna fresca|panna da cucina' => 'cream', 'latte' => 'milk', 'midollo|midollo di bue' => 'marrow',
            'parmigiano|parmigiano reggiano|parmigiano grattugiato|grana|grana padano|formaggio grattugiato' => 'parmesan', 'pecorino|pecorino romano' => 'pecorino', 'formaggio' => 'hard cheese', 'gorgonzola' => 'blue cheese', 'taleggio|stracchino|robiola' => 'soft cheese', 'ricotta' => 'ricotta', 'mascarpone' => 'mascarpone', 'caprino' => 'goat cheese',
            'riso' => 'rice', 'riso carnaroli' => 'carnaroli rice', 'riso arborio' => 'arborio rice', 'riso vialone nano' => 'vialone nano rice', 'riso baldo|riso roma|riso originario' => 'round rice',
            'brodo|brodo vegetale|brodo di verdure' => 'vegetable stock', 'brodo di pollo|brodo di gallina' => 'chicken stock', 'brodo di carne|brodo di manzo' => 'beef stock', 'brodo di pesce|fumetto di pesce|fumetto' => 'fish stock', 'brodo di funghi' => 'mushroom stock',
            'acqua' => 'water', 'vino bianco|vino bianco secco' => 'white wine', 'vino rosso|barolo' => 'red wine', 'vino' => 'wine', 'spumante|prosecco' => 'white wine', 'aceto' => 'vinegar', 'brandy|cognac' => 'brandy',
            'cipolla|cipolle' => 'onion', 'cipollotto|cipollotti' => 'spring onion', 'scalogno|scalogni' => 'shallot', 'porro|porri' => 'leek', 'aglio' => 'garlic', 'sedano' => 'celery', 'carota|carote' => 'carrot', 'finocchio|finocchi' => 'fennel', 'soffritto' => 'soffritto',
            'pomodoro|pomodori' => 'tomato', 'passata|passata di pomodoro' => 'passata', 'pomodorini' => 'cherry tomato', 'pelati|pomodori pelati' => 'chopped tomato', 'concentrato di pomodoro' => 'tomato paste', 'pomodori secchi' => 'dried tomato',
            'peperone|peperoni' => 'pepper', 'zucca' => 'pumpkin', 'zucchina|zucchine|zucchino|zucchini' => 'courgette', 'melanzana|melanzane' => 'aubergine', 'carciofo|carciofi' => 'artichoke', 'pisello|piselli' => 'pea', 'fagiolini' => 'green bean', 'asparago|asparagi' => 'asparagus', 'fave' => 'broad bean', 'cavolfiore' => 'cauliflower', 'broccoli' => 'broccoli',
            'spinaci' => 'spinach', 'bietola|bietole' => 'chard', 'radicchio' => 'radicchio', 'rucola' => 'rocket', 'ortica|ortiche' => 'nettle', 'rapa|rape' => 'turnip', 'patata|patate' => 'potato', 'barbabietola|barbabietole' => 'beetroot', 'cavolo' => 'cabbage', 'cavolo nero' => 'kale',
            'fagioli|fagioli borlotti|borlotti' => 'borlotti bean', 'ceci' => 'chickpea', 'lenticchie' => 'lentil',
            'funghi|fungo' => 'mushroom', 'funghi champignon|champignon' => 'button mushroom', 'funghi porcini|porcini' => 'porcini', 'funghi porcini secchi|porcini secchi|funghi secchi' => 'dried porcini',
            'pollo' => 'chicken', 'coniglio' => 'rabbit', 'maiale' => 'pork', 'manzo' => 'beef', 'vitello' => 'veal', 'ossobuco' => 'veal shin', 'agnello' => 'lamb', 'anatra' => 'duck', 'quaglia|quaglie' => 'quail',
            'salsiccia|salsicce|luganega' => 'sausage', 'pancetta' => 'pancetta', 'guanciale' => 'guanciale', 'speck|prosciutto|prosciutto crudo' => 'cured ham', 'prosciutto cotto' => 'ham',
            'merluzzo' => 'cod', 'baccalà' => 'salt cod', 'branzino' => 'sea bass', 'orata' => 'sea bream', 'salmone' => 'salmon', 'salmone affumicato' => 'smoked salmon', 'tonno' => 'tuna', 'acciuga|acciughe|alici' => 'anchovy', 'pesce' => 'white fish', 'rana pescatrice|coda di rospo' => 'monkfish',
            'gambero|gamberi|gamberetti|gamberoni|mazzancolle' => 'prawn', 'scampi' => 'langoustine', 'aragosta|astice' => 'lobster', 'granchio' => 'crab', 'vongola|vongole' => 'clam', 'cozza|cozze' => 'mussel', 'calamaro|calamari|totani' => 'squid', 'seppia|seppie' => 'cuttlefish', 'polpo' => 'octopus', 'capesante' => 'scallop', 'nero di seppia' => 'cuttlefish ink', 'frutti di mare' => 'seafood',
            'prezzemolo' => 'parsley', 'basilico' => 'basil', 'menta' => 'mint', 'rosmarino' => 'rosemary', 'timo' => 'thyme', 'alloro' => 'bay leaf', 'salvia' => 'sage', 'maggiorana' => 'marjoram', 'erba cipollina' => 'chive', 'origano' => 'oregano', 'aneto' => 'dill',
            'zafferano' => 'saffron', 'paprica|paprika' => 'paprika', 'sale' => 'salt', 'pepe|pepe nero' => 'black pepper', 'peperoncino' => 'chilli', 'noce moscata' => 'nutmeg',
            'limone|limoni' => 'lemon', 'scorza di limone' => 'lemon zest', 'succo di limone' => 'lemon juice', 'mandorla|mandorle' => 'almond', 'noci' => 'walnut', 'nocciola|nocciole' => 'hazelnut', 'pinoli' => 'pine nut', 'pistacchi' => 'pistachio', 'uvetta' => 'raisin', 'olive' => 'olive', 'capperi' => 'caper', 'mela|mele' => 'apple', 'pera|pere' => 'pear',
        ],
        'en' => [
            'scallion|scallions|green onion|green onions' => 'spring onion', 'zucchini' => 'courgette', 'eggplant' => 'aubergine', 'cilantro' => 'coriander', 'arugula' => 'rocket', 'fava bean|fava beans' => 'broad bean', 'shrimp|shrimps' => 'prawn', 'beet|beets' => 'beetroot',
            'parmigiano|parmigiano reggiano|parmesan cheese|grana padano' => 'parmesan', 'ground pepper|black pepper|white pepper|freshly ground pepper|ground black pepper' => 'black pepper', 'cayenne|chilli flakes|chili flakes|red pepper flakes' => 'chilli', 'chili|chile' => 'chilli',
            'heavy cream|single cream|whipping cream' => 'cream', 'tomato puree' => 'passata', 'canned tomatoes|tinned tomatoes|crushed tomatoes' => 'chopped tomato', 'stick of celery|rib of celery' => 'stick celery', 'rib|ribs' => 'stick',
        ],
    ];

    /** Little words between an amount, its unit and its food. */
    private const BETWEEN = ['es' => ['de', 'del', 'la', 'el', 'los', 'las', 'en', 'con'], 'it' => ['di', 'del', 'della', 'dei', 'delle', 'degli', 'dello', 'd', 'da', 'il', 'la', 'le', 'i', 'per'], 'en' => ['of', 'the']];

    /** Words in a phrase at most. */
    private const LONGEST = 5;

    /**
     * A line in English words, as far as they are known; what is not known stands as it was.
     *
     * @param  string  $line  in small letters
     */
    public static function inEnglish(string $line, Language $language): string
    {
        $english = [];
        foreach (self::phrases($line, $language) as [$said, $means]) {
            if ($means !== null) {
                $english[] = $means.(str_ends_with($said, ',') ? ',' : '');
            } elseif ($language === Language::English || ! in_array($said, self::BETWEEN[$language->value], true)) {
                $english[] = $said;
            }
        }

        return implode(' ', $english);
    }

    /**
     * What was written for the words that {@see self::inEnglish()} put in their place: "shrimp" for "prawn".
     *
     * @param  string  $line  in small letters
     *
     * @return array<string, string> by the words in their place
     */
    public static function written(string $line, Language $language): array
    {
        $written = [];
        foreach (self::phrases($line, $language) as [$said, $means]) {
            if ($means !== null) {
                $written[$means] ??= trim($said, '.,;:()');
            }
        }

        return $written;
    }

    /** @return list<array{string, string|null}> the phrases of a line, and what each is in English if it is known */
    private static function phrases(string $line, Language $language): array
    {
        $known = self::known($language);
        $words = preg_split('/\s+/u', trim($line), -1, PREG_SPLIT_NO_EMPTY);
        $words = $words === false ? [] : $words;
        $phrases = [];
        for ($at = 0; $at < count($words); $at += $length) {
            [$length, $means] = self::longest($words, $at, $known);
            $phrases[] = [implode(' ', array_slice($words, $at, $length)), $means];
        }

        return $phrases;
    }

    /**
     * @param  list<string>  $words
     * @param  array<string, string>  $known
     *
     * @return array{int<1, max>, string|null} how many words are one phrase, and what it means
     */
    private static function longest(array $words, int $at, array $known): array
    {
        for ($length = min(self::LONGEST, count($words) - $at); $length > 0; $length--) {
            $phrase = implode(' ', array_map(static fn (string $word): string => trim($word, '.,;:()'), array_slice($words, $at, $length)));
            if (isset($known[$phrase])) {
                return [$length, $known[$phrase]];
            }
        }

        return [1, null];
    }

    /** @return array<string, string> by phrase */
    private static function known(Language $language): array
    {
        /** @var array<string, array<string, string>> $known */
        static $known = [];
        if (! isset($known[$language->value])) {
            $known[$language->value] = [];
            foreach (self::WORDS[$language->value] as $phrases => $means) {
                foreach (explode('|', $phrases) as $phrase) {
                    $known[$language->value][$phrase] = $means;
                }
            }
        }

        return $known[$language->value];
    }
}

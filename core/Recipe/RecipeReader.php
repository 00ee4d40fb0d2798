<?php

declare(strict_types=1);

namespace Velko\Core\Recipe;

use Velko\Core\Family\Families;
use Velko\Core\Food\Foods;
use Velko\Core\Food\Goes;
use Velko\Core\Food\Group;
use Velko\Core\Food\Names;
use Velko\Core\Food\Whole;
use Velko\Core\Planning\Family;
use Velko\Core\Planning\Traits;
use Velko\Core\Quantity\WrittenNumber;
use Velko\Core\Rice\Variety;

/**
 * Says what each line of a recipe is: rice, stock, wine, fat, base, what goes in later, the finish, what lies on top.
 *
 * When a food goes in is common practice, no single source; the recipe's own instructions are kept, not read.
 */
final class RecipeReader
{
    private const LIQUOR = ['wine', 'vermouth', 'sherry', 'prosecco', 'marsala', 'cava', 'cider', 'champagne'];

    private const STOCK = ['stock', 'broth', 'bouillon', 'fumet', 'dashi', 'water'];

    /** Vegetables that are done in a few minutes. */
    private const QUICK = ['pea', 'asparagus', 'snap'];

    /** Vegetables that are done in a few minutes in a rice that is stirred; one that dries out has them in its base. */
    private const QUICK_IF_STIRRED = ['bean', 'corn', 'sweetcorn'];

    private const SOAKED = ['porcini', 'mushroom', 'tomato', 'pepper', 'raisin'];

    private const HARDY = ['bay leaf', 'rosemary', 'thyme', 'sage', 'oregano', 'marjoram'];

    /** Leaves that are cooked down before the rice. */
    private const BITTER = ['radicchio', 'chicory', 'cabbage', 'kale'];

    private const GOES_WITH_RICE = ['saffron', 'ink', 'turmeric', 'colour'];

    private const LAID_ON_TOP = ['lemon', 'zest', 'juice'];

    public static function read(Recipe $recipe): RecipeReading
    {
        $language = Language::of(implode("\n", [$recipe->name, $recipe->yield, ...$recipe->lines, ...$recipe->instructions]));
        $family = self::family(mb_strtolower("$recipe->name $recipe->about"));
        $reader = new LineReader($language);

        return new RecipeReading(
            $recipe->name, $family?->traits()->name, self::covers($recipe->yield), $language,
            array_map(static fn (string $line): Line => self::line($line, $reader, ($family ?? Families::usual())->traits()), $recipe->lines), $recipe->instructions,
        );
    }

    /** The family that a name says, by the longest word that it is called by; null if it says none. */
    private static function family(string $words): ?Family
    {
        $found = null;
        $length = 0;
        foreach (Families::all() as $family) {
            foreach ($family->traits()->calledBy as $word) {
                if (mb_strlen($word) > $length && str_contains($words, $word)) {
                    [$found, $length] = [$family, mb_strlen($word)];
                }
            }
        }

        return $found;
    }

    /** For how many; null if the recipe does not say, or says "4 to 6". */
    private static function covers(string $yield): ?int
    {
        if (preg_match('/\d\s*(?:-|–|—|\b(?:to|or|a|o|u)\b)\s*\d/u', $yield) === 1) {
            return null;
        }
        if (preg_match('/\d+/', $yield, $found) === 1) {
            return (int) $found[0] >= 1 && (int) $found[0] <= 400 ? (int) $found[0] : null;
        }
        $number = WrittenNumber::before((string) preg_replace('/^\s*(?:serves|for|makes|feeds)\s+/iu', '', $yield));

        return $number === null || $number[0] < 1.0 ? null : (int) $number[0];
    }

    private static function line(string $said, LineReader $reader, Traits $family): Line
    {
        $read = $reader->read($said);
        [$role, $goes] = match (true) {
            $read['served_with'] && self::isFood($read['english']) => [Role::OnTop, Goes::OnTop],
            $read['to_finish'] && self::isOil($read['english']) => $family->finish > 0 && $read['amount'] !== null ? [Role::Finish, null] : [Role::OnTop, Goes::OnTop],
            default => self::roleOf($read['english'], $family),
        };

        $food = match ($role) {
            Role::Rice, Role::Stock, Role::Wine => LineReader::head($read['english']),
            Role::Salt => 'salt',
            default => $read['food'],
        };

        $known = self::isFood($read['english']) ? LineReader::head($read['english']) : '';
        // What nobody knows the weight of is weighed.
        [$amount, $unit] = $read['unit'] === 'pieces' && self::isHeavy($known) && Whole::weighs($known) === null
            ? [null, 'g']
            : [$read['amount'], $read['unit']];

        return new Line(trim($said), $role, $food, $known, $amount, $unit, $goes, $read['to_taste']);
    }

    private static function isHeavy(string $food): bool
    {
        return Foods::find($food)?->group->isHeavy() === true;
    }

    private static function isOil(string $english): bool
    {
        return in_array('oil', Names::words(LineReader::head($english)), true);
    }

    private static function isFood(string $english): bool
    {
        return Foods::find(LineReader::head($english)) !== null;
    }

    /** @return array{Role, Goes|null} */
    private static function roleOf(string $english, Traits $family): array
    {
        $head = LineReader::head($english);
        $words = Names::words($head);
        $has = static fn (string ...$any): bool => array_intersect($any, $words) !== [];

        return match (true) {
            $words === [] => [Role::Unknown, null],
            $has('vinegar') => [Role::Unknown, null],
            self::variety($head) !== null => [Role::Rice, null],
            $has(...self::STOCK) || $head === 'clam juice' || str_ends_with($head, 'stock cube') || $words === ['cube'] => [Role::Stock, null],
            $has(...self::LIQUOR) => [Role::Wine, null],
            ($has('salt') && ! $has('cod', 'butter', 'anchovy')) || $head === 'black pepper' || str_ends_with($head, ' black pepper') => [Role::Salt, null],
            default => self::roleOfFood($head, $words, $family),
        };
    }

    /**
     * @param  list<string>  $words
     *
     * @return array{Role, Goes|null}
     */
    private static function roleOfFood(string $head, array $words, Traits $family): array
    {
        $food = Foods::find($head);
        if ($food === null) {
            return [Role::Unknown, null];
        }
        $has = static fn (string ...$any): bool => array_intersect($any, $words) !== [];
        $isFinished = $family->finish > 0;
        $late = $family->driesOut ? Goes::NineTenthsGone : Goes::LastTwoMinutes;

        return match ($food->group) {
            Group::Fat => match (true) {
                $has('butter', 'marrow') && $isFinished => [Role::Finish, null],
                default => [Role::Fat, Goes::Base],
            },
            Group::Dairy => match (true) {
                $isFinished && ($has('cream') || self::isHardCheese($words)) => [Role::Finish, null],
                $has('milk', 'cream', 'yoghurt', 'yogurt', 'ricotta', 'mascarpone') || $isFinished => [Role::Add, Goes::LastTwoMinutes],
                default => [Role::OnTop, Goes::OnTop],
            },
            Group::Allium, Group::Tomato, Group::Cured, Group::Meat, Group::Mushroom => [Role::Base, Goes::Base],
            Group::Dried => $has(...self::SOAKED) ? [Role::Base, Goes::Base] : [Role::OnTop, Goes::OnTop],
            Group::Vegetable => $has(...self::QUICK, ...$family->driesOut ? [] : self::QUICK_IF_STIRRED) ? [Role::Add, $late] : [Role::Base, Goes::Base],
            Group::Leaf => match (true) {
                in_array($head, self::HARDY, true) || $has(...self::HARDY, ...self::BITTER) || $has('bay') => [Role::Base, Goes::Base],
                $food->loses > 0.0 && $has('spinach', 'chard', 'nettle', 'sorrel') => [Role::Add, $late],
                default => [Role::OnTop, Goes::OnTop],
            },
            Group::Puree => [Role::Add, $late],
            Group::Pulse => [Role::Add, Goes::WithTheRice],
            Group::Fish, Group::Prawn, Group::InShell => [Role::Add, $late],
            Group::Squid => $has('scallop') ? [Role::Add, $late] : [Role::Base, Goes::Base],
            Group::Nut, Group::Pickle => [Role::OnTop, Goes::OnTop],
            Group::Seasoning => match (true) {
                $has(...self::GOES_WITH_RICE) => [Role::Add, Goes::WithTheRice],
                $has(...self::LAID_ON_TOP) => [Role::OnTop, Goes::OnTop],
                default => [Role::Base, Goes::Base],
            },
        };
    }

    /** @param  list<string>  $words */
    private static function isHardCheese(array $words): bool
    {
        return array_intersect(['parmesan', 'pecorino', 'grana', 'parmigiano'], $words) !== [] || (in_array('cheese', $words, true) && array_intersect(['blue', 'goat', "goat's", 'cream', 'cottage', 'soft'], $words) === []);
    }

    /** The rice that a food is; null if it is none. */
    public static function variety(string $food): ?Variety
    {
        $words = Names::words($food);
        if (array_intersect(['vinegar', 'paper', 'flour', 'wine', 'noodle', 'stock', 'bran'], $words) !== []) {
            return null;
        }
        $named = array_values(array_filter(Variety::cases(), static fn (Variety $variety): bool => ! in_array($variety, [Variety::Round, Variety::Long], true) && array_diff(explode('-', $variety->value), $words) === []));
        if ($named !== []) {
            return $named[0];
        }

        return match (true) {
            ! in_array('rice', $words, true) => null,
            in_array('risotto', $words, true) => Variety::Arborio,
            in_array('long', $words, true), in_array('basmati', $words, true) => Variety::Long,
            default => Variety::Round,
        };
    }
}

<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Bench\KitchenAsk;
use App\Bench\WorkOut;
use App\Contracts\BadDocument;
use App\Contracts\Contract;
use App\Dish\DishBody;
use App\Dish\DishContents;
use App\Models\Dish;
use App\Models\DishIngredient;
use App\Words\Words;
use Carbon\CarbonImmutable;
use stdClass;
use Velko\Core\Cook\StageKind;
use Velko\Core\Family\Families;
use Velko\Core\Method\Cover;
use Velko\Core\Mise\Amount;
use Velko\Core\Quantity\Rounding;

/**
 * A dish as a schema.org Recipe in JSON-LD, for any program that reads recipes; the whole dish goes with it under a name of
 * our own, so that a kitchen with Velko loses nothing.
 */
final class RecipeJsonLd
{
    public const OURS = 'velko:dish';

    private const NAMESPACE = 'https://velko.example/ns#';

    private const COVERS = 4;

    private const DIETS = ['vegan' => 'https://schema.org/VeganDiet', 'vegetarian' => 'https://schema.org/VegetarianDiet'];

    /** @return array<string, mixed> */
    public static function of(Dish $dish): array
    {
        $working = self::planned($dish);
        $rice = self::COVERS * $dish->grams_main;
        $wine = $dish->wine_ml_per_80_g * $rice / 80;
        $ingredients = [
            Amount::words($rice, 'g').' '.$dish->rice->name,
            ($working === null ? '' : Amount::words($working['plan']['stock_ml'] + $working['plan']['reserve_ml'], 'ml').' ').$dish->stock->name,
            ...($wine > 0 ? [Amount::words($wine, 'ml').' wine'] : []),
            ...self::finish($dish, $rice),
            ...$dish->ingredients->map(static fn (DishIngredient $ingredient): string => Amount::words($ingredient->amount * self::COVERS, $ingredient->unit).' '.$ingredient->name)->all(),
        ];

        return [
            '@context' => ['@vocab' => 'https://schema.org/', 'velko' => self::NAMESPACE],
            '@type' => 'Recipe',
            'name' => $dish->name,
            'recipeCategory' => (new Words)->say(Families::named($dish->family)->traits()->fact()),
            'recipeYield' => self::COVERS.' mains',
            'recipeIngredient' => $ingredients,
            'recipeInstructions' => $working === null ? self::steps($dish) : self::plannedSteps($dish, $working),
            ...self::diet($dish),
            self::OURS => DishBody::whole($dish),
        ];
    }

    /** @return array<string, mixed>|null velko.working/1 of so many mains in the pan that this kitchen would take; null if it has none that they can be cooked in */
    private static function planned(Dish $dish): ?array
    {
        $now = CarbonImmutable::now();
        try {
            $asked = KitchenAsk::of(['format' => 'velko.ask/1', 'dish_id' => $dish->id, 'covers' => self::COVERS, 'portion' => 'main', 'pan_id' => null, 'burner_id' => null, 'table_at' => $now->addHours(2)->setTimezone($dish->kitchen->timezone)->format('H:i')], $dish->kitchen, $now);
            $working = WorkOut::of($asked, $now)->document();
        } catch (BadDocument) {
            return null;
        }

        return $working['plan']['possible'] === true ? $working : null;
    }

    /**
     * The plan of those mains step by step, for somebody without Velko: what goes in, how much, in how many minutes, until which sign.
     *
     * @param  array<string, mixed>  $working  velko.working/1
     *
     * @return list<array<string, string>>
     */
    private static function plannedSteps(Dish $dish, array $working): array
    {
        $words = new Words;
        $pan = $working['pan'];
        $steps = [
            ...array_map(static fn (array $work): string => sprintf('Before: %s (%s min).', $work['what'], Rounding::plain($work['takes_min'], 0)), $working['prep']),
            sprintf('For %d mains, in a pan with a base of %s cm. Keep %s of stock hot beside it; %s of that is held back.', self::COVERS, Rounding::plain($pan['base_cm'], 1), Amount::words($working['plan']['stock_ml'] + $working['plan']['reserve_ml'], 'ml'), Amount::words($working['plan']['reserve_ml'], 'ml')),
        ];
        foreach ($working['plan']['stages'] as $stage) {
            $items = array_map(static fn (array $item): string => ($item['amount'] > 0 ? Amount::words($item['amount'], $item['unit']).' ' : '').$item['name'], [...$stage['item'] === null ? [] : [$stage['item']], ...$stage['items'] ?? []]);
            $what = array_filter([$stage['volume_ml'] === null ? '' : Amount::words($stage['volume_ml'], 'ml'), implode(', ', $items), $stage['setting'] === null ? '' : "on {$stage['setting']}"], static fn (string $part): bool => $part !== '');
            $steps[] = sprintf('Minute %s. %s%s: %s.', Rounding::plain(round($stage['at_min'], 1), 1), $words->say(StageKind::from($stage['kind'])->fact()), $what === [] ? '' : ', '.implode(', ', $what), rtrim($stage['say'], '.'));
        }

        return array_map(static fn (string $text): array => ['@type' => 'HowToStep', 'text' => $text], [...array_values($steps), ...$dish->garnish === '' ? [] : ["On top: $dish->garnish."]]);
    }

    /**
     * Reads velko.dish/1 from a recipe that Velko wrote.
     *
     * @return array<string, mixed>
     *
     * @throws BadDocument when it is no recipe, comes from elsewhere, or what it carries of ours is broken
     */
    public static function read(stdClass $document): array
    {
        $recipe = self::recipe($document);
        $ours = $recipe->{self::OURS} ?? null;
        if ($ours instanceof stdClass) {
            return Contract::named('dish')->read((string) json_encode($ours));
        }

        throw BadDocument::at('/'.self::OURS, 'is missing: a recipe from elsewhere is read first, line by line, and kept once it is right (recipes/read)');
    }

    /** @throws BadDocument */
    private static function recipe(stdClass $document): stdClass
    {
        $all = $document->{'@graph'} ?? [$document];
        foreach (is_array($all) ? $all : [] as $candidate) {
            if ($candidate instanceof stdClass && in_array('Recipe', (array) ($candidate->{'@type'} ?? []), true)) {
                return $candidate;
            }
        }
        throw BadDocument::at('/@type', 'must be Recipe (schema.org)');
    }

    /** @return list<string> */
    private static function finish(Dish $dish, float $rice): array
    {
        $words = [];
        $finish = [
            'butter' => $dish->butter_g_per_80_g,
            'olive oil to finish' => $dish->oil_g_per_80_g,
            'hard cheese' => $dish->cheese_g_per_80_g,
            'heavy cream' => $dish->cream_g_per_80_g,
            'bone marrow' => $dish->marrow_g_per_80_g,
        ];
        foreach ($finish as $name => $perPortion) {
            if ($perPortion > 0) {
                $words[] = Amount::words($perPortion * $rice / 80, 'g').' '.$name;
            }
        }

        return $words;
    }

    /** @return array<string, string> the diet that it holds, never the one it was only meant for; none while a part is unknown */
    private static function diet(Dish $dish): array
    {
        $holds = DishContents::served($dish)->holds();

        return $holds !== null && isset(self::DIETS[$holds->value]) ? ['suitableForDiet' => self::DIETS[$holds->value]] : [];
    }

    /** @return list<array<string, string>> */
    private static function steps(Dish $dish): array
    {
        $step = static fn (string $text): array => ['@type' => 'HowToStep', 'text' => $text];
        $works = $dish->sideWorks->map(static fn ($work): string => "$work->what ({$work->takes_min} min)")->all();

        return array_values(array_map($step, array_filter([
            ...$works,
            $dish->soak_min > 0 ? "Soak the rice {$dish->soak_min} min." : '',
            $dish->sealed && ! $dish->rained_in ? 'Toast the rice in the fat until it is shiny and ticking.' : '',
            $dish->rained_in ? 'Bring the stock to the boil in the pan'.($dish->base_apart ? ', with the base from a pan of its own,' : '').' and rain the rice into it.' : '',
            $dish->rained_in ? '' : ($dish->doses === 'one-pour' ? ($dish->two_pours ? 'Pour most of the stock, and the rest when it thickens.' : 'Pour all the stock at once.') : 'Add the stock '.str_replace('-', ' ', $dish->doses).'.'),
            $dish->cover === Cover::FromTheGrains->value ? 'Cover it when the grains show, on the lowest heat.' : '',
            $dish->oven_c === null ? '' : "When the grains show, into an oven at {$dish->oven_c} °C until it is dry.",
            $dish->rest_min > 0 ? "Rest {$dish->rest_min} min." : '',
            $dish->finish === '' ? '' : "Finish: $dish->finish.",
            $dish->garnish === '' ? '' : "On top: $dish->garnish.",
        ], static fn (string $text): bool => $text !== '')));
    }
}

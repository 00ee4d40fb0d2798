<?php

declare(strict_types=1);

namespace Velko\Core\Mise;

use Velko\Core\Food\Foods;
use Velko\Core\Food\Group;
use Velko\Core\Food\Names;

/**
 * What a base does to a food before the rice goes in, if the dish says neither minutes nor sign: the sign to wait for, and how long that takes.
 * Common practice, no single source.
 */
final readonly class Treatment
{
    /** Words of a name, in the singular: the food is cooked already and only has to be hot. */
    private const READY = ['cooked', 'braised', 'confit', 'roast', 'roasted', 'poached', 'boiled', 'grilled', 'sofrito', 'soffritto', 'toasted', 'tinned', 'jarred', 'canned'];

    /** Words of seasonings that go in with the next thing. */
    private const DISSOLVES = ['salt', 'cube', 'bouillon'];

    /** Foods whose treatment differs from that of their group: name in the singular, sign, minutes. */
    private const OF_A_FOOD = [
        'garlic' => [Until::Fragrant, 1.0], 'ginger' => [Until::Fragrant, 1.0], 'chilli' => [Until::Fragrant, 1.0], 'anchovy' => [Until::Fragrant, 1.0],
        'tomato paste' => [Until::Fragrant, 2.0], 'tomato purée' => [Until::Fragrant, 2.0], 'cherry tomato' => [Until::Soft, 6.0], 'octopus' => [Until::Tender, 55.0],
        'breadcrumb' => [Until::Golden, 3.0], 'bread' => [Until::Golden, 3.0], 'raisin' => [Until::Through, 2.0], 'sultana' => [Until::Through, 2.0], 'currant' => [Until::Through, 2.0],
        'lemon juice' => [Until::Through, 1.0], 'clam juice' => [Until::Through, 1.0], 'squid ink' => [Until::Through, 1.0], 'cuttlefish ink' => [Until::Through, 1.0],
    ];

    /** @param  float  $minutes  in the pan, > 0 */
    private function __construct(public Until $until, public float $minutes) {}

    /**
     * @param  string  $name  as the kitchen calls it
     * @param  Group|null  $group  if the kitchen has said which; null: by its name
     *
     * @return self|null null for fat, herbs, salt and stock cubes: they go in with the next thing
     */
    public static function of(string $name, ?Group $group = null): ?self
    {
        $words = Names::words($name);
        $food = Foods::find($name);
        $group ??= $food->group ?? Group::usual();
        $isHerb = $group === Group::Leaf && $food?->frees === 0.0;
        if ($isHerb || $group === Group::Fat || ($group === Group::Seasoning && array_intersect(self::DISSOLVES, $words) !== [])) {
            return null;
        }
        $ready = [...self::READY, ...$group === Group::Fish ? ['smoked'] : []];

        return array_intersect($ready, $words) !== [] ? new self(Until::Through, Until::Through->minutes()) : self::ofAFood($words, $food?->group) ?? self::ofGroup($group);
    }

    /**
     * @param  list<string>  $words  of the name, in the singular
     * @param  Group|null  $group  of the whole name: "garlic sausage" is no garlic
     */
    private static function ofAFood(array $words, ?Group $group): ?self
    {
        $own = null;
        for ($at = 0; $at < count($words); $at += max(1, $length)) {
            $length = Names::longest($words, $at, self::OF_A_FOOD);
            $name = implode(' ', array_slice($words, $at, $length));
            $own = $length > 0 && Foods::find($name)?->group === $group ? new self(...self::OF_A_FOOD[$name]) : $own;
        }

        return $own;
    }

    /** Whether it is soaked and pressed out before it goes in. */
    public function isSoaked(): bool
    {
        return $this->until === Until::PressedOut;
    }

    /** @param  Group  $group  but for fat, which has none */
    private static function ofGroup(Group $group): self
    {
        return match ($group) {
            Group::Allium => new self(Until::Soft, 4.0),
            Group::Vegetable => new self(Until::Soft, 6.0),
            Group::Leaf => new self(Until::Wilted, 2.0),
            Group::Mushroom => new self(Until::DryAgain, 7.0),
            Group::Tomato => new self(Until::Dark, 25.0),
            Group::Dried => new self(Until::PressedOut, 2.0),
            Group::Fish => new self(Until::Firm, 3.0),
            Group::Prawn, Group::Squid => new self(Until::Firm, 2.0),
            Group::InShell => new self(Until::Open, 5.0),
            Group::Meat => new self(Until::Brown, 12.0),
            Group::Cured => new self(Until::FatRuns, 5.0),
            Group::Nut => new self(Until::Golden, 3.0),
            Group::Seasoning => new self(Until::Seconds, 0.5),
            Group::Puree, Group::Pulse, Group::Dairy, Group::Pickle, Group::Fat => new self(Until::Through, 2.0),
        };
    }
}

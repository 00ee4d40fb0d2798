<?php

declare(strict_types=1);

namespace Tests\Core;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Velko\Core\Crust\CrustSchool;
use Velko\Core\Crust\CrustWish;
use Velko\Core\Method\LidChange;
use Velko\Core\Method\Schools;
use Velko\Core\Method\Stirring;
use Velko\Core\Planning\Ask;
use Velko\Core\Rice\Variety;

/** Asks as a hurried hand types them: pans too small and too wide, rings too weak and too fierce, cold stock, a long way to the table. */
final class WildAsks
{
    /** @return iterable<string, Ask> so many of each family */
    public static function ofEveryFamily(int $each, int $seed): iterable
    {
        $chance = new Randomizer(new Mt19937($seed));
        for ($i = 0; $i < $each; $i++) {
            yield "risotto $i of seed $seed" => self::risotto($chance);
            yield "pan rice $i of seed $seed" => self::panRice($chance);
            yield "soupy rice $i of seed $seed" => self::soupy($chance);
        }
    }

    private static function risotto(Randomizer $chance): Ask
    {
        $base = self::between($chance, 14, 60);
        $covers = $chance->getInt(1, 40);

        return Kitchens::ask(
            covers: $covers, grams: self::between($chance, 30, 130), variety: self::one($chance, Variety::cases()), base: $base, height: self::between($chance, 5, 18),
            metal: self::between($chance, 300, 5000), ring: $base * self::between($chance, 0.35, 1.6), net: self::net($chance, $base), ladle: self::one($chance, [30, 60, 90, 150, 250, 500]),
            doses: self::one($chance, array_keys(Schools::all())), mark: self::one($chance, [null, null, 'low', 'medium', 'high']), sealed: $chance->getInt(0, 1) === 1,
            finish: self::between($chance, 0, 3), rest: self::between($chance, 0, 6), stock: self::between($chance, 4, 104), salt: self::between($chance, 0, 2),
            wine: self::one($chance, [0.0, 30.0, 120.0]) * $covers, looseness: self::between($chance, 0.4, 1.3), toTable: self::between($chance, 0, 20), altitude: self::between($chance, -300, 4000),
            room: self::between($chance, 5, 42), soak: self::one($chance, [0, 0, 0, 20]), butter: self::between($chance, 0, 25), cheese: self::between($chance, 0, 25), plates: self::between($chance, 5, 70),
        );
    }

    private static function panRice(Randomizer $chance): Ask
    {
        $base = self::between($chance, 20, 90);

        return Kitchens::panRice(
            covers: $chance->getInt(1, 60), grams: self::between($chance, 30, 120), variety: self::one($chance, Variety::cases()), base: $base, height: self::between($chance, 3, 8),
            metal: self::between($chance, 300, 6000), ring: $base * self::between($chance, 0.35, 1.6), net: self::net($chance, $base), sealed: $chance->getInt(0, 1) === 1,
            rest: self::between($chance, 0, 12), restCovered: $chance->getInt(0, 1) === 1, stock: self::between($chance, 4, 104), given: self::one($chance, [null, null, 800.0, 2500.0]),
            salt: self::between($chance, 0, 2), wine: self::one($chance, [0.0, 200.0]), toTable: self::between($chance, 0, 20), crust: self::one($chance, CrustWish::cases()),
            school: self::one($chance, CrustSchool::cases()), stirring: self::one($chance, [Stirring::Never, Stirring::Never, Stirring::NowAndThen]), altitude: self::between($chance, -300, 4000),
            room: self::between($chance, 5, 42), soak: self::one($chance, [0, 0, 0, 20]), lid: self::one($chance, [[], [], [new LidChange(0, true)]]),
        );
    }

    private static function soupy(Randomizer $chance): Ask
    {
        $base = self::between($chance, 14, 50);

        return Kitchens::soupy(
            covers: $chance->getInt(1, 40), grams: self::between($chance, 30, 120), variety: self::one($chance, Variety::cases()), base: $base, height: self::between($chance, 8, 30),
            metal: self::between($chance, 300, 8000), ring: $base * self::between($chance, 0.35, 1.6), net: self::net($chance, $base), sealed: $chance->getInt(0, 1) === 1, rest: self::between($chance, 0, 6),
            stock: self::between($chance, 4, 104), salt: self::between($chance, 0, 2), wine: self::one($chance, [0.0, 200.0]), looseness: self::between($chance, 1.4, 5.0), toTable: self::between($chance, 0, 20),
            altitude: self::between($chance, -300, 4000), room: self::between($chance, 5, 42), soak: self::one($chance, [0, 0, 0, 20]),
        );
    }

    /** @return array<string, float> a weak plate, a fierce one, or one between */
    private static function net(Randomizer $chance, float $base): array
    {
        $full = self::between($chance, 6000, 45000) * M_PI * ($base / 200) ** 2;

        return ['low' => 0.12 * $full, 'medium-low' => 0.25 * $full, 'medium' => 0.42 * $full, 'medium-high' => 0.68 * $full, 'high' => $full];
    }

    private static function between(Randomizer $chance, float $low, float $high): float
    {
        return $low + ($high - $low) * $chance->getInt(0, 1_000_000) / 1e6;
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $of
     *
     * @return T
     */
    private static function one(Randomizer $chance, array $of): mixed
    {
        return $of[$chance->getInt(0, count($of) - 1)];
    }
}

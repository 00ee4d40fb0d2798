<?php

declare(strict_types=1);

namespace Tests\Core;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Velko\Core\Crust\CrustSchool;
use Velko\Core\Crust\CrustWish;
use Velko\Core\Family\Families;
use Velko\Core\Food\Goes;
use Velko\Core\Food\Group;
use Velko\Core\Food\Portion;
use Velko\Core\Method\Cover;
use Velko\Core\Method\Fat;
use Velko\Core\Method\HeatChange;
use Velko\Core\Method\Method;
use Velko\Core\Method\Pace;
use Velko\Core\Method\Schools;
use Velko\Core\Method\Stirring;
use Velko\Core\Method\Toasting;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Defaults;
use Velko\Core\Planning\Family;
use Velko\Core\Planning\Stock;
use Velko\Core\Planning\Surroundings;
use Velko\Core\Planning\Target;
use Velko\Core\Rice\Variety;
use Velko\Core\Season\Finish;
use Velko\Core\Season\Wine;
use Velko\Core\Vessel\Burner;
use Velko\Core\Vessel\Fire;
use Velko\Core\Vessel\Ladle;
use Velko\Core\Vessel\Pan;

/** Asks for tests: the house pan with anything about it changed, and random kitchens from a seed. */
final class Kitchens
{
    /** Four covers of carnaroli in a 28 cm sautoir on a middling ring. */
    public static function ask(
        int $covers = 4,
        float $grams = 80,
        Variety $variety = Variety::Carnaroli,
        float $base = 26,
        float $height = 15,
        float $metal = 900,
        float $ring = 18,
        array $net = Defaults::NET_W,
        float $ladle = 90,
        string $doses = 'ladle-by-ladle',
        ?string $mark = null,
        ?array $track = null,
        bool $sealed = true,
        float $finish = 1,
        float $rest = 0,
        bool $restCovered = false,
        float $stock = 90,
        float $salt = 0.6,
        float $wine = 0,
        float $looseness = 0.85,
        float $toTable = 2,
        float $altitude = 0,
        float $room = 24,
        float $soak = 0,
        Toasting $toasting = Toasting::Medium,
        float $butter = 0,
        float $cheese = 0,
        array $lid = [],
        float $plates = Defaults::PLATES_C,
        float $extras = 0,
    ): Ask {
        return new Ask(
            Families::named('risotto'),
            $covers, $grams, $variety->grain(), new Pan($base, $base * 1.08, $height, $metal), new Burner($ring, $net), new Ladle($ladle),
            new Method(Schools::named($doses), Stirring::Constant, $track ?? ($mark === null ? null : [new HeatChange(0, $mark)]), $sealed, $finish, $rest, $restCovered, $toasting, false, $soak, $lid),
            new Stock($stock, $salt), $wine, new Finish($butter * $covers, $cheese * $covers), new Target($looseness, $toTable), new Surroundings($altitude, $room, $plates), $extras * $covers,
        );
    }

    /** Six covers of bomba in a 42 cm wide pan on a big ring. */
    public static function panRice(
        int $covers = 6,
        float $grams = 55,
        Variety $variety = Variety::Bomba,
        float $base = 36,
        float $height = 5,
        float $metal = 1050,
        float $ring = 30,
        array $net = ['low' => 600, 'medium-low' => 1100, 'medium' => 1900, 'medium-high' => 2800, 'high' => 4200],
        ?array $track = null,
        bool $sealed = true,
        float $rest = 5,
        bool $restCovered = true,
        float $stock = 90,
        ?float $given = null,
        float $salt = 0.8,
        float $wine = 0,
        float $toTable = 2,
        CrustWish $crust = CrustWish::Gold,
        CrustSchool $school = CrustSchool::ShortAndHot,
        Stirring $stirring = Stirring::Never,
        float $altitude = 0,
        float $room = 24,
        float $soak = 0,
        array $lid = [],
    ): Ask {
        return new Ask(
            Families::named('pan-rice'),
            $covers, $grams, $variety->grain(), new Pan($base, $base * 1.16, $height, $metal), new Burner($ring, $net), new Ladle(150),
            new Method(null, $stirring, $track, $sealed, 0, $rest, $restCovered, soak: $soak, lid: $lid, crust: $school),
            new Stock($stock, $salt, $given), $wine, new Finish, new Target(0, $toTable, $crust), new Surroundings($altitude, $room),
        );
    }

    /** Six covers of round grain in a stew pot. */
    public static function soupy(
        int $covers = 6,
        float $grams = 70,
        Variety $variety = Variety::Round,
        float $base = 27,
        float $height = 21,
        float $metal = 1800,
        float $ring = 18,
        array $net = ['low' => 290, 'medium-low' => 600, 'medium' => 960, 'medium-high' => 1560, 'high' => 2400],
        ?array $track = null,
        bool $sealed = true,
        float $rest = 0,
        float $stock = 90,
        float $salt = 0.7,
        float $wine = 0,
        float $looseness = 3.0,
        float $toTable = 2,
        float $altitude = 0,
        float $room = 24,
        float $soak = 0,
        array $lid = [],
    ): Ask {
        return new Ask(
            Families::named('soupy-rice'),
            $covers, $grams, $variety->grain(), new Pan($base, $base, $height, $metal), new Burner($ring, $net), new Ladle(150),
            new Method(null, Stirring::NowAndThen, $track, $sealed, 0, $rest, false, soak: $soak, lid: $lid),
            new Stock($stock, $salt), $wine, new Finish, new Target($looseness, $toTable), new Surroundings($altitude, $room),
        );
    }

    /** The same ask with one to six things in its pan and on its plates, of any kind, at any moment, cold, warm or frozen. */
    public static function withFood(Ask $ask, int $seed): Ask
    {
        $random = new Randomizer(new Mt19937($seed));
        $food = [];
        foreach (range(0, $random->getInt(0, 5)) as $number) {
            $group = Group::cases()[$random->getInt(0, count(Group::cases()) - 1)];
            $most = in_array($group, [Group::Seasoning, Group::Pickle, Group::Cured], true) ? 100 : 600;
            $grams = $random->getInt(20, $most) / 1000 * $ask->rice();
            $goes = Goes::cases()[$random->getInt(0, count(Goes::cases()) - 1)];
            $food[$number] = new Portion($group->value, $group->food(), $grams, $goes, $random->getInt(-20, 80), $random->getInt(0, 140) / 10);
        }

        return $ask->withFood($food);
    }

    /** The same ask by schools drawn from all that its family knows, over any fire, now and then out in the wind. */
    public static function withSchools(Ask $ask, int $seed): Ask
    {
        $random = new Randomizer(new Mt19937($seed));
        $pick = static fn (array $of): mixed => $of[$random->getInt(0, count($of) - 1)];
        $yes = static fn (): bool => $random->getInt(0, 1) === 1;
        $traits = $ask->family->traits();
        $fire = $pick(Fire::cases());
        $wind = $fire->isOpen() ? $pick([0.0, 0.0, 1.0, 2.0]) : 0.0;
        $method = ['fat' => $pick(Fat::cases()), ...$pick(Cover::known($traits->inStages, $traits->driesOut))->changes($traits->driesOut)];
        if (! $traits->driesOut) {
            $method['pace'] = $pick([Pace::Hot, Pace::Medium]);
        }
        if (! $traits->inStages) {
            $method['rainedIn'] = $yes();
            $method['baseApart'] = $method['rainedIn'] && $yes();
        }
        $method['twoPours'] = ! $traits->inStages && ! $traits->driesOut && $yes();
        $method['finishOnTheHeat'] = $traits->finish > 0 && $yes();
        $method['plated'] = $traits->driesOut ? $yes() : null;
        $ask = $ask->withMethod($method)->withWine($yes() ? 0.3 * $ask->rice() : 0.0)->withWineOf(new Wine($pick([12.5, 18.0]), $yes()))
            ->on(new Burner($ask->burner->ring, $ask->burner->net, $ask->burner->grate, $fire))->at(new Surroundings($ask->surroundings->altitude, $ask->surroundings->room, $ask->surroundings->plates, $wind));
        if ($traits->finish > 0) {
            $ask = $ask->withFinish(new Finish($pick([0.0, 0.2]) * $ask->rice(), 0.2 * $ask->rice(), butterTemperature: $pick([-18.0, 4.0, 20.0]), cream: $pick([0.0, 0.3]) * $ask->rice()));
        }

        return $traits->driesOut && $random->getInt(0, 3) === 0 ? $ask->inOven((float) $random->getInt(160, 220)) : $ask;
    }

    /**
     * Kitchens in which a risotto can be cooked: the ring brings the pan to a simmer and the pan holds the rice.
     *
     * @return iterable<string, Ask>
     */
    public static function random(int $count, int $seed): iterable
    {
        $chance = new Randomizer(new Mt19937($seed));
        $between = static fn (float $low, float $high): float => $low + ($high - $low) * $chance->getInt(0, 1_000_000) / 1e6;
        $schools = array_keys(Schools::all());
        $varieties = [Variety::Arborio, Variety::Carnaroli, Variety::VialoneNano, Variety::Sushi, Variety::Round];
        for ($i = 0; $i < $count; $i++) {
            $base = $between(18, 50);
            $area = M_PI * ($base / 200) ** 2;
            $grams = $between(40, 110);
            $most = 50 * $area * 1000 * 0.79 / 2.6 / $grams;
            $covers = max(1, (int) ($between(0.15, 1.0) * $most));
            $full = $between(14000, 24000) * $area;
            yield "kitchen $i of seed $seed" => self::ask(
                covers: $covers, grams: $grams, variety: $varieties[$chance->getInt(0, 4)], base: $base, height: 16,
                metal: $between(300, 3500), ring: $base * 0.7,
                net: ['low' => 0.15 * $full, 'medium' => 0.7 * $full, 'high' => $full],
                ladle: [60, 90, 120, 150][$chance->getInt(0, 3)], doses: $schools[$chance->getInt(0, 3)],
                sealed: $chance->getInt(0, 4) > 0, finish: $between(0, 2), rest: $between(0, 2), restCovered: $chance->getInt(0, 1) === 1,
                stock: $between(60, 97), salt: $between(0, 1), wine: $chance->getInt(0, 1) * $covers * $grams * $between(0.2, 0.5),
                looseness: $between(0.5, 1.1), toTable: $between(0, 4), altitude: $between(0, 2500), room: $between(15, 38),
            );
        }
    }

    /**
     * Kitchens in which a pan rice can be cooked: a wide thin layer, a ring that reaches it and can boil it hard.
     *
     * @return iterable<string, Ask>
     */
    public static function randomPanRice(int $count, int $seed): iterable
    {
        $chance = new Randomizer(new Mt19937($seed));
        $between = static fn (float $low, float $high): float => $low + ($high - $low) * $chance->getInt(0, 1_000_000) / 1e6;
        $varieties = [Variety::Bomba, Variety::Round, Variety::Sushi, Variety::Parboiled];
        for ($i = 0; $i < $count; $i++) {
            $base = $between(22, 70);
            $area = M_PI * ($base / 200) ** 2;
            $grams = $between(40, 100);
            $covers = max(1, (int) ($between(0.35, 1.0) * 12 * $area * 1000 * 0.79 / 2.8 / $grams));
            $full = $between(22000, 40000) * $area;
            yield "pan rice $i of seed $seed" => self::panRice(
                covers: $covers, grams: $grams, variety: $varieties[$chance->getInt(0, 3)], base: $base, height: 6,
                metal: $between(5000, 14000) * $area, ring: $base * $between(0.6, 1.0),
                net: ['low' => 0.12 * $full, 'medium-low' => 0.25 * $full, 'medium' => 0.45 * $full, 'medium-high' => 0.7 * $full, 'high' => $full],
                sealed: $chance->getInt(0, 4) > 0, rest: $between(0, 10), restCovered: $chance->getInt(0, 1) === 1,
                stock: $between(60, 97), salt: $between(0, 0.8), wine: $chance->getInt(0, 3) === 0 ? $covers * $grams * $between(0.2, 0.4) : 0.0,
                toTable: $between(0, 4), crust: CrustWish::cases()[$chance->getInt(0, 2)], school: CrustSchool::cases()[$chance->getInt(0, 1)],
                altitude: $between(0, 2500), room: $between(15, 38),
            );
        }
    }

    /**
     * Kitchens in which a soupy rice can be cooked: a pot that holds it on a ring that makes it simmer.
     *
     * @return iterable<string, Ask>
     */
    public static function randomSoupy(int $count, int $seed): iterable
    {
        $chance = new Randomizer(new Mt19937($seed));
        $between = static fn (float $low, float $high): float => $low + ($high - $low) * $chance->getInt(0, 1_000_000) / 1e6;
        $varieties = [Variety::Round, Variety::Bomba, Variety::Arborio, Variety::VialoneNano];
        for ($i = 0; $i < $count; $i++) {
            $base = $between(18, 45);
            $area = M_PI * ($base / 200) ** 2;
            $grams = $between(40, 100);
            $covers = max(1, (int) ($between(0.2, 1.0) * $area * 1e6 * 0.2 / 8.5 / $grams));
            $full = $between(22000, 40000) * $area;
            $soak = $chance->getInt(0, 2) === 0 ? $between(10, 25) : 0.0;
            yield "soupy rice $i of seed $seed" => self::soupy(
                covers: $covers, grams: $grams, variety: $varieties[$chance->getInt(0, 3)], base: $base, height: 23, metal: $between(8000, 30000) * $area, ring: $base * 0.7,
                net: ['low' => 0.2 * $full, 'medium-low' => 0.35 * $full, 'medium' => 0.55 * $full, 'high' => $full],
                sealed: $soak <= 0, stock: $between(60, 97), salt: $between(0, 0.9), wine: $chance->getInt(0, 3) === 0 ? $covers * $grams * $between(0.2, 0.4) : 0.0,
                looseness: $between(1.6, 4.8), toTable: $between(0, 4), altitude: $between(0, 2500), room: $between(15, 38), soak: $soak,
            );
        }
    }

    /**
     * So many of each family.
     *
     * @return iterable<string, Ask>
     */
    public static function ofEveryFamily(int $each, int $seed): iterable
    {
        yield from self::random($each, $seed);
        yield from self::randomPanRice($each, $seed + 1);
        yield from self::randomSoupy($each, $seed + 2);
    }
}

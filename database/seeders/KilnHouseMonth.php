<?php

declare(strict_types=1);

namespace Database\Seeders;

use Illuminate\Database\Seeder;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The four weeks before those two, as they come: the same dishes on the same rings again and again, of which no single one says what all of them do. */
final class KilnHouseMonth extends Seeder
{
    /**
     * What is cooked again and again: dish, pan, rings, fewest and most mains.
     *
     * @var list<array{string, string, list<string>, int, int}>
     */
    private const AGAIN = [
        ['pea, lovage', '28 sautoir', ['ring 2', 'ring 3'], 3, 7], ['radicchio', '28 sautoir', ['ring 3', 'ring 4'], 3, 6], ['trout', '24 sautoir', ['ring 1', 'ring 2'], 2, 4],
        ['pea, lovage', '28 sautoir', ['ring 3'], 4, 7], ['trout', '28 sautoir', ['ring 3', 'ring 2'], 4, 6], ['cauliflower', '42 wide pan', ['big ring'], 4, 7],
        ['radicchio', '28 sautoir', ['ring 3'], 4, 6], ['hake', '12 L stew pot', ['ring 4'], 6, 10],
    ];

    /** Days ago on which they were: the Tuesdays to Saturdays of four weeks would be others for each day the demo is made. */
    private const FIRST_DAY = 42;

    private const LAST_DAY = 14;

    private const CLOSED = [3, 4];

    public function run(): void
    {
        $hands = new Randomizer(new Mt19937(1893));
        (new KilnHouseCooks)->all(self::asTheyCome($hands), $hands);
    }

    /** @return list<array{int, string, string, int, string, string, string, string, string|null, string}> as KilnHouseCooks has them */
    private static function asTheyCome(Randomizer $hands): array
    {
        $cooks = [];
        $at = 0;
        for ($day = self::FIRST_DAY; $day >= self::LAST_DAY; $day--) {
            if (in_array($day % 7, self::CLOSED, true)) {
                continue;
            }
            foreach (['19:20', '20:10'] as $time) {
                [$dish, $pan, $rings, $fewest, $most] = self::AGAIN[$at++ % count(self::AGAIN)];
                $cooks[] = [$day, $time, $dish, $hands->getInt($fewest, $most), 'main', $pan, $rings[$hands->getInt(0, count($rings) - 1)], ['Rice station', 'Rice station', 'Chef', 'Trainee'][$hands->getInt(0, 3)], null, ''];
            }
        }

        return $cooks;
    }
}

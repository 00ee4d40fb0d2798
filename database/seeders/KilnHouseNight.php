<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Kitchen;
use App\Night\FiringLines;
use App\Night\SaveNight;
use App\Words\Words;
use Carbon\CarbonImmutable;
use Illuminate\Database\Seeder;
use LogicException;

/** One Friday of the Kiln House: fourteen firings of its eight dishes, two of which cannot be as they are asked for. */
final class KilnHouseNight extends Seeder
{
    private const FIRINGS = [
        '18:40 2 pea table 3',
        '18:50 4 trout table 7',
        '19:05 6 cauliflower table 1 early 5',
        '19:15 4 lamb table 6 late 5',
        '19:20 3 pea + 1 starter table 9',
        '19:40 12 pea + 4 starters table 20',
        '19:50 4 radicchio table 4',
        '19:55 6 hake table 12',
        '20:10 3 trout table 8',
        '20:15 6 duck table 2 early 5',
        '20:30 6 cuttlefish table 15 early 5',
        '20:40 5 radicchio table 11',
        '20:50 4 hake table 5',
        '21:05 2 pea table 3',
    ];

    private const HANDS = [['name' => 'Rice station', 'from' => '16:30', 'to' => '23:00', 'count' => 1], ['name' => 'Trainee', 'from' => '17:30', 'to' => '22:00', 'count' => 1]];

    public function run(): void
    {
        $kitchen = Kitchen::query()->where('name', KilnHouse::NAME)->sole();
        $now = CarbonImmutable::now($kitchen->timezone);
        // Never today's: a night that has begun cannot be made to fit.
        $friday = $now->next(CarbonImmutable::FRIDAY)->format('Y-m-d');
        $night = SaveNight::on($kitchen, $friday);
        SaveNight::manned($night, $kitchen, ['hands' => self::HANDS, 'taken' => [], 'wash_min' => 4, 'merge' => true], '*');
        $rows = (new FiringLines($kitchen, $night, new Words, $now->utc()))->read(implode("\n", self::FIRINGS))['rows'];
        $entries = array_values(array_map(static fn (array $row): array => $row['firings'][0]['entry'] ?? throw new LogicException("{$row['text']}: {$row['fault']}"), $rows));
        SaveNight::put($night, $kitchen, $entries, $now->utc());
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Night;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Velko\Core\Night\Firing;
use Velko\Core\Night\HandShare;
use Velko\Core\Night\Night;
use Velko\Core\Night\Shift;
use Velko\Core\Night\Timetable;
use Velko\Core\Night\Timetables;

/** Nights for tests, with lengths that are said and not worked out, so that a hand can reckon with them. */
final class Nights
{
    /** No test has more. */
    public const MOST_RINGS = 6;

    /**
     * A stirred pan: three minutes of toasting, so long on the ring, one of finishing, eaten two after that.
     *
     * @param  list<array{float, float}>  $besideRings
     */
    public static function stirred(float $minutes, float $share = 1.0, array $besideRings = []): Timetable
    {
        return new Timetable(-3.0, $minutes, $minutes + 3.0, [new HandShare(-3.0, 0.0, 1.0, 'toast'), new HandShare(0.0, $minutes, $share, 'stir'), new HandShare($minutes, $minutes + 1.0, 1.0, 'finish')], $besideRings);
    }

    /**
     * Lengths by dish, the same in every pan on every ring.
     *
     * @param  array<int, Timetable>  $dishes
     * @param  array<int, int>  $most  covers by pan
     */
    public static function timetables(array $dishes, array $most): Timetables
    {
        return new class($dishes, $most) implements Timetables
        {
            public function __construct(private readonly array $dishes, private readonly array $most) {}

            public function places(int $dish): array
            {
                $places = [];
                foreach (isset($this->dishes[$dish]) ? $this->most : [] as $pan => $most) {
                    foreach ($most < 1 ? [] : range(0, Nights::MOST_RINGS - 1) as $ring) {
                        $places[] = [$pan, $ring, Firing::GRAMS * $most];
                    }
                }
                usort($places, static fn (array $a, array $b): int => $a[2] <=> $b[2]);

                return $places;
            }

            public function toOrder(int $dish): ?int
            {
                return isset($this->dishes[-$dish]) && $dish > 0 ? -$dish : null;
            }

            public function of(int $dish, int $pan, int $ring, int $covers, float $rice): ?Timetable
            {
                return $this->dishes[$dish] ?? null;
            }
        };
    }

    /** @param  list<Firing>  $firings */
    public static function night(array $firings, int $pans, int $rings, int $hands = 2, bool $merge = true, float $wash = 4.0): Night
    {
        return new Night($firings, range(0, $pans - 1), range(0, $rings - 1), [new Shift(0.0, 400.0, $hands)], $wash, $merge);
    }

    /**
     * Nights by chance, some of them hopeless, with their lengths.
     *
     * @return iterable<string, array{Night, Timetables}>
     */
    public static function random(int $count, int $seed, int $mostFirings = 14): iterable
    {
        $chance = new Randomizer(new Mt19937($seed));
        for ($i = 0; $i < $count; $i++) {
            $dishes = array_map(static fn (): Timetable => self::stirred($chance->getInt(28, 44) / 2, [1.0, 0.4, 0.1][$chance->getInt(0, 2)], $chance->getInt(0, 3) === 0 ? [[-8.0, (float) $chance->getInt(-4, 6)], [-2.0, 12.0]] : []), range(0, 3));
            $pans = $chance->getInt(1, 6);
            $rings = $chance->getInt(1, 5);
            $firings = [];
            for ($left = $chance->getInt(0, $mostFirings); $left > 0; $left--) {
                $pinned = $chance->getInt(0, 9) === 0;
                $firings[] = new Firing(
                    $chance->getInt(0, 3), $chance->getInt(1, 14), $chance->getInt(2, 60) * 5.0, $chance->getInt(0, 5), $chance->getInt(0, 4),
                    $pinned ? $chance->getInt(0, $pans - 1) : null, $pinned ? $chance->getInt(0, $rings - 1) : null, $pinned && $chance->getInt(0, 1) === 0 ? $chance->getInt(0, 500) / 2 : null,
                );
            }
            $hands = [new Shift($chance->getInt(0, 30), $chance->getInt(200, 400), $chance->getInt(0, 3)), new Shift(60.0, 160.0, $chance->getInt(0, 2))];
            yield "night $i of seed $seed" => [
                new Night($firings, range(0, $pans - 1), range(0, $rings - 1), $hands, $chance->getInt(0, 10), $chance->getInt(0, 1) === 1),
                self::timetables($dishes, array_map(static fn (): int => $chance->getInt(2, 12), range(0, $pans - 1))),
            ];
        }
    }
}

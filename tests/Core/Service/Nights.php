<?php

declare(strict_types=1);

namespace Tests\Core\Service;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Velko\Core\Service\Firing;
use Velko\Core\Service\HandsThere;
use Velko\Core\Service\Length;
use Velko\Core\Service\Lengths;
use Velko\Core\Service\Night;
use Velko\Core\Service\Share;

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
    public static function stirred(float $minutes, float $share = 1.0, array $besideRings = []): Length
    {
        return new Length(-3.0, $minutes, $minutes + 3.0, [new Share(-3.0, 0.0, 1.0, 'toast'), new Share(0.0, $minutes, $share, 'stir'), new Share($minutes, $minutes + 1.0, 1.0, 'finish')], $besideRings);
    }

    /**
     * Lengths by dish, the same in every pan on every ring.
     *
     * @param  array<int, Length>  $dishes
     * @param  array<int, int>  $most  covers by pan
     */
    public static function lengths(array $dishes, array $most): Lengths
    {
        return new class($dishes, $most) implements Lengths
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

            public function of(int $dish, int $pan, int $ring, int $covers, float $rice): ?Length
            {
                return $this->dishes[$dish] ?? null;
            }
        };
    }

    /** @param  list<Firing>  $firings */
    public static function night(array $firings, int $pans, int $rings, int $hands = 2, bool $merge = true, float $wash = 4.0): Night
    {
        return new Night($firings, range(0, $pans - 1), range(0, $rings - 1), [new HandsThere(0.0, 400.0, $hands)], $wash, $merge);
    }

    /**
     * Nights by chance, some of them hopeless, with their lengths.
     *
     * @return iterable<string, array{Night, Lengths}>
     */
    public static function random(int $count, int $seed, int $mostFirings = 14): iterable
    {
        $chance = new Randomizer(new Mt19937($seed));
        for ($i = 0; $i < $count; $i++) {
            $dishes = array_map(static fn (): Length => self::stirred($chance->getInt(28, 44) / 2, [1.0, 0.4, 0.1][$chance->getInt(0, 2)], $chance->getInt(0, 3) === 0 ? [[-8.0, (float) $chance->getInt(-4, 6)], [-2.0, 12.0]] : []), range(0, 3));
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
            $hands = [new HandsThere($chance->getInt(0, 30), $chance->getInt(200, 400), $chance->getInt(0, 3)), new HandsThere(60.0, 160.0, $chance->getInt(0, 2))];
            yield "night $i of seed $seed" => [
                new Night($firings, range(0, $pans - 1), range(0, $rings - 1), $hands, $chance->getInt(0, 10), $chance->getInt(0, 1) === 1),
                self::lengths($dishes, array_map(static fn (): int => $chance->getInt(2, 12), range(0, $pans - 1))),
            ];
        }
    }
}

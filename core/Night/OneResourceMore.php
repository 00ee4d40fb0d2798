<?php

declare(strict_types=1);

namespace Velko\Core\Night;

/** The same timetables, with one more pan or ring that is like one there is. */
final readonly class OneResourceMore implements Timetables
{
    /** The number of what there is one more of. */
    public const MORE = -1;

    /**
     * @param  int|null  $pan  that there is another of
     * @param  int|null  $ring  likewise
     */
    public function __construct(private Timetables $timetables, private ?int $pan, private ?int $ring) {}

    public function places(int $dish): array
    {
        $places = $this->timetables->places($dish);
        foreach ($places as [$pan, $ring, $most]) {
            if ($pan === $this->pan) {
                $places[] = [self::MORE, $ring, $most];
            }
            if ($ring === $this->ring) {
                $places[] = [$pan, self::MORE, $most];
            }
        }
        usort($places, static fn (array $a, array $b): int => $a[2] <=> $b[2]);

        return $places;
    }

    public function toOrder(int $dish): ?int
    {
        return $this->timetables->toOrder($dish);
    }

    public function of(int $dish, int $pan, int $ring, int $covers, float $rice): ?Timetable
    {
        return $this->timetables->of($dish, $this->pan($pan), $this->ring($ring), $covers, $rice);
    }

    private function pan(int $pan): int
    {
        return $pan === self::MORE ? $this->pan ?? $pan : $pan;
    }

    private function ring(int $ring): int
    {
        return $ring === self::MORE ? $this->ring ?? $ring : $ring;
    }
}

<?php

declare(strict_types=1);

namespace App\Devices\StandIn;

use App\Devices\Reading;
use App\Models\DeviceKind;
use Carbon\CarbonImmutable;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * Reads what a scale, a probe or a knob at a ring would read, each with an error that its seed decides: the first, the
 * second, the third reading of a device err the same in every run.
 */
final class StandIn
{
    /** One standard deviation of a bench scale under a pan that boils, g (our estimate). */
    private const SCALE_SPREAD = 3.0;

    /** The same of a kitchen probe, °C (our estimate). */
    private const PROBE_SPREAD = 0.3;

    /** A hand is so late at the knob, s, at least and at most (our estimate). */
    private const HAND = [1, 4];

    /** @var array<string, int> readings so far, by device */
    private array $readings = [];

    /**
     * @param  float  $power  how strong the ring truly is, times what its marks say
     */
    public function __construct(private readonly float $power, private readonly int $seed) {}

    /**
     * @param  array<string, mixed>  $document  velko.device-pan/1
     * @param  int  $at  ms since 1970
     */
    public function read(array $document, int $at): Reading
    {
        $this->readings[$document['name']] = ($this->readings[$document['name']] ?? 0) + 1;
        $pan = $document['pan'] === null ? null : new TruePan($document['pan'], $this->power);

        return match (DeviceKind::from($document['kind'])) {
            DeviceKind::Scale => Reading::number(DeviceKind::Scale, max(0.0, round(($pan?->weight($at) ?? 0.0) + ($pan === null ? 0.0 : $this->error($document, self::SCALE_SPREAD)))), $at),
            DeviceKind::Probe => $this->probe($document, $pan, $at),
            DeviceKind::Knob => Reading::knob($this->mark($document, $pan, $at), $at),
        };
    }

    /** @param  array<string, mixed>  $document */
    private function probe(array $document, ?TruePan $pan, int $at): Reading
    {
        $celsius = $pan?->temperature($at) ?? (float) $document['room_c'];

        return Reading::number(DeviceKind::Probe, round($celsius + $this->error($document, self::PROBE_SPREAD), 1), $at);
    }

    /**
     * Where the hand at the knob has it: it does what the stove asks for, a little late.
     *
     * @param  array<string, mixed>  $document
     */
    private function mark(array $document, ?TruePan $pan, int $at): string
    {
        if ($pan === null) {
            return Reading::OFF;
        }
        $turn = $document['pan']['turn'];
        if ($turn !== null) {
            $asked = CarbonImmutable::parse($turn['at'])->getTimestampMs();
            [$least, $most] = self::HAND;
            if ($at >= $asked + $this->chance($document, $asked)->getInt(1000 * $least, 1000 * $most)) {
                return $turn['mark'];
            }
        }

        return $pan->markAt($at);
    }

    /**
     * Normal, by Box and Muller.
     *
     * @param  array<string, mixed>  $document
     */
    private function error(array $document, float $spread): float
    {
        $chance = $this->chance($document, $this->readings[$document['name']]);
        [$a, $b] = [$chance->getInt(1, 1_000_000) / 1e6, $chance->getInt(1, 1_000_000) / 1e6];

        return $spread * sqrt(-2 * log($a)) * cos(2 * M_PI * $b);
    }

    /** @param  array<string, mixed>  $document */
    private function chance(array $document, int $which): Randomizer
    {
        return new Randomizer(new Xoshiro256StarStar(hash('sha256', "{$this->seed} {$document['name']} $which", true)));
    }
}

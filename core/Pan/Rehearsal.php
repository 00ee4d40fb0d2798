<?php

declare(strict_types=1);

namespace Velko\Core\Pan;

use Velko\Core\Rice\Grain;

/** What a pan does when these things happen to it. */
final readonly class Rehearsal
{
    /** Rice and metal when the first liquid comes, °C, toasted in fat (common practice: "as hot as the stock"). */
    public const TOASTED_C = 100.0;

    /**
     * @param  float|null  $dryMinute  first minute with free liquid under 0.05 g per g rice, once anything was poured
     * @param  State|null  $off  when it last came off the heat
     */
    private function __construct(
        public Track $track,
        public ?float $dryMinute,
        public ?State $off,
        public State $end,
    ) {}

    /**
     * @param  float  $rice  g raw, > 0
     * @param  bool  $sealed  toasted in fat
     * @param  list<Happening>  $happenings  in any order; those of one minute as they stand
     * @param  float  $until  min
     */
    public static function of(Grain $grain, Conditions $conditions, float $rice, bool $sealed, array $happenings, float $until, float $saltShare = 0.0): self
    {
        usort($happenings, static fn (Happening $a, Happening $b): int => $a->minute <=> $b->minute);
        $pan = new Simulation($grain, $conditions, $rice);
        $track = new Track;
        $pan->record($track);
        $state = $pan->start($sealed ? self::TOASTED_C : $conditions->room, $sealed);
        $dryBelow = Simulation::DRY * $rice;
        $dry = $off = null;

        $runTo = static function (float $minute) use ($pan, $state, $dryBelow, &$dry): void {
            if ($dry === null && $state->poured > 0 && $pan->run($state, 60 * $minute, $dryBelow) === Stop::Dry) {
                $dry = $state->minute();
            }
            $pan->run($state, 60 * $minute);
        };
        foreach ($happenings as $happening) {
            if ($happening->minute > $until) {
                break;
            }
            if ($happening->minute > 0 && $track->minute === []) {
                $track->add($state);
            }
            $runTo($happening->minute);
            if ($happening->pour !== null) {
                $pan->pour($state, $happening->pour, $happening->temperature ?? $conditions->room, $saltShare);
            }
            if ($happening->net !== null) {
                $pan->heat($state, $happening->net);
            }
            if ($happening->lid !== null) {
                $pan->cover($state, $happening->lid);
            }
            if ($happening->offCovered !== null) {
                $pan->off($state, $happening->offCovered);
                $off = clone $state;
            }
        }
        if ($track->minute === []) {
            $track->add($state);
        }
        $runTo($until);

        return new self($track, $dry, $off, $state);
    }
}

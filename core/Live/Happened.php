<?php

declare(strict_types=1);

namespace Velko\Core\Live;

use Velko\Core\Cook\Replay;
use Velko\Core\Cook\StageKind;
use Velko\Core\Method\HeatChange;
use Velko\Core\Pan\State;
use Velko\Core\Pan\Track;
use Velko\Core\Planning\Ask;

/** What the engine makes of what was really poured and when: the pan as it must have run, as far as it has come. */
final readonly class Happened
{
    /** @param  State|null  $atTable  null while it has not left the heat */
    private function __construct(public Track $track, public ?State $atTable) {}

    /**
     * @param  non-empty-list<HeatChange>  $heat  as planned
     * @param  int  $now  ms since 1970: a pan still on the heat is followed until here
     *
     * @return self|null null before the first liquid
     */
    public static function of(Ask $ask, array $heat, Replay $replay, int $now, Estimate $estimate = new Estimate): ?self
    {
        if ($replay->pours() === []) {
            return null;
        }
        $played = new Played($ask, $heat, $replay, $estimate);
        $track = new Track;
        $pull = $replay->minuteOf(StageKind::Off);
        if ($pull === null) {
            $played->until(60 * ($replay->minute(max($now, $replay->last()->at ?? 0)) ?? 0.0), $track);

            return new self($track, null);
        }
        $state = $played->until(Replay::LONGEST, $track);
        $table = $replay->minuteOf(StageKind::Serve);
        $played->pan->record($track);
        $table === null ? $played->pan->toTable($state) : $played->pan->toTableAt($state, max($state->second, min(60 * $table, Replay::LONGEST)));
        $played->pan->record(null);

        return new self($track, $state);
    }
}

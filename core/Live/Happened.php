<?php

declare(strict_types=1);

namespace Velko\Core\Live;

use Velko\Core\Method\HeatChange;
use Velko\Core\Pan\State;
use Velko\Core\Pan\Track;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Cooking;

/**
 * What the engine makes of what was really poured and when: the pan as it must have run, if the burner gave what its
 * mark says.
 */
final readonly class Happened
{
    /** Nothing is followed further than this, min: whoever forgets to touch "done" does not stop the kitchen's clock. */
    private const LONGEST = 180.0;

    /** @param  State|null  $atTable  null while it has not left the heat */
    private function __construct(public Track $track, public ?State $atTable) {}

    /**
     * @param  non-empty-list<HeatChange>  $heat
     * @param  int  $now  ms since 1970: a pan still on the heat is followed until here
     *
     * @return self|null null before the first liquid
     */
    public static function of(Ask $ask, array $heat, Replay $replay, int $now): ?self
    {
        $pours = $replay->pours();
        if ($pours === []) {
            return null;
        }
        $pan = new Cooking($ask, $heat);
        $track = new Track;
        $pan->record($track);
        $state = $pan->start();
        $pull = $replay->minuteOf('off');
        foreach ($pours as $pour) {
            if ($pour->minute > min($pull ?? self::LONGEST, self::LONGEST)) {
                break;
            }
            $pan->runTo($state, 60 * $pour->minute);
            $pour->wine ? $pan->pourWine($state, $pour->volume) : $pan->pourStock($state, $pour->volume);
            if ($pour->minute <= 0) {
                $track->add($state);
            }
        }
        if ($pull === null) {
            $pan->runTo($state, 60 * min($replay->minute($now) ?? 0.0, self::LONGEST));

            return new self($track, null);
        }
        $pan->runTo($state, 60 * min($pull, self::LONGEST));
        $table = $replay->minuteOf('serve');
        $table === null ? $pan->toTable($state) : $pan->toTableAt($state, max($state->second, 60 * min($table, self::LONGEST)));

        return new self($track, $state);
    }
}

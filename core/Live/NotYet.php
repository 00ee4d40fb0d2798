<?php

declare(strict_types=1);

namespace Velko\Core\Live;

use Velko\Core\Cook\Replay;
use Velko\Core\Cook\StageKind;
use Velko\Core\Method\Load;
use Velko\Core\Planning\Ask;

/**
 * "Not yet": the sign that a step waits for is not there. It buys as long as the sign usually needs, with one call at its
 * end (our estimates).
 */
final class NotYet
{
    /** Liquid that is used up between "not yet" and the sign, g per g rice. */
    private const USED = 0.08;

    /** The least and the most that it buys, s. */
    private const SHORTEST = 20.0;

    private const LONGEST = 90.0;

    /** What is waited for at a step that no liquid tells of: a grain that is tasted, or else, s. */
    private const TASTE = 60.0;

    private const OTHERWISE = 30.0;

    /** The seconds that "not yet" buys at a stage of this kind. */
    public static function seconds(StageKind $kind, Ask $ask): float
    {
        if (! $kind->turnsTheKnob() && $kind !== StageKind::Pour && $kind !== StageKind::Wine) {
            return $kind === StageKind::Taste ? self::TASTE : self::OTHERWISE;
        }
        $net = $ask->burner->net[$ask->burner->nearest($ask->heatFor($ask->family->fit($ask->grain, $ask->target->looseness)->heat))];
        $use = (new Load($ask->rice(), $ask->pan->baseArea(), $net, $ask->grain, $ask->ladle))->usePerMinute();

        return round(max(self::SHORTEST, min(self::LONGEST, 60 * self::USED * $ask->rice() / $use)) / 5) * 5;
    }

    /** Minute of the cook until which a stage is waited with; null where nobody said "not yet", or it was said before the first liquid. */
    public static function until(Replay $replay, int $stage, Ask $ask): ?float
    {
        $said = $replay->notYet($stage);
        $minute = $said === null ? null : $replay->minute($said->at);

        return $minute === null ? null : $minute + self::seconds($replay->stages[$stage]->kind, $ask) / 60;
    }
}

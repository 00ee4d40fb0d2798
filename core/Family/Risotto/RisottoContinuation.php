<?php

declare(strict_types=1);

namespace Velko\Core\Family\Risotto;

use Velko\Core\Cook\Replay;
use Velko\Core\Cook\Stage;
use Velko\Core\Cook\StageKind;
use Velko\Core\Method\HeatChange;
use Velko\Core\Pan\State;
use Velko\Core\Pan\Track;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Continuation;
use Velko\Core\Planning\Cooking;
use Velko\Core\Planning\Projection;

/** The doses still to come, the last one and the pull solved anew from the pan as it is. */
final readonly class RisottoContinuation implements Continuation
{
    private Cooking $cooking;

    private Doses $doses;

    /** Doses given so far, and those that may still be asked for. */
    private int $given;

    private int $most;

    /** The second of the last dose. */
    private float $since;

    /** @param  string  $mark  where the knob stands */
    public function __construct(Ask $ask, Replay $replay, string $mark)
    {
        $this->cooking = new Cooking($ask, [new HeatChange(0.0, $mark)]);
        $this->doses = new Doses($ask, $this->cooking, $ask->burner->net[$mark]);
        $given = 0;
        $since = 0.0;
        foreach ($replay->done as $stage => $touch) {
            if ($replay->stages[$stage]->kind === StageKind::Pour) {
                $given++;
                $since = max($since, 60 * ($replay->minute($touch->at) ?? 0.0));
            }
        }
        $this->given = $given;
        $toCome = count(array_filter($replay->toCome(), static fn (Stage $stage): bool => $stage->kind === StageKind::Pour));
        $this->most = $toCome + max(0, Replay::MOST_BEYOND - $replay->beyond());
        $this->since = min($since, Replay::LONGEST);
    }

    public function floor(): null
    {
        return null;
    }

    public function scraped(float $off): null
    {
        return null;
    }

    public function from(State $state): Projection
    {
        $dosed = $this->doses->goingOn($state, $this->given, $this->since, $this->most);
        $track = new Track;
        [$pulled, $atTable] = $this->goOn($state, $dosed->doses, $dosed->pullAt, $track);
        [, $left] = $dosed->doses === [] ? [$pulled, $atTable] : $this->goOn($state, [], max($state->second, $dosed->pullAt), null);

        return new Projection(
            array_map(static fn (Dose $dose): array => ['second' => $dose->second, 'volume' => $dose->volume], $dosed->doses),
            [], [], [], $dosed->volume(), null, $pulled, $atTable, $left, $track,
        );
    }

    /**
     * @param  list<Dose>  $doses
     *
     * @return array{State, State} pulled, and at the table
     */
    private function goOn(State $from, array $doses, float $pullAt, ?Track $track): array
    {
        $this->cooking->record($track);
        $state = clone $from;
        foreach ($doses as $dose) {
            $this->cooking->runTo($state, $dose->second);
            $this->cooking->pourStock($state, $dose->volume);
        }
        $this->cooking->runTo($state, $pullAt);
        $pulled = clone $state;
        $this->cooking->toTable($state);
        $this->cooking->record(null);

        return [$pulled, $state];
    }
}

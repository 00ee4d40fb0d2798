<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

use Velko\Core\Cook\Replay;
use Velko\Core\Cook\Stage;
use Velko\Core\Cook\StageKind;
use Velko\Core\Pan\State;

/** Pours of a dish whose stock goes in at once, or in two, while they are still to come. */
final readonly class PoursToCome
{
    /** @param  list<array{minute: float, volume: float}>  $pours  in order of time, mL */
    private function __construct(private array $pours, private bool $begun) {}

    public static function of(Replay $replay): self
    {
        $pours = [];
        foreach ($replay->toCome() as $stage) {
            if ($stage->kind === StageKind::Pour && $stage->volume !== null) {
                $pours[] = ['minute' => $stage->minute, 'volume' => $stage->volume];
            }
        }
        $all = array_filter($replay->stages, static fn (Stage $stage): bool => $stage->kind === StageKind::Pour);

        return new self($pours, count($pours) < count($all));
    }

    /** The stock of all pours to come, mL. */
    public function volume(): float
    {
        return array_sum(array_column($this->pours, 'volume'));
    }

    public function areIn(): bool
    {
        return $this->pours === [];
    }

    /**
     * Into the pan: the first at once when its wine is gone, another as long after it as planned, or at its minute.
     *
     * @return list<array{second: float, volume: float}>
     */
    public function into(Cooking $cooking, State $state): array
    {
        $poured = [];
        $first = null;
        foreach ($this->pours as $pour) {
            if ($first === null && ! $this->begun) {
                $cooking->untilWineIsGone($state);
                $first = $state->second - 60 * $pour['minute'];
            } else {
                $cooking->runTo($state, max($state->second, 60 * $pour['minute'] + ($first ?? 0.0)));
            }
            $cooking->pourStock($state, $pour['volume']);
            $poured[] = ['second' => $state->second, 'volume' => $pour['volume']];
        }

        return $poured;
    }
}

<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

use Velko\Core\Cook\Replay;
use Velko\Core\Cook\Stage;
use Velko\Core\Cook\StageKind;
use Velko\Core\Pan\State;

/** The one pour of a dish whose stock goes in at once, while it is still to come. */
final readonly class OnePour
{
    /** @param  float|null  $volume  mL; null: it is in */
    private function __construct(public ?float $volume) {}

    public static function toCome(Replay $replay): self
    {
        $pours = array_filter($replay->toCome(), static fn (Stage $stage): bool => $stage->kind === StageKind::Pour && $stage->volume !== null);

        return new self(array_values($pours)[0]->volume ?? null);
    }

    /**
     * Into the pan, once its wine is gone; nothing where it is in.
     *
     * @return list<array{second: float, volume: float}>
     */
    public function into(Cooking $cooking, State $state): array
    {
        if ($this->volume === null) {
            return [];
        }
        $cooking->untilWineIsGone($state);
        $cooking->pourStock($state, $this->volume);

        return [['second' => $state->second, 'volume' => $this->volume]];
    }

    public function isIn(): bool
    {
        return $this->volume === null;
    }
}

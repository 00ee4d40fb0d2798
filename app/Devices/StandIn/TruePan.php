<?php

declare(strict_types=1);

namespace App\Devices\StandIn;

use App\Contracts\PlanRequestDocument;
use App\Stove\StoredCook;
use Carbon\CarbonImmutable;
use Velko\Core\Cook\Replay;
use Velko\Core\Cook\Touch;
use Velko\Core\Cook\TouchKind;
use Velko\Core\Live\ActualRun;
use Velko\Core\Live\Estimate;
use Velko\Core\Pan\State;

/**
 * The pan as it would truly be, played by the engine on a ring that is not what its marks say: from what hands did to it,
 * not from what anybody thought, tasted or weighed.
 */
final class TruePan
{
    /** What a sheet-metal pan weighs that nobody weighed: steel of 2.5 mm, floor and wall (7.85 g/cm³), g per cm². */
    private const SHEET = 0.25 * 7.85;

    private readonly Replay $replay;

    private readonly ActualRun $happened;

    /** @param  array<string, mixed>  $pan  of velko.device-pan/1 */
    public function __construct(private readonly array $pan, float $power)
    {
        $hands = array_filter($pan['events'], static fn (array $event): bool => TouchKind::from($event['kind'])->isByHand());
        $touches = array_map(static fn (array $event): Touch => StoredCook::touch(TouchKind::from($event['kind']), CarbonImmutable::parse($event['at'])->getTimestampMs(), $event), $hands);
        $this->replay = Replay::of(StoredCook::stages($pan['stages']), array_values($touches));
        $this->happened = new ActualRun(PlanRequestDocument::of($pan['request'])->ask(), StoredCook::changes($pan['heat']), $this->replay, new Estimate($power));
    }

    /**
     * What all of it weighs, g; before anything is put in, the empty pan.
     *
     * @param  int  $at  ms since 1970
     */
    public function weight(int $at): float
    {
        if ($this->replay->startedAt === null || $at < $this->replay->startedAt) {
            return $this->tare();
        }
        $state = $this->state($at);
        $rice = $this->happened->ask->rice();

        return $this->tare() + $this->pan['scale']['extras_g'] + $rice + ($state === null ? 0.0 : $state->free + $rice * $state->drunk - $state->brought);
    }

    /** The temperature of what is in it, °C; null while there is no liquid for a probe to stand in. */
    public function temperature(int $at): ?float
    {
        return $this->state($at)?->temperature;
    }

    public function markAt(int $at): string
    {
        return $this->happened->markAt($this->second($at) ?? 0.0);
    }

    private function state(int $at): ?State
    {
        $second = $this->second($at);
        if ($second === null || $second < 0) {
            return null;
        }
        $state = $this->happened->until($second);
        if ($second > $state->second) {
            // Off the heat: it rests and stands as the method says.
            $this->happened->cooking->toTableAt($state, min($second, Replay::LONGEST));
        }

        return $state;
    }

    private function second(int $at): ?float
    {
        $minute = $this->replay->minute($at);

        return $minute === null ? null : 60 * $minute;
    }

    private function tare(): float
    {
        if ($this->pan['scale']['tare_g'] !== null) {
            return (float) $this->pan['scale']['tare_g'];
        }
        $vessel = $this->happened->ask->pan;

        return self::SHEET * M_PI * ($vessel->base ** 2 / 4 + ($vessel->base + $vessel->rim) / 2 * $vessel->height);
    }
}

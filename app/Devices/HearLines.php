<?php

declare(strict_types=1);

namespace App\Devices;

use App\Contracts\BadDocument;
use App\Models\Device;
use App\Stove\DeviceClock;
use App\Stove\RingState;
use App\Stove\SaveEvent;
use App\Stove\StoredCook;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Velko\Core\Cook\StageKind;
use Velko\Core\Cook\Status;
use Velko\Core\Live\ActualRun;

/**
 * Keeps what a device says. A scale and a probe are read by whoever stands at the stove; a knob that turns is a touch of
 * its own, so that nobody has to say it.
 */
final readonly class HearLines
{
    /** Two clocks that both mean well are no further apart, ms. */
    private const CLOCKS_APART = 60_000;

    /** A device's clock is no further ahead of the server's, and of the pan's last touch, ms. */
    private const AHEAD = 300_000;

    /** In one body: each turn is held against the whole cook. */
    private const MOST_TURNS = 20;

    /** Steps that ask for a turn. */
    private function __construct(private Device $device, private int $now, private DeviceClock $clock) {}

    /** @throws BadDocument when a line cannot be read; then none is kept */
    public static function of(Device $device, string $body, CarbonImmutable $now, DeviceClock $clock): void
    {
        $readings = Lines::read($device, $body);
        $turns = array_filter($readings, static fn (Reading $reading, int $i): bool => $i === 0 || $reading->mark !== $readings[$i - 1]->mark, ARRAY_FILTER_USE_BOTH);
        if (count($turns) > self::MOST_TURNS) {
            throw BadDocument::at('', 'must turn the knob at most '.self::MOST_TURNS.' times');
        }
        DB::transaction(static function () use ($device, $readings, $now, $clock): void {
            // One body at a time: two that cross would both take the knob for turned.
            DB::table('devices')->where('id', $device->id)->lockForUpdate()->get();
            (new self($device->refresh(), $now->getTimestampMs(), $clock))->hear($readings);
            $device->save();
        }, attempts: 3);
    }

    /**
     * What is older than what was heard already, or heard twice, changes nothing; unless what was heard is not to be
     * believed, since the device's clock ran ahead then.
     *
     * @param  list<Reading>  $readings
     */
    private function hear(array $readings): void
    {
        $stands = null;
        foreach ($readings as $reading) {
            $at = $reading->at === null ? $this->now : $this->clock->moment($reading->at);
            $last = $this->device->read_at;
            if ($last !== null && $at <= $last && $last <= $this->now + self::CLOCKS_APART) {
                continue;
            }
            $this->device->fill(['value' => $reading->value, 'mark' => $reading->mark, 'read_at' => $at]);
            if ($reading->mark !== null && $reading->mark !== Reading::OFF && $reading->mark !== $stands) {
                $this->turned($reading->mark, $at);
            }
            $stands = $reading->mark;
        }
    }

    /** The knob stands elsewhere than was thought: the step it belongs to is done, or the heat has changed. */
    private function turned(string $mark, int $at): void
    {
        $stored = RingState::cook($this->device->burner_id);
        if ($stored === null || $stored->replay->status !== Status::Cooking || $stored->replay->minuteOf(StageKind::Off) !== null || $mark === $this->markOf($stored, $at)) {
            return;
        }
        if (! isset($stored->cook->plan->request['burner']['net_w'][$mark])) {
            return; // the ring has got new marks since this pan was put on
        }
        // A cook lies between touches: a clock far ahead of them all is wrong, and the turn is taken as it is heard.
        $latest = max($this->now, $stored->replay->last()->at ?? 0);
        $at = $at > $latest + self::AHEAD ? $latest : $at;
        $stage = $this->asked($stored, $mark, $at);
        $event = ['id' => (string) Str::uuid(), 'at' => CarbonImmutable::createFromTimestampMs($at)->format('Y-m-d\TH:i:s.v\Z')];
        $event += $stage === null ? ['kind' => 'heat', 'mark' => $mark] : ['kind' => 'done', 'stage' => $stage, 'setting' => $mark];
        SaveEvent::from($stored->cook, $stored->cook->user, $event, $this->device->name, $this->now);
    }

    private function markOf(StoredCook $stored, int $at): string
    {
        return (new ActualRun($stored->ask(), $stored->heat(), $stored->replay))->markAt(60 * max(0.0, $stored->replay->minute($at) ?? 0.0));
    }

    /** The stage at which the stove asks for this very turn now, or null. */
    private function asked(StoredCook $stored, string $mark, int $at): ?int
    {
        $left = array_filter($stored->plan['stages'], static fn (array $stage): bool => StageKind::from($stage['kind'])->turnsTheKnob());
        $step = $left === [] ? null : $stored->forecast($at)->steps[0] ?? null;

        return $step !== null && $step->kind->turnsTheKnob() && $step->mark === $mark ? $step->stage : null;
    }
}

<?php

declare(strict_types=1);

namespace App\Stove;

use App\Contracts\PlanDocument;
use App\Dish\PartToCook;
use App\Kitchen\ReadingDocument;
use App\Models\Cook;
use App\Models\Device;
use App\Words\Words;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Velko\Core\Cook\Poured;
use Velko\Core\Cook\Replay;
use Velko\Core\Cook\Sign;
use Velko\Core\Cook\StageKind;
use Velko\Core\Cook\Status;
use Velko\Core\Cook\Touch;
use Velko\Core\Live\ActualRun;
use Velko\Core\Live\Estimator;
use Velko\Core\Live\Forecast;
use Velko\Core\Live\NotYet;
use Velko\Core\Method\HeatChange;
use Velko\Core\Planning\Ask;
use Velko\Core\Rice\Looseness;

/** The document velko.cook/1 and its line in velko.log/1: a cook's events played against its plan. */
final class CookDocument
{
    private readonly Replay $replay;

    /** @var array<string, mixed> velko.working/1 */
    private readonly array $working;

    /** @var array<string, mixed> velko.plan/1 */
    private readonly array $plan;

    private readonly StoredCook $stored;

    private function __construct(private readonly Cook $cook, private readonly int $now, private readonly Words $words = new Words)
    {
        $this->stored = new StoredCook($cook);
        $this->working = $this->stored->working;
        $this->plan = $this->stored->plan;
        $this->replay = $this->stored->replay;
    }

    /** @return array<string, mixed> velko.cook/1 */
    public static function of(Cook $cook, CarbonImmutable $now, Words $words): array
    {
        $self = new self($cook, $now->getTimestampMs(), $words);

        return [
            'format' => 'velko.cook/1',
            'id' => $cook->uuid,
            'cook' => $cook->by(),
            'table_at' => $self->tableAt(),
            'working' => self::working($self->words->retold($self->working)),
            'state' => $self->state(),
            'happened' => $self->actual(false),
            'forecast' => $self->forecast(),
            'scale' => $self->stored->onTheScale()->document(),
            'devices' => $self->devices(),
            'photo' => $self->photo(),
            'night' => $self->night(),
            'hot_holding_c' => $cook->kitchen->hot_holding_c,
            'signs' => array_map(static fn (Sign $sign): string => $sign->value, $self->stored->family()->traits()->signs),
            'plates' => array_map(static fn (Looseness $word): array => ['word' => $word->value, 'looseness' => $word->value()], $self->stored->family()->traits()->scale->words),
        ];
    }

    /** @return array<string, mixed> one of velko.log/1 */
    public static function line(Cook $cook, CarbonImmutable $now): array
    {
        $self = new self($cook, $now->getTimestampMs());
        $plan = $self->plan;
        $happened = $self->actual(true);

        return [
            'id' => $cook->uuid,
            'dish' => $self->working['dish']['name'],
            'cook' => $cook->by(),
            'covers' => $self->working['ask']['covers'] + ($self->working['ask']['starters'] ?? 0),
            'pan' => $self->working['pan']['name'],
            'burner' => $self->working['burner']['name'],
            'table_at' => $self->tableAt(),
            'status' => $self->replay->status->value,
            'rice_g' => $plan['rice_g'],
            'planned' => [
                'stock_ml' => $plan['stock_ml'],
                'pull_min' => $plan['timing']['pull_min'],
                'table_min' => $plan['timing']['table_min'],
                'looseness' => $plan['at_table']['looseness'],
                'track' => ['min' => $plan['track']['min'], 'free_g' => $plan['track']['free_g']],
                'heat' => $plan['heat'],
            ],
            'happened' => [
                'poured_ml' => $happened['poured_ml'],
                'pull_min' => $happened['pull_min'],
                'table_min' => $happened['table_min'],
                'pours' => $happened['pours'],
                'track' => $happened['track'] === null ? null : ['min' => $happened['track']['min'], 'free_g' => $happened['track']['free_g']],
                'looseness' => $happened['at_table']['looseness'] ?? null,
                'bite' => $happened['at_table']['bite'] ?? null,
                'late_min' => $self->late(),
            ],
            'wasted_g' => $self->wasted(),
            'note' => ($self->replay->verdict->note ?? '') !== '' ? $self->replay->verdict?->note : $self->replay->note ?? '',
            'verdict' => $self->verdict(),
        ];
    }

    /** The night of which it served a table, a day; null where it served none, or goes on. */
    private function night(): ?string
    {
        return $this->isOver() ? $this->cook->firings->first()?->night->on->format('Y-m-d') : null;
    }

    private function isOver(): bool
    {
        return in_array($this->replay->status, [Status::AtTable, Status::GivenUp], true);
    }

    /** Its address, another for another photo; null where there is none. */
    private function photo(): ?string
    {
        if (! $this->isOver()) {
            return null; // there is no plate yet
        }
        $sum = DB::table('cook_photos')->where('cook_id', $this->cook->id)->selectRaw('MD5(jpeg) AS sum')->value('sum');

        return is_string($sum) ? "/api/cooks/{$this->cook->uuid}/photo?of=".substr($sum, 0, 8) : null;
    }

    /** The minutes by which it was at the table after the time that was asked; null before it is there. */
    private function late(): ?float
    {
        $served = $this->replay->touchOf(StageKind::Serve);

        return $served === null ? null : round(($served->at - $this->cook->plan->table_at->getTimestampMs()) / 60_000, 1);
    }

    /** The grams that were not eaten; null if nobody said. */
    private function wasted(): ?float
    {
        $plates = $this->working['ask']['covers'] + ($this->working['ask']['starters'] ?? 0);
        $wasted = $this->replay->verdict?->wasted(array_sum(array_column($this->plan['explain']['plate_g'] ?? [], 'value')) / $plates);

        return $wasted === null ? null : round($wasted, 1);
    }

    /** @return array<string, mixed> */
    private function state(): array
    {
        $done = [];
        foreach ($this->replay->done as $stage => $touch) {
            $done[] = ['stage' => $stage, 'event' => $touch->id, 'at' => self::moment($touch->at), 'volume_ml' => $touch->volume];
        }

        return [
            'status' => $this->replay->status->value,
            'started_at' => $this->replay->startedAt === null ? null : self::moment($this->replay->startedAt),
            'first_liquid_at' => $this->replay->firstLiquidAt === null ? null : self::moment($this->replay->firstLiquidAt),
            'stage' => $this->replay->now(),
            'done' => $done,
            'poured_ml' => $this->replay->poured(),
            'lid_on' => $this->replay->lidIsOn(),
            'last' => $this->replay->undoable()?->id,
            'undo' => self::touch($this->replay->undoable()),
            'taken_back' => self::touch($this->replay->takenBack),
            'ended_by' => $this->replay->ended()?->id,
            'not_yet' => $this->notYet(),
            'beside' => $this->sideWork(),
            'note' => $this->replay->note,
            'verdict' => $this->verdict(),
        ];
    }

    /** @return array{stage: int, until: string, seconds: float}|null the step that is waited with, and until when */
    private function notYet(): ?array
    {
        $stage = $this->replay->now();
        $said = $stage === null ? null : $this->replay->notYet($stage);
        if ($stage === null || $said === null) {
            return null;
        }
        $seconds = NotYet::seconds($this->replay->stages[$stage]->kind, $this->stored->ask());

        return ['stage' => $stage, 'until' => self::moment($said->at + (int) (1000 * $seconds)), 'seconds' => $seconds];
    }

    /** @return list<array{work: int, begun_at: string|null, ready_at: string|null}> of the works beside the pan what was said */
    private function sideWork(): array
    {
        $moment = static fn (?int $ms): ?string => $ms === null ? null : self::moment($ms);
        $beside = $this->replay->sideWork();

        return array_map(static fn (int $work, array $said): array => ['work' => $work, 'begun_at' => $moment($said['begun']), 'ready_at' => $moment($said['ready'])], array_keys($beside), array_values($beside));
    }

    /** @return array<string, mixed>|null */
    private static function touch(?Touch $touch): ?array
    {
        return $touch === null ? null : ['event' => $touch->id, 'kind' => $touch->kind->value, 'stage' => $touch->stage, 'volume_ml' => $touch->volume, 'setting' => $touch->mark];
    }

    /** @return array<string, mixed> */
    private function actual(bool $onlyWhenPulled): array
    {
        $replay = $this->replay;
        $pull = $replay->minuteOf(StageKind::Off);
        $ask = $this->stored->ask();
        $heat = $this->stored->heat();
        $run = $estimate = null;
        if (! $onlyWhenPulled || $pull !== null) {
            $estimate = Estimator::of($ask, $heat, $replay);
            $run = (new ActualRun($ask, $heat, $replay, $estimate))->run($this->now);
        }

        return [
            'pours' => array_map(static fn (Poured $pour): array => ['minute' => round($pour->minute, 2), 'volume_ml' => $pour->volume, 'kind' => $pour->wine ? 'wine' : 'pour'], $replay->pours()),
            'poured_ml' => $replay->poured(),
            'pull_min' => $pull === null ? null : round($pull, 2),
            'table_min' => ($table = $replay->minuteOf(StageKind::Serve)) === null ? null : round($table, 2),
            'track' => $run === null ? null : PlanDocument::track($run->track),
            'at_table' => $run?->pulled === null ? null : PlanDocument::atTable($run->end, $ask->rice(), $ask->grain),
            'power' => $estimate === null ? null : ForecastDocument::power($estimate),
            'crust' => $onlyWhenPulled ? null : $this->crust($ask, $heat),
            'touched' => $onlyWhenPulled ? [] : $this->touched(),
        ];
    }

    /**
     * @param  non-empty-list<HeatChange>  $heat  as planned
     *
     * @return array{since_min: float, rings: list<float>}|null the colour of the floor when it came off, from the middle to the rim
     */
    private function crust(Ask $ask, array $heat): ?array
    {
        $off = $this->replay->touchOf(StageKind::Off);
        $floor = $off === null ? null : Forecast::of($ask, $heat, $this->replay->before($off), $off->at)?->floor;
        if ($floor === null) {
            return null;
        }
        $minute = $this->replay->minute($off->at) ?? 0.0;
        $rings = $floor->rows[0]['rings'];
        foreach ($floor->rows as $row) {
            $rings = $row['minute'] <= $minute ? $row['rings'] : $rings;
        }

        return ['since_min' => round($floor->since, 2), 'rings' => array_map(static fn (float $brown): float => round($brown, 2), $rings)];
    }

    /** @return list<array<string, mixed>> all that was said at the stove and not taken back, as it was said */
    private function touched(): array
    {
        $counted = array_column($this->replay->counted, null, 'id');
        $touched = [];
        foreach ($this->cook->events as $event) {
            $touch = $counted[$event->payload['id']] ?? null;
            if ($touch !== null) {
                $minute = $this->replay->minute($touch->at);
                $touched[] = ['at' => $touch->at, 'row' => ['minute' => $minute === null ? null : round($minute, 2), 'by' => $event->by(), 'event' => $event->payload]];
            }
        }
        usort($touched, static fn (array $a, array $b): int => $a['at'] <=> $b['at']);

        return array_column($touched, 'row');
    }

    /** @return list<array<string, mixed>> what speaks for itself at this pan's ring, while the pan is on it */
    private function devices(): array
    {
        $burner = $this->cook->plan->burner_id;
        if ($burner === null || in_array($this->replay->status, [Status::AtTable, Status::GivenUp], true)) {
            return [];
        }
        $devices = Device::query()->where('burner_id', $burner)->where('kitchen_id', $this->cook->kitchen_id)->get()->sortBy('name');
        if ($devices->isEmpty() || ! RingState::carries($burner, $this->cook)) {
            return [];
        }

        return array_values($devices->map(static fn (Device $device): array => ['name' => $device->name, 'kind' => $device->kind->value, 'reading' => ReadingDocument::of($device)])->all());
    }

    /** @return array<string, mixed> velko.ways-back/1 */
    public static function waysBack(Cook $cook, CarbonImmutable $now, Words $words): array
    {
        $self = new self($cook, $now->getTimestampMs(), $words);

        return WaysBackDocument::of($self->stored->forecast($self->now), $self->words);
    }

    /** @return array<string, mixed>|null */
    private function forecast(): ?array
    {
        if ($this->replay->status !== Status::Cooking) {
            return null;
        }

        return ForecastDocument::of($this->stored->ask(), $this->stored->heat(), $this->replay, $this->now, $this->words);
    }

    /** @return array<string, mixed>|null */
    private function verdict(): ?array
    {
        $verdict = $this->replay->verdict;

        return $verdict === null ? null : [
            'looseness' => $verdict->looseness->value, 'bite' => $verdict->bite->value, 'note' => $verdict->note, 'crust' => $verdict->crust?->value, 'salt' => $verdict->salt?->value,
            'spread_mm' => $verdict->spread, 'crust_covered_percent' => $verdict->covered, 'waste_g' => $verdict->waste, 'waste_plates' => $verdict->wastePlates,
            'as_wanted' => $verdict->asWanted($this->plan['at_table']['looseness'], $this->stored->family()->traits()->scale, ($this->stored->working['ask']['way'] ?? null) === PartToCook::Ahead->value),
        ];
    }

    private function tableAt(): string
    {
        return $this->cook->plan->table_at->setTimezone($this->cook->kitchen->timezone)->toIso8601String();
    }

    private static function moment(int $ms): string
    {
        return CarbonImmutable::createFromTimestampMs($ms)->format('Y-m-d\TH:i:s.v\Z');
    }

    /**
     * JSON from the database comes back with empty objects as empty lists.
     *
     * @param  array<string, mixed>  $working
     *
     * @return array<string, mixed> velko.working/1
     */
    public static function working(array $working): array
    {
        $plan = $working['plan'];

        return [...$working, 'plan' => [...$plan, 'assumed' => (object) $plan['assumed'], 'explain' => (object) $plan['explain']]];
    }
}

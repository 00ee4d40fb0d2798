<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contracts\PlanDocument;
use App\Contracts\PlanRequestDocument;
use App\Models\Cook;
use App\Models\CookEvent;
use Carbon\CarbonImmutable;
use Velko\Core\Live\Estimating;
use Velko\Core\Live\Forecast;
use Velko\Core\Live\Happened;
use Velko\Core\Live\Pour;
use Velko\Core\Live\Replay;
use Velko\Core\Live\Sign;
use Velko\Core\Live\Status;
use Velko\Core\Live\Taste;
use Velko\Core\Live\Touch;
use Velko\Core\Live\Verdict;
use Velko\Core\Live\Weighing;
use Velko\Core\Method\Family;
use Velko\Core\Method\HeatChange;
use Velko\Core\Pan\Browning;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Looseness;
use Velko\Core\Planning\Stage;
use Velko\Core\Rice\Bite;

/** velko.cook/1 and its line in velko.log/1: a cook's events played against its plan. */
final class CookDocument
{
    private readonly Replay $replay;

    /** @var array<string, mixed> velko.working/1 */
    private readonly array $working;

    /** @var array<string, mixed> velko.plan/1 */
    private readonly array $plan;

    private function __construct(private readonly Cook $cook, private readonly int $now)
    {
        $this->working = $cook->plan->working;
        $this->plan = $this->working['plan'];
        $this->replay = Replay::of(
            self::stages($this->plan['stages']),
            array_values($cook->events->map(self::touch(...))->all()),
        );
    }

    /** @return array<string, mixed> velko.cook/1 */
    public static function of(Cook $cook, CarbonImmutable $now): array
    {
        $self = new self($cook, $now->getTimestampMs());

        return [
            'format' => 'velko.cook/1',
            'id' => $cook->uuid,
            'cook' => $cook->by(),
            'table_at' => $self->tableAt(),
            'working' => self::working($self->working),
            'state' => $self->state(),
            'happened' => $self->happened(false),
            'forecast' => $self->forecast(),
            'scale' => (new OnTheScale($cook, $self->replay))->document(),
            'plates' => array_map(static fn (Looseness $word): array => ['word' => $word->value, 'looseness' => $word->value()], Looseness::of($self->family())),
        ];
    }

    /** @return array<string, mixed> one of velko.log/1 */
    public static function line(Cook $cook, CarbonImmutable $now): array
    {
        $self = new self($cook, $now->getTimestampMs());
        $plan = $self->plan;
        $happened = $self->happened(true);

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
            ],
            'verdict' => $self->verdict(),
        ];
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
            'last' => $this->replay->last()?->id,
            'verdict' => $this->verdict(),
        ];
    }

    /** @return array<string, mixed> */
    private function happened(bool $onlyWhenPulled): array
    {
        $replay = $this->replay;
        $pull = $replay->minuteOf('off');
        $run = null;
        $ask = null;
        if (! $onlyWhenPulled || $pull !== null) {
            $ask = $this->ask();
            $heat = self::heat($this->plan['heat']);
            $run = Happened::of($ask, $heat, $replay, $this->now, Estimating::of($ask, $heat, $replay));
        }

        return [
            'pours' => array_map(static fn (Pour $pour): array => ['minute' => round($pour->minute, 2), 'volume_ml' => $pour->volume, 'kind' => $pour->wine ? 'wine' : 'pour'], $replay->pours()),
            'poured_ml' => $replay->poured(),
            'pull_min' => $pull === null ? null : round($pull, 2),
            'table_min' => ($table = $replay->minuteOf('serve')) === null ? null : round($table, 2),
            'track' => $run === null ? null : PlanDocument::track($run->track),
            'at_table' => $run?->atTable === null ? null : PlanDocument::atTable($run->atTable, $ask->rice(), $ask->grain),
        ];
    }

    /** @return array<string, mixed> velko.ways-back/1 */
    public static function waysBack(Cook $cook, CarbonImmutable $now): array
    {
        $self = new self($cook, $now->getTimestampMs());

        return WaysBackDocument::of(Forecast::of($self->ask(), self::heat($self->plan['heat']), $self->replay, $self->now));
    }

    /** @return array<string, mixed>|null */
    private function forecast(): ?array
    {
        if ($this->replay->status !== Status::Cooking) {
            return null;
        }

        return ForecastDocument::of($this->ask(), self::heat($this->plan['heat']), $this->replay, $this->now);
    }

    private function ask(): Ask
    {
        return PlanRequestDocument::of($this->cook->plan->request)->ask();
    }

    /** @return array<string, mixed>|null */
    private function verdict(): ?array
    {
        $verdict = $this->replay->verdict;

        return $verdict === null ? null : ['looseness' => $verdict->looseness->value, 'bite' => $verdict->bite->value, 'note' => $verdict->note, 'crust' => $verdict->crust?->value, 'as_wanted' => $verdict->asWanted($this->plan['at_table']['looseness'], $this->family())];
    }

    private function family(): Family
    {
        return Family::from($this->cook->plan->request['family']);
    }

    private function tableAt(): string
    {
        return $this->cook->plan->table_at->setTimezone($this->cook->kitchen->timezone)->toIso8601String();
    }

    private static function moment(int $ms): string
    {
        return CarbonImmutable::createFromTimestampMs($ms)->format('Y-m-d\TH:i:s.v\Z');
    }

    private static function touch(CookEvent $event): Touch
    {
        $payload = $event->payload;

        return new Touch(
            $event->uuid, $event->kind, $event->device_at,
            $payload['stage'] ?? null,
            isset($payload['volume_ml']) ? (float) $payload['volume_ml'] : null,
            $payload['event'] ?? null,
            $event->kind === 'verdict' ? new Verdict(Looseness::from($payload['looseness']), Bite::from($payload['bite']), $payload['note'] ?? '', isset($payload['crust']) ? Browning::from($payload['crust']) : null) : null,
            $payload['mark'] ?? $payload['setting'] ?? null,
            $payload['on'] ?? null,
            $payload['water'] ?? false,
            isset($payload['sign']) ? Sign::from($payload['sign']) : null,
            isset($payload['taste']) ? Taste::from($payload['taste']) : null,
            $event->kind === 'weigh' ? new Weighing((float) $payload['gross_g'], (float) $payload['tare_g'], (float) $payload['extras_g']) : null,
        );
    }

    /**
     * @param  array<array<string, mixed>>  $stages  of velko.plan/1
     *
     * @return list<Stage>
     */
    public static function stages(array $stages): array
    {
        return array_values(array_map(static fn (array $stage): Stage => new Stage($stage['at_min'], $stage['kind'], $stage['say'], $stage['volume_ml'], $stage['ladles'], $stage['setting']), $stages));
    }

    /**
     * @param  array<array<string, mixed>>  $heat  of velko.plan/1
     *
     * @return non-empty-list<HeatChange>
     */
    public static function heat(array $heat): array
    {
        /** @var non-empty-list<HeatChange> */
        return array_values(array_map(static fn (array $change): HeatChange => new HeatChange($change['from_min'], $change['setting']), $heat));
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

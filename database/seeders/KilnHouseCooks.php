<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Bench\KitchenAsk;
use App\Bench\StartCook;
use App\Contracts\PlanRequestDocument;
use App\Models\Cook;
use App\Models\Kitchen;
use App\Models\User;
use App\Stove\SaveEvent;
use App\Stove\StoredCook;
use Carbon\CarbonImmutable;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\DB;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Velko\Core\Cook\Replay;
use Velko\Core\Cook\Stage;
use Velko\Core\Cook\StageKind;
use Velko\Core\Cook\Touch;
use Velko\Core\Cook\TouchKind;
use Velko\Core\Cook\Weighing;
use Velko\Core\Crust\CrustResult;
use Velko\Core\Crust\CrustRing;
use Velko\Core\Food\Goes;
use Velko\Core\Food\Portion;
use Velko\Core\Live\ActualRun;
use Velko\Core\Live\Estimate;
use Velko\Core\Live\PanWeighing;
use Velko\Core\Pan\Browning;
use Velko\Core\Pan\Leg;
use Velko\Core\Pan\State;
use Velko\Core\Planning\Planner;
use Velko\Core\Rice\Bite;
use Velko\Core\Rice\Looseness;

/**
 * Two weeks of cooks for the log. Each is planned by the engine as the kitchen would, then cooked on a ring that gives more or less than its mark, by hands that pour a little more or less, and now and then
 * weigh the pan or loosen what has become stiff; the verdict is what the engine makes of that, said wrongly one time in ten. Same numbers
 * at every run but for the dates.
 */
final class KilnHouseCooks extends Seeder
{
    /** How far the rings really are from their marks; the kitchen does not know. */
    private const TRUE_HEAT = ['ring 1' => 1.06, 'ring 2' => 1.01, 'ring 3' => 1.30, 'ring 4' => 0.93, 'big ring' => 1.08];

    /** What is really left of a gram of what is sweated, in the dishes whose base is now and then weighed with pan and rice; the kitchen does not know. */
    private const TRUE_LEFT = ['fennel, diced fine' => 0.84];

    /**
     * Days ago, table time, dish, covers, portion, pan, ring, cook, what went wrong (or null), note.
     *
     * @var list<array{int, string, string, int, string, string, string, string, string|null, string}>
     */
    private const COOKS = [
        [13, '19:10', 'pea, lovage', 4, 'main', '28 sautoir', 'ring 2', 'Rice station', null, ''],
        [13, '20:05', 'radicchio', 6, 'main', '28 sautoir', 'ring 3', 'Rice station', null, 'last dose went quickly'],
        [12, '19:30', 'pea, lovage', 8, 'starter', '28 sautoir', 'ring 2', 'Chef', null, ''],
        [11, '19:45', 'trout', 3, 'main', '24 sautoir', 'ring 1', 'Trainee', null, 'waited for the grains to show'],
        [11, '20:30', 'pea, lovage', 6, 'main', '28 sautoir', 'ring 3', 'Trainee', 'scorched', 'Left on high while plating. Dry at minute 9, heart hard, started again. Lesson: one mark lower before turning round.'],
        [9, '19:20', 'radicchio', 4, 'main', '28 sautoir', 'ring 2', 'Rice station', null, ''],
        [9, '20:15', 'trout', 5, 'main', '28 sautoir', 'ring 3', 'Rice station', null, ''],
        [8, '19:00', 'pea, lovage', 12, 'starter', '28 sautoir', 'ring 4', 'Chef', null, 'ring 4 is lazier than it says'],
        [8, '20:10', 'cauliflower', 6, 'main', '42 wide pan', 'big ring', 'Rice station', null, ''],
        [7, '19:30', 'hake', 8, 'main', '12 L stew pot', 'ring 4', 'Rice station', null, 'carried out the moment it was ready'],
        [6, '19:40', 'pea, lovage', 6, 'main', '28 sautoir', 'ring 2', 'Rice station', null, ''],
        [6, '20:20', 'radicchio', 5, 'main', '28 sautoir', 'ring 3', 'Trainee', 'swimming', 'Two ladles too many at the end, held back for the sauce to go. Lesson: the last dose is weighed, not felt.'],
        [5, '19:15', 'trout', 4, 'main', '24 sautoir', 'ring 2', 'Chef', null, ''],
        [5, '20:10', 'duck', 6, 'main', '42 wide pan', 'big ring', 'Chef', null, 'turned it down early: the big ring gives more than it says'],
        [4, '20:00', 'pea, lovage', 20, 'main', '36 rondeau', 'big ring', 'Rice station', null, 'party of twenty; far less stock a head'],
        [3, '19:45', 'lamb', 6, 'main', '12 L stew pot', 'ring 4', 'Trainee', null, ''],
        [3, '20:30', 'cuttlefish', 10, 'main', '55 wide pan', 'big ring', 'Rice station', null, 'turned all round, and the middle still went too far: ten seconds less next time'],
        [2, '19:30', 'radicchio', 4, 'main', '28 sautoir', 'ring 2', 'Trainee', null, ''],
        [2, '20:10', 'pea, lovage', 7, 'main', '28 sautoir', 'ring 3', 'Rice station', null, 'ring 3 runs hotter than it is marked'],
        [1, '19:40', 'trout', 6, 'main', '28 sautoir', 'ring 2', 'Rice station', null, ''],
        [1, '20:25', 'pea, lovage', 2, 'main', '24 sautoir', 'ring 1', 'Chef', null, ''],
    ];

    private const AT_ONCE = 200;

    private Randomizer $hands;

    /** Of the scale before the first liquid, by itself: without it all else is what it is. */
    private Randomizer $scale;

    /** @var list<array<string, mixed>> of cook_events, to be written together */
    private array $rows = [];

    public function run(): void
    {
        $this->all(self::COOKS, new Randomizer(new Mt19937(1871)));
    }

    /**
     * @param  list<array{int, string, string, int, string, string, string, string, string|null, string}>  $cooks  as above
     * @param  Randomizer  $hands  that cook them
     */
    public function all(array $cooks, Randomizer $hands): void
    {
        $this->hands = $hands;
        $this->scale = new Randomizer(new Mt19937(1907));
        $kitchen = Kitchen::query()->where('name', KilnHouse::NAME)->sole();
        $today = CarbonImmutable::now($kitchen->timezone)->startOfDay();

        foreach ($cooks as [$daysAgo, $time, $dish, $covers, $portion, $pan, $ring, $who, $trouble, $note]) {
            $user = User::query()->with('kitchen')->where('kitchen_id', $kitchen->id)->where('name', $who)->sole();
            $now = $today->subDays($daysAgo)->setTimeFromTimeString($time)->subMinutes(40);
            $asked = KitchenAsk::of([
                'format' => 'velko.ask/1',
                'dish_id' => $kitchen->dishes()->where('name', 'like', "%$dish%")->sole()->id,
                'covers' => $covers, 'portion' => $portion,
                'pan_id' => $kitchen->pans()->where('name', $pan)->sole()->id,
                'burner_id' => $kitchen->burners()->where('name', $ring)->sole()->id,
                'table_at' => $time, 'heat' => null,
            ], $kitchen, $now);
            $cook = StartCook::start($this->uuid(), $asked, $user, $now);
            $this->cook($cook, $user, self::TRUE_HEAT[$ring], $trouble, $note);
        }
        foreach (array_chunk($this->rows, self::AT_ONCE) as $some) {
            DB::table('cook_events')->insert($some);
        }
    }

    private function cook(Cook $cook, User $user, float $trueHeat, ?string $trouble, string $note): void
    {
        $working = $cook->plan->working;
        $stages = StoredCook::stages($working['plan']['stages']);
        $first = CarbonImmutable::parse($working['clock']['first_liquid_at'])->addSeconds($this->hands->getInt(-40, 70));
        $lastPour = array_key_last(array_filter($stages, static fn (Stage $stage): bool => $stage->kind === StageKind::Pour));
        $heat = $trueHeat * ($trouble === 'scorched' ? 2.3 : $this->between(0.96, 1.04));

        $touches = [new Touch($this->uuid(), TouchKind::Start, $first->subSeconds(185)->getTimestampMs())];
        $late = 0.0;
        $middle = array_keys(array_filter($stages, static fn (Stage $stage): bool => $stage->kind === StageKind::Pour && $stage->minute > 4.0))[1] ?? null;
        $weighedAt = $trouble === null && $user->name === 'Rice station' && $this->hands->getInt(0, 2) === 0 ? $middle : null;
        if ($trouble === null && $weighedAt === null && $user->name !== 'Trainee' && ($base = $this->weighedBefore($cook, $stages, $touches, $first->subSeconds(15)->getTimestampMs())) !== null) {
            $touches[] = $base;
        }
        foreach ($stages as $i => $stage) {
            $late += $this->between(-0.05, 0.08);
            $at = $first->addMilliseconds((int) round(60000 * ($stage->minute + ($stage->minute > 0 ? $late : 0.0))))->getTimestampMs();
            if ($stage->kind === StageKind::Off && $trouble === null && ($splash = $this->loosened($cook, $stages, $touches, $heat, $at)) !== null) {
                $touches[] = new Touch($this->uuid(), TouchKind::Splash, $at - 20_000, null, $splash);
            }
            if ($stage->volume === null) {
                $touches[] = new Touch($this->uuid(), TouchKind::Done, $at, $i);
            } else {
                $volume = round($stage->volume * $this->between(0.96, 1.05) / 5) * 5;
                if ($trouble === 'swimming' && $i === $lastPour) {
                    $volume += 260;
                }
                $touches[] = new Touch($this->uuid(), TouchKind::Pour, $at, $i, max(5.0, $volume));
                if ($i === $weighedAt) {
                    $touches[] = $this->weighed($cook, $stages, $touches, $heat, $at + 30_000);
                }
            }
            if ($trouble === 'scorched' && $stage->minute > 9) {
                break;
            }
        }
        $end = $touches[count($touches) - 1]->at;
        if ($trouble === 'scorched') {
            $touches[] = new Touch($this->uuid(), TouchKind::Abandon, $end + 60000);
        }
        foreach ($touches as $touch) {
            $this->keep($cook, $user, $touch, []);
        }
        [$looseness, $bite] = $trouble === 'scorched' ? [Looseness::Stands, Bite::HardHeart] : $this->judge($cook, $stages, $touches, $heat);
        if ($trouble === null && $this->hands->getInt(0, 9) === 0) {
            $bite = [Bite::FirmHeart, Bite::Right, Bite::Soft][$this->hands->getInt(0, 2)];
        }
        $crust = $this->crust($cook, $heat);
        $this->keep($cook, $user, new Touch($this->uuid(), TouchKind::Verdict, $end + 240000), [
            'looseness' => $looseness->value, 'bite' => $bite->value, 'note' => $note, ...$this->cameBack($looseness, $bite), ...($crust === null ? [] : ['crust' => $crust->value]),
        ]);
    }

    /**
     * The pan as it really is by then.
     *
     * @param  list<Stage>  $stages
     * @param  list<Touch>  $touches
     * @param  int  $at  ms since 1970
     */
    private function really(Cook $cook, array $stages, array $touches, float $trueHeat, int $at): State
    {
        $replay = Replay::of($stages, $touches);
        $planned = PlanRequestDocument::of($cook->plan->request)->ask();

        return (new ActualRun($planned->on($planned->burner->times($trueHeat)), StoredCook::changes($cook->plan->working['plan']['heat']), $replay, new Estimate))->until(60 * ($replay->minute($at) ?? 0.0));
    }

    /**
     * On the scale, pan and all.
     *
     * @param  list<Stage>  $stages
     * @param  list<Touch>  $touches
     */
    private function weighed(Cook $cook, array $stages, array $touches, float $trueHeat, int $at): Touch
    {
        $rice = PlanRequestDocument::of($cook->plan->request)->ask()->rice();
        $state = $this->really($cook, $stages, $touches, $trueHeat, $at);
        $tare = (float) $cook->kitchen->pans->firstWhere('id', $cook->plan->pan_id)?->weight_g;

        return new Touch($this->uuid(), TouchKind::Weigh, $at, weighing: new Weighing(round($tare + $rice + $state->free + $rice * $state->drunk - $state->brought + $this->between(-5, 5)), $tare, 0.0));
    }

    /**
     * Pan, base and rice on the scale before the first liquid, in a dish of which somebody wants to know and where the stove asks for it; else null.
     *
     * @param  list<Stage>  $stages
     * @param  list<Touch>  $touches
     */
    private function weighedBefore(Cook $cook, array $stages, array $touches, int $at): ?Touch
    {
        $ask = PlanRequestDocument::of($cook->plan->request)->ask();
        $base = array_filter($ask->food, static fn (Portion $portion): bool => $portion->goes === Goes::Base);
        $left = array_values(array_filter(array_map(static fn (Portion $portion): ?float => self::TRUE_LEFT[$portion->name] ?? null, $base)))[0] ?? null;
        if ($left === null || ! (new PanWeighing($ask, Replay::of($stages, $touches)))->asksForTheTare()) {
            return null;
        }
        $tare = (float) $cook->kitchen->pans->firstWhere('id', $cook->plan->pan_id)?->weight_g;
        $weighs = static fn (Portion $portion, float $much): float => isset(self::TRUE_LEFT[$portion->name]) ? $portion->grams * $much : $portion->mass();
        $now = $left * (1 + $this->scale->getInt(-60, 60) / 1000);
        $gross = $tare + $ask->rice() + array_sum(array_map(static fn (Portion $portion): float => $weighs($portion, $now), $base)) + $this->scale->getInt(-4, 4);

        return new Touch($this->uuid($this->scale), TouchKind::Weigh, $at, weighing: new Weighing(round($gross), $tare, round(array_sum(array_map(static fn (Portion $portion): float => $portion->mass(), $base)), 1)));
    }

    /**
     * What a cook pours into a pan that has become too stiff, mL; null where it has not, or nobody saw.
     *
     * @param  list<Stage>  $stages
     * @param  list<Touch>  $touches
     */
    private function loosened(Cook $cook, array $stages, array $touches, float $trueHeat, int $at): ?float
    {
        $planned = PlanRequestDocument::of($cook->plan->request)->ask();
        if ($planned->family->traits()->driesOut || $this->hands->getInt(0, 9) < 3) {
            return null;
        }
        $asPlanned = $this->really($cook, $stages, $touches, 1.0, $at)->free;
        $missing = $asPlanned - $this->really($cook, $stages, $touches, $trueHeat, $at)->free;

        return $missing > 0.12 * $planned->rice() ? round($missing / 10) * 10 : null;
    }

    /**
     * @param  list<Stage>  $stages
     * @param  list<Touch>  $touches
     *
     * @return array{Looseness, Bite}
     */
    private function judge(Cook $cook, array $stages, array $touches, float $trueHeat): array
    {
        $planned = PlanRequestDocument::of($cook->plan->request)->ask();
        $real = $planned->on($planned->burner->times($trueHeat));
        $atTable = (new ActualRun($real, StoredCook::changes($cook->plan->working['plan']['heat']), Replay::of($stages, $touches)))->run(0)?->end;

        return $atTable === null
            ? [Looseness::Stands, Bite::HardHeart]
            : [$real->family->traits()->scale->nearest($atTable->free / $real->rice()), Bite::of($real->grain, $atTable->doneness, $atTable->drunk)];
    }

    /** The crust that the ring really makes of the plan's minutes; null where none is made. */
    private function crust(Cook $cook, float $trueHeat): ?Browning
    {
        $planned = Planner::plan(PlanRequestDocument::of($cook->plan->request)->ask());
        $legs = array_map(static fn (Leg $leg): Leg => new Leg($leg->seconds, $leg->net * $trueHeat, $leg->shift, $leg->every), $planned->crust?->plan->legs ?? []);
        if ($legs === []) {
            return null;
        }
        $rings = $planned->ask->crustMaking()->whole->rings([...$legs, Leg::goesOn()], CrustResult::RINGS);

        return Browning::of(max([0.0, ...array_map(static fn (CrustRing $ring): float => $ring->middle(), $rings)]));
    }

    /** @return array{waste_g?: int} what came back, where somebody weighed it: more of what was not right */
    private function cameBack(Looseness $looseness, Bite $bite): array
    {
        $wrong = $bite !== Bite::Right || $looseness === Looseness::Stands;

        return $this->hands->getInt(0, 2) === 0 ? ['waste_g' => 10 * $this->hands->getInt($wrong ? 12 : 0, $wrong ? 60 : 14)] : [];
    }

    /** @param  array<string, mixed>  $verdict */
    private function keep(Cook $cook, User $user, Touch $touch, array $verdict): void
    {
        $document = ['id' => $touch->id, 'kind' => $touch->kind->value, 'at' => CarbonImmutable::createFromTimestampMs($touch->at)->format('Y-m-d\TH:i:s.v\Z'), ...$verdict];
        if ($touch->stage !== null) {
            $document['stage'] = $touch->stage;
        }
        if ($touch->volume !== null) {
            $document['volume_ml'] = $touch->volume;
        }
        if ($touch->kind === TouchKind::Splash) {
            $document['water'] = false;
        }
        if ($touch->weighing !== null) {
            $document = [...$document, 'gross_g' => $touch->weighing->gross, 'tare_g' => $touch->weighing->tare, 'extras_g' => $touch->weighing->extras];
        }
        $this->rows[] = ['payload' => json_encode($document, JSON_THROW_ON_ERROR)] + SaveEvent::row($cook, $user, $document, ['server_at' => $touch->at]);
    }

    private function between(float $low, float $high): float
    {
        return $low + ($high - $low) * $this->hands->getInt(0, 1_000_000) / 1e6;
    }

    /** A version-4 UUID from the same hands, so that the demo is the same at every run. */
    private function uuid(?Randomizer $from = null): string
    {
        $bytes = ($from ?? $this->hands)->getBytes(16);
        $bytes[6] = chr(ord($bytes[6]) & 0x0F | 0x40);
        $bytes[8] = chr(ord($bytes[8]) & 0x3F | 0x80);

        return vsprintf('%s%s-%s-%s-%s-%s%s%s', str_split(bin2hex($bytes), 4));
    }
}

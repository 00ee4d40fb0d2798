<?php

declare(strict_types=1);

namespace App\Log;

use App\Learning\KitchenLearned;
use App\Models\Kitchen;
use App\Night\SaveNight;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/** The document velko.weeks/1: the last half year by week and by month, each dish and each ring, what is worth changing, and what the good ones have in common. */
final readonly class Weeks
{
    private const WEEKS = 26;

    /** Of fewer cooks nothing is said. */
    private const FEW = 4;

    /** @var Collection<int, stdClass> */
    private Collection $lines;

    private KitchenLearned $learned;

    public function __construct(private Kitchen $kitchen, private CarbonImmutable $now)
    {
        $since = $now->setTimezone($kitchen->timezone)->startOfWeek()->subWeeks(self::WEEKS - 1)->utc();
        $this->lines = DB::table('log_lines')->where('kitchen_id', $kitchen->id)->where('table_at', '>=', $since->format('Y-m-d H:i:s'))->whereIn('status', ['at-table', 'given-up'])->orderBy('table_at')
            ->get(['table_at', 'dish_id', 'burner_id', 'pan_id', 'by', 'status', 'covers', 'rice_g', 'planned_ml', 'poured_ml', 'late_min', 'looseness', 'as_wanted', 'waste_g']);
        $this->learned = new KitchenLearned($kitchen);
    }

    /** @return array<string, mixed> */
    public function document(): array
    {
        $local = fn (stdClass $line): CarbonImmutable => CarbonImmutable::parse($line->table_at, 'UTC')->setTimezone($this->kitchen->timezone);
        $this->lines->each(static function (stdClass $line) use ($local): void {
            $at = $local($line);
            $line->week = $at->startOfWeek()->format('Y-m-d');
            $line->month = $at->format('Y-m');
        });
        $learned = $this->learned->document();
        $dishes = $this->by('dish_id', DB::table('dishes')->where('kitchen_id', $this->kitchen->id)->pluck('name', 'id')->all());
        $rings = $this->by('burner_id', $this->kitchen->burners->pluck('name', 'id')->all());

        return [
            'format' => 'velko.weeks/1',
            'weeks' => array_values($this->lines->groupBy('week')->map(fn (Collection $lines, string $week): array => ['from' => $week, ...$this->sums($lines)])->all()),
            'months' => array_values($this->lines->groupBy('month')->map(fn (Collection $lines, string $month): array => ['from' => "$month-01", ...$this->sums($lines)])->all()),
            'dishes' => $dishes,
            'rings' => $rings,
            'advice' => Advice::of($learned['numbers'], $dishes),
        ];
    }

    /**
     * @param  array<int, string>  $names
     *
     * @return list<array<string, mixed>> those that were cooked, most often first
     */
    private function by(string $column, array $names): array
    {
        return array_values($this->lines->whereNotNull($column)->groupBy($column)->filter(static fn (Collection $lines, int $id): bool => isset($names[$id]))
            ->sortByDesc(static fn (Collection $lines): int => $lines->count())
            ->map(fn (Collection $lines, int $id): array => [
                'id' => $id, 'name' => $names[$id], ...$this->sums($lines),
                'trend' => array_values($lines->groupBy('week')->map(fn (Collection $week, string $from): array => ['from' => $from, ...$this->sums($week)])->all()),
                'wanted' => $this->common(self::judged($lines, true)), 'otherwise' => $this->common(self::judged($lines, false)),
            ])->all());
    }

    /**
     * Cooks that came out as wanted, or not; without those of which nobody said.
     *
     * @param  Collection<int, stdClass>  $lines
     *
     * @return Collection<int, stdClass>
     */
    private static function judged(Collection $lines, bool $asWanted): Collection
    {
        return $lines->filter(static fn (stdClass $line): bool => $line->as_wanted !== null && (bool) $line->as_wanted === $asWanted);
    }

    /**
     * @param  Collection<int, stdClass>  $lines
     *
     * @return array<string, mixed>
     */
    private function sums(Collection $lines): array
    {
        $judged = $lines->whereNotNull('as_wanted');
        $timed = $lines->whereNotNull('late_min');
        $weighed = $lines->filter(static fn (stdClass $line): bool => $line->planned_ml > 0 && $line->poured_ml > 0);
        $wasted = $lines->whereNotNull('waste_g');

        return [
            'cooks' => $lines->count(),
            'covers' => (int) array_sum($lines->pluck('covers')->all()),
            'given_up' => $lines->where('status', 'given-up')->count(),
            'judged' => $judged->count(), 'as_wanted' => self::judged($lines, true)->count(),
            'timed' => $timed->count(), 'in_window' => $timed->filter(static fn (stdClass $line): bool => $line->late_min >= -SaveNight::EARLY_MIN && $line->late_min <= SaveNight::LATE_MIN)->count(),
            'planned_ml' => round(array_sum($weighed->pluck('planned_ml')->all())), 'poured_ml' => round(array_sum($weighed->pluck('poured_ml')->all())),
            'wasted' => $wasted->count(), 'waste_g' => round(array_sum($wasted->pluck('waste_g')->all())),
        ];
    }

    /**
     * What most of them were.
     *
     * @param  Collection<int, stdClass>  $lines
     *
     * @return array<string, mixed>|null null of too few
     */
    private function common(Collection $lines): ?array
    {
        $lines = $lines->where('poured_ml', '>', 0);
        if ($lines->count() < self::FEW) {
            return null;
        }
        $ring = $lines->whereNotNull('burner_id')->countBy('burner_id')->sortDesc();
        $ratios = $lines->map(static fn (stdClass $line): float => $line->poured_ml / $line->rice_g);

        return [
            'cooks' => $lines->count(),
            'ml_per_g' => round((float) $ratios->median(), 2),
            'of_planned' => ($planned = $lines->where('planned_ml', '>', 0))->isEmpty() ? null : round((float) $planned->map(static fn (stdClass $line): float => $line->poured_ml / $line->planned_ml)->median(), 3),
            'ring' => $this->kitchen->burners->find((int) $ring->keys()->first())?->name,
            'on_it' => (int) $ring->first(),
            'late_min' => ($late = $lines->whereNotNull('late_min'))->isEmpty() ? null : round((float) $late->median('late_min'), 1),
        ];
    }
}

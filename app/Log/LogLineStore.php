<?php

declare(strict_types=1);

namespace App\Log;

use App\Bench\TimeBudget;
use App\Models\Cook;
use App\Models\Kitchen;
use App\Models\LogLine;
use App\Stove\CookDocument;
use Carbon\CarbonImmutable;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** The lines of the log: each made once from the events of its cook, and again where those have grown or are read otherwise. */
final class LogLineStore
{
    /** Another way of reading a cook is another number. */
    public const READING = 1;

    /** What nobody finished is over after so long. */
    private const FORGOTTEN_HOURS = 24;

    /** Read at once. */
    private const AT_ONCE = 200;

    /**
     * Those that are missing or may be others by now are made, the latest first, as far as there is time.
     *
     * @return int cooks that are not in the log as they are
     */
    public static function bringUpToDate(Kitchen $kitchen, CarbonImmutable $now, TimeBudget $budget): int
    {
        $left = 0;
        do {
            $cooks = self::stale($kitchen, self::AT_ONCE);
            $before = $budget->leftOut;
            foreach (array_chunk($cooks, 20) as $some) {
                $made = $budget->each([static function () use ($some, $now): bool {
                    self::keep($some, $now);

                    return true;
                }]);
                $left += $made === [] ? count($some) : 0;
            }
        } while (count($cooks) === self::AT_ONCE && $budget->leftOut === $before);

        return max($left, self::withoutLine($kitchen));
    }

    /** All of them anew, whatever there is. */
    public static function rebuild(Kitchen $kitchen, CarbonImmutable $now): int
    {
        DB::table('log_lines')->where('kitchen_id', $kitchen->id)->whereNotNull('cook_id')->delete();
        $made = 0;
        while (($cooks = self::stale($kitchen, self::AT_ONCE)) !== []) {
            $fresh = array_diff($cooks, DB::table('log_lines')->whereIn('cook_id', $cooks)->pluck('cook_id')->all());
            if ($fresh === []) {
                break; // what is still cooking is never settled
            }
            self::keep(array_values($fresh), $now);
            $made += count($fresh);
        }

        return $made;
    }

    /** @return list<int> cooks that have no line, or one that may be another by now, the latest first */
    private static function stale(Kitchen $kitchen, int $most): array
    {
        $cooks = self::mayBeOthers($kitchen)->orderByDesc('table_at')->limit($most)->pluck('cook_id')->all();
        // Mostly none: looked for only where there are more cooks than lines.
        if (count($cooks) < $most && self::withoutLine($kitchen) > 0) {
            $without = DB::table('cooks')->leftJoin('log_lines', 'log_lines.cook_id', '=', 'cooks.id')->where('cooks.kitchen_id', $kitchen->id)->whereNull('log_lines.id');
            $cooks = [...$cooks, ...$without->orderByDesc('cooks.table_at')->limit($most - count($cooks))->pluck('cooks.id')->all()];
        }

        return array_values(array_map(intval(...), $cooks));
    }

    private static function withoutLine(Kitchen $kitchen): int
    {
        return DB::table('cooks')->where('kitchen_id', $kitchen->id)->count() - DB::table('log_lines')->where('kitchen_id', $kitchen->id)->whereNotNull('cook_id')->count();
    }

    /** Lines of what goes on, and those that were read otherwise. */
    private static function mayBeOthers(Kitchen $kitchen): Builder
    {
        return DB::table('log_lines')->where('kitchen_id', $kitchen->id)->whereNotNull('cook_id')->where(static fn (Builder $query) => $query->where('settled', false)->orWhere('reading', '<', self::READING)->orWhere('reading', '>', self::READING));
    }

    /** @param  list<int>  $cooks */
    private static function keep(array $cooks, CarbonImmutable $now): void
    {
        DB::transaction(static function () use ($cooks, $now): void {
            // What is said of a cook meanwhile waits until its line stands, and then has it made anew.
            DB::table('cooks')->whereIn('id', $cooks)->orderBy('id')->lockForUpdate()->get('id');
            self::write($cooks, $now);
        }, attempts: 3);
    }

    /** @param  list<int>  $cooks */
    private static function write(array $cooks, CarbonImmutable $now): void
    {
        $stored = Cook::query()->with(Cook::WHOLE)->findMany($cooks);
        /** @var array<int, int> $rices by dish */
        $rices = DB::table('dishes')->whereIn('id', $stored->pluck('plan.dish_id')->filter()->unique())->pluck('rice_id', 'id')->all();
        $rows = array_values($stored->map(static fn (Cook $cook): array => self::row($cook, $rices[$cook->plan->dish_id] ?? null, $now))->all());
        LogLine::query()->upsert($rows, ['cook_id']);
    }

    /** @return array<string, mixed> */
    private static function row(Cook $cook, ?int $rice, CarbonImmutable $now): array
    {
        $line = CookDocument::line($cook, $now);
        $plan = $cook->plan;
        $verdict = $line['verdict'];
        $isOver = in_array($line['status'], ['at-table', 'given-up'], true) || $cook->table_at->addHours(self::FORGOTTEN_HOURS)->lessThan($now);

        return [
            'kitchen_id' => $cook->kitchen_id, 'cook_id' => $cook->id, 'reading' => self::READING, 'settled' => $isOver, 'table_at' => $cook->table_at->utc()->format('Y-m-d H:i:s'),
            'dish_id' => $plan->dish_id, 'rice_id' => $rice, 'pan_id' => $plan->pan_id, 'burner_id' => $plan->burner_id,
            'by' => $line['cook'], 'status' => $line['status'], 'covers' => $line['covers'],
            'rice_g' => $line['rice_g'], 'planned_ml' => $line['planned']['stock_ml'], 'poured_ml' => $line['status'] === 'at-table' ? $line['happened']['poured_ml'] : null, 'late_min' => $line['happened']['late_min'],
            'looseness' => $verdict['looseness'] ?? null, 'bite' => $verdict['bite'] ?? null, 'crust' => $verdict['crust'] ?? null, 'salt' => $verdict['salt'] ?? null,
            'as_wanted' => $verdict['as_wanted'] ?? ($line['status'] === 'given-up' ? false : null), 'waste_g' => $line['wasted_g'], 'note' => $line['note'],
            'line' => json_encode($line, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION),
        ];
    }
}

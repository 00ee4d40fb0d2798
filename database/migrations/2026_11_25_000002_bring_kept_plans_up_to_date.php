<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * Plans kept from when only risottos were cooked say nothing of crusts, the pass or the side pot: what they leave out is
 * filled in as "none", so that the log can still be read. Their numbers stay as they were.
 */
return new class extends Migration
{
    private const WORKING = ['batches' => [], 'mise' => [], 'prep' => [], 'served' => ['wanted' => 'any', 'suits' => 'any', 'allergens' => []], 'cautions' => []];

    private const PLAN = [
        'side_pot' => ['gives_off_ml' => 0, 'make_ml' => 0],
        'crust' => ['centre_gold_min' => null, 'rim_gold_min' => null, 'burnt_min' => null, 'setting' => null, 'even' => null, 'moves' => [], 'rings' => [], 'by_setting' => []],
        'pass' => [],
        'finish' => ['water_g' => 0, 'fat_g' => 0, 'salt_g' => 0],
        'alcohol' => ['left_percent' => 0, 'g_per_cover' => 0],
        'explain' => [],
    ];

    public function up(): void
    {
        foreach (DB::table('plans')->select(['id', 'request', 'working'])->orderBy('id')->lazy() as $row) {
            $working = json_decode($row->working, true, flags: JSON_THROW_ON_ERROR);
            if (isset($working['dish']['family'])) {
                continue;
            }
            $request = json_decode($row->request, true, flags: JSON_THROW_ON_ERROR);
            $working = [...self::WORKING, ...$working];
            $working['dish'] += ['family' => $request['family'], 'garnish' => '', 'grams_main' => $request['rice']['grams_per_cover'], 'grams_starter' => $request['rice']['grams_per_cover']];
            $working['burner']['ring_cm'] = $request['burner']['ring_diameter_cm'];
            $working['plan'] = [...$working['plan'], ...array_diff_key(self::PLAN, $working['plan'])];
            $working['plan']['crust'] += self::PLAN['crust'];
            $working['plan']['timing'] += ['leave_pass_min' => null, 'pass_min' => $working['plan']['timing']['table_min'] - $request['target']['minutes_to_table']];
            if ($working['plan']['side_pot']['make_ml'] === 0) {
                $working['plan']['side_pot']['make_ml'] = $working['plan']['stock_ml'] + $working['plan']['reserve_ml'];
            }
            DB::table('plans')->where('id', $row->id)->update(['working' => json_encode($working, JSON_THROW_ON_ERROR)]);
        }
    }

    public function down(): void
    {
        // What was filled in does no harm.
    }
};

<?php

declare(strict_types=1);

use App\Models\Kitchen;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;

/*
 * The demo kitchen's log, grown to as many cooks as are asked for: each a copy of one that is there, with an id of its own,
 * three hours before the one before. Usage: DB_DATABASE=… php ops/grow.php COOKS
 */

require __DIR__.'/../vendor/autoload.php';
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

const APART_MS = 3 * 3600 * 1000;

$kitchen = Kitchen::query()->sole();
$models = DB::table('cooks')->where('kitchen_id', $kitchen->id)->orderBy('id')->get(['id', 'plan_id']);
$more = (int) $argv[1] - $models->count();
$after = max((int) DB::table('cooks')->max('id'), (int) DB::table('plans')->max('id'));
for ($from = 1; $from <= $more; $from += 1000) {
    $to = min($more, $from + 999);
    foreach ($models as $i => $model) {
        $which = "FROM seq_{$from}_to_{$to} AS n JOIN %s AS one ON one.%s = ? WHERE n.seq %% {$models->count()} = $i";
        $earlier = 'n.seq * '.APART_MS;
        DB::insert("INSERT INTO plans (id, kitchen_id, dish_id, pan_id, burner_id, request, working, table_at, created_at, updated_at) SELECT ? + n.seq, kitchen_id, dish_id, pan_id, burner_id, request, working, table_at - INTERVAL $earlier * 1000 MICROSECOND, created_at, updated_at ".sprintf($which, 'plans', 'id'), [$after, $model->plan_id]);
        DB::insert("INSERT INTO cooks (id, uuid, kitchen_id, plan_id, user_id, cooked_by, table_at, created_at, updated_at) SELECT ? + n.seq, UUID(), kitchen_id, ? + n.seq, user_id, cooked_by, table_at - INTERVAL $earlier * 1000 MICROSECOND, created_at - INTERVAL $earlier * 1000 MICROSECOND, updated_at ".sprintf($which, 'cooks', 'id'), [$after, $after, $model->id]);
        DB::insert("INSERT INTO cook_events (kitchen_id, cook_id, user_id, said_by, uuid, kind, payload, device_at, server_at, out_of_time) SELECT kitchen_id, ? + n.seq, user_id, said_by, uuid, kind, JSON_SET(payload, '$.at', CONCAT(LEFT(DATE_FORMAT(FROM_UNIXTIME((device_at - $earlier) / 1000), '%Y-%m-%dT%H:%i:%s.%f'), 23), 'Z')), device_at - $earlier, server_at - $earlier, out_of_time ".sprintf($which, 'cook_events', 'cook_id'), [$after, $model->id]);
    }
}
printf("%d cooks, %d events\n", DB::table('cooks')->count(), DB::table('cook_events')->count());

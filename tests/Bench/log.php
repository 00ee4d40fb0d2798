<?php

declare(strict_types=1);

use App\Log\LogLineStore;
use App\Models\Kitchen;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Console\Kernel as Console;
use Illuminate\Contracts\Http\Kernel as Http;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

/*
 * A log of 20,000 cooks: the demo's six weeks over and over, back through the years, in the database of the tests. How long its pages, what is
 * looked for in it, its weeks and what it teaches take (in the process itself, no network), and how much memory all of it takes on its way out.
 *
 *   php tests/Bench/log.php [cooks] [times]
 */

putenv('DB_DATABASE=velko_test');
$_ENV['DB_DATABASE'] = $_SERVER['DB_DATABASE'] = 'velko_test';
require dirname(__DIR__, 2).'/vendor/autoload.php';
$app = require dirname(__DIR__, 2).'/bootstrap/app.php';
$app->make(Console::class)->bootstrap();
config(['velko.demo' => true, 'velko.work_store' => 'null', 'session.driver' => 'array', 'cache.default' => 'array']);

$cooks = (int) ($argv[1] ?? 20_000);
$times = (int) ($argv[2] ?? 20);

Artisan::call('migrate:fresh', ['--force' => true]);
Artisan::call('db:seed', ['--force' => true]);
$kitchen = Kitchen::query()->where('name', 'The Kiln House')->sole();
$from = hrtime(true);
$made = LogLineStore::rebuild($kitchen, CarbonImmutable::now());
printf("a line of the log: %.1f ms to make from its events\n", (hrtime(true) - $from) / 1e6 / $made);

// Each copy six weeks earlier than the one before; a copy has the plan of its original.
DB::statement('ALTER TABLE cooks ADD COLUMN of_bench BIGINT NULL');
for ($copy = 1; $copy * $made < $cooks; $copy++) {
    DB::statement('INSERT INTO cooks (uuid, kitchen_id, plan_id, user_id, cooked_by, table_at, created_at, updated_at, of_bench) SELECT UUID(), kitchen_id, plan_id, user_id, cooked_by, table_at - INTERVAL ? DAY, created_at, updated_at, id FROM cooks WHERE of_bench IS NULL', [42 * $copy]);
}
DB::statement('INSERT INTO cook_events (kitchen_id, cook_id, user_id, said_by, uuid, kind, payload, device_at, out_of_time, server_at) SELECT e.kitchen_id, c.id, e.user_id, e.said_by, e.uuid, e.kind, e.payload, e.device_at, e.out_of_time, e.server_at FROM cooks c JOIN cook_events e ON e.cook_id = c.of_bench');
$columns = 'kitchen_id, reading, settled, dish_id, rice_id, pan_id, burner_id, `by`, status, covers, rice_g, planned_ml, poured_ml, late_min, looseness, bite, crust, salt, as_wanted, waste_g, note, line';
$of = implode(', ', array_map(static fn (string $column): string => 'l.'.trim($column), explode(',', $columns)));
DB::statement("INSERT INTO log_lines (cook_id, table_at, $columns) SELECT c.id, c.table_at, $of FROM cooks c JOIN log_lines l ON l.cook_id = c.of_bench");
DB::statement('ALTER TABLE cooks DROP COLUMN of_bench');
printf("%d cooks, %d events\n", DB::table('cooks')->count(), DB::table('cook_events')->count());

$chef = User::query()->where('email', 'chef@kiln.example')->sole();
/** @return float ms */
$ask = static function (string $path) use ($app, $chef): float {
    Auth::setUser($chef->fresh());
    $from = hrtime(true);
    $answer = $app->make(Http::class)->handle(Request::create($path, 'GET', server: ['HTTP_ACCEPT' => 'application/json']));
    $took = (hrtime(true) - $from) / 1e6;
    if ($answer->getStatusCode() !== 200) {
        throw new RuntimeException("$path: {$answer->getStatusCode()} {$answer->getContent()}");
    }

    return $took;
};
$dish = $kitchen->dishes()->min('id');
$ring = $kitchen->burners()->where('name', 'ring 3')->value('id');
foreach ([
    'the first page' => '/api/cooks', 'a dish on a ring' => "/api/cooks?dish=$dish&burner=$ring", 'words in the note' => '/api/cooks?words=hotter', 'words that nobody wrote' => '/api/cooks?words=unheard',
    'not as wanted' => '/api/cooks?verdict=otherwise', 'a week years ago' => '/api/cooks?from=2015-03-02&to=2015-03-08', 'what it teaches' => '/api/learned', 'its weeks' => '/api/log/weeks',
] as $what => $path) {
    $first = $ask($path);
    while ($path === '/api/learned' && DB::table('lessons')->count() < 400 && $first < 60_000) {
        $first += $ask($path);
    }
    $took = array_map(static fn (): float => $ask($path), range(1, $times));
    sort($took);
    printf("%-26s p50 %6.0f ms, p95 %6.0f ms, first %6.0f ms\n", $what, $took[intdiv($times, 2)], $took[(int) floor(0.95 * ($times - 1))], $first);
}
foreach (['CSV' => '/api/log.csv', 'JSON' => '/api/log.json', 'archive' => '/api/kitchen/archive'] as $what => $path) {
    Auth::setUser($chef->fresh());
    $before = memory_get_usage();
    memory_reset_peak_usage();
    $bytes = 0;
    $from = hrtime(true);
    $first = null;
    $answer = $app->make(Http::class)->handle(Request::create($path));
    ob_start(static function (string $some) use (&$bytes, &$first, $from): string {
        $bytes += strlen($some);
        $first ??= (hrtime(true) - $from) / 1e6;

        return '';
    }, 4096);
    $answer->sendContent();
    ob_end_flush();
    printf("%-8s %5.1f MB in %4.1f s, its first bytes after %4.0f ms, %.0f MB of memory at most\n", $what, $bytes / 1e6, (hrtime(true) - $from) / 1e9, $first, (memory_get_peak_usage() - $before) / 1e6);
}

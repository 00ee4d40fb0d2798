<?php

declare(strict_types=1);

use App\Models\Device;
use App\Models\Role;
use App\Models\User;
use Illuminate\Routing\Middleware\ThrottleRequests;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Feature\Station;
use Tests\Fuzz\Requests;

/* Seeded requests to every route, by every role, with numbers of two kitchens. `composer fuzz` sends 10,000, bin/test 500; FUZZ and SEED choose. */

const SLOW_S = 2.0;

/** A kitchen with four hundred dishes and all their versions may take longer to be read. */
const SLOW_ARCHIVE_S = 10.0;

const OF_THE_OTHER = 'Osier';

/** @return array<string, string> what every table holds of a kitchen */
function sums(int $kitchen): array
{
    $tables = array_column(DB::select("SELECT TABLE_NAME AS name FROM information_schema.COLUMNS WHERE TABLE_SCHEMA = DATABASE() AND COLUMN_NAME = 'kitchen_id'"), 'name');

    return [...array_combine($tables, array_map(static fn (string $table): string => md5((string) json_encode(DB::table($table)->where('kitchen_id', $kitchen)->get()->sort()->values())), $tables)), 'kitchens' => md5((string) json_encode(DB::table('kitchens')->find($kitchen)))];
}

it('answers every request soon, in its own form, and lets nothing of one kitchen into another', function (): void {
    $this->travelTo(Carbon::parse('2026-05-04T18:30:00Z'));
    $this->withoutMiddleware(ThrottleRequests::class);
    config(['velko.work_store' => 'null']);
    $count = (int) (getenv('FUZZ') ?: 500);
    $chance = new Randomizer(new Mt19937((int) (getenv('SEED') ?: 11)));

    [$ours, $theirs] = [Station::open(), Station::open()];
    $theirs->kitchen->update(['name' => OF_THE_OTHER.' Beds']);
    foreach ([$theirs->pan, $theirs->burner, $theirs->dish] as $row) {
        $row->update(['name' => OF_THE_OTHER.' '.$row->name]);
    }
    $cooks = array_map(function (Station $station): string {
        $this->actingAs($station->cook);
        $id = $this->postJson('/api/cooks', $station->start())->assertCreated()->json('id');
        $this->postJson("/api/cooks/$id/events", Station::event('start'))->assertCreated();

        return $id;
    }, [$ours, $theirs]);
    $of = static fn (string $row): array => [$ours->{$row}->id, $ours->{$row}->id, $ours->{$row}->id, $theirs->{$row}->id];
    $firings = array_map(static fn (Station $station): int => $station->firing()->id, [$ours, $theirs]);
    $device = Device::query()->create(['kitchen_id' => $theirs->kitchen->id, 'burner_id' => $theirs->burner->id, 'name' => OF_THE_OTHER, 'kind' => 'scale']);
    $ids = [
        'dish' => $of('dish'), 'dish_id' => $of('dish'), 'pan_id' => $of('pan'), 'burner' => $of('burner'), 'burner_id' => $of('burner'), 'person' => $of('cook'), 'cook' => [$cooks[0], $cooks[0], $cooks[1]],
        'rice_id' => [$ours->dish->rice_id, $theirs->dish->rice_id], 'stock_id' => [$ours->dish->stock_id, $theirs->dish->stock_id], 'device' => [$device->id, 1], 'invitation' => [1, 2], 'stage' => [0, 1, 2, 3],
        'mark' => ['low', 'medium', 'high'], 'setting' => ['low', 'medium', 'high'], 'heat' => [null, 'medium'], 'day' => ['2026-05-04', '2026-05-05'], 'firing' => [$firings[0], $firings[0], $firings[1]], 'kind' => ['csv', 'ics', 'json'], 'table_at' => ['19:30', '20:15'], 'table_on' => ['2026-05-04', '2026-05-05'], 'id' => [$ours->pan->id, $theirs->pan->id, $ours->dish->id],
    ];
    $routes = array_values(array_filter(array_map(static fn ($route): string => $route->methods()[0].' '.$route->uri(), iterator_to_array(Route::getRoutes())), static fn (string $route): bool => str_contains($route, ' api/') && ! str_contains($route, '{any}')));
    $requests = new Requests($routes, $ids, $chance);
    $before = sums($theirs->kitchen->id);

    $unpacked = static fn (string $content): string => str_starts_with($content, "\x1f\x8b") ? (string) gzdecode($content) : $content;
    [$broken, $slow, $leaks, $informal, $codes] = [[], [], [], [], []];
    for ($i = 0; $i < $count; $i++) {
        ['method' => $method, 'path' => $path, 'body' => $body] = $requests->next();
        $role = $chance->getInt(0, 9);
        $this->app['auth']->forgetGuards();
        if ($role > 0) {
            $this->actingAs(User::factory()->create(['kitchen_id' => $ours->kitchen->id, 'role' => Role::cases()[$role % 3]]));
        }
        $from = hrtime(true);
        $answer = $this->call($method, $path, server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json', 'HTTP_IF_MATCH' => '*', 'HTTP_IDEMPOTENCY_KEY' => bin2hex(random_bytes(8))], content: $body);
        $seconds = (hrtime(true) - $from) / 1e9;
        $says = $answer->baseResponse instanceof Symfony\Component\HttpFoundation\StreamedResponse ? $unpacked($answer->streamedContent()) : (string) $answer->getContent();
        $code = $answer->getStatusCode();
        $codes[$code] = ($codes[$code] ?? 0) + 1;
        $line = "request $i: $code $method $path ".mb_strimwidth($body, 0, 1500);
        $code < 500 ?: $broken[] = $line;
        $seconds < ($path === '/api/kitchen/archive' ? SLOW_ARCHIVE_S : SLOW_S) ?: $slow[] = sprintf('%.1f s: %s', $seconds, $line);
        $code < 400 || $answer->headers->get('Content-Type') === 'application/problem+json' ?: $informal[] = $line;
        str_contains($body, OF_THE_OTHER) || ! str_contains($says, OF_THE_OTHER) ?: $leaks[] = $line;
    }
    ksort($codes);
    fwrite(STDERR, "\n  $count requests: ".implode(', ', array_map(static fn (int $code, int $n): string => "$n × $code", array_keys($codes), $codes))."\n");
    expect($broken)->toBe([])->and($informal)->toBe([])->and($slow)->toBe([])->and($leaks)->toBe([])
        ->and(sums($theirs->kitchen->id))->toBe($before);
});

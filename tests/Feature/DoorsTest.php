<?php

declare(strict_types=1);

use App\Bench\TimeBudget;
use App\Http\FaultInLog;
use App\Http\Middleware\Work;
use App\Models\Device;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use Tests\Feature\Station;

beforeEach(function (): void {
    $this->station = Station::open();
    $this->device = Device::query()->create(['kitchen_id' => $this->station->kitchen->id, 'burner_id' => $this->station->burner->id, 'name' => 'the scale', 'kind' => 'scale']);
    $this->key = $this->device->newKey();
    $this->says = function (string $path, array $server): int {
        $this->app['auth']->forgetGuards();

        return $this->call('POST', $path, server: ['CONTENT_TYPE' => 'text/plain', 'HTTP_ACCEPT' => 'application/json', ...$server], content: 'scale 1200 g')->getStatusCode();
    };
});

it('takes a device\'s key from the Authorization header and from nowhere else', function (): void {
    expect(($this->says)("/api/devices/lines?api_token=$this->key", []))->toBe(401)
        ->and(($this->says)('/api/devices/lines', ['PHP_AUTH_USER' => 'scale', 'PHP_AUTH_PW' => $this->key]))->toBe(401)
        ->and(($this->says)('/api/devices/lines', ['HTTP_AUTHORIZATION' => "Bearer $this->key"]))->toBe(204);
});

it('lets nobody try keys', function (): void {
    $codes = array_map(fn (int $try): int => ($this->says)('/api/devices/lines', ['HTTP_AUTHORIZATION' => "Bearer guess-$try", 'REMOTE_ADDR' => '198.51.100.9']), range(1, 40));
    expect(array_count_values($codes))->toBe([401 => 30, 429 => 10])
        ->and(($this->says)('/api/devices/lines', ['HTTP_AUTHORIZATION' => "Bearer $this->key", 'REMOTE_ADDR' => '198.51.100.10']))->toBe(204);
});

it('says over TLS, and only there, to come back over TLS', function (): void {
    $this->get('/')->assertHeaderMissing('Strict-Transport-Security');
    $this->get('https://127.0.0.1/')->assertHeader('Strict-Transport-Security', 'max-age=31536000');
});

it('lets no style or script into the page that is not ours, by a number that is another each time', function (): void {
    $nonces = array_map(function (): string {
        $answer = $this->get('/')->assertOk();
        $policy = (string) $answer->headers->get('Content-Security-Policy');
        expect($policy)->not->toContain('unsafe')->toContain("script-src 'self'");
        preg_match("/style-src 'self' 'nonce-(\w{20,})'/", $policy, $found);
        $answer->assertSee("<meta name=\"csp-nonce\" content=\"$found[1]\">", false);

        return $found[1];
    }, range(1, 3));
    expect(array_unique($nonces))->toHaveCount(3);
});

it('writes no value of a statement, no argument and no session into the log', function (): void {
    Log::spy();
    $secret = 'a-word-nobody-may-read';
    try {
        DB::table('users')->insert(['kitchen_id' => $this->station->kitchen->id, 'name' => $secret, 'role' => 'chef', 'email' => $this->station->cook->email, 'password' => $secret]);
    } catch (QueryException $fault) {
        FaultInLog::write($fault);
    }
    Log::shouldHaveReceived('error')->once()->withArgs(function (string $line, array $context) use ($secret): bool {
        $written = $line.json_encode($context, JSON_UNESCAPED_SLASHES);
        expect($written)->toContain('23000 1062', 'insert into', 'tests/Feature/DoorsTest.php')
            ->not->toContain($secret)->not->toContain($this->station->cook->email);

        return true;
    });
});

it('weighs what somebody asks by what it costs, each for themselves, and begins anew with the minute', function (): void {
    $this->actingAs($this->station->cook);
    $this->cook = $this->postJson('/api/cooks', $this->station->start())->assertCreated()->json('id');
    $spent = new Illuminate\Cache\RateLimiter(Illuminate\Support\Facades\Cache::store('array'));
    $spent->clear("work:web:all:{$this->station->cook->id}");
    $spent->increment("work:web:all:{$this->station->cook->id}", 60, Work::MOST_MS - 1);
    $this->getJson('/api/kitchen')->assertOk();
    Station::keeps('problem', $this->getJson('/api/kitchen')->assertStatus(429)->assertHeader('Retry-After')->getContent());
    $this->actingAs(Station::open()->cook)->getJson('/api/kitchen')->assertOk();
    $this->actingAs($this->station->cook);
    // What is said at the stove is heard all the same, as long as that alone is not too much.
    $touch = fn () => $this->postJson("/api/cooks/$this->cook/events", Station::event('note', note: 'salt', at: '2026-05-04T18:30:00.000Z'));
    $touch()->assertCreated();
    $spent->increment("work:web:touches:{$this->station->cook->id}", 60, Work::MOST_MS);
    $touch()->assertStatus(429);
    $this->travel(61)->seconds();
    $this->getJson('/api/kitchen')->assertOk();
});

it('leaves out and counts what there was no time for', function (): void {
    $once = static fn (): int => 1;
    [$none, $all] = [new TimeBudget(0.0), new TimeBudget(60.0)];
    expect($none->each([$once, $once]))->toBe([])->and($none->leftOut)->toBe(2)
        ->and($all->each([$once, $once]))->toBe([1, 1])->and($all->leftOut)->toBe(0);
});

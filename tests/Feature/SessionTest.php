<?php

declare(strict_types=1);

use App\Models\User;
use App\People\Password;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Station;

function signIn(string $email, string $password): Illuminate\Testing\TestResponse
{
    return test()->postJson('/api/session', ['format' => 'velko.sign-in/1', 'email' => $email, 'password' => $password]);
}

it('brings the page without a session, so that fetching it never ends one', function (): void {
    expect($this->get('/')->assertOk()->headers->getCookies())->toBe([])
        ->and($this->get('/stove/whatever')->assertOk()->headers->getCookies())->toBe([]);
});

it('lets a cook in with e-mail and password, and out again', function (): void {
    $cook = User::factory()->create();
    Station::keeps('session', $this->getJson('/api/session')->assertOk()->assertJsonPath('cook', null)->getContent());
    $in = signIn($cook->email, 'stock-and-rice')->assertOk()->assertJsonPath('cook.kitchen', $cook->kitchen->name);
    Station::keeps('session', $in->getContent());
    $this->assertAuthenticatedAs($cook);
    $this->deleteJson('/api/session')->assertOk()->assertJsonPath('cook', null);
    $this->assertGuest();
});

it('says the same for a wrong password and an unknown e-mail', function (): void {
    $cook = User::factory()->create();
    $wrong = signIn($cook->email, 'nope')->assertStatus(422)->json();
    expect(signIn('nobody@station.example', 'nope')->assertStatus(422)->json())->toBe($wrong);
    $this->assertGuest();
});

it('is rate-limited: the sixth try in a minute waits', function (): void {
    $cook = User::factory()->create();
    foreach (range(1, 5) as $try) {
        signIn($cook->email, "guess $try")->assertStatus(422);
    }
    $answer = signIn($cook->email, 'stock-and-rice')->assertStatus(429)->assertHeader('Retry-After');
    Station::keeps('problem', $answer->getContent());
    $this->travel(61)->seconds();
    signIn($cook->email, 'stock-and-rice')->assertOk();
});

it('is rate-limited for an account, from however many addresses, and believes no forwarded address and no Host header', function (): void {
    $cook = User::factory()->create();
    $codes = [];
    foreach (range(1, 40) as $try) {
        // A host whose name the framework takes for its own cloud; nobody named a proxy.
        $codes[] = $this->withServerVariables(['REMOTE_ADDR' => "198.51.100.$try"])->withHeaders(['X-Forwarded-For' => "203.0.113.$try"])
            ->postJson('http://kitchen.on-forge.com/api/session', ['format' => 'velko.sign-in/1', 'email' => $cook->email, 'password' => "guess $try"])->getStatusCode();
    }
    expect(array_count_values($codes))->toBe([422 => 30, 429 => 10]);

    $tries = array_map(fn (int $try): int => $this->withServerVariables(['REMOTE_ADDR' => '192.0.2.7'])->withHeaders(['X-Forwarded-For' => "203.0.113.$try"])
        ->postJson('http://kitchen.on-forge.com/api/session', ['format' => 'velko.sign-in/1', 'email' => "somebody$try@station.example", 'password' => 'x'])->getStatusCode(), range(1, 40));
    expect(array_count_values($tries))->toBe([422 => 30, 429 => 10]); // by its true address
});

it('takes an e-mail byte for byte: what only looks like it is another', function (string $email, bool $same): void {
    $cook = User::factory()->create(['email' => 'chef@station.example']);
    signIn($email, 'stock-and-rice')->assertStatus($same ? 200 : 422);
    $same ? $this->assertAuthenticatedAs($cook) : $this->assertGuest();
})->with([['chef@station.example', true], [' Chef@Station.example ', true], ['chéf@station.example', false], ['ｃhef@station.example', false], ["ch\u{200B}ef@station.example", false]]);

it('hashes as long for an unknown e-mail as for a known one', function (): void {
    $rounds = config('hashing.bcrypt.rounds');
    expect(password_get_info(Password::nobodys()))->toBe(['algo' => '2y', 'algoName' => 'bcrypt', 'options' => ['cost' => (int) $rounds]])
        ->and(password_verify('', Password::nobodys()))->toBeFalse();
});

it('refuses a host that is not ours', function (string $host, int $status): void {
    $this->app['env'] = 'production';
    config(['app.url' => 'https://rice.example', 'velko.hosts' => ['stove.example']]);
    try {
        $this->getJson("https://$host/api/session")->assertStatus($status);
    } finally {
        Request::setTrustedHosts([]); // it is kept for the whole process
    }
})->with([['rice.example', 200], ['stove.example', 200], ['xrice.example', 400], ['rice.example.evil.example', 400], ['ricexexample', 400], ['kitchen.on-forge.com', 400]]);

it('keeps no password but as it was typed', function (string $password, string $says): void {
    $answer = $this->postJson('/api/kitchens', ['format' => 'velko.new-kitchen/1', 'kitchen' => 'The Sluice', 'name' => 'Chef', 'email' => 'headchef10@sluice.example', 'password' => $password, 'timezone' => 'UTC'])->assertStatus(422);
    Station::keeps('problem', $answer->getContent());
    expect($answer->json('errors.0.pointer'))->toBe('/password')->and($answer->json('errors.0.detail'))->toContain($says);
    signIn('headchef10@sluice.example', $password)->assertStatus(422);
})->with([[str_repeat('rice', 19), 'at most 72 bytes'], ["ten letters\0 and more", 'NUL'], ['headchef10', 'another than the e-mail'], ['HeadChef10@sluice.example', 'another than the e-mail']]);

it('hashes a password anew on the way in, where it was hashed with less', function (): void {
    $cook = User::factory()->create();
    DB::table('users')->where('id', $cook->id)->update(['password' => password_hash('stock-and-rice', PASSWORD_BCRYPT, ['cost' => 5])]);
    signIn($cook->email, 'stock-and-rice')->assertOk();
    expect(password_get_info(DB::table('users')->where('id', $cook->id)->value('password'))['options']['cost'])->toBe((int) config('hashing.bcrypt.rounds'));
    signIn($cook->email, 'stock-and-rice')->assertOk();
});

it('changes the session id on the way in', function (): void {
    $cook = User::factory()->create();
    $this->getJson('/api/session');
    $before = session()->getId();
    signIn($cook->email, 'stock-and-rice')->assertOk();
    expect(session()->getId())->not->toBe($before);
});

it('keeps sessions in the database', function (): void {
    $cook = User::factory()->create();
    signIn($cook->email, 'stock-and-rice')->assertOk();
    expect(DB::table('sessions')->where('user_id', $cook->id)->count())->toBe(1);
});

it('keeps no password that can be read', function (): void {
    $cook = User::factory()->create();
    expect(DB::table('users')->where('id', $cook->id)->value('password'))->toStartWith('$2y$')
        ->and(json_encode($cook))->not->toContain('$2y$');
});

it('wants a token on what changes something', function (): void {
    // The framework waves tokens through in tests; here it must not.
    $this->app['env'] = 'production';
    $this->actingAs(User::factory()->create())->postJson('/api/plan', [])->assertStatus(419);
});

it('shows nothing to whoever is not signed in', function (string $method, string $path): void {
    $answer = $this->json($method, "/api/$path")->assertStatus(401)->assertHeader('Content-Type', 'application/problem+json');
    Station::keeps('problem', $answer->getContent());
})->with([
    ['GET', 'kitchen'], ['POST', 'plan'], ['POST', 'work-out'], ['GET', 'cooks'], ['POST', 'cooks'], ['DELETE', 'session'],
    ['GET', 'cooks/1b4e28ba-2fa1-4d3b-a3f5-ef19b5a7633b'], ['POST', 'cooks/1b4e28ba-2fa1-4d3b-a3f5-ef19b5a7633b/events'],
]);

it('knows no other address, and says so in kind', function (): void {
    Station::keeps('problem', $this->getJson('/api/nowhere')->assertStatus(404)->getContent());
    Station::keeps('problem', $this->putJson('/api/larder')->assertStatus(404)->getContent());
    $this->get('/anything/else')->assertOk()->assertSee('id="app"', false);
    expect($this->get('/%00')->getStatusCode())->toBeLessThan(500);
    $this->actingAs(User::factory()->create());
    foreach (['dishes/99999999999999999999999', 'dishes/9999999999999999999'] as $path) {
        Station::keeps('problem', $this->getJson("/api/$path")->assertStatus(404)->getContent());
    }
});

it('lets nothing from outside run or frame its pages', function (): void {
    $answer = $this->get('/');
    expect($answer->headers->get('Content-Security-Policy'))->toContain("script-src 'self'")->toContain("frame-ancestors 'none'")
        ->and($answer->headers->get('X-Content-Type-Options'))->toBe('nosniff')
        ->and($this->getJson('/api/session')->headers->get('Cache-Control'))->toContain('no-store');
});

it('does not put the cookie of a session that has ended over the one of a sign-in meanwhile', function (): void {
    $station = Station::open();
    $names = static fn ($answer): array => array_values(array_intersect(array_map(static fn ($cookie): string => $cookie->getName(), $answer->headers->getCookies()), [config('session.cookie'), 'XSRF-TOKEN']));
    $ask = $this->tablet($station->cook->email);
    expect($names($ask('GET', '/api/kitchen')))->toBe([]); // nothing new to say

    // Its time runs on while somebody is there: noted and sent again after a minute, but not of a session that has ended.
    $this->travel(61)->seconds();
    expect($names($ask('GET', '/api/kitchen')))->toContain('XSRF-TOKEN')->toHaveCount(2);
    $this->travel(61)->seconds();
    // Another sign-in ends the session between the question and its answer: when the pans are looked up.
    DB::listen(static fn (QueryExecuted $query): mixed => str_contains($query->sql, '`pans`') ? DB::table('sessions')->delete() : null);
    expect($names($ask('GET', '/api/kitchen')->assertOk()))->toBe([]);
    $ask('GET', '/api/kitchen')->assertUnauthorized();
});

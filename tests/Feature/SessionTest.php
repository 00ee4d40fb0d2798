<?php

declare(strict_types=1);

use App\Models\User;
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
    $this->postJson('/api/session', ['format' => 'velko.sign-in/1', 'email' => 'a@b.example', 'password' => 'x'])->assertStatus(419);
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
});

it('lets nothing from outside run or frame its pages', function (): void {
    $answer = $this->get('/');
    expect($answer->headers->get('Content-Security-Policy'))->toContain("script-src 'self'")->toContain("frame-ancestors 'none'")
        ->and($answer->headers->get('X-Content-Type-Options'))->toBe('nosniff')
        ->and($this->getJson('/api/session')->headers->get('Cache-Control'))->toContain('no-store');
});

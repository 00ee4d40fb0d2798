<?php

declare(strict_types=1);

use App\Mail\IsThisYourAddress;
use App\Mail\LinkThroughTheDoor;
use App\Models\CookEvent;
use App\Models\DoorLink;
use App\Models\Kitchen;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Tests\Feature\Station;

const WORDS = 'a bay leaf in june';

/** The password of the chef of a station, where an account is changed. */
const BY_PASSWORD = ['format' => 'velko.own-password/1', 'password' => 'stock-and-rice'];

beforeEach(function (): void {
    $this->travelTo(Carbon::parse('2026-05-04T18:30:00Z'));
    $this->station = Station::open();
    $this->chef = $this->station->cook;
    $this->colleague = fn (mixed ...$with): User => User::factory()->create(['kitchen_id' => $this->station->kitchen->id, ...$with]);
});

function invite(string $role, ?string $email = null)
{
    return test()->postJson('/api/people/invitations', ['format' => 'velko.invitation/1', 'role' => $role, 'email' => $email, 'password' => 'stock-and-rice']);
}

function tokenOf(string $url): string
{
    return explode('#', $url)[1];
}

function joins(string $token, string $email = 'ines@station.example', string $password = WORDS)
{
    return test()->postJson('/api/links/join', ['format' => 'velko.join/1', 'token' => $token, 'name' => 'Ines', 'email' => $email, 'password' => $password]);
}

it('lets a colleague in by a link that is good once and for two days', function (): void {
    $this->actingAs($this->chef);
    $link = invite('cook')->assertCreated()->assertJsonPath('mailed', false);
    Station::keeps('door-link', $link->getContent());
    $token = tokenOf($link->json('url'));
    expect(DB::table('door_links')->where('token', $token)->count())->toBe(0, 'the link is kept as its hash only');
    Station::keeps('people', $this->getJson('/api/people')->assertOk()->assertJsonCount(1, 'invitations')->getContent());

    $this->app['auth']->forgetGuards();
    Station::keeps('behind-link', $this->postJson('/api/links/look', ['format' => 'velko.token/1', 'token' => $token])->assertOk()->assertJsonPath('kitchen', $this->station->kitchen->name)->assertJsonPath('role', 'cook')->getContent());
    Station::keeps('session', joins($token)->assertCreated()->assertJsonPath('cook.name', 'Ines')->assertJsonPath('cook.role', 'cook')->getContent());
    $this->app['auth']->forgetGuards();
    joins($token, 'second@station.example')->assertStatus(422)->assertJsonPath('errors.0.code', 'link-spent');

    $this->actingAs($this->chef);
    $late = tokenOf(invite('trainee')->json('url'));
    $this->travel(49)->hours();
    joins($late, 'late@station.example')->assertStatus(422)->assertJsonPath('errors.0.code', 'link-spent');
    expect(User::query()->where('kitchen_id', $this->station->kitchen->id)->count())->toBe(2);
});

it('takes an invitation back, and lets nobody in with an address that has a kitchen', function (): void {
    $this->actingAs($this->chef);
    $token = tokenOf(invite('cook')->json('url'));
    joins($token, $this->chef->email)->assertStatus(422)->assertJsonPath('errors.0.code', 'email-known');
    $id = $this->getJson('/api/people')->json('invitations.0.id');
    $this->deleteJson("/api/people/invitations/$id")->assertOk()->assertJsonCount(0, 'invitations');
    joins($token)->assertStatus(422)->assertJsonPath('errors.0.code', 'link-spent');
    foreach (range(1, 30) as $_) {
        invite('cook')->assertCreated();
    }
    invite('cook')->assertStatus(422);
});

it('mails a link where this house sends mail', function (): void {
    Mail::fake();
    $this->actingAs($this->chef);
    config(['mail.default' => 'log']);
    invite('cook', 'ines@station.example')->assertCreated()->assertJsonPath('mailed', false);
    Mail::assertNothingSent();
    config(['mail.default' => 'smtp']);
    invite('cook', 'ines@station.example')->assertCreated()->assertJsonPath('mailed', true);
    Mail::assertSent(LinkThroughTheDoor::class, fn (LinkThroughTheDoor $letter): bool => $letter->hasTo('ines@station.example') && str_contains($letter->render(), $letter->url));
});

it('never leaves a kitchen without a chef', function (): void {
    $this->actingAs($this->chef);
    $cook = ($this->colleague)(role: 'cook');
    $this->deleteJson("/api/people/{$this->chef->id}", BY_PASSWORD)->assertStatus(422)->assertJsonPath('errors.0.code', 'last-chef');
    $this->putJson("/api/people/{$this->chef->id}", ['format' => 'velko.person/1', 'role' => 'cook', 'password' => 'stock-and-rice'])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/role');
    $this->putJson("/api/people/$cook->id", ['format' => 'velko.person/1', 'role' => 'chef', 'password' => 'stock-and-rice'])->assertOk();
    $this->putJson("/api/people/{$this->chef->id}", ['format' => 'velko.person/1', 'role' => 'trainee', 'password' => 'stock-and-rice'])->assertOk();
    $this->actingAs($this->chef->refresh());
    $this->getJson('/api/people')->assertForbidden();
});

it('takes somebody away: nothing opens any more, the name stays in the log, the address is free', function (): void {
    $ines = ($this->colleague)(role: 'cook', name: 'Ines', email: 'ines@station.example');
    $hers = test()->tablet('ines@station.example');
    $cook = $hers('POST', '/api/cooks', $this->station->start())->assertCreated()->json('id');
    $his = test()->tablet($this->chef->email);
    $his('DELETE', "/api/people/$ines->id", BY_PASSWORD)->assertOk()->assertJsonCount(1, 'people');
    $his('GET', "/api/cooks/$cook")->assertJsonPath('cook', 'Ines');
    $hers('GET', '/api/kitchen')->assertStatus(401);
    $this->postJson('/api/session', ['format' => 'velko.sign-in/1', 'email' => 'ines@station.example', 'password' => 'stock-and-rice'])->assertStatus(422);
    $this->postJson('/api/kitchens', ['format' => 'velko.new-kitchen/1', 'kitchen' => 'Her own', 'name' => 'Ines', 'email' => 'ines@station.example', 'password' => WORDS, 'timezone' => 'UTC'])->assertCreated();
});

it('ends the sessions elsewhere when a password is changed, and keeps the one it was changed at', function (): void {
    [$here, $there] = [test()->tablet($this->chef->email), test()->tablet($this->chef->email)];
    $change = ['format' => 'velko.new-password/1', 'password' => 'stock-and-rice', 'new_password' => WORDS];
    $here('PUT', '/api/me/password', [...$change, 'password' => 'not it'])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/password');
    $there('GET', '/api/kitchen')->assertOk();
    $here('PUT', '/api/me/password', $change)->assertOk();
    $here('GET', '/api/kitchen')->assertOk();
    $there('GET', '/api/session')->assertOk()->assertJsonPath('cook', null);
    $there('GET', '/api/kitchen')->assertStatus(401);
    test()->tablet($this->chef->email, WORDS)('GET', '/api/kitchen')->assertOk();
});

it('ends every session at a word, and each after seven days whatever happens', function (): void {
    config(['session.lifetime' => 60 * 24 * 30]);
    [$here, $there] = [test()->tablet($this->chef->email), test()->tablet($this->chef->email)];
    $this->travel(1)->seconds();
    $here('POST', '/api/session/everywhere')->assertOk()->assertJsonPath('cook', null);
    $here('GET', '/api/kitchen')->assertStatus(401);
    $there('GET', '/api/kitchen')->assertStatus(401);
    $this->travel(1)->seconds();
    $again = test()->tablet($this->chef->email);
    foreach (range(1, 6) as $_) {
        $this->travel(27)->hours();
        $again('GET', '/api/kitchen')->assertOk();
    }
    $this->travel(7)->hours();
    $again('GET', '/api/kitchen')->assertStatus(401);
});

it('leaves no session of a visit, and one of who signed in', function (): void {
    config(['session.driver' => 'database']);
    $this->getJson('/api/session')->assertOk();
    $this->postJson('/api/session', ['format' => 'velko.sign-in/1', 'email' => 'nobody@station.example', 'password' => 'x'])->assertStatus(422);
    expect(DB::table('sessions')->count())->toBe(0);
    $tablet = test()->tablet($this->chef->email);
    expect(DB::table('sessions')->pluck('user_id')->all())->toBe([$this->chef->id]);
    $tablet('DELETE', '/api/session')->assertOk();
    expect(DB::table('sessions')->count())->toBe(0);
});

it('signs nobody in from another page', function (): void {
    $sign = ['format' => 'velko.sign-in/1', 'email' => $this->chef->email, 'password' => 'stock-and-rice'];
    $this->postJson('/api/session', $sign, ['Origin' => 'https://elsewhere.example'])->assertForbidden();
    $this->postJson('/api/session', $sign, ['Sec-Fetch-Site' => 'cross-site'])->assertForbidden();
    $this->postJson('/api/session', $sign, ['Origin' => rtrim(url('/'), '/'), 'Sec-Fetch-Site' => 'same-origin'])->assertOk();
});

it('changes one\'s own name, address, units and clock; the address by the password', function (): void {
    $this->actingAs($this->chef);
    $me = ['format' => 'velko.me/1', 'name' => 'Rosa', 'email' => $this->chef->email, 'units' => 'us', 'clock' => '12'];
    Station::keeps('session', $this->putJson('/api/me', $me)->assertOk()->assertJsonPath('cook.units', 'us')->assertJsonPath('cook.clock', '12')->getContent());
    $this->putJson('/api/me', [...$me, 'email' => 'rosa@station.example'])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/password');
    $this->putJson('/api/me', [...$me, 'email' => 'Rosa@Station.example', 'password' => 'stock-and-rice'])->assertOk()->assertJsonPath('cook.email', 'rosa@station.example');
    $other = ($this->colleague)();
    $this->putJson('/api/me', [...$me, 'email' => $other->email, 'password' => 'stock-and-rice'])->assertStatus(422)->assertJsonPath('errors.0.code', 'email-known');
});

it('refuses passwords that many people have', function (string $common): void {
    $this->actingAs($this->chef);
    $this->putJson('/api/me/password', ['format' => 'velko.new-password/1', 'password' => 'stock-and-rice', 'new_password' => $common])
        ->assertStatus(422)->assertJsonPath('errors.0.pointer', '/new_password');
    // Each is among the first of every list of leaked passwords, as it stands, with a tail, or said twice.
})->with(['1234567890', 'qwertyuiop', 'password1234', 'Football2024', 'iloveyou123!', 'dragondragon', 'aaaaaaaaaaaa', 'ababababababab']);

it('sets a forgotten password by a link from a chef, once, and every session there was is over', function (): void {
    $ines = ($this->colleague)(role: 'cook', email: 'ines@station.example');
    $hers = test()->tablet('ines@station.example');
    $this->travel(1)->seconds();
    $link = test()->tablet($this->chef->email)('POST', "/api/people/$ines->id/link", BY_PASSWORD)->assertCreated()->assertJsonPath('for', 'password');
    $reset = ['format' => 'velko.reset/1', 'token' => tokenOf($link->json('url')), 'password' => WORDS];
    $this->app['auth']->forgetGuards();
    $this->postJson('/api/links/reset', [...$reset, 'password' => '1234567890'])->assertStatus(422);
    $this->postJson('/api/links/reset', $reset)->assertOk()->assertJsonPath('cook.name', $ines->name);
    $this->postJson('/api/links/reset', $reset)->assertStatus(422)->assertJsonPath('errors.0.code', 'link-spent');
    $hers('GET', '/api/kitchen')->assertStatus(401);
    test()->tablet('ines@station.example', WORDS)('GET', '/api/kitchen')->assertOk();
    joins($reset['token'])->assertStatus(422);
});

it('has a link for the last chef on the console, and mails one where this house sends mail, the same to whoever asks', function (): void {
    $this->artisan('velko:reset-link', ['email' => $this->chef->email])->expectsOutputToContain('/link#')->assertSuccessful();
    $this->artisan('velko:reset-link', ['email' => 'nobody@station.example'])->assertFailed();
    Mail::fake();
    $forgot = fn (string $email) => $this->postJson('/api/session/forgotten', ['format' => 'velko.forgotten/1', 'email' => $email]);
    $forgot($this->chef->email)->assertNotFound();
    config(['mail.default' => 'smtp']);
    $this->travel(16)->minutes();
    $forgot('nobody@station.example')->assertNoContent();
    $forgot($this->chef->email)->assertNoContent();
    Mail::assertSentCount(1);
});

describe('where this house sends mail', function (): void {
    beforeEach(function (): void {
        config(['mail.default' => 'array', 'app.url' => 'https://velko.example']);
        Mail::fake();
        $this->opens = fn (string $email) => $this->postJson('/api/kitchens', ['format' => 'velko.new-kitchen/1', 'kitchen' => 'Her own', 'name' => 'Ines', 'email' => $email, 'password' => WORDS, 'timezone' => 'UTC'], ['Sec-Fetch-Site' => 'same-origin']);
        // What is done after an answer is done again after each further one here: one application answers all of them.
        $this->letters = static fn (string $to): array => Mail::sent(IsThisYourAddress::class, static fn (IsThisYourAddress $mail): bool => $mail->hasTo($to))->values()->all();
    });

    it('tells nobody who opens a kitchen whether an address has one, and its owner by mail', function (): void {
        $known = ($this->opens)($this->chef->email)->assertStatus(202)->assertJsonPath('cook', null);
        $new = ($this->opens)('ines@station.example')->assertStatus(202);
        expect($new->json())->toEqual($known->json())->and(Kitchen::query()->count())->toBe(1);
        [$letter] = ($this->letters)('ines@station.example');
        expect(($this->letters)($this->chef->email)[0]->isKnown)->toBeTrue()->and($letter->isKnown)->toBeFalse()->and($letter->url)->toStartWith('https://velko.example/link#');
        $token = ['format' => 'velko.token/1', 'token' => tokenOf($letter->url)];
        Station::keeps('behind-link', $this->postJson('/api/links/look', $token)->assertOk()->assertJsonPath('for', 'confirm')->assertJsonPath('kitchen', 'Her own')->getContent());
        $this->postJson('/api/links/confirm', $token)->assertOk()->assertJsonPath('cook.kitchen', 'Her own')->assertJsonPath('cook.role', 'chef');
        $this->postJson('/api/links/confirm', $token)->assertStatus(422)->assertJsonPath('errors.0.code', 'link-spent');
        auth()->forgetGuards();
        $this->postJson('/api/session', ['format' => 'velko.sign-in/1', 'email' => 'ines@station.example', 'password' => WORDS])->assertOk();
        // What is kept until then is no password that anybody could read.
        ($this->opens)('third@station.example')->assertStatus(202);
        expect((string) DB::table('addresses_to_confirm')->value('document'))->not->toContain(WORDS)->and(App\Models\AddressToConfirm::query()->where('email', 'third@station.example')->firstOrFail()->document['password'])->not->toBe(WORDS);
    });

    it('tells nobody who joins, or changes an address, and keeps the one until now until the new one is shown', function (): void {
        $this->actingAs($this->chef);
        $token = tokenOf(invite('cook')->json('url'));
        joins($token, $this->chef->email)->assertStatus(202);
        joins($token)->assertStatus(202);
        joins(str_repeat('0', 64), 'ines@station.example')->assertStatus(422);
        $this->postJson('/api/links/confirm', ['format' => 'velko.token/1', 'token' => tokenOf(($this->letters)('ines@station.example')[0]->url)])->assertOk()->assertJsonPath('cook.role', 'cook');
        $this->actingAs($ines = User::query()->where('email', 'ines@station.example')->sole());
        $me = fn (string $email) => $this->putJson('/api/me', ['format' => 'velko.me/1', 'name' => 'Ines', 'email' => $email, 'units' => null, 'clock' => null, 'password' => WORDS]);
        $me($this->chef->email)->assertOk()->assertJsonPath('cook.email', 'ines@station.example');
        $me('another@station.example')->assertOk()->assertJsonPath('cook.email', 'ines@station.example');
        // To an address that was typed wrongly it is no way into the account.
        $followed = ['format' => 'velko.token/1', 'token' => tokenOf(($this->letters)('another@station.example')[0]->url)];
        auth()->forgetGuards();
        $this->flushSession()->postJson('/api/links/confirm', $followed)->assertStatus(422)->assertJsonPath('errors.0.code', 'sign-in-first');
        $this->actingAs($this->chef)->postJson('/api/links/confirm', $followed)->assertStatus(422);
        expect($ines->refresh()->email)->toBe('ines@station.example');
        $this->actingAs($ines)->postJson('/api/links/confirm', $followed)->assertOk()->assertJsonPath('cook.email', 'another@station.example');
        expect($ines->refresh()->email)->toBe('another@station.example')->and(array_unique(array_column(($this->letters)($this->chef->email), 'isKnown')))->toBe([true]);
    });

    it('mails no more than three to an address in a quarter of an hour, and opens nothing after two hours', function (): void {
        foreach (range(1, 6) as $_) {
            ($this->opens)('ines@station.example')->assertStatus(202);
        }
        expect(($this->letters)('ines@station.example'))->toHaveCount(3);
        $this->travel(121)->minutes();
        $this->postJson('/api/links/confirm', ['format' => 'velko.token/1', 'token' => tokenOf(($this->letters)('ines@station.example')[0]->url)])->assertStatus(422);
        ($this->opens)('second@station.example')->assertStatus(202);
        expect(DB::table('addresses_to_confirm')->where('expires_at', '<', now())->count())->toBe(0);
    });
});

describe('a tablet that many stand at', function (): void {
    beforeEach(function (): void {
        $this->ines = ($this->colleague)(role: 'trainee', name: 'Ines', pin: '4071');
        $this->tomas = ($this->colleague)(role: 'chef', name: 'Tomas', pin: '9923');
        $this->actingAs($this->chef);
        $this->to = fn (?int $person, ?string $pin = null, ?string $password = null) => $this->postJson('/api/session/hand', ['format' => 'velko.hand/1', 'person' => $person, 'pin' => $pin, 'password' => $password]);
        $this->cookAt = fn (): string => $this->postJson('/api/cooks', $this->station->start())->assertCreated()->json('id');
        $this->say = fn (string $cook, string $query, string $kind, mixed ...$with) => $this->postJson("/api/cooks/$cook/events$query", Station::event($kind, ...$with));
    });

    it('knows whose hands are at it by a PIN, and keeps who said what', function (): void {
        $cook = ($this->cookAt)();
        $say = fn (string $query, string $kind, mixed ...$with) => ($this->say)($cook, $query, $kind, ...$with);
        $say("?by={$this->ines->id}", 'start')->assertForbidden();
        ($this->to)($this->ines->id, '0000')->assertStatus(422)->assertJsonPath('errors.0.pointer', '/pin');
        Station::keeps('session', ($this->to)($this->ines->id, '4071')->assertOk()->assertJsonPath('cook.hand.name', 'Ines')->assertJsonPath('cook.role', 'trainee')->getContent());
        $say("?by={$this->ines->id}", 'start')->assertCreated();
        // Nobody speaks for whoever signed in while another stands there, nor for somebody who is not there.
        $say("?by={$this->chef->id}", 'note', note: 'not mine')->assertForbidden();
        $say('', 'done', stage: 0)->assertCreated();
        ($this->to)($this->tomas->id, '9923')->assertOk();
        $say("?by={$this->ines->id}", 'note', note: 'not hers')->assertForbidden();
        $say("?by={$this->tomas->id}", 'note', note: 'smells right')->assertCreated();
        ($this->to)(null, password: 'stock-and-rice')->assertOk()->assertJsonPath('cook.hand', null)->assertJsonPath('cook.role', 'chef');
        $say('', 'note', note: 'mine')->assertCreated();
        $say('?by=ines', 'note', note: 'nobody')->assertStatus(422);
        $say('?by='.Station::open()->cook->id, 'note', note: 'of another kitchen')->assertForbidden();
        expect(CookEvent::query()->orderBy('id')->pluck('user_id')->all())->toBe([$this->ines->id, $this->ines->id, $this->tomas->id, $this->chef->id]);
    });

    it('is given back by the PIN or the password of whoever signed in, and by nothing else', function (): void {
        $this->chef->update(['pin' => '7734']);
        foreach ([[null, null, null], [null, '4071', null], [null, null, 'a bay leaf in june'], [$this->chef->id, '4071', null]] as [$person, $pin, $password]) {
            ($this->to)($this->ines->id, '4071')->assertOk();
            ($this->to)($person, $pin, $password)->assertStatus(422);
            $this->getJson('/api/session')->assertJsonPath('cook.hand.name', 'Ines');
            $this->putJson('/api/kitchen', [])->assertForbidden();
        }
        ($this->to)($this->chef->id, '7734')->assertOk()->assertJsonPath('cook.hand', null);
        ($this->to)($this->ines->id, '4071')->assertOk();
        ($this->to)(null, password: 'stock-and-rice')->assertOk()->assertJsonPath('cook.hand', null);
    });

    it('goes round as often as it likes: a right PIN counts for nothing', function (): void {
        $this->chef->update(['pin' => '7734']);
        foreach (range(1, 30) as $_) {
            ($this->to)($this->ines->id, '4071')->assertOk();
            ($this->to)($this->chef->id, '7734')->assertOk();
        }
    });

    it('is nobody\'s where whoever stood there is removed', function (): void {
        ($this->to)($this->ines->id, '4071')->assertOk();
        $this->ines->update(['left_at' => now()]);
        $this->getJson('/api/kitchen')->assertStatus(401);
        $this->getJson('/api/session')->assertOk()->assertJsonPath('cook', null);
    });

    it('changes no account at a tablet that its chef left open', function (): void {
        foreach ([null, 'a bay leaf in june'] as $password) {
            $words = $password === null ? [] : ['password' => $password];
            $this->putJson("/api/people/{$this->ines->id}", ['format' => 'velko.person/1', 'role' => 'chef', ...$words])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/password');
            $this->deleteJson("/api/people/{$this->ines->id}", ['format' => 'velko.own-password/1', ...$words])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/password');
            $this->postJson("/api/people/{$this->tomas->id}/link", ['format' => 'velko.own-password/1', ...$words])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/password');
            $this->postJson('/api/people/invitations', ['format' => 'velko.invitation/1', 'role' => 'chef', 'email' => null, ...$words])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/password');
        }
        expect($this->ines->refresh()->role->value)->toBe('trainee')->and($this->ines->left_at)->toBeNull()->and(DoorLink::query()->count())->toBe(0);
    });

    it('holds what a removed person\'s tablet still had, and a chef decides', function (bool $keep): void {
        $cook = ($this->cookAt)();
        $this->ines->update(['left_at' => now(), 'email' => null]);
        $held = Station::event('note', note: 'it stuck a little');
        $send = fn (array $event) => $this->postJson("/api/cooks/$cook/events?by={$this->ines->id}", $event);
        $send($held)->assertStatus(202);
        $send($held)->assertStatus(202); // sent twice, it is one
        $send(Station::event('done', stage: 99))->assertStatus(422)->assertJsonPath('errors.0.pointer', '/stage');
        expect(CookEvent::query()->count())->toBe(0);
        $people = $this->getJson('/api/people')->assertOk();
        Station::keeps('people', $people->getContent());
        $people->assertJsonPath('held.0.name', 'Ines')->assertJsonPath('held.0.touches', 1)->assertJsonCount(1, 'held');
        // Not of somebody who is here, and not by another kitchen's chef.
        $decide = ['format' => 'velko.held-decision/1', 'keep' => $keep];
        $this->postJson("/api/people/{$this->tomas->id}/held", $decide)->assertNotFound();
        $this->actingAs(Station::open()->cook)->postJson("/api/people/{$this->ines->id}/held", $decide)->assertNotFound();
        $this->actingAs($this->chef)->postJson("/api/people/{$this->ines->id}/held", $decide)->assertOk()->assertJsonCount(0, 'held');
        expect(CookEvent::query()->pluck('user_id')->all())->toBe($keep ? [$this->ines->id] : [])->and(DB::table('held_touches')->count())->toBe(0);
    })->with(['into the log' => true, 'away' => false]);

    it('allows no more than both may, and never an account', function (): void {
        ($this->to)($this->ines->id, '4071')->assertOk();
        $this->putJson('/api/kitchen', [])->assertForbidden();
        $this->putJson('/api/me', [])->assertForbidden();
        $this->getJson('/api/people')->assertForbidden();
        // A chef's PIN at a trainee's tablet makes no chef of the tablet.
        $this->actingAs($this->ines);
        ($this->to)($this->tomas->id, '9923')->assertOk()->assertJsonPath('cook.role', 'trainee');
        $this->putJson('/api/kitchen', [])->assertForbidden();
        $this->getJson('/api/people')->assertForbidden();
    });

    it('lets nobody try all ten thousand, nor anybody of another kitchen', function (): void {
        $codes = array_map(fn (int $try): int => ($this->to)($this->ines->id, sprintf('%04d', $try))->getStatusCode(), range(1, 15));
        expect(array_count_values($codes))->toBe([422 => 10, 429 => 5]);
        $this->travel(61)->seconds();
        $codes = array_map(function (int $try): int {
            $this->travel(61)->seconds();

            return ($this->to)($this->ines->id, sprintf('%04d', $try))->getStatusCode();
        }, range(16, 30));
        expect(array_count_values($codes))->toBe([422 => 10, 429 => 5]);
        $this->actingAs(Station::open()->cook);
        $this->travel(2)->hours();
        ($this->to)($this->ines->id, '4071')->assertStatus(422);
    });

    it('has a PIN for who sets one with the password', function (): void {
        $this->putJson('/api/me/pin', ['format' => 'velko.pin/1', 'password' => 'wrong', 'pin' => '1357'])->assertStatus(422);
        $this->putJson('/api/me/pin', ['format' => 'velko.pin/1', 'password' => 'stock-and-rice', 'pin' => '13579'])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/pin');
        $this->putJson('/api/me/pin', ['format' => 'velko.pin/1', 'password' => 'stock-and-rice', 'pin' => '1357'])->assertOk()->assertJsonPath('cook.has_pin', true);
        expect($this->chef->refresh()->pin)->not->toContain('1357');
        $this->putJson('/api/me/pin', ['format' => 'velko.pin/1', 'password' => 'stock-and-rice', 'pin' => null])->assertOk()->assertJsonPath('cook.has_pin', false);
    });
});

it('deletes a kitchen with everything in it a day after its chef said so, and no other', function (): void {
    $other = Station::open();
    $this->actingAs($this->chef);
    $cook = $this->postJson('/api/cooks', $this->station->start())->assertCreated()->json('id');
    $this->postJson("/api/cooks/$cook/events", Station::event('start'))->assertCreated();
    $tables = array_column(DB::select("SELECT TABLE_NAME AS name FROM information_schema.COLUMNS WHERE TABLE_SCHEMA = DATABASE() AND COLUMN_NAME = 'kitchen_id'"), 'name');
    $rows = fn (int $kitchen): int => array_sum(array_map(static fn (string $table): int => DB::table($table)->where('kitchen_id', $kitchen)->count(), $tables));
    $others = $rows($other->kitchen->id);

    $farewell = ['format' => 'velko.farewell/1', 'kitchen' => $this->station->kitchen->name, 'password' => 'stock-and-rice'];
    $this->postJson('/api/kitchen/farewell', [...$farewell, 'kitchen' => 'another'])->assertStatus(422);
    $this->postJson('/api/kitchen/farewell', [...$farewell, 'password' => 'wrong'])->assertStatus(422);
    $this->postJson('/api/kitchen/farewell', $farewell)->assertOk();
    $this->deleteJson('/api/kitchen/farewell')->assertOk()->assertJsonPath('cook.delete_at', null);
    $this->postJson('/api/kitchen/farewell', $farewell)->assertOk()->assertJsonPath('cook.delete_at', '2026-05-05T18:30:00+00:00');

    $this->travel(23)->hours();
    $this->artisan('velko:farewell')->expectsOutput('0 deleted');
    $this->getJson('/api/kitchen')->assertOk();
    $this->travel(2)->hours();
    $this->getJson('/api/kitchen')->assertStatus(401);
    expect(Kitchen::query()->find($this->station->kitchen->id))->toBeNull()
        ->and($rows($this->station->kitchen->id))->toBe(0)
        ->and($rows($other->kitchen->id))->toBe($others);
});

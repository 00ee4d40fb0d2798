<?php

declare(strict_types=1);

use App\Contracts\BodyUnread;
use App\Exchange\ImportKitchen;
use App\Mail\LinkThroughTheDoor;
use App\Models\DoorLink;
use App\Models\Role;
use App\Models\User;
use App\People\DeleteKitchen;
use App\People\SavePeople;
use App\People\SendLinks;
use Illuminate\Contracts\Http\Kernel as HttpKernel;
use Illuminate\Foundation\Http\Middleware\ConvertEmptyStringsToNull;
use Illuminate\Foundation\Http\Middleware\TrimStrings;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\RateLimiter;
use Symfony\Component\HttpFoundation\Request as AnyRequest;
use Tests\Feature\Station;

/* What somebody may do whom nobody knows, and somebody who is no longer one of us. */

beforeEach(function (): void {
    $this->station = Station::open();
    RateLimiter::clear('');
});

/** A request as public/index.php takes it from outside: its body is not decoded. */
function asFromOutside(string $method, string $path, string $body, string $key = ''): Symfony\Component\HttpFoundation\Response
{
    return app(HttpKernel::class)->handle(BodyUnread::createFromBase(AnyRequest::create(config('app.url').$path, $method, server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json', 'HTTP_SEC_FETCH_SITE' => 'same-origin', 'HTTP_IDEMPOTENCY_KEY' => $key], content: $body)));
}

it('answers a guest\'s body of zeros without decoding it', function (string $path, int $status): void {
    $body = '{"a":['.str_repeat('0,', 500_000).'0]}'; // a megabyte
    $request = BodyUnread::createFromBase(AnyRequest::create(config('app.url').$path, 'POST', server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json', 'HTTP_SEC_FETCH_SITE' => 'same-origin'], content: $body));
    $answer = app(HttpKernel::class)->handle($request);
    expect($answer->getStatusCode())->toBe($status)->and($answer->headers->get('Content-Type'))->toBe('application/problem+json')
        // Nobody has made half a million values of it, and nothing walks through all that a body holds before a route is known.
        ->and($request->request->count() + $request->json()->count())->toBe(0)
        ->and(array_intersect(app(HttpKernel::class)->getGlobalMiddleware(), [TrimStrings::class, ConvertEmptyStringsToNull::class]))->toBe([]);
})->with([
    'to sign in' => ['/api/session', 413],
    'to open a kitchen' => ['/api/kitchens', 413],
    'behind the sign-in' => ['/api/plan', 401],
    'nowhere' => ['/api/nothing-here', 404],
]);

it('still reads what a guest says in a body of their own size', function (): void {
    $answer = asFromOutside('POST', '/api/session', (string) json_encode(['format' => 'velko.sign-in/1', 'email' => $this->station->cook->email, 'password' => 'no such password']));
    expect($answer->getStatusCode())->toBe(422)->and((string) $answer->getContent())->toContain('/password');
});

/** Bodies of a megabyte, made to cost as much as they can. @return array<string, string> */
function hostileMegabytes(string $format = 'velko.archive/1'): array
{
    $begin = '{"format":"'.$format.'",';
    $to = static fn (string $unit, string $before, string $after): string => $before.rtrim(str_repeat($unit, intdiv(1_000_000, strlen($unit))), ',').$after;

    return [
        'zeros where cooks stand' => $to('0,', $begin.'"cooks":[', ']}'),
        'zeros where pans stand' => $to('0,', $begin.'"pans":[', ']}'),
        'zeros where lines stand' => $to('0,', $begin.'"lines":[', ']}'),
        'empty things where lines stand' => $to('{},', $begin.'"lines":[', ']}'),
        'empty things where firings stand' => $to('{},', $begin.'"firings":[', ']}'),
        'things within a dish' => $to('{"name":"a"},', $begin.'"dish":{"ingredients":[', ']}}'),
        'names' => $begin.implode(',', array_map(static fn (int $i): string => "\"n$i\":0", range(1, 80_000))).'}',
        'digits' => $to('9', $begin.'"covers":', '}'),
        'brackets' => $to('[', $begin.'"a":', '}'),
        'a text of quotes' => $to('\\"', $begin.'"text":"', '"}'),
        'a table of commas' => $to(',', $begin.'"columns":null,"text":"', '"}'),
        'lines of a table' => $to('a,b\\n', $begin.'"columns":null,"text":"', '"}'),
    ];
}

it('spends little on a megabyte that somebody sends who is signed in', function (string $path, string $format): void {
    $this->actingAs($this->station->cook);
    $this->station->kitchen->update(['cooks_to_come' => 1]);
    $costs = [];
    foreach (hostileMegabytes($format) as $name => $body) {
        $from = getrusage();
        $answer = asFromOutside('POST', $path, $body, 'megabyte-of-'.strtr($name, ' ', '-'));
        $to = getrusage();
        $costs[$name] = 1000 * ($to['ru_utime.tv_sec'] - $from['ru_utime.tv_sec']) + ($to['ru_utime.tv_usec'] - $from['ru_utime.tv_usec']) / 1000;
        expect($answer->getStatusCode())->toBeIn([413, 422], $name);
    }
    arsort($costs);
    // ms of CPU.
    expect(reset($costs))->toBeLessThan(300.0, json_encode($costs));
})->with([
    'an archive as it was written before' => ['/api/kitchen/archive', 'velko.archive/1'],
    'an archive' => ['/api/kitchen/archive', 'velko.archive/2'],
    'its cooks' => ['/api/kitchen/archive/cooks', 'velko.archive-cook/1'],
    'a dish' => ['/api/dishes', 'velko.dish-entry/1'],
    'a dish from elsewhere' => ['/api/dishes/import', 'velko.dish/1'],
    'lines from paper' => ['/api/log/paper', 'velko.paper-entry/1'],
    'a table' => ['/api/log/read', 'velko.paper-said/1'],
    'firings' => ['/api/nights/2026-12-05/firings', 'velko.firings-entry/1'],
    'firings as they are said' => ['/api/nights/2026-12-05/read', 'velko.firings-said/1'],
    'an ask' => ['/api/work-out', 'velko.ask/1'],
]);

it('refuses eight million empty lines of an archive at once', function (): void {
    $this->station->kitchen->update(['cooks_to_come' => 1]);
    $from = memory_get_usage();
    ImportKitchen::more($this->station->cook->refresh(), str_repeat("\n", 8_000_000));
    expect(memory_get_peak_usage() - $from)->toBeLessThan(64_000_000);
});

it('voids every door that somebody made who is gone, or is no longer chef', function (): void {
    $chef = User::query()->create(['kitchen_id' => $this->station->kitchen->id, 'name' => 'Second chef', 'role' => Role::Chef, 'email' => 'second@station.example', 'password' => 'a long enough one']);
    $this->actingAs($chef);
    $own = SendLinks::invite($chef, Role::Chef, null);
    $token = explode('#', $own['url'])[1];
    SavePeople::takeAway($chef);
    $this->postJson('/api/links/join', ['format' => 'velko.join/1', 'token' => $token, 'name' => 'Back again', 'email' => 'back@station.example', 'password' => 'a long enough one'], ['Sec-Fetch-Site' => 'same-origin'])->assertStatus(422)->assertJsonPath('errors.0.code', 'link-spent');
    expect(User::query()->where('email', 'back@station.example')->exists())->toBeFalse();
});

it('ends all links to a new password with the first that is followed, and with a password changed by hand', function (): void {
    $cook = $this->station->cook;
    [$first, $second] = [SendLinks::forPassword($cook, $cook), SendLinks::forPassword($cook, $cook)];
    SendLinks::reset(['token' => explode('#', $first['url'])[1], 'password' => 'another long one']);
    expect(static fn () => SendLinks::reset(['token' => explode('#', $second['url'])[1], 'password' => 'a third long one']))->toThrow(App\Contracts\BadDocument::class);
    SendLinks::forPassword($cook, $cook);
    SendLinks::void($cook);
    expect(DoorLink::open()->withoutGlobalScope('kitchen')->where('user_id', $cook->id)->count())->toBe(0);
});

it('mails links of its own address only, with no word of anybody\'s in the subject, and few before somebody has joined', function (): void {
    config(['mail.default' => 'array', 'app.url' => 'https://velko.example']);
    Mail::fake();
    $kitchen = $this->station->kitchen;
    $kitchen->update(['name' => 'WIN A PRIZE']);
    $chef = $this->station->cook;
    $kitchen->people()->whereKeyNot($chef->id)->delete();
    $chef->update(['role' => Role::Chef]);
    $this->actingAs($chef->refresh());
    $link = SendLinks::invite($chef, Role::Cook, 'somebody@elsewhere.example');
    expect($link['url'])->toStartWith('https://velko.example/link#');
    Mail::assertSent(LinkThroughTheDoor::class, static fn (LinkThroughTheDoor $letter): bool => ! str_contains((string) $letter->envelope()->subject, 'PRIZE'));
    foreach (range(2, 5) as $more) {
        SendLinks::invite($chef, Role::Cook, "somebody$more@elsewhere.example");
    }
    expect(static fn () => SendLinks::invite($chef, Role::Cook, 'sixth@elsewhere.example'))->toThrow(App\Contracts\BadDocument::class)
        // Without a mail it is no stranger's business.
        ->and(SendLinks::invite($chef, Role::Cook, null)['mailed'])->toBeFalse();
});

it('leaves nothing of an archive that was broken off, so that it can come in again', function (): void {
    $kitchen = $this->station->kitchen;
    DB::table('log_lines')->insert(['kitchen_id' => $kitchen->id] + lineOnPaper());
    DeleteKitchen::empty($kitchen);
    $left = [];
    foreach (DB::select("SELECT TABLE_NAME AS name FROM information_schema.COLUMNS WHERE TABLE_SCHEMA = DATABASE() AND COLUMN_NAME = 'kitchen_id'") as $table) {
        if (! in_array($table->name, ['users', 'door_links'], true) && DB::table($table->name)->where('kitchen_id', $kitchen->id)->exists()) {
            $left[] = $table->name;
        }
    }
    expect($left)->toBe([]);
});

/** @return array<string, mixed> a row of log_lines with what it must have */
function lineOnPaper(): array
{
    $row = [];
    foreach (DB::select("SELECT COLUMN_NAME AS name, DATA_TYPE AS type, COLUMN_TYPE AS kind, COLUMN_DEFAULT AS fallback FROM information_schema.COLUMNS WHERE TABLE_SCHEMA = DATABASE() AND TABLE_NAME = 'log_lines' AND IS_NULLABLE = 'NO'") as $column) {
        if (! in_array($column->name, ['id', 'kitchen_id'], true) && $column->fallback === null) {
            preg_match("/'([^']*)'/", $column->kind, $first);
            $row[$column->name] = match (true) {
                in_array($column->type, ['datetime', 'timestamp', 'date'], true) => '2026-11-01 12:00:00',
                $column->type === 'enum' => $first[1],
                in_array($column->type, ['json', 'longtext'], true) => '[]',
                in_array($column->type, ['varchar', 'char', 'text'], true) => '',
                default => 1,
            };
        }
    }

    return $row;
}

it('counts the kitchens that a fresh start would lose', function (): void {
    Illuminate\Support\Facades\Artisan::call('velko:kitchens');
    expect((int) trim(Illuminate\Support\Facades\Artisan::output()))->toBeGreaterThanOrEqual(1);
});

it('tells a guest to sign in, whatever is posted, and is not up without its database', function (): void {
    $this->postJson('/api/plan', [])->assertStatus(401)->assertHeader('Content-Type', 'application/problem+json');
    $this->get('/up')->assertOk();
    DB::shouldReceive('select')->once()->andThrow(new RuntimeException('the database is away'));
    expect($this->get('/up')->getStatusCode())->toBe(500);
});

it('does not let strangers lock out a device that was let in before', function (): void {
    $email = $this->station->cook->email;
    foreach (range(1, 30) as $try) {
        $this->call('POST', '/api/session', server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json', 'HTTP_SEC_FETCH_SITE' => 'same-origin', 'REMOTE_ADDR' => "203.0.113.$try"], content: (string) json_encode(['format' => 'velko.sign-in/1', 'email' => $email, 'password' => "guess $try"]));
    }
    $asks = fn (array $cookies) => $this->call('POST', '/api/session', cookies: $cookies, server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json', 'HTTP_SEC_FETCH_SITE' => 'same-origin', 'REMOTE_ADDR' => '203.0.113.200'], content: (string) json_encode(['format' => 'velko.sign-in/1', 'email' => $email, 'password' => 'guess again']))->getStatusCode();
    expect($asks([]))->toBe(429)->and($asks($this->prepareCookiesForRequest() + ['velko_known' => encrypt(Illuminate\Cookie\CookieValuePrefix::create('velko_known', app('encrypter')->getKey()).$this->station->cook->id, false)]))->toBe(422);
});

it('says of an address which methods it has, and of none that there is nothing', function (): void {
    $this->patchJson('/api/session')->assertStatus(405)->assertHeader('Content-Type', 'application/problem+json')->assertHeader('Allow', 'GET, POST, DELETE');
    $this->deleteJson('/api/work-out')->assertStatus(405)->assertHeader('Allow', 'POST');
    $this->json('OPTIONS', '/api/kitchen')->assertStatus(405)->assertHeader('Allow', 'GET, PUT');
    foreach (['GET', 'POST', 'PUT', 'PATCH', 'DELETE'] as $method) {
        $this->json($method, '/api/nothing/of/the/kind')->assertStatus(404)->assertHeader('Content-Type', 'application/problem+json');
    }
    // A page of the tablet is one whatever its address; nothing is sent to it.
    $this->post('/stove')->assertStatus(405);
});

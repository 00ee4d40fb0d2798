<?php

declare(strict_types=1);

use App\Models\Cook;
use App\Models\Device;
use App\Models\DoorLink;
use App\Models\Role;
use App\Models\User;
use Illuminate\Routing\Route;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Route as Routes;
use Tests\Feature\Station;

/** Every route behind the sign-in, and the least role that may use it. One that is missing here fails. */
const LEAST_ROLE = [
    'DELETE api/session' => 'trainee', 'POST api/session/hand' => 'trainee', 'POST api/session/everywhere' => 'trainee',
    'PUT api/me' => 'trainee', 'PUT api/me/password' => 'trainee', 'PUT api/me/pin' => 'trainee',
    'GET api/people' => 'chef', 'POST api/people/invitations' => 'chef', 'DELETE api/people/invitations/{invitation}' => 'chef',
    'PUT api/people/{person}' => 'chef', 'DELETE api/people/{person}' => 'chef', 'POST api/people/{person}/link' => 'chef', 'POST api/people/{person}/held' => 'chef',
    'POST api/kitchen/farewell' => 'chef', 'DELETE api/kitchen/farewell' => 'chef',
    'GET api/foods' => 'trainee', 'POST api/amounts' => 'trainee', 'GET api/kitchen' => 'trainee', 'PUT api/kitchen' => 'chef', 'GET api/kitchen/archive' => 'chef', 'POST api/kitchen/archive' => 'chef', 'POST api/kitchen/archive/cooks' => 'chef', 'DELETE api/kitchen/archive' => 'chef',
    'POST api/kitchen/set-up' => 'chef', 'POST api/kitchen/pans/holds' => 'trainee', 'POST api/kitchen/devices/{device}/key' => 'chef',
    'POST api/kitchen/{thing}' => 'chef', 'PUT api/kitchen/{thing}/{id}' => 'chef', 'DELETE api/kitchen/{thing}/{id}' => 'chef', 'POST api/kitchen/{thing}/{id}/back' => 'chef',
    'POST api/kitchen/burners/{burner}/boil-off' => 'chef',
    'POST api/dishes' => 'cook', 'GET api/dishes/{dish}' => 'trainee', 'PUT api/dishes/{dish}' => 'cook', 'DELETE api/dishes/{dish}' => 'cook', 'POST api/dishes/{id}/back' => 'cook',
    'POST api/dishes/import' => 'cook', 'GET api/dishes/{dish}/export' => 'trainee', 'POST api/dishes/{dish}/copy' => 'cook',
    'POST api/recipes' => 'cook', 'POST api/recipes/read' => 'cook', 'POST api/plan' => 'trainee', 'POST api/work-out' => 'trainee', 'POST api/work-out/mise.csv' => 'trainee', 'POST api/work-out/prep.ics' => 'trainee',
    'POST api/around' => 'trainee', 'POST api/choices' => 'trainee', 'POST api/swaps' => 'trainee',
    'GET api/nights' => 'trainee', 'GET api/nights/{day}' => 'trainee', 'PUT api/nights/{day}' => 'trainee', 'GET api/nights/{day}/offers' => 'trainee', 'GET api/nights/{day}/lists' => 'trainee', 'GET api/nights/{day}/lists.{kind}' => 'trainee', 'POST api/nights/{day}/copy' => 'trainee', 'POST api/nights/{day}/read' => 'trainee', 'POST api/nights/{day}/firings' => 'trainee',
    'PUT api/firings/{firing}' => 'trainee', 'DELETE api/firings/{firing}' => 'trainee',
    'GET api/learned' => 'trainee', 'POST api/learned/own' => 'chef', 'POST api/learned/own/back' => 'chef',
    'GET api/log/weeks' => 'trainee', 'GET api/log.{kind}' => 'trainee', 'POST api/log/read' => 'trainee', 'POST api/log/paper' => 'trainee', 'DELETE api/log/paper/{line}' => 'chef',
    'GET api/cooks/{cook}/photo' => 'trainee', 'PUT api/cooks/{cook}/photo' => 'trainee', 'DELETE api/cooks/{cook}/photo' => 'trainee',
    'GET api/cooks' => 'trainee', 'POST api/cooks' => 'trainee', 'GET api/cooks/{cook}' => 'trainee', 'GET api/cooks/{cook}/ways-back' => 'trainee', 'POST api/cooks/{cook}/events' => 'trainee',
];

beforeEach(function (): void {
    $this->travelTo(Carbon::parse('2026-05-04T18:30:00Z'));
    $this->station = Station::open();
});

/** @return list<string> "METHOD uri" of every route behind the sign-in */
function routesBehindTheDoor(): array
{
    $routes = array_filter(iterator_to_array(Routes::getRoutes()), static fn (Route $route): bool => in_array('auth', $route->gatherMiddleware(), true));

    return array_values(array_map(static fn (Route $route): string => $route->methods()[0].' '.$route->uri(), $routes));
}

/** An address of the route with the numbers of this kitchen's rows in it, each made anew. */
function addressOf(string $route, Station $station): string
{
    $in = ['kitchen_id' => $station->kitchen->id];
    $rows = [
        '{invitation}' => static fn () => DoorLink::query()->create([...$in, 'role' => 'cook', 'token' => hash('sha256', random_bytes(8)), 'expires_at' => now()->addDay()])->id,
        '{person}' => static fn () => User::factory()->create([...$in, 'role' => 'trainee'])->id,
        '{device}' => static fn () => Device::query()->create([...$in, 'burner_id' => $station->burner->id, 'name' => 'scale '.random_int(1, 99999), 'kind' => 'scale'])->id,
        '{thing}/{id}' => static fn () => 'pans/'.$station->pan->id,
        '{thing}' => static fn () => 'pans',
        'dishes/{id}' => static fn () => 'dishes/'.$station->dish->id,
        '{burner}' => static fn () => $station->burner->id,
        '{dish}' => static fn () => $station->dish->id,
        '{line}' => static fn () => '0198c1de-0000-7000-8000-00000000000a',
        '{day}' => static fn () => '2026-05-04',
        '{kind}' => static fn () => 'csv',
        '{firing}' => static fn () => $station->firing()->id,
        '{cook}' => function () use ($station): string {
            test()->actingAs($station->cook);

            return test()->postJson('/api/cooks', $station->start())->assertCreated()->json('id');
        },
    ];
    $path = explode(' ', $route)[1];
    foreach ($rows as $name => $row) {
        $path = str_contains($path, $name) ? str_replace($name, (string) $row(), $path) : $path;
    }

    return '/'.$path;
}

function ask(string $route, string $address)
{
    return test()->json(explode(' ', $route)[0], $address);
}

it('has a least role for every route behind the sign-in', function (): void {
    expect(routesBehindTheDoor())->toEqualCanonicalizing(array_keys(LEAST_ROLE));
});

it('lets nobody do what is not their role\'s, on any route', function (string $route): void {
    $least = Role::from(LEAST_ROLE[$route]);
    foreach (Role::cases() as $role) {
        $address = addressOf($route, $this->station);
        if (str_ends_with($route, '/back')) {
            $row = str_contains($route, 'dishes') ? $this->station->dish : $this->station->pan;
            $row->update(['deleted_at' => now()]);
        }
        $this->actingAs(User::factory()->create(['kitchen_id' => $this->station->kitchen->id, 'role' => $role]));
        $status = ask($route, $address)->getStatusCode();
        $may = $role->atMost($least) === $least;
        $may ? expect($status)->not->toBe(403, "$role->value: $route")->toBeLessThan(500) : expect($status)->toBe(403, "$role->value: $route");
        str_ends_with($route, '/back') && $row->update(['deleted_at' => null]);
        if ($status === 200 && in_array($route, ['DELETE api/kitchen/{thing}/{id}', 'DELETE api/dishes/{dish}'], true)) {
            App\Models\Pan::query()->withTrashed()->restore();
            App\Models\Dish::query()->withTrashed()->restore();
        }
    }
})->with(array_keys(LEAST_ROLE));

it('knows nothing of another kitchen\'s rows, on any route that names one, not even for its chef', function (string $route): void {
    $address = addressOf($route, $this->station);
    $this->actingAs(Station::open()->cook);
    ask($route, $address)->assertNotFound();
})->with(array_values(array_filter(array_keys(LEAST_ROLE), static fn (string $route): bool => str_contains($route, '}') && $route !== 'POST api/kitchen/{thing}' && ! str_contains($route, '{day}') && ! str_contains($route, '{kind}'))));

/* At a tablet that many stand at, and of doors that should be shut: every route, and what it answers on purpose. */

/** Closed while another stands at a tablet, whoever that is: accounts are changed by whoever signed in. */
const CLOSED_TO_A_HAND = ['POST api/session/everywhere', 'PUT api/me', 'PUT api/me/password', 'PUT api/me/pin', 'GET api/people', 'POST api/people/invitations', 'DELETE api/people/invitations/{invitation}', 'PUT api/people/{person}', 'DELETE api/people/{person}', 'POST api/people/{person}/link', 'POST api/people/{person}/held', 'POST api/kitchen/farewell', 'DELETE api/kitchen/farewell'];

it('lets a hand at a chef\'s tablet do what both may, and no account, on any route', function (string $route): void {
    foreach (Role::cases() as $role) {
        $hand = User::factory()->create(['kitchen_id' => $this->station->kitchen->id, 'role' => $role]);
        $address = addressOf($route, $this->station);
        $this->actingAs(User::factory()->create(['kitchen_id' => $this->station->kitchen->id, 'role' => 'chef']))->withSession(['hand' => $hand->id]);
        $status = ask($route, $address)->getStatusCode();
        $least = Role::from(LEAST_ROLE[$route]);
        $may = $role->atMost($least) === $least && ! in_array($route, CLOSED_TO_A_HAND, true);
        $may ? expect($status)->not->toBe(403, "$role->value: $route")->toBeLessThan(500) : expect($status)->toBe(403, "$role->value: $route");
        App\Models\Pan::query()->withTrashed()->restore();
        App\Models\Dish::query()->withTrashed()->restore();
    }
})->with(array_values(array_filter(array_keys(LEAST_ROLE), static fn (string $route): bool => ! str_ends_with($route, '/back') && $route !== 'DELETE api/session')));

it('is nobody\'s tablet once the hand at it is removed, on any route', function (): void {
    foreach (routesBehindTheDoor() as $route) {
        $hand = User::factory()->create(['kitchen_id' => $this->station->kitchen->id, 'role' => 'chef', 'left_at' => now()]);
        $address = addressOf(str_replace('{cook}', '0198c1de-0000-7000-8000-000000000000', $route), $this->station);
        $this->actingAs(User::factory()->create(['kitchen_id' => $this->station->kitchen->id, 'role' => 'chef']))->withSession(['hand' => $hand->id]);
        expect(ask($route, $address)->getStatusCode())->toBe(401, $route);
    }
});

it('opens nothing to somebody who was removed, on any route', function (): void {
    foreach (routesBehindTheDoor() as $route) {
        $address = addressOf(str_replace('{cook}', '0198c1de-0000-7000-8000-000000000000', $route), $this->station);
        $this->actingAs(User::factory()->create(['kitchen_id' => $this->station->kitchen->id, 'role' => 'chef', 'left_at' => now()]));
        expect(ask($route, $address)->getStatusCode())->toBe(401, $route);
    }
});

it('opens no door with an invitation or a link that is old, spent, taken back, or of a kitchen that is gone', function (string $door, string $why): void {
    $chef = User::factory()->create(['kitchen_id' => $this->station->kitchen->id, 'role' => 'chef']);
    $this->actingAs($chef);
    $link = $door === 'join' ? App\People\SendLinks::invite($chef, Role::Cook, null) : App\People\SendLinks::forPassword($this->station->cook, $chef);
    $token = explode('#', $link['url'])[1];
    $through = fn (string $email = 'ines@station.example') => $this->postJson("/api/links/$door", $door === 'join'
        ? ['format' => 'velko.join/1', 'token' => $token, 'name' => 'Ines', 'email' => $email, 'password' => 'a bay leaf in june']
        : ['format' => 'velko.reset/1', 'token' => $token, 'password' => 'a bay leaf in june'], ['Sec-Fetch-Site' => 'same-origin']);
    match ($why) {
        'old' => $this->travel(49)->hours(),
        'spent' => $through()->assertSuccessful(),
        'of who was removed' => App\People\SavePeople::takeAway($door === 'join' ? $chef : $this->station->cook),
        'taken back' => DoorLink::query()->withoutGlobalScopes()->delete(),
        'of a kitchen that is gone' => [App\People\DeleteKitchen::say($this->station->kitchen), $this->travel(25)->hours(), App\People\DeleteKitchen::carryOut()],
    };
    auth()->forgetGuards();
    $through('second@station.example')->assertStatus(422)->assertJsonPath('errors.0.code', 'link-spent');
    $this->postJson('/api/links/look', ['format' => 'velko.token/1', 'token' => $token], ['Sec-Fetch-Site' => 'same-origin'])->assertStatus(422);
})->with(['join', 'reset'])->with(['old', 'spent', 'of who was removed', 'taken back', 'of a kitchen that is gone']);

it('is the same kitchen in its day of grace, on any route, and none after it', function (): void {
    App\People\DeleteKitchen::say($this->station->kitchen);
    foreach (['GET api/kitchen', 'GET api/cooks', 'GET api/kitchen/archive', 'POST api/work-out', 'GET api/people', 'POST api/kitchen/pans/holds'] as $route) {
        $this->actingAs(User::factory()->create(['kitchen_id' => $this->station->kitchen->id, 'role' => 'chef']));
        expect(ask($route, addressOf($route, $this->station))->getStatusCode())->toBeIn([200, 422], $route);
    }
    $cook = User::factory()->create(['kitchen_id' => $this->station->kitchen->id, 'role' => 'cook']);
    $this->actingAs($cook)->deleteJson('/api/kitchen/farewell')->assertForbidden();
    $this->travel(25)->hours();
    foreach (array_slice(routesBehindTheDoor(), 0, 12) as $route) {
        $user = User::query()->find($cook->id) ?? $cook;
        $this->actingAs($user);
        expect(ask($route, '/'.strtr(explode(' ', $route)[1], ['{invitation}' => '1', '{person}' => '1']))->getStatusCode())->toBe(401, $route);
    }
});

it('wants somebody signed in on every one of them', function (): void {
    foreach (routesBehindTheDoor() as $route) {
        ask($route, addressOf(str_replace('{cook}', '0198c1de-0000-7000-8000-000000000000', $route), $this->station))->assertStatus(401);
    }
});

it('lets a trainee cook from beginning to end and change nothing of the kitchen', function (): void {
    $this->actingAs(User::factory()->create(['kitchen_id' => $this->station->kitchen->id, 'role' => 'trainee', 'name' => 'Ines']));
    $cook = $this->postJson('/api/cooks', $this->station->start())->assertCreated()->assertJsonPath('cook', 'Ines')->json('id');
    $this->postJson("/api/cooks/$cook/events", Station::event('start'))->assertCreated();
    $this->getJson('/api/cooks')->assertOk()->assertJsonCount(1, 'cooks');
    $before = $this->getJson('/api/kitchen')->json();
    $this->deleteJson('/api/kitchen/pans/'.$this->station->pan->id)->assertForbidden();
    $this->putJson('/api/dishes/'.$this->station->dish->id, ['dish' => []])->assertForbidden();
    expect($this->getJson('/api/kitchen')->json())->toBe($before)->and(Cook::query()->count())->toBe(1);
});

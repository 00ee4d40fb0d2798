<?php

declare(strict_types=1);

namespace Tests;

use Closure;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** The whole application on MariaDB; each test in a transaction that is rolled back. */
abstract class TestCase extends BaseTestCase
{
    use RefreshDatabase;

    /** At a tablet of their own: nothing is left of who stood there before. */
    public function actingAs(Authenticatable $user, $guard = null): static
    {
        $this->flushSession();

        return parent::actingAs($user, $guard);
    }

    /**
     * As our own pages ask: what adds something under a key of its own, what changes something whatever it is now. Where a test is about
     * either, it says so in its headers.
     *
     * @param  string  $method
     * @param  string  $uri
     */
    public function call($method, $uri, $parameters = [], $cookies = [], $files = [], $server = [], $content = null)
    {
        return parent::call($method, $uri, $parameters, $cookies, $files, $server + ['HTTP_IF_MATCH' => '*', 'HTTP_IDEMPOTENCY_KEY' => (string) Str::uuid()], $content);
    }

    /**
     * A tablet that somebody signs in at, with a session that the server keeps.
     *
     * @return Closure(string, string, array<string, mixed>=): TestResponse what asks from there: method, path, body
     */
    public function tablet(string $email, string $password = 'stock-and-rice'): Closure
    {
        config(['session.driver' => 'database']);
        // What a browser keeps between two requests; each begins as in a process of its own.
        $cookies = [];
        $ask = function (string $method, string $path, array $body = []) use (&$cookies): TestResponse {
            $this->app['auth']->forgetGuards();
            $this->app['session']->forgetDrivers();
            $this->app->forgetInstance('session.store');
            $this->unencryptedCookies = [];
            $answer = $this->withCredentials()->disableCookieEncryption()->withUnencryptedCookies($cookies)->json($method, $path, $body);
            foreach ($answer->headers->getCookies() as $cookie) {
                $cookies[$cookie->getName()] = (string) $cookie->getValue();
            }

            return $answer;
        };
        $ask('POST', '/api/session', ['format' => 'velko.sign-in/1', 'email' => $email, 'password' => $password])->assertOk();

        return $ask;
    }
}

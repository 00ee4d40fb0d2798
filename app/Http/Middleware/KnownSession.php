<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\SessionRows;
use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Session\Store;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Response;

/**
 * A session for whoever signed in; a visit leaves none. It is written where it changed: of two requests that cross, the one
 * that only looked does not bring back what was before the other. That somebody is there is noted once a minute.
 *
 * The cookie goes out with a new session, and again when somebody's being there is noted: an answer to what was asked
 * before a sign-in must not put the old cookie over the new one.
 */
final class KnownSession extends StartSession
{
    /** @var array<string, mixed> */
    private array $before = [];

    private bool $wasKnown = false;

    /** The session that the browser named. */
    private string $sent = '';

    protected function startSession(Request $request, $session)
    {
        $session = parent::startSession($request, $session);
        $this->before = $session->all();
        $this->wasKnown = $this->isKnown($session);
        $this->sent = $session->getId();

        return $session;
    }

    protected function storeCurrentUrl(Request $request, $session): void
    {
        // Where somebody was is the browser's to know.
    }

    protected function addCookieToResponse(Response $response, Session $session): void
    {
        if ($this->isKnown($session)) {
            if ($session->getId() !== $this->sent || $this->isNoted($session)) {
                parent::addCookieToResponse($response, $session);
                $this->addToken($response, $session);
            }
        } elseif ($this->wasKnown) {
            $config = $this->manager->getSessionConfig();
            $path = is_string($config['path'] ?? null) ? $config['path'] : '/';
            $response->headers->clearCookie($session->getName(), $path);
        }
    }

    protected function saveSession($request): void
    {
        $session = $this->manager->driver();
        if (! $session instanceof Store || ! $this->isKnown($session)) {
            return;
        }
        if ($session->all() !== $this->before || ! $session->getHandler() instanceof SessionRows) {
            parent::saveSession($request);
        }
    }

    /** Whether it was time to note that somebody is there, and the session is still one: another may have ended it since. */
    private function isNoted(Session $session): bool
    {
        $rows = $session instanceof Store ? $session->getHandler() : null;

        return $rows instanceof SessionRows ? $rows->note($session->getId()) : true;
    }

    /** For the next request to show, also where this one needed none. */
    private function addToken(Response $response, Session $session): void
    {
        $config = $this->manager->getSessionConfig();
        $response->headers->setCookie(new Cookie('XSRF-TOKEN', $session->token(), $this->getCookieExpirationDate(), $config['path'], $config['domain'], $config['secure'], false, false, $config['same_site'] ?? null));
    }

    private function isKnown(Session $session): bool
    {
        return $session->has(Auth::guard('web')->getName());
    }
}

<?php

declare(strict_types=1);

namespace App\Http;

use Carbon\CarbonImmutable;
use Illuminate\Session\DatabaseSessionHandler;

/** The framework's sessions in the database; that somebody is there is noted once a minute, and without writing what is in them. */
final class SessionRows extends DatabaseSessionHandler
{
    private const NOTED_EVERY_S = 60;

    private ?int $lastActivity = null;

    /** @param  \stdClass  $session  the row as it is read */
    protected function expired($session): bool
    {
        $this->lastActivity = isset($session->last_activity) ? (int) $session->last_activity : null;

        return parent::expired($session);
    }

    /** @return bool whether it was time to, and there is such a session */
    public function note(string $id): bool
    {
        $now = CarbonImmutable::now()->getTimestamp();
        if ($this->lastActivity !== null && $this->lastActivity >= $now - self::NOTED_EVERY_S) {
            return false;
        }

        return $this->getQuery()->where('id', $id)->update(['last_activity' => $now]) === 1;
    }
}

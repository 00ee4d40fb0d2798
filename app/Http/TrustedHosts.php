<?php

declare(strict_types=1);

namespace App\Http;

/** Under which names this house is reached; a request for another is refused before anything is made of it. */
final class TrustedHosts
{
    /** @return list<string> patterns */
    public static function patterns(): array
    {
        $url = config('app.url');
        $own = is_string($url) ? parse_url($url, PHP_URL_HOST) : null;
        $named = config('velko.hosts');
        $hosts = array_filter([$own, ...is_array($named) ? $named : []], is_string(...));

        return array_values(array_map(static fn (string $host): string => '^'.preg_quote($host).'$', $hosts));
    }
}

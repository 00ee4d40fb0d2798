<?php

declare(strict_types=1);

/*
 * One writer of the drill: signs in, puts a pan on and says something of it again and again, each touch with an id of its own and
 * sent until it is acknowledged. Prints a line for each: acknowledged or refused, its id, when, and how often it was sent.
 */

[, $base, $email, $seconds] = $argv;
$end = microtime(true) + (float) $seconds;
$cookies = [];

/** @return array{int, mixed} status (0: no answer) and body */
$ask = static function (string $method, string $path, ?array $body = null) use ($base, &$cookies): array {
    $curl = curl_init($base.$path);
    curl_setopt_array($curl, [
        CURLOPT_CUSTOMREQUEST => $method, CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 12, CURLOPT_CONNECTTIMEOUT => 2,
        CURLOPT_HTTPHEADER => ['Accept: application/json', 'Content-Type: application/json', 'X-XSRF-TOKEN: '.rawurldecode($cookies['XSRF-TOKEN'] ?? ''), 'Cookie: '.implode('; ', array_map(static fn (string $name, string $value): string => "$name=$value", array_keys($cookies), $cookies))],
        CURLOPT_HEADERFUNCTION => static function ($curl, string $line) use (&$cookies): int {
            if (preg_match('/^Set-Cookie:\s*([^=]+)=([^;]*)/i', $line, $found) === 1) {
                $cookies[$found[1]] = $found[2];
            }

            return strlen($line);
        },
    ] + ($body === null ? [] : [CURLOPT_POSTFIELDS => json_encode($body)]));
    $answer = curl_exec($curl);

    return [curl_getinfo($curl, CURLINFO_RESPONSE_CODE), is_string($answer) ? json_decode($answer, true) : null];
};
$uuid = static fn (): string => vsprintf('%s%s-%s-4%s-a%s-%s%s%s', [...str_split(bin2hex(random_bytes(4)), 4), bin2hex(random_bytes(2)), substr(bin2hex(random_bytes(2)), 1), substr(bin2hex(random_bytes(2)), 1), ...str_split(bin2hex(random_bytes(6)), 4)]);

$until = static function (int $wanted, callable $try) use ($end): array {
    while (true) {
        [$status, $body] = $try();
        if ($status === $wanted) {
            return $body;
        }
        fwrite(STDERR, "$status ".json_encode($body)."\n");
        microtime(true) < $end || exit(1);
        usleep(random_int(500_000, 2_000_000));
    }
};
$until(200, static fn (): array => $ask('POST', '/api/session', ['format' => 'velko.sign-in/1', 'email' => $email, 'password' => 'lock-keeper-rice']));
$kitchen = $until(200, static fn (): array => $ask('GET', '/api/kitchen'));
$id = $uuid();
$until(201, static fn (): array => $ask('POST', '/api/cooks', ['format' => 'velko.start-cook/1', 'id' => $id, 'ask' => $kitchen['begin']]));
$path = "/api/cooks/$id/events";
for ($n = 1; microtime(true) < $end; $n++) {
    $event = ['id' => $uuid(), 'kind' => 'note', 'note' => "touch $n", 'at' => gmdate('Y-m-d\TH:i:s.').sprintf('%03dZ', (int) (1000 * fmod(microtime(true), 1)))];
    for ($tries = 1; ; $tries++) {
        [$status] = $ask('POST', $path, $event);
        // Without an answer, on a fault of the house or when it is busy: the same again, as the tablet does.
        if ($status >= 200 && $status < 300 || $status >= 400 && $status < 429) {
            break;
        }
        microtime(true) < $end + 60 || exit(1);
        usleep(200_000);
    }
    echo $status < 300 ? 'acknowledged' : "refused-$status", " {$event['id']} ", microtime(true), " $tries\n";
    usleep(250_000);
}

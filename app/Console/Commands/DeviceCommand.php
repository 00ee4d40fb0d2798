<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Devices\Reading;
use App\Devices\StandIn\StandIn;
use App\Models\DeviceKind;
use Carbon\CarbonImmutable;
use Generator;
use Illuminate\Console\Command;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\PendingRequest;
use Illuminate\Http\Client\Response;
use Illuminate\Support\Facades\Http;
use Throwable;

/**
 * A scale, a probe or a knob that is not there: a process of its own that speaks the line protocol to a Velko, as a real
 * device would. One process serves the rings whose keys it is given. What cannot be sent waits, with its moment.
 */
final class DeviceCommand extends Command
{
    protected $signature = 'velko:device
        {kind : scale, probe or knob}
        {--url=http://127.0.0.1:8420 : where Velko is}
        {--keys= : a file with a device\'s key on each line}
        {--power=1.2 : how strong the rings truly are, times what their marks say}
        {--seed=1 : of its errors}
        {--every=2 : seconds between two readings}
        {--clock= : - to take a reading at each moment on standard input instead, and say a dot after each}';

    protected $description = 'Stands in for a scale, a probe or a knob at the kitchen\'s rings, played by the engine';

    /** Least and most. */
    private const POWER = [0.2, 5.0];

    /** Readings that wait for a Velko that does not answer, a ring. */
    private const WAITING = 900;

    private const NOW_AND_THEN = 3;

    /** The command gives up after so many seconds without an answer. */
    private const PATIENCE = 20;

    private StandIn $standIn;

    /** @var array<string, array<string, mixed>> velko.device-pan/1 as it was last told, by key */
    private array $known = [];

    /** @var array<string, list<Reading>> by key */
    private array $waiting = [];

    public function handle(): int
    {
        $kind = DeviceKind::tryFrom($this->words('kind'));
        $keys = $this->keys();
        $power = (float) $this->words('power');
        $fault = match (true) {
            $kind === null => 'kind: must be scale, probe or knob',
            $keys === null => '--keys: must be a file with a device\'s key on each line',
            $power < self::POWER[0] || $power > self::POWER[1] => '--power: must be a number from '.implode(' to ', self::POWER),
            default => null,
        };
        if ($kind === null || $keys === null || $fault !== null) {
            $this->line($fault);

            return self::INVALID;
        }
        $this->standIn = new StandIn($power, (int) $this->words('seed'));
        foreach ($this->moments() as $turn => $at) {
            $keys = array_filter($keys, fn (string $key): bool => ! $this->isTurn($key, $turn) || $this->tick($kind, $key, $at));
            if ($keys === []) {
                return self::FAILURE;
            }
            if ($this->words('clock') === '-') {
                $this->line('.');
            }
        }

        return self::SUCCESS;
    }

    /** A free ring is looked at now and then only. */
    private function isTurn(string $key, int $turn): bool
    {
        return $this->words('clock') === '-' || ($this->known[$key]['pan'] ?? null) !== null || $turn % self::NOW_AND_THEN === 0;
    }

    /** @return bool false when there is no such device any more */
    private function tick(DeviceKind $kind, string $key, int $at): bool
    {
        try {
            $answer = $this->http($key)->get('/api/devices/pan');
            if ($this->isGone($answer)) {
                return false;
            }
            if ($answer->ok()) {
                $this->known[$key] = $answer->json();
            }
        } catch (ConnectionException) {
            // The pan boils on, whether anybody hears of it or not.
        }
        $document = $this->known[$key] ?? null;
        if ($document === null) {
            return true;
        }
        if ($document['kind'] !== $kind->value) {
            $this->line("{$document['name']} is a {$document['kind']}, not a {$kind->value}");

            return false;
        }
        $this->waiting[$key] = array_slice([...$this->waiting[$key] ?? [], $this->standIn->read($document, $at)], -self::WAITING);
        try {
            $answer = $this->http($key)->withBody(implode("\n", array_map(static fn (Reading $reading): string => $reading->line(), $this->waiting[$key]))."\n", 'text/plain')->post('/api/devices/lines');
        } catch (ConnectionException) {
            return true;
        }
        if ($this->isGone($answer)) {
            return false;
        }
        if ($answer->successful() || $answer->unprocessableEntity()) {
            foreach ($this->waiting[$key] as $reading) {
                $this->line("{$document['name']}: {$reading->line()}", verbosity: 'v');
            }
            if ($answer->unprocessableEntity()) {
                $this->line("{$document['name']} was not understood: {$answer->body()}");
            }
            $this->waiting[$key] = [];
        }

        return true;
    }

    private function isGone(Response $answer): bool
    {
        if ($answer->status() === 401) {
            $this->line('A key opens nothing any more; give this device a new one on the Kitchen screen.');
        }

        return $answer->status() === 401;
    }

    private function http(string $key): PendingRequest
    {
        return Http::baseUrl($this->words('url'))->withToken($key)->acceptJson()->connectTimeout(2)->timeout(self::PATIENCE);
    }

    /** @return Generator<int, int> ms since 1970 */
    private function moments(): Generator
    {
        if ($this->words('clock') !== '-') {
            while (true) {
                yield CarbonImmutable::now()->getTimestampMs();
                usleep((int) (1e6 * max(0.1, (float) $this->words('every'))));
            }
        }
        while (($line = fgets(STDIN)) !== false) {
            try {
                yield CarbonImmutable::parse(trim($line))->getTimestampMs();
            } catch (Throwable) {
                $this->line('not a moment: '.trim($line));
            }
        }
    }

    /** @return non-empty-list<string>|null */
    private function keys(): ?array
    {
        $file = $this->words('keys');
        $lines = is_file($file) ? file($file, FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) : false;

        return $lines === false || $lines === [] ? null : array_map(trim(...), $lines);
    }

    private function words(string $name): string
    {
        $value = $this->hasArgument($name) ? $this->argument($name) : $this->option($name);

        return is_string($value) ? $value : '';
    }
}

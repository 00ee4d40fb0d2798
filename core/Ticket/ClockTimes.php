<?php

declare(strict_types=1);

namespace Velko\Core\Ticket;

use Velko\Core\Quantity\Fact;

/** Finds the time in a ticket: "19:40", "8.15", "1940", "at 8", "7pm", "half past eight". */
final readonly class ClockTimes
{
    private const HALF_DAY = '(?<half>[ap](?!\p{L})|\s*[ap]\.?m\b\.?)?';

    public function __construct(private ServiceHours $hours) {}

    /**
     * Takes the time out of a ticket.
     *
     * @param  string  $text  A bar is left where the time stood.
     *
     * @return list<string>|null HH:MM, all that it can mean; null if no time is said
     *
     * @throws Refused if it is no time of the day, or if there are two
     */
    public function takenFrom(string &$text): ?array
    {
        $found = null;
        foreach ($this->ways() as [$pattern, $read]) {
            while (preg_match($pattern, $text, $part, PREG_OFFSET_CAPTURE | PREG_UNMATCHED_AS_NULL) === 1) {
                if ($found !== null) {
                    throw new Refused(Fact::of('order.two-times'));
                }
                $found = $read(array_map(static fn (array $one): ?string => $one[0] === null ? null : mb_strtolower($one[0]), $part));
                $text = substr_replace($text, ' | ', $part[0][1], strlen((string) $part[0][0]));
            }
        }

        return $found;
    }

    /** @return list<array{string, callable(array<string|null>): list<string>}> patterns, and what each says */
    private function ways(): array
    {
        $hour = '(?<hour>'.NumberWords::pattern(12).'|\d{1,2})(?![\d:.]\d)(?!\p{L}|\d)';
        $minutes = '(?<minutes>half|(?:a\s+)?quarter|five|ten|twenty|25|twenty-five|5|10|20)';
        $refuse = static fn (array $part): never => throw new Refused(Fact::of('order.no-time'));

        return [
            ['/\bin\s+(?:\d+|'.NumberWords::pattern().'|half\s+an?|an?)\s*(?:h|hours?|min(?:ute)?s?)\b/iu', $refuse],
            ['/(?<![\d:.#\-\p{L}])(?<hour>\d{1,2})(?:\s?h\s?|[:.])(?<minute>\d{2})(?::00)?'.self::HALF_DAY.'(?![\d\p{L}])(?![:.]\d)/iu', fn (array $part): array => $this->at((int) $part['hour'], (int) $part['minute'], $part['half'] ?? '', str_starts_with((string) $part['hour'], '0'))],
            ['/(?<![\d:.#\-\p{L}])(?<hour>[01]\d|2[0-3])(?<minute>[0-5]\d)(?:\s?h(?:rs?)?)?(?![\d:.\p{L}])/iu', fn (array $part): array => [self::clock((int) $part['hour'], (int) $part['minute'])]],
            ["/\\b$minutes(?:\\s+min(?:ute)?s?)?\\s+(?<way>past|to)\\s+$hour".self::HALF_DAY.'/iu', fn (array $part): array => $this->past($part)],
            ["/\\bhalf\\s+$hour".self::HALF_DAY.'/iu', fn (array $part): array => $this->half(self::number((string) $part['hour']), $part['half'] ?? '')],
            ['/(?<![\d:.#\-\p{L}])(?<hour>\d{1,2})(?<half>[ap](?!\p{L})|\s*[ap]\.?m\b\.?)/iu', fn (array $part): array => $this->at((int) $part['hour'], 0, (string) $part['half'])],
            ["/(?<![\\d:.#\\-\\p{L}])$hour\\s*o['’]?clock\\b/iu", fn (array $part): array => $this->at(self::number((string) $part['hour']), 0, '')],
            ["/(?:\\bat|\\bby|@)\\s*$hour(?!\\s*(?:x|×|mains?|covers?|starters?|people|guests?|pax)\\b)/iu", fn (array $part): array => $this->at(self::number((string) $part['hour']), 0, '')],
            ['/(?<![\d:.#\-\p{L}])(?<hour>\d{1,2})\s?(?:h|hrs?|uhr)(?!\p{L})/iu', fn (array $part): array => $this->at((int) $part['hour'], 0, '')],
            ['/\b(?<noon>noon|midday|midnight)\b/iu', static fn (array $part): array => [$part['noon'] === 'midnight' ? '00:00' : '12:00']],
        ];
    }

    private static function number(string $said): int
    {
        return NumberWords::of($said) ?? (int) $said;
    }

    /**
     * @param  array<string|null>  $part
     *
     * @return list<string>
     */
    private function past(array $part): array
    {
        $said = trim((string) preg_replace('/^a\s+/iu', '', (string) $part['minutes']));
        $minutes = match ($said) {
            'half' => 30,
            'quarter' => 15,
            'twenty-five' => 25,
            default => self::number($said),
        };
        $hour = self::number((string) $part['hour']);

        return $part['way'] === 'past' ? $this->at($hour, $minutes, $part['half'] ?? '') : $this->at($hour === 1 ? 12 : $hour - 1, 60 - $minutes, $part['half'] ?? '');
    }

    /**
     * "Half eight" is half past eight to some and half past seven to others.
     *
     * @return list<string>
     */
    private function half(int $hour, string $halfDay): array
    {
        return [...$this->at($hour === 1 ? 12 : $hour - 1, 30, $halfDay), ...$this->at($hour, 30, $halfDay)];
    }

    /**
     * @param  bool  $ofTheDay  Written as an hour of twenty-four: "08:15".
     *
     * @return list<string>
     *
     * @throws Refused
     */
    private function at(int $hour, int $minute, string $halfDay, bool $ofTheDay = false): array
    {
        $letter = trim($halfDay)[0] ?? '';
        if ($hour > 23 || $minute > 59 || ($letter !== '' && ($hour < 1 || $hour > 12))) {
            throw new Refused(Fact::of('order.no-time'));
        }
        if ($letter !== '') {
            return [self::clock($hour % 12 + ($letter === 'p' ? 12 : 0), $minute)];
        }
        if ($hour > 12 || $hour === 0 || $ofTheDay) {
            return [self::clock($hour, $minute)];
        }
        $either = [$hour, $hour === 12 ? 0 : $hour + 12];
        $within = array_filter($either, fn (int $one): bool => $this->hours->has(60 * $one + $minute));

        return array_map(static fn (int $one): string => self::clock($one, $minute), array_values($within === [] ? $either : $within));
    }

    private static function clock(int $hour, int $minute): string
    {
        return sprintf('%02d:%02d', $hour, $minute);
    }
}

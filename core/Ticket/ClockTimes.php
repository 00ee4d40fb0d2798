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
        foreach (self::patterns() as $way => $pattern) {
            while (preg_match($pattern, $text, $part, PREG_OFFSET_CAPTURE | PREG_UNMATCHED_AS_NULL) === 1) {
                if ($found !== null) {
                    throw new Refused(Fact::of('order.two-times'));
                }
                $said = static fn (string $name): string => mb_strtolower($part[$name][0] ?? '');
                $found = match ($way) {
                    'in-so-long' => throw new Refused(Fact::of('order.no-time')),
                    'minutes' => $this->at((int) $said('hour'), (int) $said('minute'), $said('half'), str_starts_with($said('hour'), '0')),
                    'four-digits' => [self::clock((int) $said('hour'), (int) $said('minute'))],
                    'past' => $this->past($said('minutes'), $said('way'), self::number($said('hour')), $said('half')),
                    'half' => $this->halfHour(self::number($said('hour')), $said('half')),
                    'noon' => [$said('noon') === 'midnight' ? '00:00' : '12:00'],
                    default => $this->at(self::number($said('hour')), 0, $said('half')),
                };
                $text = substr_replace($text, ' | ', $part[0][1], strlen((string) $part[0][0]));
            }
        }

        return $found;
    }

    /** @return array<string, string> patterns by the way in which a time is written; what stands first is looked for first */
    private static function patterns(): array
    {
        $apart = '(?<![\d:.#\-\p{L}])';
        $hour = '(?<hour>'.NumberWords::pattern(12).'|\d{1,2})(?![\d:.]\d)(?!\p{L}|\d)';
        $minutes = '(?<minutes>half|(?:a\s+)?quarter|five|ten|twenty|25|twenty-five|5|10|20)';

        return [
            'in-so-long' => '/\bin\s+(?:\d+|'.NumberWords::pattern().'|half\s+an?|an?)\s*(?:h|hours?|min(?:ute)?s?)\b/iu',
            'minutes' => "/$apart(?<hour>\\d{1,2})(?:\\s?h\\s?|[:.])(?<minute>\\d{2})(?::00)?".self::HALF_DAY.'(?![\d\p{L}])(?![:.]\d)/iu',
            'four-digits' => "/$apart(?<hour>[01]\\d|2[0-3])(?<minute>[0-5]\\d)(?:\\s?h(?:rs?)?)?(?![\\d:.\\p{L}])/iu",
            'past' => "/\\b$minutes(?:\\s+min(?:ute)?s?)?\\s+(?<way>past|to)\\s+$hour".self::HALF_DAY.'/iu',
            'half' => "/\\bhalf\\s+$hour".self::HALF_DAY.'/iu',
            'half-day' => "/$apart(?<hour>\\d{1,2})(?<half>[ap](?!\\p{L})|\\s*[ap]\\.?m\\b\\.?)/iu",
            'o-clock' => "/$apart$hour\\s*o['’]?clock\\b/iu",
            'at' => "/(?:\\bat|\\bby|@)\\s*$hour(?!\\s*(?:x|×|mains?|covers?|starters?|people|guests?|pax)\\b)/iu",
            'hours' => "/$apart(?<hour>\\d{1,2})\\s?(?:h|hrs?|uhr)(?!\\p{L})/iu",
            'noon' => '/\b(?<noon>noon|midday|midnight)\b/iu',
        ];
    }

    private static function number(string $said): int
    {
        return NumberWords::of($said) ?? (int) $said;
    }

    /** @return list<string> */
    private function past(string $minutes, string $way, int $hour, string $halfDay): array
    {
        $minute = match (trim((string) preg_replace('/^a\s+/u', '', $minutes))) {
            'half' => 30,
            'quarter' => 15,
            'twenty-five' => 25,
            default => self::number($minutes),
        };

        return $way === 'past' ? $this->at($hour, $minute, $halfDay) : $this->at($hour === 1 ? 12 : $hour - 1, 60 - $minute, $halfDay);
    }

    /**
     * "Half eight" is half past eight to some and half past seven to others.
     *
     * @return list<string>
     */
    private function halfHour(int $hour, string $halfDay): array
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
        $either = array_map(static fn (int $hours): int => 60 * $hours + $minute, [$hour, $hour === 12 ? 0 : $hour + 12]);

        return array_map(static fn (int $minutes): string => self::clock(intdiv($minutes, 60), $minutes % 60), $this->hours->likely($either));
    }

    private static function clock(int $hour, int $minute): string
    {
        return sprintf('%02d:%02d', $hour, $minute);
    }
}

<?php

declare(strict_types=1);

namespace App\Stove;

use Carbon\CarbonImmutable;
use Illuminate\Http\Request;

/**
 * How far a device's clock is from ours, measured at this very exchange: it says what it thinks the time is as it sends. What
 * it kept meanwhile was written by the same clock, so the same distance brings all of it to ours.
 */
final readonly class DeviceClock
{
    public const HEADER = 'X-Device-Now';

    /** A request is on its way for no longer, and two clocks that both mean well are no further apart, ms. */
    private const ALIKE = 2_000;

    /** The most that a moment may lie in the future by a clock that was measured, ms. */
    private const AHEAD = 300_000;

    /** The most that it may lie in the future by a clock that was not measured, ms. */
    private const AHEAD_UNMEASURED = 7_200_000;

    /** A pan says nothing before it is put on; so much is left to clocks, ms. */
    private const BEFORE = 7_200_000;

    /** @param  int|null  $offset  ms to add to what the device says; null: it did not say what time it has */
    private function __construct(private ?int $offset, private int $now) {}

    /** What the device says the time is. */
    public static function said(Request $request): ?CarbonImmutable
    {
        $said = $request->headers->get(self::HEADER);

        return $said !== null && CarbonImmutable::canBeCreatedFromFormat($said, 'Y-m-d\TH:i:s.v\Z') ? CarbonImmutable::createFromFormat('Y-m-d\TH:i:s.v\Z', $said, 'UTC') : null;
    }

    public static function of(Request $request, CarbonImmutable $now): self
    {
        $theirs = config('velko.clocks_run_ahead') === true ? null : self::said($request);
        $offset = $theirs === null ? null : $now->getTimestampMs() - $theirs->getTimestampMs();

        return new self($offset !== null && abs($offset) <= self::ALIKE ? 0 : $offset, $now->getTimestampMs());
    }

    /** @return int ms since 1970, by our clock */
    public function moment(int $at): int
    {
        return max(0, $at + ($this->offset ?? 0));
    }

    /**
     * Whether a moment cannot be right: it has not come yet, or nothing was on the fire then.
     *
     * @param  int  $at  ms since 1970, by our clock
     * @param  int  $putOn  ms since 1970
     */
    public function isImpossible(int $at, int $putOn): bool
    {
        return $at > $this->now + ($this->offset === null ? self::AHEAD_UNMEASURED : self::AHEAD) || $at < $putOn - self::BEFORE;
    }
}

<?php

declare(strict_types=1);

namespace App\Dish;

use App\Contracts\BadDocument;

/** The parts of a JPEG, walked through without decoding it: what it would cost to decode, and what is in it beside the picture (ITU-T T.81, annex B). */
final readonly class JpegParts
{
    private const APP0 = 0xE0;

    private const START_OF_SCAN = 0xDA;

    private const END = 0xD9;

    /** Frames that are sent in several scans. */
    private const PROGRESSIVE = [0xC2, 0xC6, 0xCA, 0xCE];

    /** All that a baseline picture is made of: tables, a frame, a restart interval, a scan. */
    private const OF_A_PICTURE = [self::APP0, 0xC0, 0xC4, 0xDB, 0xDD, self::START_OF_SCAN];

    /** Bytes of an APP0 that holds no small picture: version, density. */
    private const BARE_APP0 = 16;

    private const MOST_PARTS = 400;

    /**
     * @param  int  $scans  How often all of the picture is gone through.
     * @param  bool  $isBare  Nothing is in it but one baseline picture, and nothing after it.
     */
    private function __construct(public int $scans, public bool $isProgressive, public bool $isBare) {}

    /** @throws BadDocument if it does not reach its end, or has more parts than any camera makes */
    public static function of(string $jpeg): self
    {
        $at = 2;
        $scans = $parts = 0;
        $progressive = false;
        $bare = true;
        while (true) {
            if (++$parts > self::MOST_PARTS) {
                throw BadDocument::at('', 'must be a picture of at most '.self::MOST_PARTS.' parts');
            }
            while (($jpeg[$at + 1] ?? '') === "\xFF") {
                $at++; // bytes that only fill
            }
            if (($jpeg[$at] ?? '') !== "\xFF" || ! isset($jpeg[$at + 1])) {
                throw BadDocument::at('', 'must be a picture: it cannot be read to its end');
            }
            $marker = ord($jpeg[$at + 1]);
            if ($marker === self::END) {
                return new self($scans, $progressive, $bare && $scans === 1 && $at + 2 === strlen($jpeg));
            }
            $length = isset($jpeg[$at + 3]) ? ord($jpeg[$at + 2]) * 256 + ord($jpeg[$at + 3]) : 0;
            $progressive = $progressive || in_array($marker, self::PROGRESSIVE, true);
            $bare = $bare && in_array($marker, self::OF_A_PICTURE, true) && ($marker !== self::APP0 || $length === self::BARE_APP0);
            $at += 2 + max(2, $length);
            if ($marker === self::START_OF_SCAN) {
                $scans++;
                // Its data go on to the next marker that is no escaped byte and no restart.
                if (preg_match('/\xFF[^\x00\xD0-\xD7\xFF]/', $jpeg, $next, PREG_OFFSET_CAPTURE, min($at, strlen($jpeg))) !== 1) {
                    throw BadDocument::at('', 'must be a picture: it cannot be read to its end');
                }
                $at = $next[0][1];
            }
        }
    }
}

<?php

declare(strict_types=1);

namespace App\Contracts;

use JsonException;
use stdClass;

/**
 * Reads JSON whose shape is no attack: it is looked over as text first, at the speed of text, so that nothing large is built
 * only to be refused.
 */
final class Shape
{
    /** Levels within each other. */
    public const DEPTH = 48;

    /** Values in a body: counted by what stands between them, commas in words included. */
    private const MOST_VALUES = 50_000;

    /** Bytes of a field's name; a kitchen's marks are names too. */
    private const LONGEST_NAME = 400;

    /**
     * Finds one that is longer. Each text is walked through once, whatever is in it: what is short, or no name, is passed over
     * as a whole, and a text that never ends ends the search.
     */
    private const LONG_NAME = '/"(?:[^"\\\\]|\\\\.){0,'.self::LONGEST_NAME.'}+"(*SKIP)(*FAIL)|"(?:[^"\\\\]++|\\\\.)*+(?:"(?:(?=\s*+:)|(*SKIP)(*FAIL))|(*COMMIT)(*FAIL))/s';

    /**
     * @param  int|null  $values  most of them; null: as a body has
     *
     * @throws BadDocument
     */
    public static function read(string $json, ?int $values = null): stdClass
    {
        $most = $values ?? self::MOST_VALUES;
        if (substr_count($json, ',') + substr_count($json, '[') + substr_count($json, '{') > $most) {
            throw BadDocument::at('', "must hold at most $most values");
        }
        if (preg_match(self::LONG_NAME, $json) !== 0) { // false where the search gives up
            throw BadDocument::at('', 'has a name in it of more than '.self::LONGEST_NAME.' bytes');
        }
        try {
            $document = json_decode($json, false, self::DEPTH, JSON_THROW_ON_ERROR);
        } catch (JsonException $fault) {
            throw BadDocument::at('', 'not JSON that can be read: '.mb_strtolower($fault->getMessage()));
        }

        return $document instanceof stdClass ? $document : throw BadDocument::at('', 'must be one JSON object');
    }
}

<?php

declare(strict_types=1);

namespace App\Contracts;

use Illuminate\Http\Request;
use Override;
use Symfony\Component\HttpFoundation\InputBag;

/**
 * A request whose body nobody has decoded. The framework decodes a JSON body before any route, limit or sign-in is asked, and a body of zeros then
 * costs a guest nothing and the house a second. Ours are read by their contract once the route has let them in.
 */
final class BodyUnread extends Request
{
    /** Bytes of a body that is read before anybody is signed in. */
    public const LONGEST_OF_A_GUEST = 16384;

    private const MOST_VALUES_OF_A_GUEST = 200;

    /** @return ($key is null ? InputBag<bool|float|int|string|null> : mixed) */
    #[Override]
    public function json($key = null, $default = null)
    {
        return $key === null ? new InputBag : $default;
    }

    /** One field of a short body, for a limit that counts by it; null if there is none. */
    public static function field(Request $request, string $name): mixed
    {
        $length = $request->headers->get('Content-Length');
        if (is_numeric($length) && (int) $length > self::LONGEST_OF_A_GUEST) {
            return null;
        }
        $body = $request->getContent();
        try {
            return strlen($body) > self::LONGEST_OF_A_GUEST ? null : Shape::read($body, self::MOST_VALUES_OF_A_GUEST)->{$name} ?? null;
        } catch (BadDocument) {
            return null;
        }
    }
}

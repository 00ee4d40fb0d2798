<?php

declare(strict_types=1);

namespace App\People;

use App\Contracts\BadDocument;
use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Hash;

/**
 * A tablet that many stand at. Its session belongs to whoever signed in; a PIN tells whose hands are at it. A PIN opens no
 * account and allows nothing that whoever signed in may not.
 */
final class Hands
{
    private const NOW = 'hand';

    /** All who have shown their PIN here: what they said without network is still sent as theirs. */
    private const SHOWN = 'hands_shown';

    /** @throws BadDocument when that is not their PIN, or they have none */
    public static function to(Request $request, User $user, int $person, string $pin): void
    {
        $hand = $user->kitchen->people()->find($person);
        // A hash is checked for those without a PIN too.
        if (! Hash::check($pin, $hand->pin ?? Password::nobodys()) || $hand === null) {
            throw BadDocument::at('/pin', 'is not the PIN');
        }
        $request->session()->put(self::NOW, $hand->id === $user->id ? null : $hand->id);
        $request->session()->put(self::SHOWN, array_values(array_unique([...self::shown($request), $hand->id])));
        self::stand($request, $user);
    }

    /** Whoever signed in stands at it again. */
    public static function back(Request $request): void
    {
        $request->session()->forget(self::NOW);
    }

    /** Finds out who stands there. */
    public static function stand(Request $request, User $user): void
    {
        $id = $request->session()->get(self::NOW);
        $user->hand = is_int($id) ? $user->kitchen->people()->find($id) : null;
    }

    /** @return list<int> ids of who has shown a PIN here */
    public static function shown(Request $request): array
    {
        $shown = $request->session()->get(self::SHOWN);

        return is_array($shown) ? array_values(array_filter($shown, is_int(...))) : [];
    }

    /**
     * Who said a touch that comes from this tablet, maybe late.
     *
     * @param  mixed  $by  id as it was sent; null: whoever is signed in
     *
     * @throws BadDocument when that is no id
     */
    public static function whoSaid(Request $request, User $user, mixed $by): User
    {
        if ($by === null || $by === (string) $user->id) {
            return $user;
        }
        if (! is_string($by) || preg_match('/^[1-9][0-9]{0,14}$/', $by) !== 1) {
            throw BadDocument::at('/by', 'must be the number of somebody of this kitchen');
        }
        abort_unless(in_array((int) $by, self::shown($request), true), 403, 'Whoever said it has to show the PIN at this tablet first.');

        return $user->kitchen->users()->findOrFail((int) $by);
    }
}

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

    /** @throws BadDocument when that is not their PIN, or they have none */
    public static function to(Request $request, User $user, int $person, string $pin): void
    {
        $hand = $user->kitchen->people()->find($person);
        // A hash is checked for those without a PIN too.
        if (! Hash::check($pin, $hand->pin ?? Password::nobodys()) || $hand === null) {
            throw BadDocument::at('/pin', 'is not the PIN');
        }
        $request->session()->put(self::NOW, $hand->id === $user->id ? null : $hand->id);
        self::stand($request, $user);
    }

    /**
     * Whoever signed in stands at it again.
     *
     * @throws BadDocument when another stands there and that is not the password: they would be whoever signed in
     */
    public static function handBack(Request $request, User $user, string $password): void
    {
        if ($user->hand !== null) {
            Password::mustBe($user, $password);
        }
        self::forget($request);
        self::stand($request, $user);
    }

    public static function forget(Request $request): void
    {
        $request->session()->forget(self::NOW);
    }

    /**
     * Finds out who stands there.
     *
     * @return bool false where they do not belong to the kitchen any more: the tablet is nobody's then
     */
    public static function stand(Request $request, User $user): bool
    {
        $id = $request->session()->get(self::NOW);
        $user->hand = is_int($id) ? $user->kitchen->people()->find($id) : null;

        return ! is_int($id) || $user->hand !== null;
    }

    /**
     * Who said a touch that comes from this tablet, maybe late: whoever stands there, or somebody who was removed since.
     *
     * @param  mixed  $by  id as it was sent; null: whoever stands there
     *
     * @throws BadDocument when that is no id
     */
    public static function whoSaid(User $user, mixed $by): User
    {
        if ($by === null || $by === (string) $user->says()->id) {
            return $user->says();
        }
        if (! is_string($by) || preg_match('/^[1-9][0-9]{0,14}$/', $by) !== 1) {
            throw BadDocument::at('/by', 'must be the number of somebody of this kitchen');
        }
        $said = $user->kitchen->users()->find((int) $by);

        return $said?->left_at === null ? abort(403, 'Whoever said it has to show the PIN at this tablet first.') : $said;
    }
}

<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contracts\BadDocument;
use App\Models\BoilOffTest;
use App\Models\Burner;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Velko\Core\Learning\BoilOff;

/** Keeps a boil-off test and takes its result for the mark at once. */
final class SaveBoilOff
{
    /**
     * @param  array<string, mixed>  $document  velko.boil-off/1, held to its schema
     *
     * @throws BadDocument when the mark or the pan is not of this kitchen, or the pan gained weight
     */
    public static function of(Burner $burner, User $user, array $document): BoilOffTest
    {
        [$before, $after, $minutes] = array_map(static fn (string $field): float => is_numeric($document[$field]) ? (float) $document[$field] : 0.0, ['before_g', 'after_g', 'minutes']);
        $setting = $burner->settings()->where('mark', $document['mark'])->first();
        if ($setting === null) {
            throw BadDocument::at('/mark', 'must be one of the marks of '.$burner->name.': '.$burner->settings()->pluck('mark')->implode(', '));
        }
        $pan = $user->kitchen->pans()->where('id', $document['pan_id'])->first();
        if ($pan === null) {
            throw BadDocument::at('/pan_id', 'there is no such pan in this kitchen');
        }
        if ($after >= $before) {
            throw BadDocument::at('/after_g', "must be a number from 0 to $before (g, less than before)");
        }
        $test = BoilOff::of($before, $after, $minutes);
        if ($test->net > $burner->rated_w) {
            $least = ceil($before - ($before - $after) * $burner->rated_w / $test->net);
            throw BadDocument::at('/after_g', sprintf('must be a number from %d to %s (g): more steam than that is more than the %d W of %s', (int) $least, $before, (int) $burner->rated_w, $burner->name));
        }

        return DB::transaction(static function () use ($burner, $user, $document, $setting, $pan, $test, $before, $after, $minutes): BoilOffTest {
            $setting->update(['net_w' => round($test->net, 1)]);

            return BoilOffTest::query()->create([
                'kitchen_id' => $burner->kitchen_id, 'burner_id' => $burner->id, 'pan_id' => $pan->id, 'user_id' => $user->id, 'mark' => $document['mark'],
                'before_g' => $before, 'after_g' => $after, 'minutes' => $minutes, 'net_w' => round($test->net, 1), 'spread_w' => round($test->spread, 1),
            ]);
        }, attempts: 3);
    }
}

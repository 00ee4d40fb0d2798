<?php

declare(strict_types=1);

namespace App\People;

use App\Models\Kitchen;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** A kitchen is deleted with everything and everybody in it, a day after a chef said so. */
final class DeleteKitchen
{
    private const GRACE_HOURS = 24;

    /** In the order in which nothing points at what goes. Events go with their cooks, which the database does by itself. */
    private const TABLES = [
        'log_lines', 'held_touches', 'firings', 'nights', 'cooks', 'plans', 'devices', 'boil_off_tests', 'dish_versions', 'dish_side_works', 'dish_ingredients', 'dishes',
        'rice', 'stocks', 'pans', 'burner_settings', 'burners', 'ladles',
    ];

    public static function say(Kitchen $kitchen): void
    {
        $kitchen->update(['delete_at' => CarbonImmutable::now()->addHours(self::GRACE_HOURS)]);
    }

    public static function takeBack(Kitchen $kitchen): void
    {
        $kitchen->update(['delete_at' => null]);
    }

    public static function isDue(Kitchen $kitchen): bool
    {
        return $kitchen->delete_at !== null && $kitchen->delete_at->isPast();
    }

    /** All that it has and cooked goes; its people stay. */
    public static function empty(Kitchen $kitchen): void
    {
        DB::transaction(static function () use ($kitchen): void {
            foreach (self::TABLES as $table) {
                DB::table($table)->where('kitchen_id', $kitchen->id)->delete();
            }
        }, attempts: 3);
    }

    /** @return int how many kitchens went */
    public static function carryOut(): int
    {
        $due = DB::table('kitchens')->where('delete_at', '<=', CarbonImmutable::now())->pluck('id');
        foreach ($due as $id) {
            DB::transaction(static function () use ($id): void {
                DB::table('sessions')->whereIn('user_id', DB::table('users')->where('kitchen_id', $id)->select('id'))->delete();
                foreach ([...self::TABLES, 'door_links', 'users'] as $table) {
                    DB::table($table)->where('kitchen_id', $id)->delete();
                }
                DB::table('kitchens')->where('id', $id)->delete();
            }, attempts: 3);
        }

        return count($due);
    }
}

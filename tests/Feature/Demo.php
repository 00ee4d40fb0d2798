<?php

declare(strict_types=1);

namespace Tests\Feature;

use Database\Seeders\DatabaseSeeder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use RuntimeException;

/** The demo kitchen on a Monday at noon, seeded once and put back as it was for every test after that: its six weeks of cooks take seconds. */
final class Demo
{
    private const NOON = '2026-05-04T11:00:00Z';

    private const AT_ONCE = 200;

    /** @var array<string, list<array<string, mixed>>>|null rows by table */
    private static ?array $rows = null;

    /** Into a database that has no kitchen; the clock stands still from there on. */
    public static function open(): void
    {
        test()->travelTo(Carbon::parse(self::NOON));
        config(['velko.demo' => true]);
        if (self::$rows === null) {
            test()->seed(DatabaseSeeder::class);
            self::$rows = self::rows();

            return;
        }
        if (DB::table('kitchens')->exists()) {
            throw new RuntimeException('the demo goes into a database that has no kitchen');
        }
        // They come in the order of their names, not of what refers to what.
        Schema::withoutForeignKeyConstraints(static function (): void {
            foreach (self::$rows ?? [] as $table => $rows) {
                foreach (array_chunk($rows, self::AT_ONCE) as $some) {
                    DB::table($table)->insert($some);
                }
            }
        });
    }

    /** @return array<string, list<array<string, mixed>>> */
    private static function rows(): array
    {
        $rows = [];
        foreach (array_diff(Schema::getTableListing(schema: DB::getDatabaseName(), schemaQualified: false), ['migrations']) as $table) {
            $rows[$table] = array_values(DB::table($table)->get()->map(static fn (object $row): array => (array) $row)->all());
        }

        return array_filter($rows);
    }
}

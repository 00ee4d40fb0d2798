<?php

declare(strict_types=1);

use App\Console\TriggersAllowed;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Plans as they were put on the fire, cooks, and their append-only events. */
return new class extends Migration
{
    public function up(): void
    {
        $server = (array) DB::selectOne('SELECT @@log_bin AS log_bin, @@log_bin_trust_function_creators AS trusted');
        TriggersAllowed::check(['log_bin' => $server['log_bin'], 'trusted' => $server['trusted']], array_map(static fn (object $row): string => (string) current((array) $row), DB::select('SHOW GRANTS')));

        Schema::create('plans', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->foreignId('dish_id')->constrained()->restrictOnDelete();
            $table->foreignId('pan_id')->constrained()->restrictOnDelete();
            $table->foreignId('burner_id')->constrained()->restrictOnDelete();
            $table->json('request');
            $table->json('working');
            $table->dateTime('table_at');
            $table->timestamps();
        });

        Schema::create('cooks', function (Blueprint $table): void {
            $table->id();
            $table->uuid()->unique();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->foreignId('plan_id')->constrained()->restrictOnDelete();
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->timestamps();
        });

        Schema::create('cook_events', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->foreignId('cook_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->uuid();
            $table->string('kind', 20);
            $table->json('payload');
            $table->unsignedBigInteger('device_at')->comment('ms since 1970 UTC, by the device');
            $table->unsignedBigInteger('server_at')->comment('ms since 1970 UTC, by the server');
            $table->unique(['cook_id', 'uuid']);
            $table->index(['cook_id', 'device_at', 'id']);
        });

        foreach (['UPDATE', 'DELETE'] as $action) {
            DB::unprepared(sprintf(
                "CREATE TRIGGER cook_events_keep_%s BEFORE %s ON cook_events FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'cook events are only ever added'",
                strtolower($action),
                $action,
            ));
        }
    }

    public function down(): void
    {
        foreach (['cook_events', 'cooks', 'plans'] as $name) {
            Schema::dropIfExists($name);
        }
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What a log of twenty thousand cooks is looked through by; touches whose clock cannot be right; an archive that comes in parts. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('cooks', static function (Blueprint $table): void {
            $table->dateTime('table_at')->nullable()->comment('as in its plan: the log is in this order');
            $table->index(['kitchen_id', 'table_at', 'id']);
            $table->index(['kitchen_id', 'created_at']);
        });
        DB::statement('UPDATE cooks JOIN plans ON plans.id = cooks.plan_id SET cooks.table_at = plans.table_at');
        Schema::table('cooks', static fn (Blueprint $table) => $table->dateTime('table_at')->nullable(false)->change());
        Schema::table('cook_events', static function (Blueprint $table): void {
            $table->boolean('out_of_time')->default(false)->comment('its clock cannot be right: kept, not counted');
            $table->index(['kitchen_id', 'kind', 'id']);
        });
        Schema::table('kitchens', static fn (Blueprint $table) => $table->unsignedInteger('cooks_to_come')->default(0)->comment('of an archive that comes in parts'));
    }

    public function down(): void
    {
        Schema::table('kitchens', static fn (Blueprint $table) => $table->dropColumn('cooks_to_come'));
        Schema::table('cook_events', static function (Blueprint $table): void {
            $table->index('kitchen_id');
            $table->dropIndex(['kitchen_id', 'kind', 'id']);
            $table->dropColumn('out_of_time');
        });
        Schema::table('cooks', static function (Blueprint $table): void {
            // The key to the kitchen leans on an index that begins with it.
            $table->index('kitchen_id');
            $table->dropIndex(['kitchen_id', 'created_at']);
            $table->dropIndex(['kitchen_id', 'table_at', 'id']);
            $table->dropColumn('table_at');
        });
    }
};

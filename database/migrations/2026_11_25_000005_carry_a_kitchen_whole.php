<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Temperatures that a kitchen's own code asks for, and what a log needs to travel: a cook's id is one kitchen's own, who
 * cooked is known by name where there is no such user, and a plan may name a pan that is no longer there.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('kitchens', function (Blueprint $table): void {
            foreach (['fish_c' => 63, 'poultry_c' => 74, 'meat_c' => 63, 'hot_holding_c' => 57] as $name => $celsius) {
                $table->decimal($name, 4, 1)->default($celsius);
            }
            $table->unsignedTinyInteger('fridge_days')->default(7);
        });
        Schema::table('plans', function (Blueprint $table): void {
            foreach (['dish_id', 'pan_id', 'burner_id'] as $name) {
                $table->unsignedBigInteger($name)->nullable()->change();
            }
        });
        Schema::table('cooks', function (Blueprint $table): void {
            $table->string('cooked_by', 80)->nullable()->comment('by name, where the cook came with an archive');
            $table->dropUnique(['uuid']);
            $table->unique(['kitchen_id', 'uuid']);
        });
        Schema::table('cook_events', function (Blueprint $table): void {
            $table->string('said_by', 80)->nullable()->comment('by name, where the event came with an archive');
        });
        $this->bringKeptPlansUpToDate();
    }

    /**
     * The curve of more and fewer covers is asked with what else is around a pan now; and plans from before mains and
     * starters shared one say how large a plate of theirs was.
     */
    private function bringKeptPlansUpToDate(): void
    {
        DB::statement("UPDATE plans SET working = JSON_REMOVE(working, '$.why') WHERE JSON_EXISTS(working, '$.why')");
        foreach (['grams_main', 'grams_starter'] as $field) {
            DB::statement("UPDATE plans SET working = JSON_INSERT(working, '$.dish.$field', JSON_EXTRACT(request, '$.rice.grams_per_cover')) WHERE NOT JSON_EXISTS(working, '$.dish.$field')");
        }
    }

    public function down(): void
    {
        Schema::table('cook_events', fn (Blueprint $table) => $table->dropColumn('said_by'));
        Schema::table('cooks', function (Blueprint $table): void {
            $table->unique('uuid');
            $table->index('kitchen_id');
            $table->dropUnique(['kitchen_id', 'uuid']);
            $table->dropColumn('cooked_by');
        });
        Schema::table('kitchens', fn (Blueprint $table) => $table->dropColumn(['fish_c', 'poultry_c', 'meat_c', 'hot_holding_c', 'fridge_days']));
    }
};

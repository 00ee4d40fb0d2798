<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Allergens and diet of which nobody has said anything are null: unknown, not none. */
return new class extends Migration
{
    private const DIETS = ['vegan', 'vegetarian', 'pescatarian', 'any'];

    public function up(): void
    {
        Schema::table('dish_ingredients', static function (Blueprint $table): void {
            $table->enum('suits', self::DIETS)->nullable()->change();
            $table->string('allergens', 160)->nullable()->default(null)->comment('by name, commas between; empty: none; null: nobody has said')->change();
        });
        Schema::table('stocks', static fn (Blueprint $table) => $table->string('allergens', 160)->nullable()->default(null)->comment('by name, commas between; without those its base brings; null: nobody has said')->change());
    }

    public function down(): void
    {
        DB::table('dish_ingredients')->whereNull('suits')->update(['suits' => 'any']);
        DB::table('dish_ingredients')->whereNull('allergens')->update(['allergens' => '']);
        DB::table('stocks')->whereNull('allergens')->update(['allergens' => '']);
        Schema::table('dish_ingredients', static function (Blueprint $table): void {
            $table->enum('suits', self::DIETS)->change();
            $table->string('allergens', 160)->default('')->change();
        });
        Schema::table('stocks', static fn (Blueprint $table) => $table->string('allergens', 160)->default('')->change());
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What goes into a dish besides rice and stock, the work beside it, and every version it had. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('dishes', function (Blueprint $table): void {
            $table->enum('diet', ['vegan', 'vegetarian', 'pescatarian', 'any'])->default('any')->after('minutes_to_table');
            $table->string('garnish', 240)->default('')->after('cheese_g_per_80_g');
        });
        Schema::create('dish_ingredients', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->foreignId('dish_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('position');
            $table->string('name', 80);
            $table->decimal('amount', 9, 3);
            $table->enum('unit', ['g', 'ml', 'pieces']);
            $table->enum('per', ['main', 'plate', 'floor', 'pan']);
            $table->enum('goes', ['base', 'with-the-rice', 'at-minute', 'nine-tenths-gone', 'last-two-minutes', 'on-top']);
            $table->decimal('minute', 5, 2)->nullable();
            $table->enum('suits', ['vegan', 'vegetarian', 'pescatarian', 'any']);
            $table->string('allergens', 160)->default('')->comment('by name, commas between');
            $table->unique(['dish_id', 'position']);
        });
        Schema::create('dish_side_works', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->foreignId('dish_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('position');
            $table->string('what', 120);
            $table->enum('ready', ['rice', 'stock', 'last-dose', 'table']);
            $table->decimal('takes_min', 6, 1);
            $table->decimal('hands_min', 5, 1);
            $table->boolean('ahead');
            $table->unique(['dish_id', 'position']);
        });
        Schema::create('dish_versions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->foreignId('dish_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->unsignedInteger('number');
            $table->json('document')->comment('velko.dish/1');
            $table->timestamp('created_at')->nullable();
            $table->unique(['dish_id', 'number']);
        });
    }

    public function down(): void
    {
        foreach (['dish_versions', 'dish_side_works', 'dish_ingredients'] as $name) {
            Schema::dropIfExists($name);
        }
        Schema::table('dishes', static fn (Blueprint $table) => $table->dropColumn(['diet', 'garnish']));
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a kitchen enters of itself: more about stocks and rice, boil-off tests; and nothing that was cooked in is ever thrown away. */
return new class extends Migration
{
    private const RETIRED = ['pans', 'burners', 'rice', 'stocks', 'dishes'];

    public function up(): void
    {
        // Two houses may well have the same name.
        Schema::table('kitchens', static fn (Blueprint $table) => $table->dropUnique(['name']));
        foreach (self::RETIRED as $name) {
            Schema::table($name, static fn (Blueprint $table) => $table->softDeletes());
        }
        Schema::table('rice', static fn (Blueprint $table) => $table->decimal('grams_per_cup', 5, 1)->nullable()->after('window_high'));
        Schema::table('stocks', function (Blueprint $table): void {
            $table->enum('base', ['vegetable', 'mushroom', 'fish', 'shellfish', 'poultry', 'meat'])->default('vegetable')->after('name');
            $table->decimal('batch_ml', 9, 1)->nullable()->after('held_at_c');
            $table->string('allergens', 160)->default('')->after('batch_ml')->comment('by name, commas between; without those its base brings');
        });
        Schema::create('boil_off_tests', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->foreignId('burner_id')->constrained()->cascadeOnDelete();
            $table->foreignId('pan_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('mark', 30);
            $table->decimal('before_g', 8, 1);
            $table->decimal('after_g', 8, 1);
            $table->decimal('minutes', 5, 2);
            $table->decimal('net_w', 8, 1);
            $table->decimal('spread_w', 7, 1);
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('boil_off_tests');
        Schema::table('stocks', static fn (Blueprint $table) => $table->dropColumn(['base', 'batch_ml', 'allergens']));
        Schema::table('rice', static fn (Blueprint $table) => $table->dropColumn('grams_per_cup'));
        foreach (self::RETIRED as $name) {
            Schema::table($name, static fn (Blueprint $table) => $table->dropSoftDeletes());
        }
    }
};

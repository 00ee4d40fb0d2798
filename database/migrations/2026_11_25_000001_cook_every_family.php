<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What pan rice and soupy rice ask of a dish, and the butter and cheese of a risotto. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('dishes', function (Blueprint $table): void {
            $table->enum('toast', ['quick', 'medium', 'slow'])->default('medium')->after('sealed');
            $table->boolean('rinsed')->default(false)->after('toast');
            $table->decimal('soak_min', 5, 1)->default(0)->after('rinsed');
            $table->enum('crust', ['none', 'gold', 'dark'])->default('none')->after('looseness');
            $table->enum('crust_school', ['short-and-hot', 'long-and-gentle'])->default('short-and-hot')->after('crust');
            $table->decimal('butter_g_per_80_g', 5, 1)->default(0)->after('finish');
            $table->boolean('butter_salted')->default(false)->after('butter_g_per_80_g');
            $table->decimal('cheese_g_per_80_g', 5, 1)->default(0)->after('butter_salted');
        });
    }

    public function down(): void
    {
        Schema::table('dishes', function (Blueprint $table): void {
            $table->dropColumn(['toast', 'rinsed', 'soak_min', 'crust', 'crust_school', 'butter_g_per_80_g', 'butter_salted', 'cheese_g_per_80_g']);
        });
    }
};

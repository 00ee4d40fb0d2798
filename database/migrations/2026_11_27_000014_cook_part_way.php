<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* Rice cooked part-way before the service and finished to order: how far and how deep it is spread, whether the kitchen does so, and which table's is. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('dishes', static function (Blueprint $table): void {
            $table->decimal('part_cooked_share', 3, 2)->nullable()->after('oven_c');
            $table->decimal('part_cooked_mm', 3, 1)->default(20)->after('part_cooked_share');
        });
        Schema::table('kitchens', static function (Blueprint $table): void {
            $table->boolean('part_cooks')->default(true)->after('reheat_c');
        });
        Schema::table('firings', static function (Blueprint $table): void {
            $table->boolean('to_order')->default(false)->after('parts');
        });
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* A base in a pan of its own, an oven for the second half, rings in the wind, stocks made on the day and stocks of several. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('dishes', static function (Blueprint $table): void {
            $table->boolean('base_apart')->default(false)->after('rained_in');
            $table->decimal('oven_c', 4, 1)->nullable()->after('crust_school');
        });
        Schema::table('burners', static function (Blueprint $table): void {
            $table->boolean('outdoors')->nullable()->after('fades_percent_per_min');
        });
        Schema::table('stocks', static function (Blueprint $table): void {
            $table->json('from_water')->nullable()->after('batch_ml');
            $table->json('parts')->nullable()->after('from_water');
        });
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* What a work beside the pan takes of the stock and carries into the pan, what it leaves for the stock, and the kitchen's own glug. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('dish_side_works', static function (Blueprint $table): void {
            $table->decimal('drinks_ml_per_80_g', 6, 1)->default(0)->after('needs');
            $table->decimal('gives_ml_per_80_g', 6, 1)->default(0)->after('drinks_ml_per_80_g');
        });
        Schema::table('kitchens', static fn (Blueprint $table) => $table->decimal('glug_ml', 4, 1)->default(15)->after('plates_c'));
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* The fat, whether the rice is rained into the stock, one pour or two, a finish on the heat, how it is served, cream and marrow. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('dishes', static function (Blueprint $table): void {
            $table->string('fat', 20)->default('oil')->after('toast');
            $table->boolean('rained_in')->default(false)->after('fat');
            $table->boolean('two_pours')->default(false)->after('rained_in');
            $table->boolean('finish_on_the_heat')->default(false)->after('finish_min');
            $table->boolean('plated')->nullable()->after('rest_covered');
            $table->decimal('cream_g_per_80_g', 5, 1)->default(0)->after('cheese_g_per_80_g');
            $table->decimal('marrow_g_per_80_g', 5, 1)->default(0)->after('cream_g_per_80_g');
        });
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* How hard it is boiled, whether a lid lies on it, how cold the butter is, and what kind of wine. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('dishes', static function (Blueprint $table): void {
            $table->string('pace', 20)->default('medium')->after('toast');
            $table->string('cover', 20)->default('open')->after('pace');
            $table->decimal('wine_percent', 4, 1)->default(12.5)->after('wine_ml_per_80_g');
            $table->boolean('wine_cooked_off')->default(false)->after('wine_percent');
            $table->decimal('butter_c', 4, 1)->default(4)->after('butter_salted');
        });
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* What a family, a toast, a crust, a base and a diet can be is said by the core and its contracts, not by the tables too: a fourth family is no change of theirs. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('dishes', static function (Blueprint $table): void {
            $table->string('family', 24)->change();
            $table->string('toast', 24)->default('medium')->change();
            $table->string('crust', 24)->default('none')->change();
            $table->string('crust_school', 24)->default('short-and-hot')->change();
            $table->string('diet', 24)->default('any')->change();
        });
        Schema::table('stocks', static function (Blueprint $table): void {
            $table->string('base', 24)->default('vegetable')->change();
        });
        Schema::table('dish_ingredients', static function (Blueprint $table): void {
            $table->string('suits', 24)->nullable()->change();
        });
    }
};

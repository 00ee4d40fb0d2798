<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* Where a kitchen's numbers of a food differ from those it is known by; null: nowhere. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('dish_ingredients', static function (Blueprint $table): void {
            $table->json('food')->nullable()->after('temperature_c');
        });
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* °C at which an ingredient goes into the pan; null: as it is kept. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('dish_ingredients', static function (Blueprint $table): void {
            $table->decimal('temperature_c', 5, 1)->nullable()->after('minute');
        });
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* What a sweated base weighs is a number of its dish, as power is of a ring and drinking of a rice. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('own_numbers', static function (Blueprint $table): void {
            $table->foreignId('dish_id')->nullable()->after('rice_id')->constrained()->cascadeOnDelete();
        });
    }
};

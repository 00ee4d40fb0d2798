<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* What one pan told of a packet: so much raw, boiled in plenty of water for its printed time, drained to so much. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('rice', static function (Blueprint $table): void {
            $table->decimal('boiled_raw_g', 7, 1)->nullable()->after('grams_per_cup');
            $table->decimal('boiled_drained_g', 7, 1)->nullable()->after('boiled_raw_g');
        });
    }
};

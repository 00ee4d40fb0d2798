<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* What a guest may have of sodium in a dish, as the dietitian said. Null: nobody said. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('dishes', static fn (Blueprint $table) => $table->decimal('sodium_most_mg', 7, 1)->nullable()->after('minutes_to_table'));
    }

    public function down(): void
    {
        Schema::table('dishes', static fn (Blueprint $table) => $table->dropColumn('sodium_most_mg'));
    }
};

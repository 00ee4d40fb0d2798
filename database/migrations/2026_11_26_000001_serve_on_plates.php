<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How warm a kitchen holds its plates: a risotto mixes with them. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('kitchens', fn (Blueprint $table) => $table->decimal('plates_c', 4, 1)->default(65)->after('room_c'));
    }

    public function down(): void
    {
        Schema::table('kitchens', fn (Blueprint $table) => $table->dropColumn('plates_c'));
    }
};

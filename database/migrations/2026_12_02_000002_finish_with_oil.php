<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Olive oil that is beaten in at the end, beside the butter or in its place. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('dishes', function (Blueprint $table): void {
            $table->decimal('oil_g_per_80_g', 5, 1)->default(0)->after('marrow_g_per_80_g');
        });
    }

    public function down(): void
    {
        Schema::table('dishes', function (Blueprint $table): void {
            $table->dropColumn('oil_g_per_80_g');
        });
    }
};

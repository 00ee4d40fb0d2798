<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** When a kitchen serves; null until it says so. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('kitchens', function (Blueprint $table): void {
            $table->json('services')->nullable()->after('timezone');
        });
    }

    public function down(): void
    {
        Schema::table('kitchens', function (Blueprint $table): void {
            $table->dropColumn('services');
        });
    }
};

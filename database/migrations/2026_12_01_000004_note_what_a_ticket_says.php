<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a ticket says beside dish, number, time and table. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('firings', function (Blueprint $table): void {
            $table->string('note', 200)->default('')->after('label');
        });
    }

    public function down(): void
    {
        Schema::table('firings', function (Blueprint $table): void {
            $table->dropColumn('note');
        });
    }
};

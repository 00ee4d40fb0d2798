<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** When the time, the covers and the dish of a firing were last said: a pan that could not have been on by then is not missed. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('firings', function (Blueprint $table): void {
            $table->dateTime('asked_at')->nullable()->after('to_order');
        });
        DB::table('firings')->update(['asked_at' => DB::raw('created_at')]);
    }

    public function down(): void
    {
        Schema::table('firings', function (Blueprint $table): void {
            $table->dropColumn('asked_at');
        });
    }
};

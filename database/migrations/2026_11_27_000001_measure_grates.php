<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* What a pan stands on, across: a pan that is shifted further tips off it. Null: not measured. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('burners', static fn (Blueprint $table) => $table->decimal('grate_cm', 5, 1)->nullable()->after('ring_cm'));
    }

    public function down(): void
    {
        Schema::table('burners', static fn (Blueprint $table) => $table->dropColumn('grate_cm'));
    }
};

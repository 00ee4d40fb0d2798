<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* Wood, charcoal and a solid top beside gas and induction, and how fast such a fire falls by itself. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('burners', static function (Blueprint $table): void {
            $table->string('fuel', 20)->change();
            $table->decimal('fades_percent_per_min', 4, 2)->nullable()->after('fuel');
        });
    }
};

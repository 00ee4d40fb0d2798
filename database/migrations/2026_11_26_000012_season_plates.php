<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* How salty a kitchen's plates are to be, g in 100 g. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('kitchens', static function (Blueprint $table): void {
            $table->decimal('salt_low', 3, 2)->default(0.8)->after('plates_c');
            $table->decimal('salt_high', 3, 2)->default(1.0)->after('salt_low');
        });
    }
};

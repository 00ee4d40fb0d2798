<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* What a kitchen's code asks of what is made ahead: how fast it cools and how hot it gets again. FDA Food Code 2022, 3-501.14 and 3-403.11. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('kitchens', static function (Blueprint $table): void {
            $table->unsignedSmallInteger('cooled_first_min')->default(120)->after('fridge_days');
            $table->unsignedSmallInteger('cooled_min')->default(360)->after('cooled_first_min');
            $table->decimal('reheat_c', 4, 1)->default(74)->after('cooled_min');
        });
    }
};

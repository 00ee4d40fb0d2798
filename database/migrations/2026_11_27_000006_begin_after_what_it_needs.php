<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* Position of the side work that must be ready before this one is begun; null: none. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('dish_side_works', static function (Blueprint $table): void {
            $table->unsignedTinyInteger('needs')->nullable()->after('ahead');
        });
    }
};

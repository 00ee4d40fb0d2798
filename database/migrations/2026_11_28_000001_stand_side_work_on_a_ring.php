<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* Work beside the pan that stands on a ring of its own takes that ring from the night. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('dish_side_works', static fn (Blueprint $table) => $table->boolean('on_ring')->default(false)->after('gives_ml_per_80_g'));
    }
};

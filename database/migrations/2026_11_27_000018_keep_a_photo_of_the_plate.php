<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/* A photo of the plate, small and without what the camera wrote into it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('cook_photos', static function (Blueprint $table): void {
            $table->foreignId('cook_id')->primary()->constrained()->cascadeOnDelete();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
        });
        DB::statement('ALTER TABLE cook_photos ADD jpeg MEDIUMBLOB NOT NULL');
    }
};

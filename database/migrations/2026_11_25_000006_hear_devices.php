<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Scales, probes and knobs at the rings, each with its last reading; and what an empty pan weighs. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('devices', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->foreignId('burner_id')->constrained()->cascadeOnDelete();
            $table->string('name', 60);
            $table->enum('kind', ['scale', 'probe', 'knob']);
            $table->char('api_token', 64)->nullable()->unique()->comment('SHA-256 of its key; null: none was given out yet');
            $table->double('value')->nullable()->comment('g or °C, as read last');
            $table->string('mark', 30)->nullable()->comment('where the knob stood last');
            $table->unsignedBigInteger('read_at')->nullable()->comment('ms since 1970 UTC, by the device');
            $table->timestamps();
            $table->unique(['kitchen_id', 'name']);
        });
        Schema::table('pans', function (Blueprint $table): void {
            $table->decimal('weight_g', 7, 1)->nullable()->comment('empty');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('devices');
        Schema::table('pans', fn (Blueprint $table) => $table->dropColumn('weight_g'));
    }
};

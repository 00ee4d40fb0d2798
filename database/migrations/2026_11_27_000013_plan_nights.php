<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Nights, their firings, and which pan on the fire serves which. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('nights', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->date('on');
            $table->json('hands');
            $table->json('taken');
            $table->decimal('wash_min', 5, 1);
            $table->boolean('merge');
            $table->json('filled')->nullable()->comment('where each pan stood when it was last looked at');
            $table->timestamps();
            $table->unique(['kitchen_id', 'on']);
        });

        Schema::create('firings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->foreignId('night_id')->constrained()->cascadeOnDelete();
            $table->foreignId('dish_id')->constrained()->restrictOnDelete();
            $table->unsignedSmallInteger('covers');
            $table->unsignedSmallInteger('starters');
            $table->string('label', 60);
            $table->dateTime('table_at');
            $table->decimal('early_min', 5, 1);
            $table->decimal('late_min', 5, 1);
            $table->foreignId('pan_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('burner_id')->nullable()->constrained()->nullOnDelete();
            $table->dateTime('on_at')->nullable();
            $table->unsignedTinyInteger('parts');
            $table->timestamps();
            $table->index(['night_id', 'table_at']);
        });

        Schema::create('cook_firing', static function (Blueprint $table): void {
            $table->foreignId('cook_id')->constrained()->cascadeOnDelete();
            $table->foreignId('firing_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('covers');
            $table->primary(['cook_id', 'firing_id']);
        });
    }
};

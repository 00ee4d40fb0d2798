<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What stands on the station and what is cooked there. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('pans', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->string('name', 60);
            $table->decimal('base_cm', 5, 1);
            $table->decimal('rim_cm', 5, 1);
            $table->decimal('height_cm', 4, 1);
            $table->decimal('metal_j_per_k', 7, 1);
            $table->timestamps();
            $table->unique(['kitchen_id', 'name']);
        });

        Schema::create('burners', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->string('name', 60);
            $table->decimal('ring_cm', 5, 1);
            $table->enum('fuel', ['gas', 'induction']);
            $table->decimal('rated_w', 7, 1);
            $table->timestamps();
            $table->unique(['kitchen_id', 'name']);
        });

        Schema::create('burner_settings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->foreignId('burner_id')->constrained()->cascadeOnDelete();
            $table->string('mark', 30);
            $table->decimal('share', 5, 4);
            $table->decimal('net_w', 7, 1)->nullable();
            $table->unsignedTinyInteger('position');
            $table->timestamps();
            $table->unique(['burner_id', 'mark']);
        });

        Schema::create('ladles', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->decimal('ml', 6, 1);
            $table->timestamps();
            $table->unique(['kitchen_id', 'ml']);
        });

        Schema::create('rice', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->string('name', 60);
            $table->string('variety', 30);
            $table->decimal('window_low', 4, 1)->nullable();
            $table->decimal('window_high', 4, 1)->nullable();
            $table->timestamps();
            $table->unique(['kitchen_id', 'name']);
        });

        Schema::create('stocks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->string('name', 60);
            $table->decimal('salt_percent', 4, 2);
            $table->decimal('held_at_c', 4, 1);
            $table->timestamps();
            $table->unique(['kitchen_id', 'name']);
        });

        Schema::create('dishes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->string('name', 120);
            $table->enum('family', ['risotto', 'pan-rice', 'soupy-rice']);
            $table->foreignId('rice_id')->constrained()->restrictOnDelete();
            $table->foreignId('stock_id')->constrained()->restrictOnDelete();
            $table->decimal('grams_main', 5, 1);
            $table->decimal('grams_starter', 5, 1);
            $table->decimal('wine_ml_per_80_g', 5, 1)->default(0);
            $table->string('doses', 30);
            $table->string('stirring', 30);
            $table->boolean('sealed');
            $table->decimal('finish_min', 4, 1);
            $table->decimal('rest_min', 4, 1);
            $table->boolean('rest_covered');
            $table->decimal('looseness', 4, 2);
            $table->decimal('minutes_to_table', 4, 1);
            $table->string('finish', 240);
            $table->timestamps();
            $table->unique(['kitchen_id', 'name']);
        });
    }

    public function down(): void
    {
        foreach (['dishes', 'stocks', 'rice', 'ladles', 'burner_settings', 'burners', 'pans'] as $name) {
            Schema::dropIfExists($name);
        }
    }
};

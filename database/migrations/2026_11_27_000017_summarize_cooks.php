<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* The log as it is read: a line a cook, made from its events and made again when they grow, so that no page of the log plays cooks back; and the lines that a kitchen brought from paper. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('log_lines', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->foreignId('cook_id')->nullable()->unique()->comment('null: from paper')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('reading')->comment('how it was read: of another reading it is made anew');
            $table->boolean('settled')->comment('nothing more happens to it by itself');
            $table->dateTime('table_at');
            $table->foreignId('dish_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('rice_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('pan_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('burner_id')->nullable()->constrained()->nullOnDelete();
            $table->string('by', 120);
            $table->string('status', 20);
            $table->unsignedSmallInteger('covers');
            $table->double('rice_g')->nullable();
            $table->double('planned_ml')->nullable();
            $table->double('poured_ml')->nullable();
            $table->double('late_min')->nullable()->comment('at the table, after the minute that was asked');
            $table->string('looseness', 30)->nullable();
            $table->string('bite', 30)->nullable();
            $table->string('crust', 20)->nullable();
            $table->string('salt', 20)->nullable();
            $table->boolean('as_wanted')->nullable();
            $table->double('waste_g')->nullable();
            $table->text('note');
            $table->json('line')->comment('of velko.log/1');
            $table->index(['kitchen_id', 'table_at', 'id']);
            $table->index(['kitchen_id', 'dish_id', 'table_at']);
            $table->index(['kitchen_id', 'burner_id', 'table_at']);
            $table->index(['kitchen_id', 'settled']);
            $table->index(['kitchen_id', 'reading']);
            $table->index(['kitchen_id', 'cook_id']);
        });
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* Numbers that a kitchen took from its log or set by hand, in place of what was guessed or measured; each with its history. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('own_numbers', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->string('of', 20);
            $table->foreignId('burner_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('mark', 30)->nullable();
            $table->foreignId('rice_id')->nullable()->constrained()->cascadeOnDelete();
            $table->double('given')->comment('what was taken for it before, guessed or measured');
            $table->double('value');
            $table->double('spread')->comment('one standard deviation, as a share');
            $table->unsignedSmallInteger('cooks')->nullable()->comment('it rests on; null: set by hand');
            $table->string('said_by', 120);
            $table->dateTime('at');
            $table->dateTime('until')->nullable();
        });
    }
};

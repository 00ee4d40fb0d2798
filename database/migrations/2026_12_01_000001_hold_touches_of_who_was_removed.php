<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* What a tablet still had to send of somebody who was removed meanwhile: kept until a chef decides. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('held_touches', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained();
            $table->foreignId('cook_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained();
            $table->uuid();
            $table->json('touch');
            $table->unique(['cook_id', 'uuid']);
        });
    }
};

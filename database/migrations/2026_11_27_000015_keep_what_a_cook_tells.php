<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* What each cook tells of its ring and its rice, worked out once from its events: a summary beside them, which can be made again at any time. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('lessons', static function (Blueprint $table): void {
            $table->foreignId('cook_id')->primary()->constrained()->cascadeOnDelete();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->string('made_from', 64);
            $table->json('document')->nullable();
            $table->index('kitchen_id');
        });
    }
};

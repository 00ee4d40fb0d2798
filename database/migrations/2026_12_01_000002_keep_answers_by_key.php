<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* What was answered to a request that adds something, by the key it came with: sent again, it adds nothing. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('kept_answers', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('key', 64);
            $table->char('print', 64);
            $table->unsignedSmallInteger('status')->nullable();
            $table->mediumText('body')->nullable();
            $table->dateTime('created_at')->index();
            $table->unique(['user_id', 'key']);
        });
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Kitchens, who works there, and what the framework keeps: sessions, cache, jobs. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('kitchens', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120)->unique();
            $table->decimal('altitude_m', 6, 1);
            $table->decimal('room_c', 4, 1);
            $table->string('timezone', 64);
            $table->enum('units', ['metric', 'us'])->default('metric');
            $table->timestamps();
        });

        Schema::create('users', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->string('name', 120);
            $table->string('role', 40);
            $table->string('email', 254)->unique();
            $table->string('password');
            $table->rememberToken();
            $table->timestamps();
        });

        Schema::create('sessions', function (Blueprint $table): void {
            $table->string('id')->primary();
            $table->foreignId('user_id')->nullable()->index();
            $table->string('ip_address', 45)->nullable();
            $table->text('user_agent')->nullable();
            $table->longText('payload');
            $table->integer('last_activity')->index();
        });

        Schema::create('cache', function (Blueprint $table): void {
            $table->string('key')->primary();
            $table->mediumText('value');
            $table->integer('expiration');
        });

        Schema::create('cache_locks', function (Blueprint $table): void {
            $table->string('key')->primary();
            $table->string('owner');
            $table->integer('expiration');
        });
    }

    public function down(): void
    {
        foreach (['cache_locks', 'cache', 'sessions', 'users', 'kitchens'] as $name) {
            Schema::dropIfExists($name);
        }
    }
};

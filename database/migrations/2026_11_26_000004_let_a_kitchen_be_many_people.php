<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Roles, links that let somebody in once, PINs for a shared tablet, and the day after which a kitchen is gone. */
return new class extends Migration
{
    public function up(): void
    {
        DB::table('users')->whereNotIn('role', ['chef', 'cook', 'trainee'])->update(['role' => 'cook']);
        // Until now everybody could do everything: a kitchen without a chef has its first cook for one.
        $headless = DB::table('users')->selectRaw('MIN(id) as first')->groupBy('kitchen_id')->havingRaw("SUM(role = 'chef') = 0")->pluck('first')->all();
        DB::table('users')->whereIn('id', $headless)->update(['role' => 'chef']);
        DB::statement("ALTER TABLE users MODIFY role ENUM('chef','cook','trainee') NOT NULL");
        DB::statement('ALTER TABLE users MODIFY email VARCHAR(254) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NULL');

        Schema::table('users', static function (Blueprint $table): void {
            $table->string('pin')->nullable()->comment('hashed; tells who stands at a shared tablet');
            $table->enum('units', ['metric', 'us'])->nullable()->comment('null: as the kitchen has it');
            $table->enum('clock', ['12', '24'])->nullable()->comment('null: as the browser has it');
            $table->unsignedBigInteger('signed_out_at')->nullable()->comment('ms since 1970 UTC; sessions from before are over');
            $table->dateTime('left_at')->nullable()->comment('taken away; the name stays in the log');
        });
        Schema::table('kitchens', static fn (Blueprint $table) => $table->dateTime('delete_at')->nullable());

        Schema::create('door_links', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->comment('whose password it sets; null: it lets somebody new in')->constrained()->cascadeOnDelete();
            $table->foreignId('made_by')->nullable()->constrained('users')->nullOnDelete();
            $table->enum('role', ['chef', 'cook', 'trainee'])->nullable();
            $table->string('email', 254)->nullable();
            $table->char('token', 64)->unique()->comment('SHA-256; the link itself is told once');
            $table->dateTime('expires_at');
            $table->dateTime('used_at')->nullable();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('door_links');
        Schema::table('kitchens', static fn (Blueprint $table) => $table->dropColumn('delete_at'));
        DB::statement("UPDATE users SET email = CONCAT('left-', id, '@velko.invalid') WHERE email IS NULL");
        DB::statement('ALTER TABLE users MODIFY email VARCHAR(254) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL');
        DB::statement('ALTER TABLE users MODIFY role VARCHAR(40) NOT NULL');
        Schema::table('users', static fn (Blueprint $table) => $table->dropColumn(['pin', 'units', 'clock', 'signed_out_at', 'left_at']));
    }
};

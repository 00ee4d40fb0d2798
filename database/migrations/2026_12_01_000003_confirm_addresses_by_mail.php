<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* Where this house sends mail an address is somebody's once they followed the link that was mailed there; until then nothing is made of it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('addresses_to_confirm', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->nullable()->constrained()->cascadeOnDelete();
            $table->char('token', 64)->unique();
            $table->string('for', 10);
            $table->string('email', 254);
            $table->text('document');
            $table->dateTime('expires_at')->index();
        });
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* What goes into the base has its minutes and its sign; what must not reach the table comes out. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('dish_ingredients', static function (Blueprint $table): void {
            $table->decimal('before_min', 5, 1)->nullable()->after('minute');
            $table->string('until', 20)->nullable()->after('before_min');
            $table->boolean('comes_out')->default(false)->after('until');
        });
    }
};

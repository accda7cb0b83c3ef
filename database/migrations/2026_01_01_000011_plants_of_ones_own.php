<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Plants that nothing is known of keep the name that somebody gave them. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('plantings', static fn (Blueprint $table) => $table->string('kind_name')->nullable());
    }

    public function down(): void
    {
        Schema::table('plantings', static fn (Blueprint $table) => $table->dropColumn('kind_name'));
    }
};

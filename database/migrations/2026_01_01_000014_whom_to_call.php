<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The poison centre of where one lives, at hand when it is needed. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('gardens', static fn (Blueprint $table) => $table->string('poison_centre', 60)->nullable());
    }

    public function down(): void
    {
        Schema::table('gardens', static fn (Blueprint $table) => $table->dropColumn('poison_centre'));
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A hardness that nobody has written down is what taps usually give, and is not said to be theirs. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('gardens', static fn (Blueprint $table) => $table->boolean('water_known')->default(true));
        // As the form proposed it until now: nobody can tell whether that was meant.
        DB::table('gardens')
            ->where(['is_demo' => false, 'hardness_mg_l' => 150.0, 'alkalinity_mg_l' => 120.0])
            ->update(['water_known' => false]);
    }

    public function down(): void
    {
        Schema::table('gardens', static fn (Blueprint $table) => $table->dropColumn('water_known'));
    }
};

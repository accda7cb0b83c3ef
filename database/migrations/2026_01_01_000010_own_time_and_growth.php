<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A garden's own time, and the indexes that a garden of ten years needs. */
return new class extends Migration
{
    private const INDEXES = [
        'rounds' => ['course_id', 'status'],
        'applications' => ['round_id'],
        'courses' => ['garden_id', 'deleted_at'],
        'course_planting' => ['planting_id'],
        'plantings' => ['garden_id', 'retired_on'],
        'troubles' => ['planting_id'],
        'counts' => ['garden_id'],
        'scoutings' => ['trouble_id'],
        'looks' => ['garden_id', 'look_at'],
        'batches' => ['garden_id', 'made_at'],
        'sprayers' => ['garden_id'],
        'products' => ['garden_id'],
        'zones' => ['garden_id'],
        'tools' => ['garden_id'],
        'own_measures' => ['garden_id'],
        'tactic_uses' => ['garden_id'],
    ];

    public function up(): void
    {
        Schema::table('gardens', static fn (Blueprint $table) => $table->integer('clock_offset_s')->default(0));
        foreach (self::INDEXES as $table => $columns) {
            Schema::table($table, static fn (Blueprint $one) => $one->index($columns));
        }
        Schema::table('applications', static fn (Blueprint $table) => $table->index('batch_id'));
    }

    public function down(): void
    {
        Schema::table('applications', static fn (Blueprint $table) => $table->dropIndex(['batch_id']));
        foreach (self::INDEXES as $table => $columns) {
            Schema::table($table, static fn (Blueprint $one) => $one->dropIndex($columns));
        }
        Schema::table('gardens', static fn (Blueprint $table) => $table->dropColumn('clock_offset_s'));
    }
};

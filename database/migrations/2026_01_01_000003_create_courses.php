<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('courses', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->unsignedInteger('version')->default(1);
            $table->foreignUlid('garden_id')->constrained();
            $table->foreignUlid('recipe_id')->constrained();
            $table->foreignUlid('sprayer_id')->nullable()->constrained();
            $table->string('target', 64)->nullable();
            $table->float('volume_ml');
            $table->unsignedInteger('every_days');
            $table->unsignedInteger('times');
            $table->date('starts_on');
            $table->timestamps();
            $table->softDeletes();
        });
        Schema::create('course_planting', function (Blueprint $table): void {
            $table->foreignUlid('course_id')->constrained();
            $table->foreignUlid('planting_id')->constrained();
            $table->primary(['course_id', 'planting_id']);
        });
        Schema::create('rounds', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->unsignedInteger('version')->default(1);
            $table->foreignUlid('garden_id')->constrained();
            $table->foreignUlid('course_id')->constrained();
            $table->unsignedInteger('number');
            $table->date('due_on');
            $table->string('status', 16);
            $table->string('reason')->nullable();
            $table->timestamps();
            $table->softDeletes();
            $table->index(['garden_id', 'status', 'due_on']);
        });
        Schema::create('applications', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->unsignedInteger('version')->default(1);
            $table->foreignUlid('garden_id')->constrained();
            $table->foreignUlid('round_id')->nullable()->constrained();
            $table->timestamp('applied_at');
            $table->float('volume_ml');
            $table->string('by')->nullable();
            $table->text('note')->nullable();
            // The recipe, sprayer, plantings, mix and findings as they were on that day.
            $table->json('snapshot');
            $table->timestamps();
            $table->softDeletes();
            $table->index(['garden_id', 'applied_at']);
        });
        Schema::create('changes', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('garden_id')->constrained();
            $table->string('label');
            $table->json('entries');
            $table->timestamp('made_at');
            $table->timestamp('undone_at')->nullable();
            $table->index(['garden_id', 'made_at']);
        });
    }

    public function down(): void
    {
        foreach (['changes', 'applications', 'rounds', 'course_planting', 'courses'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};

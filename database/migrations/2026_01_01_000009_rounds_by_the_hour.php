<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('gardens', function (Blueprint $table): void {
            // When in the week there is time, as rows of nebbia.course/1; none means from five to ten.
            $table->json('free_hours')->default('[]');
        });
        Schema::table('plantings', function (Blueprint $table): void {
            // Watering and feeding, as in nebbia.course/1.
            $table->json('care')->nullable();
        });
        Schema::table('courses', function (Blueprint $table): void {
            $table->string('purpose', 16)->default('outbreak');
            // The remedy that takes turns with the first: every second round.
            $table->foreignUlid('other_recipe_id')->nullable()->constrained('recipes');
        });
        Schema::create('batches', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->unsignedInteger('version')->default(1);
            $table->foreignUlid('garden_id')->constrained();
            $table->foreignUlid('recipe_id')->constrained();
            $table->foreignUlid('sprayer_id')->nullable()->constrained();
            $table->string('name');
            $table->float('volume_ml');
            $table->unsignedInteger('fills')->default(1);
            $table->timestamp('made_at');
            // Null: it keeps until it is used.
            $table->timestamp('use_by')->nullable();
            $table->float('left_ml')->default(0);
            $table->timestamp('gone_at')->nullable();
            $table->timestamps();
            $table->softDeletes();
            $table->index(['garden_id', 'gone_at']);
        });
        Schema::table('rounds', function (Blueprint $table): void {
            // Hour by the garden's clocks at which it is meant to be; null where nobody has said.
            $table->unsignedTinyInteger('due_hour')->nullable();
            // Plantings that have had it already, where only a part was done.
            $table->json('done_planting_ids')->default('[]');
        });
        Schema::table('applications', function (Blueprint $table): void {
            $table->foreignUlid('batch_id')->nullable()->constrained();
            $table->boolean('rinsed')->nullable();
        });
        Schema::create('ticks', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->unsignedInteger('version')->default(1);
            $table->foreignUlid('garden_id')->constrained();
            // The day by the garden's calendar, and which of its steps.
            $table->date('day');
            $table->string('step', 120);
            $table->timestamps();
            $table->softDeletes();
            $table->index(['garden_id', 'day']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('ticks');
        Schema::table('applications', static fn (Blueprint $table) => $table->dropForeign(['batch_id']));
        Schema::table('applications', static fn (Blueprint $table) => $table->dropColumn(['batch_id', 'rinsed']));
        Schema::table('rounds', static fn (Blueprint $table) => $table->dropColumn(['due_hour', 'done_planting_ids']));
        Schema::dropIfExists('batches');
        Schema::table('courses', static fn (Blueprint $table) => $table->dropForeign(['other_recipe_id']));
        Schema::table('courses', static fn (Blueprint $table) => $table->dropColumn(['purpose', 'other_recipe_id']));
        Schema::table('plantings', static fn (Blueprint $table) => $table->dropColumn('care'));
        Schema::table('gardens', static fn (Blueprint $table) => $table->dropColumn('free_hours'));
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('plantings', function (Blueprint $table): void {
            $table->string('variety')->nullable();
            $table->float('height_cm')->nullable();
            $table->boolean('indoors')->default(false);
            $table->boolean('in_flower')->default(false);
            $table->date('harvest_on')->nullable();
            // Quarantine: new among the others until this day.
            $table->date('new_until')->nullable();
            $table->string('value', 16)->default('dear');
            $table->date('retired_on')->nullable();
            $table->string('retired_why')->nullable();
        });
        Schema::create('troubles', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->unsignedInteger('version')->default(1);
            $table->foreignUlid('garden_id')->constrained();
            $table->foreignUlid('planting_id')->constrained();
            // Null while it is not known what it is.
            $table->string('target', 64)->nullable();
            $table->date('noticed_on');
            $table->string('status', 16);
            $table->date('closed_on')->nullable();
            $table->string('outcome')->nullable();
            $table->text('note')->nullable();
            $table->timestamps();
            $table->softDeletes();
            $table->index(['garden_id', 'status']);
        });
        Schema::create('scoutings', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->unsignedInteger('version')->default(1);
            $table->foreignUlid('garden_id')->constrained();
            $table->foreignUlid('planting_id')->constrained();
            $table->foreignUlid('trouble_id')->nullable()->constrained();
            $table->timestamp('scouted_at');
            $table->json('present');
            $table->json('absent');
            $table->json('weather');
            // The likeliest causes as they were judged on that day.
            $table->json('causes');
            $table->text('note')->nullable();
            $table->string('photo')->nullable();
            $table->timestamps();
            $table->softDeletes();
            $table->index(['garden_id', 'scouted_at']);
        });
        Schema::create('counts', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->unsignedInteger('version')->default(1);
            $table->foreignUlid('garden_id')->constrained();
            $table->foreignUlid('trouble_id')->constrained();
            $table->timestamp('counted_at');
            $table->string('measure', 16);
            $table->json('counts');
            $table->unsignedInteger('leaves_per_plant');
            $table->string('enemies', 8);
            $table->text('note')->nullable();
            $table->timestamps();
            $table->softDeletes();
            $table->index(['trouble_id', 'counted_at']);
        });
        Schema::create('tactic_uses', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->unsignedInteger('version')->default(1);
            $table->foreignUlid('garden_id')->constrained();
            $table->foreignUlid('trouble_id')->constrained();
            $table->string('tactic', 64);
            $table->timestamp('done_at');
            $table->text('note')->nullable();
            $table->timestamps();
            $table->softDeletes();
            $table->index(['trouble_id', 'done_at']);
        });
        Schema::table('courses', function (Blueprint $table): void {
            $table->foreignUlid('trouble_id')->nullable()->constrained();
        });
    }

    public function down(): void
    {
        Schema::table('courses', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('trouble_id');
        });
        foreach (['tactic_uses', 'counts', 'scoutings', 'troubles'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('plantings', function (Blueprint $table): void {
            $table->dropColumn([
                'variety',
                'height_cm',
                'indoors',
                'in_flower',
                'harvest_on',
                'new_until',
                'value',
                'retired_on',
                'retired_why',
            ]);
        });
    }
};

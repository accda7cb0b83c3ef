<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How it is now, in a word; photos with any note; jobs of the calendar; until when a course goes on. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('glances', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->unsignedInteger('version')->default(1);
            $table->foreignUlid('garden_id')->constrained();
            $table->foreignUlid('planting_id')->nullable()->constrained();
            $table->foreignUlid('trouble_id')->nullable()->constrained();
            $table->foreignUlid('application_id')->nullable()->constrained();
            // gone, fewer, same, more, burnt
            $table->string('word', 8);
            $table->timestamp('seen_at');
            $table->text('note')->nullable();
            $table->timestamps();
            $table->softDeletes();
            $table->index(['garden_id', 'seen_at']);
            $table->index(['trouble_id', 'seen_at']);
        });
        Schema::create('photos', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->unsignedInteger('version')->default(1);
            $table->foreignUlid('garden_id')->constrained();
            // Of what note: application, glance, count, look, tactic.
            $table->string('of', 16);
            $table->ulid('of_id');
            $table->string('path');
            $table->timestamps();
            $table->softDeletes();
            $table->index(['garden_id', 'of_id']);
        });
        Schema::create('chores', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->unsignedInteger('version')->default(1);
            $table->foreignUlid('garden_id')->constrained();
            $table->foreignUlid('planting_id')->nullable()->constrained();
            // feed, water, other
            $table->string('kind', 8);
            $table->string('what');
            // As it was said, which is read anew each time.
            $table->string('often');
            $table->string('until')->nullable();
            $table->boolean('from_above')->default(false);
            $table->date('starts_on');
            $table->date('next_on')->nullable();
            $table->date('done_on')->nullable();
            $table->timestamps();
            $table->softDeletes();
            $table->index(['garden_id', 'next_on']);
        });
        // gone, frost: what ends it before its rounds are done.
        Schema::table('courses', static fn (Blueprint $table) => $table->string('until', 8)->nullable());
    }

    public function down(): void
    {
        Schema::table('courses', static fn (Blueprint $table) => $table->dropColumn('until'));
        foreach (['chores', 'photos', 'glances'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};

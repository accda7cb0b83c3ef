<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('preparations', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->unsignedInteger('version')->default(1);
            $table->foreignUlid('garden_id')->constrained();
            $table->string('kind', 40);
            $table->string('name');
            // nebbia.preparation/1: what goes in.
            $table->json('body');
            $table->foreignUlid('sprayer_id')->nullable()->constrained();
            // When it began to stand; before that, when it was begun.
            $table->timestamp('started_at');
            $table->timestamp('stirred_at')->nullable();
            $table->timestamp('strained_at')->nullable();
            // Where it has been since it was strained: place and since, the first first.
            $table->json('stays')->default('[]');
            // Steps that are done and timers that run: step => time.
            $table->json('done')->default('{}');
            $table->json('timers')->default('{}');
            $table->float('left_ml')->nullable();
            $table->float('ph')->nullable();
            // Of a soap: clear in hot water, and the pH of a 1 % solution.
            $table->json('test')->nullable();
            $table->text('note')->nullable();
            $table->timestamps();
            $table->softDeletes();
            $table->index(['garden_id', 'deleted_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('preparations');
    }
};

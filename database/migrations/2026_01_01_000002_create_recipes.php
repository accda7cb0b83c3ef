<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('recipes', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->unsignedInteger('version')->default(1);
            $table->foreignUlid('garden_id')->constrained();
            $table->string('name');
            $table->string('use', 16);
            $table->json('body');
            $table->text('note')->nullable();
            $table->text('searchable');
            $table->timestamps();
            $table->softDeletes();
            $table->index(['garden_id', 'name']);
        });
        Schema::create('recipe_versions', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('recipe_id')->constrained();
            $table->unsignedInteger('number');
            $table->string('name');
            $table->json('body');
            $table->text('note')->nullable();
            $table->timestamp('saved_at');
            $table->unique(['recipe_id', 'number']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('recipe_versions');
        Schema::dropIfExists('recipes');
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('products', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->unsignedInteger('version')->default(1);
            $table->foreignUlid('garden_id')->constrained();
            $table->string('name');
            $table->string('ingredient', 64);
            // As the label says it; null where it says nothing.
            $table->string('strength', 60)->nullable();
            $table->float('density')->nullable();
            // mL of a liquid, g of a solid.
            $table->float('size')->nullable();
            $table->float('left')->nullable();
            $table->float('price')->nullable();
            $table->date('opened_on')->nullable();
            $table->date('best_before')->nullable();
            $table->text('note')->nullable();
            $table->timestamps();
            $table->softDeletes();
        });
        Schema::create('tools', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->unsignedInteger('version')->default(1);
            $table->foreignUlid('garden_id')->constrained();
            $table->string('name');
            $table->string('kind', 16);
            $table->float('size');
            $table->float('step');
            $table->timestamps();
            $table->softDeletes();
        });
        Schema::create('own_measures', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->unsignedInteger('version')->default(1);
            $table->foreignUlid('garden_id')->constrained();
            $table->string('unit', 32);
            $table->string('ingredient', 64)->nullable();
            // How it was measured: so many of them together, what they came to, read to which step.
            $table->unsignedInteger('count');
            $table->json('totals');
            $table->float('step');
            $table->float('low');
            $table->float('likely');
            $table->float('high');
            $table->boolean('is_weighed');
            $table->timestamps();
            $table->softDeletes();
        });
        Schema::table('sprayers', function (Blueprint $table): void {
            $table->float('finest_passage_mm')->nullable();
            $table->float('ml_per_squeeze')->nullable();
            $table->float('ml_per_minute')->nullable();
        });
        Schema::table('plantings', function (Blueprint $table): void {
            $table->float('area_m2')->nullable();
            $table->float('pot_l')->nullable();
        });
        Schema::table('courses', function (Blueprint $table): void {
            // Which bottle is taken for which line of the recipe.
            $table->json('products')->nullable();
        });
        Schema::table('gardens', function (Blueprint $table): void {
            $table->string('currency', 4)->default('€');
        });
    }

    public function down(): void
    {
        foreach (['own_measures', 'tools', 'products'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('sprayers', fn (Blueprint $table) => $table->dropColumn(['finest_passage_mm', 'ml_per_squeeze', 'ml_per_minute']));
        Schema::table('plantings', fn (Blueprint $table) => $table->dropColumn(['area_m2', 'pot_l']));
        Schema::table('courses', fn (Blueprint $table) => $table->dropColumn('products'));
        Schema::table('gardens', fn (Blueprint $table) => $table->dropColumn('currency'));
    }
};

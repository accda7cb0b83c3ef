<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('gardens', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->unsignedInteger('version')->default(1);
            $table->string('name');
            $table->boolean('is_demo')->default(false);
            $table->string('units', 16);
            $table->string('language', 8);
            $table->string('time_zone', 64);
            $table->float('latitude')->nullable();
            $table->float('longitude')->nullable();
            $table->integer('altitude_m')->nullable();
            $table->float('hardness_mg_l');
            $table->float('alkalinity_mg_l');
            $table->string('theme', 8);
            $table->timestamps();
            $table->softDeletes();
        });
        Schema::create('zones', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->unsignedInteger('version')->default(1);
            $table->foreignUlid('garden_id')->constrained();
            $table->string('name');
            $table->unsignedInteger('position');
            $table->string('note')->nullable();
            $table->timestamps();
            $table->softDeletes();
        });
        Schema::create('plantings', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->unsignedInteger('version')->default(1);
            $table->foreignUlid('garden_id')->constrained();
            $table->foreignUlid('zone_id')->constrained();
            $table->string('plant', 64);
            $table->string('name');
            $table->unsignedInteger('number');
            $table->string('stage', 16);
            $table->string('note')->nullable();
            $table->timestamps();
            $table->softDeletes();
        });
        Schema::create('sprayers', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->unsignedInteger('version')->default(1);
            $table->foreignUlid('garden_id')->constrained();
            $table->string('name');
            $table->float('capacity_ml');
            $table->float('usable_fraction');
            $table->string('material')->nullable();
            $table->string('dedicated_to')->nullable();
            $table->timestamps();
            $table->softDeletes();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('sprayers');
        Schema::dropIfExists('plantings');
        Schema::dropIfExists('zones');
        Schema::dropIfExists('gardens');
    }
};

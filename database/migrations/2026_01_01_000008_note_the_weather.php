<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('weather_notes', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->unsignedInteger('version')->default(1);
            $table->foreignUlid('garden_id')->constrained();
            // forecast: hours that were imported; rain: what a gauge held.
            $table->string('kind', 12);
            $table->unsignedBigInteger('from_at');
            $table->unsignedBigInteger('until_at');
            // Each hour: seconds since 1970, °C, mm, km/h, %, %; of rain only time and mm.
            $table->json('hours');
            $table->timestamps();
            $table->softDeletes();
            $table->index(['garden_id', 'until_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('weather_notes');
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A garden may be a windowsill, as warm as its room was measured; it may have a forecast address of its own; a demo is put away. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('gardens', static function (Blueprint $table): void {
            $table->boolean('indoors')->default(false);
            $table->float('room_day_c')->nullable();
            $table->float('room_night_c')->nullable();
            $table->float('room_humidity')->nullable();
            $table->string('forecast_url', 500)->nullable();
            $table->json('forecast_fields')->nullable();
            $table->boolean('put_away')->default(false);
        });
        Schema::table('plantings', static fn (Blueprint $table) => $table->boolean('sunny_window')->default(false));
    }

    public function down(): void
    {
        Schema::table('gardens', static fn (Blueprint $table) => $table->dropColumn([
            'indoors', 'room_day_c', 'room_night_c', 'room_humidity', 'forecast_url', 'forecast_fields', 'put_away',
        ]));
        Schema::table('plantings', static fn (Blueprint $table) => $table->dropColumn('sunny_window'));
    }
};

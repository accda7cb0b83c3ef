<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What is never to be put on a plant again. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('nevers', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->unsignedInteger('version')->default(1);
            $table->foreignUlid('garden_id')->constrained();
            $table->foreignUlid('planting_id')->constrained();
            // An id of core's ingredients, or the name of a thing of one's own.
            $table->string('ingredient');
            // All plants of its kind in this garden.
            $table->boolean('whole_kind')->default(false);
            $table->text('why')->nullable();
            $table->date('said_on');
            $table->timestamps();
            $table->softDeletes();
            $table->index(['garden_id', 'planting_id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('nevers');
    }
};

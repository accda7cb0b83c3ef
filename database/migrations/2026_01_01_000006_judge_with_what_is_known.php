<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('gardens', static fn (Blueprint $table) => $table->json('around')->default('[]'));
        Schema::table('plantings', function (Blueprint $table): void {
            $table->json('states')->default('[]');
            // Planted, potted or moved on that day.
            $table->date('moved_on')->nullable();
        });
        Schema::table('applications', function (Blueprint $table): void {
            // What the judgement asks of the past, apart from the snapshot, which is large.
            $table->json('doses')->default('[]');
            $table->json('planting_ids')->default('[]');
            $table->ulid('sprayer_id')->nullable();
        });
        $this->fillFromSnapshots();
        Schema::create('looks', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->unsignedInteger('version')->default(1);
            $table->foreignUlid('garden_id')->constrained();
            $table->foreignUlid('planting_id')->constrained();
            $table->foreignUlid('application_id')->nullable()->constrained();
            $table->foreignUlid('recipe_id')->nullable()->constrained();
            // patch: on a few leaves; whole: of a spray on all of it.
            $table->string('kind', 8);
            $table->string('recipe_name')->nullable();
            // Of the recipe's full strength.
            $table->float('fraction');
            $table->json('strengths');
            $table->unsignedInteger('leaves')->nullable();
            $table->timestamp('put_on_at');
            $table->timestamp('look_at')->nullable();
            $table->timestamp('seen_at')->nullable();
            // 0 none to 10 dead; null until it has been looked at.
            $table->float('score')->nullable();
            $table->text('note')->nullable();
            $table->timestamps();
            $table->softDeletes();
            $table->index(['garden_id', 'planting_id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('looks');
        Schema::table('applications', static fn (Blueprint $table) => $table->dropColumn(['doses', 'planting_ids', 'sprayer_id']));
        Schema::table('plantings', static fn (Blueprint $table) => $table->dropColumn(['states', 'moved_on']));
        Schema::table('gardens', static fn (Blueprint $table) => $table->dropColumn('around'));
    }

    /** Notes from before keep in their snapshots what is now asked for apart. */
    private function fillFromSnapshots(): void
    {
        foreach (
            DB::table('applications')
                ->leftJoin('rounds', 'rounds.id', '=', 'applications.round_id')
                ->leftJoin('courses', 'courses.id', '=', 'rounds.course_id')
                ->get(['applications.id', 'applications.snapshot', 'courses.sprayer_id']) as $row
        ) {
            $snapshot = json_decode((string) $row->snapshot, true);
            $strengths = data_get($snapshot, 'mix.strengths.*');
            $doses = [];
            foreach (is_array($strengths) ? $strengths : [] as $strength) {
                if (is_string($id = data_get($strength, 'substance'))) {
                    $doses[$id] = data_get($strength, 'strength.likely');
                }
            }
            $plantings = data_get($snapshot, 'plantings.*.id');
            DB::table('applications')
                ->where('id', $row->id)
                ->update([
                    'doses' => json_encode($doses, JSON_THROW_ON_ERROR),
                    'planting_ids' => json_encode($plantings ?? [], JSON_THROW_ON_ERROR),
                    'sprayer_id' => $row->sprayer_id,
                ]);
        }
    }
};

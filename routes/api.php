<?php

declare(strict_types=1);

use App\Http\Controllers\Bench\ShowKnowledge;
use App\Http\Controllers\Bench\WorkOutBenchController;
use App\Http\Controllers\Garden\AddPlanting;
use App\Http\Controllers\Garden\AddSprayer;
use App\Http\Controllers\Garden\DeletePlanting;
use App\Http\Controllers\Garden\DeleteSprayer;
use App\Http\Controllers\Garden\ShowGarden;
use App\Http\Controllers\Garden\ShowTodayController;
use App\Http\Controllers\Garden\UndoController;
use App\Http\Controllers\Garden\UpdateSettings;
use App\Http\Controllers\Notebook\ListApplications;
use App\Http\Controllers\Recipe\CopyRecipe;
use App\Http\Controllers\Recipe\CreateRecipe;
use App\Http\Controllers\Recipe\DeleteRecipe;
use App\Http\Controllers\Recipe\ListRecipes;
use App\Http\Controllers\Recipe\ListVersions;
use App\Http\Controllers\Recipe\ShowRecipe;
use App\Http\Controllers\Recipe\UpdateRecipe;
use App\Http\Controllers\Round\CreateCourse;
use App\Http\Controllers\Round\DeleteCourse;
use App\Http\Controllers\Round\ListCourses;
use App\Http\Controllers\Round\LogRoundController;
use App\Http\Controllers\Round\MoveRound;
use App\Http\Controllers\Round\SkipRound;
use App\Http\Controllers\Setup\ListGardens;
use App\Http\Controllers\Setup\StartGardenController;
use Illuminate\Support\Facades\Route;

Route::get('knowledge', ShowKnowledge::class);
Route::get('gardens', ListGardens::class);
Route::post('gardens', StartGardenController::class);
// What is measured against: a route that does nothing but pass through the application.
Route::get('empty', static fn () => response()->json(null));

// Everything below belongs to a garden; scoped bindings keep one garden's rows out of another's.
Route::prefix('gardens/{garden}')->scopeBindings()->group(function (): void {
    Route::get('/', ShowGarden::class);
    Route::patch('/', UpdateSettings::class);
    Route::post('plantings', AddPlanting::class);
    Route::delete('plantings/{planting}', DeletePlanting::class);
    Route::post('sprayers', AddSprayer::class);
    Route::delete('sprayers/{sprayer}', DeleteSprayer::class);
    Route::get('today', ShowTodayController::class);
    Route::post('bench', WorkOutBenchController::class);
    Route::get('recipes', ListRecipes::class);
    Route::post('recipes', CreateRecipe::class);
    Route::get('recipes/{recipe}', ShowRecipe::class);
    Route::put('recipes/{recipe}', UpdateRecipe::class);
    Route::delete('recipes/{recipe}', DeleteRecipe::class);
    Route::post('recipes/{recipe}/copy', CopyRecipe::class);
    Route::get('recipes/{recipe}/versions', ListVersions::class);
    Route::get('courses', ListCourses::class);
    Route::post('courses', CreateCourse::class);
    Route::delete('courses/{course}', DeleteCourse::class);
    Route::post('rounds/{round}/move', MoveRound::class);
    Route::post('rounds/{round}/skip', SkipRound::class);
    Route::post('rounds/{round}/log', LogRoundController::class);
    Route::get('applications', ListApplications::class);
    Route::post('changes/{change}/undo', UndoController::class);
});

<?php

declare(strict_types=1);

use App\Http\Controllers\ShellController;
use Illuminate\Support\Facades\Route;

// The views of the browser's router. Anything else is the same page with a 404, which says so in its own words.
Route::get('/', ShellController::class);
foreach (
    [
        'garden',
        'scout',
        'trouble',
        'bench',
        'mix',
        'compare',
        'pantry',
        'label',
        'card',
        'rounds',
        'notebook',
        'settings',
        'welcome',
        'leaves',
        'bottle',
        'why',
        'making',
        'soap',
        'other-uses',
    ] as $view
) {
    Route::get("/$view/{any?}", ShellController::class);
}
Route::fallback([ShellController::class, 'missing']);

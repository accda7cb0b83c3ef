<?php

declare(strict_types=1);

use App\Exceptions\ErrorResponses;
use App\Exceptions\OneLineConsoleHandler;
use Illuminate\Contracts\Debug\ExceptionHandler;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Routing\Middleware\SubstituteBindings;

$app = Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        api: __DIR__.'/../routes/api.php',
    )
    ->withMiddleware(function (Middleware $middleware): void {
        // The page is one static shell and the API carries no session: neither needs cookies.
        $middleware->group('web', [SubstituteBindings::class]);
    })
    ->withExceptions(new ErrorResponses)
    ->create();

$app->singleton(ExceptionHandler::class, OneLineConsoleHandler::class);

return $app;

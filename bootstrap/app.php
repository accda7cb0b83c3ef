<?php

declare(strict_types=1);

use App\Exceptions\ErrorResponses;
use App\Exceptions\OneLineConsoleHandler;
use App\Http\Middleware\Bounds;
use App\Http\Middleware\HoldTheClock;
use App\Http\Middleware\KnownHost;
use App\Http\Middleware\LimitRequests;
use App\Http\Middleware\OneWrite;
use App\Http\Middleware\OwnPagesOnly;
use App\Http\Middleware\SafeHeaders;
use App\Http\Middleware\SpeakAtHome;
use App\Http\Middleware\SpeakPseudo;
use App\Http\Middleware\TellSpoilt;
use Illuminate\Contracts\Debug\ExceptionHandler;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ConvertEmptyStringsToNull;
use Illuminate\Foundation\Http\Middleware\TrimStrings;
use Illuminate\Http\Request;
use Illuminate\Routing\Middleware\SubstituteBindings;

// A form of a website could otherwise call itself a DELETE.
Request::setAllowedHttpMethodOverride([]);

$app = Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php', api: __DIR__.'/../routes/api.php', commands: __DIR__.'/../routes/console.php')
    ->withMiddleware(function (Middleware $middleware): void {
        // The page is one static shell and the API carries no session: neither needs cookies.
        $middleware->group('web', [SubstituteBindings::class]);
        $middleware->use([
            HoldTheClock::class,
            SafeHeaders::class,
            SpeakPseudo::class,
            KnownHost::class,
            OwnPagesOnly::class,
            Bounds::class,
            TrimStrings::class,
            ConvertEmptyStringsToNull::class,
        ]);
        $middleware->api(prepend: [LimitRequests::class, TellSpoilt::class], append: [SpeakAtHome::class]);
        // Rows are looked up inside the transaction that changes them.
        $middleware->prependToPriorityList(SubstituteBindings::class, OneWrite::class);
    })
    ->withExceptions(new ErrorResponses())
    ->create();

$app->singleton(ExceptionHandler::class, OneLineConsoleHandler::class);

return $app;

<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Nebbia\Core\Data\Sentence\Catalogue;
use Symfony\Component\HttpFoundation\Response;

/** Where the screens try out the pseudo-language, the answers speak it too. */
final class SpeakPseudo
{
    public const HEADER = 'Nebbia-Language';

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if ($request->headers->get(self::HEADER) === 'pseudo') {
            app()->instance(Catalogue::class, app(Catalogue::class)->pseudo());
        }

        return $next($request);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What a browser may do with an answer. Everything comes from here; nothing may frame it, and no script stands in a page. */
final readonly class SafeHeaders
{
    public const ALL = [
        // Naive UI writes its styles into the page as it draws; scripts and everything else come as files.
        'Content-Security-Policy' => "default-src 'none'; script-src 'self'; style-src 'self' 'unsafe-inline'; ".
            "img-src 'self' data: blob:; font-src 'self'; connect-src 'self'; manifest-src 'self'; worker-src 'self'; ".
            "base-uri 'none'; form-action 'none'; frame-ancestors 'none'",
        'X-Content-Type-Options' => 'nosniff',
        'X-Frame-Options' => 'DENY',
        'Referrer-Policy' => 'no-referrer',
        'Cross-Origin-Resource-Policy' => 'same-origin',
    ];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        foreach (self::ALL as $name => $value) {
            $response->headers->set($name, $value);
        }
        if (
            $request->is('api/*') &&
            ! $response->headers->has('Last-Modified') &&
            ! $response->headers->hasCacheControlDirective('max-age')
        ) {
            $response->headers->set('Cache-Control', 'no-store, private');
        }
        header_remove('X-Powered-By');

        return $response;
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Spoilt;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Rows that could not be read for an answer are named in its head, so that the screen can say so beside whatever it shows. */
final readonly class TellSpoilt
{
    public const HEADER = 'Nebbia-Spoilt';

    private const MOST = 20;

    public function __construct(private Spoilt $spoilt) {}

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $this->spoilt->forget();
        $response = $next($request);
        $said = $this->spoilt->said();
        if ($said !== []) {
            $response->headers->set(self::HEADER, rawurlencode(implode("\n", array_slice($said, 0, self::MOST))));
        }

        return $response;
    }
}

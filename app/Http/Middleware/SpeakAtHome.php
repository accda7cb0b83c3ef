<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Garden;
use App\Settings\AtHome;
use Closure;
use Illuminate\Http\Request;
use Nebbia\Core\Measure\UnitSystem;
use Symfony\Component\HttpFoundation\Response;

/** Answers in the units of the garden that is asked about; what belongs to no garden, in those that the screen names. */
final readonly class SpeakAtHome
{
    public const HEADER = 'Nebbia-Units';

    public function __construct(private AtHome $home) {}

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $garden = $request->route('garden');
        $named = UnitSystem::tryFrom((string) $request->headers->get(self::HEADER));
        $this->home->answer($garden instanceof Garden ? $garden->units : $named);
        try {
            return $next($request);
        } finally {
            $this->home->answer(null);
        }
    }
}

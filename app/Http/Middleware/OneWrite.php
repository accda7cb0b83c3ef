<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Database\WriteGate;
use App\Keep\Backup\DailyBackup;
use Closure;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/**
 * A request that writes is one transaction, from looking its rows up to the answer: nobody else writes in between, so that a
 * version that was checked still is the row's. What is refused leaves nothing behind.
 */
final readonly class OneWrite
{
    public function __construct(private ConnectionInterface $connection, private WriteGate $gate, private DailyBackup $daily) {}

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if ($request->isMethodSafe()) {
            return $next($request);
        }
        $response = $this->gate->through(fn (): Response => $this->whole($request, $next));
        $this->daily->startIfDue();

        return $response;
    }

    /** @param  Closure(Request): Response  $next */
    private function whole(Request $request, Closure $next): Response
    {
        $this->connection->beginTransaction();
        try {
            // Laravel has turned what was thrown further in into an answer by now.
            $response = $next($request);
        } catch (Throwable $e) {
            $this->connection->rollBack();

            throw $e;
        }
        $response->getStatusCode() < 400 ? $this->connection->commit() : $this->connection->rollBack();

        return $response;
    }
}

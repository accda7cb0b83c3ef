<?php

declare(strict_types=1);

namespace App\Exceptions;

use App\Undo\CannotUndo;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Nebbia\Core\BadInput;
use Nebbia\Core\Message\Catalogue;
use Symfony\Component\Console\Exception\ExceptionInterface as ConsoleException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** How failures are told to a browser: 422 with the field's path, 409 with both versions, 404 in plain words. */
final class ErrorResponses
{
    public function __invoke(Exceptions $exceptions): void
    {
        $exceptions->dontReport([BadInput::class, BadFile::class, StaleWrite::class, CannotUndo::class]);
        $exceptions->dontReportWhen(static fn (\Throwable $e): bool => $e instanceof ConsoleException);
        $exceptions->shouldRenderJsonWhen(static fn (Request $request): bool => $request->is('api/*'));
        $exceptions->render(static function (BadInput $e): JsonResponse {
            $message = app(Catalogue::class)->say($e->said);

            return new JsonResponse(['message' => $message, 'errors' => [$e->field() => [$message]]], 422);
        });
        $exceptions->render(static fn (StaleWrite $e): JsonResponse => new JsonResponse([
            'message' => $e->getMessage(), 'yours' => $e->yours, 'theirs' => $e->theirs,
        ], 409));
        $exceptions->render(static fn (CannotUndo $e): JsonResponse => new JsonResponse(['message' => $e->getMessage()], 409));
        $exceptions->render(static fn (NotFoundHttpException $e, Request $request): ?JsonResponse => $request->is('api/*')
            ? new JsonResponse(['message' => 'This is not here, or no longer: it may have been deleted.'], 404)
            : null);
    }
}

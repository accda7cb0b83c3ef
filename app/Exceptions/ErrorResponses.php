<?php

declare(strict_types=1);

namespace App\Exceptions;

use App\Core\Say;
use App\Keep\Backup\BadBackup;
use App\Keep\Takeout\BadGarden;
use App\Undo\CannotUndo;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\Exceptions\HttpResponseException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Sentence\Catalogue;
use Symfony\Component\Console\Exception\ExceptionInterface as ConsoleException;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\HttpKernel\Exception\MethodNotAllowedHttpException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Throwable;

/** How failures are told to a browser: 422 with the field's path, 409 with both versions, 404 in plain words. */
final class ErrorResponses
{
    public function __invoke(Exceptions $exceptions): void
    {
        $exceptions->dontReport(
            [BadInput::class, BadFile::class, StaleWrite::class, CannotUndo::class, BadBackup::class, BadGarden::class],
        );
        $exceptions->report(static function (Throwable $e): bool {
            app(Mishaps::class)->log($e);

            return false;
        });
        $exceptions->dontReportWhen(static fn (Throwable $e): bool => $e instanceof ConsoleException);
        $exceptions->shouldRenderJsonWhen(static fn (Request $request): bool => $request->is('api/*'));
        $exceptions->render(static function (BadInput $e): JsonResponse {
            $message = app(Catalogue::class)->say($e->said);

            return new JsonResponse(['message' => $message, 'errors' => [$e->field() => [$message]]], 422);
        });
        $exceptions->render(
            static fn (StaleWrite $e): JsonResponse => new JsonResponse(
                [
                    'message' => $e->getMessage(),
                    'yours' => $e->yours,
                    'theirs' => $e->theirs,
                ],
                409,
            ),
        );
        $exceptions->render(static fn (BadBackup|BadGarden $e): JsonResponse => new JsonResponse(
            ['message' => $e->getMessage(), 'errors' => ['file' => [$e->getMessage()]]],
            422,
        ));
        $exceptions->render(static fn (CannotUndo $e): JsonResponse => new JsonResponse(['message' => $e->getMessage()], 409));
        $exceptions->render(
            static fn (NotFoundHttpException $e, Request $request): ?JsonResponse => $request->is('api/*')
                ? new JsonResponse(['message' => Say::it('answer.not-here-no')], 404)
                : null,
        );
        $exceptions->render(
            static fn (MethodNotAllowedHttpException $e, Request $request): ?JsonResponse => $request->is('api/*')
                ? new JsonResponse(['message' => Say::it('answer.cannot-done-here')], 405, $e->getHeaders())
                : null,
        );
        $exceptions->render(static function (Throwable $e, Request $request): JsonResponse|Response|null {
            if ($e instanceof HttpExceptionInterface || $e instanceof ValidationException || $e instanceof HttpResponseException) {
                return null;
            }
            [$status, $message] = app(Mishaps::class)->said($e, $request);

            return $request->is('api/*')
                ? new JsonResponse(['message' => $message], $status)
                : response()->view('mishap', ['message' => $message], $status);
        });
    }
}

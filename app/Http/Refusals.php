<?php

declare(strict_types=1);

namespace App\Http;

use App\Copies\CopyFailed;
use App\Copies\Meanwhile;
use App\Models\GateShut;
use App\Models\TakenAlready;
use App\Plans\PlanMoved;
use Illuminate\Database\SQLiteDatabaseDoesNotExistException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Log;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Reckoning\UnknownReckoning;
use PDOException;
use Symfony\Component\HttpKernel\Exception\MethodNotAllowedHttpException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Throwable;

/** How the core's refusals reach the form they belong to: the same shape as any other field's error. */
final class Refusals
{
    public static function register(Exceptions $exceptions): void
    {
        $exceptions->shouldRenderJsonWhen(static fn (Request $request): bool => $request->is('api/*') || ! mb_check_encoding(rawurldecode($request->getRequestUri()), 'UTF-8'));
        $exceptions->dontReport([Refused::class, UnknownReckoning::class, PlanMoved::class, CopyFailed::class, GateShut::class, TakenAlready::class]);
        // What is logged names what went wrong and where, never what somebody typed.
        $exceptions->report(static function (Throwable $e): bool {
            Log::error(sprintf('%s at %s:%d%s', $e::class, str_replace(base_path().'/', '', $e->getFile()), $e->getLine(), $e instanceof PDOException ? ' ('.implode(' ', array_map(strval(...), array_slice($e->errorInfo ?? [], 0, 2))).')' : ''), [
                'by' => array_slice(array_map(static fn (array $step): string => ($step['class'] ?? '').($step['type'] ?? '').$step['function'], $e->getTrace()), 0, 12),
            ]);

            return false;
        });
        $exceptions->render(static fn (PDOException|SQLiteDatabaseDoesNotExistException $e): ?JsonResponse => DatabaseFaults::answer($e));
        $exceptions->render(static fn (Meanwhile $e): JsonResponse => new JsonResponse(['message' => $e->getMessage()], 409));
        $exceptions->render(static fn (GateShut $e): JsonResponse => new JsonResponse(['message' => $e->getMessage()], 503, ['Retry-After' => '3']));
        $exceptions->render(static fn (CopyFailed $e): JsonResponse => new JsonResponse(['message' => $e->getMessage()], 422));
        $exceptions->render(static function (Refused $e): JsonResponse {
            $messages = Input::messages([$e]);

            return new JsonResponse(['message' => $messages[$e->path], 'errors' => [$e->path => [$messages[$e->path]]]], 422);
        });
        $exceptions->render(static fn (TakenAlready $e): JsonResponse => new JsonResponse(['message' => $e->getMessage()], 409));
        $exceptions->render(static fn (PlanMoved $e): JsonResponse => new JsonResponse(['message' => $e->getMessage()], 409));
        // What the framework says of an address is in its own words, not in ours.
        $exceptions->render(static fn (NotFoundHttpException $e, Request $request): ?JsonResponse => $request->is('api/*') && $request->route() === null ? new JsonResponse(['message' => 'There is nothing at this address.'], 404) : null);
        $exceptions->render(static fn (MethodNotAllowedHttpException $e, Request $request): ?JsonResponse => $request->is('api/*') ? new JsonResponse(['message' => 'That cannot be done at this address.'], 405, $e->getHeaders()) : null);
        $exceptions->render(static fn (UnknownReckoning $e): JsonResponse => new JsonResponse(['message' => $e->getMessage()], 404));
    }
}

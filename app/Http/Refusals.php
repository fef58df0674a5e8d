<?php

declare(strict_types=1);

namespace App\Http;

use App\Plans\PlanMoved;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Reckoning\UnknownReckoning;

/** How the core's refusals reach the form they belong to: the same shape as any other field's error. */
final class Refusals
{
    public static function register(Exceptions $exceptions): void
    {
        $exceptions->shouldRenderJsonWhen(static fn (Request $request): bool => $request->is('api/*') || ! mb_check_encoding(rawurldecode($request->getRequestUri()), 'UTF-8'));
        $exceptions->dontReport([Refused::class, UnknownReckoning::class, PlanMoved::class]);
        $exceptions->render(static function (Refused $e): JsonResponse {
            $messages = Input::messages([$e]);

            return new JsonResponse(['message' => $messages[$e->path], 'errors' => [$e->path => [$messages[$e->path]]]], 422);
        });
        $exceptions->render(static fn (PlanMoved $e): JsonResponse => new JsonResponse(['message' => $e->getMessage()], 409));
        $exceptions->render(static fn (UnknownReckoning $e): JsonResponse => new JsonResponse(['message' => $e->getMessage()], 404));
    }
}

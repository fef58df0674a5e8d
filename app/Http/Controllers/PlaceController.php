<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Boards\Boards;
use App\Boards\Narrowing;
use App\Documents\PlaceDocument;
use App\Http\Scalar;
use App\Http\SeenFrom;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Marrow\Core\Work\Place;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

final class PlaceController extends Controller
{
    #[OA\Get(path: '/places/{place}', operationId: 'place', parameters: [
        new OA\PathParameter(name: 'place', required: true, schema: new OA\Schema(type: 'string', enum: Place::class)),
        new OA\QueryParameter(name: 'on', schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(name: 'find', schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(name: 'sort', schema: new OA\Schema(type: 'string', enum: ['due', 'name', 'code'])),
        new OA\QueryParameter(name: 'page', schema: new OA\Schema(type: 'integer')),
    ], responses: [
        new OA\Response(response: 200, description: 'what is there', content: new OA\JsonContent(ref: PlaceDocument::class)),
    ])]
    public function show(string $place, Request $request, SeenFrom $seen, Boards $boards): JsonResponse
    {
        $board = $boards->of($place) ?? throw new NotFoundHttpException('There is no such place.');
        $narrowing = new Narrowing(
            mb_substr(Scalar::text($request, 'find'), 0, 200),
            Scalar::text($request, 'sort'),
            Scalar::page($request),
        );

        return new JsonResponse($board->page($narrowing, $seen->when()));
    }
}

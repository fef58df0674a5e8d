<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Documents\PlaceDocument;
use App\Http\SeenFrom;
use App\Presenting\PlaceLists;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class PlaceController extends Controller
{
    #[OA\Get(path: '/places/{place}', operationId: 'place', parameters: [
        new OA\PathParameter(name: 'place', required: true, schema: new OA\Schema(type: 'string', enum: ['plot', 'bench', 'racks', 'trays', 'store'])),
        new OA\QueryParameter(name: 'on', schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(name: 'find', schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(name: 'sort', schema: new OA\Schema(type: 'string', enum: ['due', 'name', 'code'])),
        new OA\QueryParameter(name: 'page', schema: new OA\Schema(type: 'integer')),
    ], responses: [
        new OA\Response(response: 200, description: 'what is there', content: new OA\JsonContent(ref: PlaceDocument::class)),
    ])]
    public function show(string $place, Request $request, SeenFrom $seen, PlaceLists $lists): JsonResponse
    {
        $when = $seen->when();
        $find = $request->string('find')->limit(200, '')->toString();
        $sort = $request->string('sort')->toString();
        $page = max(1, $request->integer('page', 1));

        return new JsonResponse(match ($place) {
            'plot' => $lists->plot($when, $find, $sort, $page),
            'trays' => $lists->trays($when, $find, $sort, $page),
            'bench', 'racks', 'store' => $lists->lots($place, $when, $find, $sort, $page),
            default => abort(404),
        });
    }
}

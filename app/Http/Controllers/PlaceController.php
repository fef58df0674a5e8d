<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Boards\Boards;
use App\Boards\Narrowing;
use App\Boards\RacksGlance;
use App\Boards\ShelfGlance;
use App\Boards\TraysGlance;
use App\Documents\PlaceDocument;
use App\Documents\TableDocument;
use App\Http\Scalar;
use App\Http\SeenFrom;
use App\Steps\Drying\RacksDocument;
use App\Steps\Shelf\ShelfDocument;
use App\Steps\Testing\TraysDocument;
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
        new OA\QueryParameter(name: 'lies', description: 'id of the place where seed is kept', schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(name: 'crop', description: 'key', schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(name: 'only', description: 'the last of their variety, never tested, past their near edge', schema: new OA\Schema(type: 'string', enum: ['last', 'untested', 'past'])),
        new OA\QueryParameter(name: 'lines', description: '1 for many on a page, a line each', schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'what is there', content: new OA\JsonContent(ref: PlaceDocument::class)),
    ])]
    public function show(string $place, Request $request, SeenFrom $seen, Boards $boards): JsonResponse
    {
        $board = $boards->of($place) ?? throw new NotFoundHttpException('There is no such place.');

        return new JsonResponse($board->page(self::narrowing($request), $seen->when()));
    }

    #[OA\Get(path: '/places/{place}/table', operationId: 'placeTable', description: 'All of a list, as it is narrowed and ordered, for a spreadsheet.', parameters: [
        new OA\PathParameter(name: 'place', required: true, schema: new OA\Schema(type: 'string', enum: Place::class)),
        new OA\QueryParameter(name: 'on', schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(name: 'find', schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(name: 'sort', schema: new OA\Schema(type: 'string', enum: ['due', 'name', 'code'])),
        new OA\QueryParameter(name: 'lies', schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(name: 'crop', schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(name: 'only', schema: new OA\Schema(type: 'string', enum: ['last', 'untested', 'past'])),
    ], responses: [
        new OA\Response(response: 200, description: 'its headings and rows', content: new OA\JsonContent(ref: TableDocument::class)),
    ])]
    public function table(string $place, Request $request, SeenFrom $seen, Boards $boards): JsonResponse
    {
        $board = $boards->of($place) ?? throw new NotFoundHttpException('There is no such place.');

        return new JsonResponse($board->table(self::narrowing($request), $seen->when()));
    }

    #[OA\Get(path: '/racks', operationId: 'racks', description: 'All that dries, how far it is by what is known, and the air it dries in.', parameters: [
        new OA\QueryParameter(name: 'on', schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'the racks at a glance', content: new OA\JsonContent(ref: RacksDocument::class)),
    ])]
    public function racks(SeenFrom $seen, RacksGlance $glance): JsonResponse
    {
        return new JsonResponse($glance->of($seen->when()));
    }

    #[OA\Get(path: '/trays', operationId: 'trays', description: 'All tests that run, dish by dish, and what wants testing next.', parameters: [
        new OA\QueryParameter(name: 'on', schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'the trays at a glance', content: new OA\JsonContent(ref: TraysDocument::class)),
    ])]
    public function trays(SeenFrom $seen, TraysGlance $glance): JsonResponse
    {
        return new JsonResponse($glance->of($seen->when()));
    }

    #[OA\Get(path: '/shelf', operationId: 'shelf', description: 'All fruit that lies until its seed is ripe, or is open with its seed in it.', parameters: [
        new OA\QueryParameter(name: 'of', description: 'a planting\'s code: its fruit alone', schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(name: 'on', schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'the shelf', content: new OA\JsonContent(ref: ShelfDocument::class)),
    ])]
    public function shelf(Request $request, SeenFrom $seen, ShelfGlance $glance): JsonResponse
    {
        $of = Scalar::text($request, 'of');

        return new JsonResponse($glance->of($of === '' ? null : $this->planting($of), $seen->when()));
    }

    private static function narrowing(Request $request): Narrowing
    {
        return new Narrowing(
            mb_substr(Scalar::text($request, 'find'), 0, 200),
            Scalar::text($request, 'sort'),
            Scalar::page($request),
            Scalar::text($request, 'lies'),
            Scalar::text($request, 'crop'),
            Scalar::text($request, 'only'),
            Scalar::text($request, 'lines') === '' ? Narrowing::PAGE : Narrowing::LINES,
        );
    }
}

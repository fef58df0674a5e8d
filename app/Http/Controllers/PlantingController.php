<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Boards\TastingsGlance;
use App\Documents\PlantingDocument;
use App\Documents\RoundDocument;
use App\Documents\SavedDocument;
use App\Garden\Garden;
use App\Http\Input;
use App\Http\SeenFrom;
use App\Models\Acting;
use App\Presenting\PlantingSheet;
use App\Presenting\Rounds;
use App\Steps\Tasting\TastingsDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Marrow\Core\Things\GardenFields;
use OpenApi\Attributes as OA;

final class PlantingController extends Controller
{
    #[OA\Get(path: '/plantings/{code}', operationId: 'planting', parameters: [
        new OA\PathParameter(name: 'code', required: true, schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(name: 'on', schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'the planting', content: new OA\JsonContent(ref: PlantingDocument::class)),
    ])]
    public function show(string $code, SeenFrom $seen, PlantingSheet $sheet): JsonResponse
    {
        return new JsonResponse($sheet->of($this->planting($code), $seen->when()));
    }

    #[OA\Get(path: '/plantings/{code}/tastings', operationId: 'tastings', description: 'What was tasted blind of a planting: which plate is which is told once it is unblinded.', parameters: [
        new OA\PathParameter(name: 'code', required: true, schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(name: 'on', schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'the tastings', content: new OA\JsonContent(ref: TastingsDocument::class)),
    ])]
    public function tastings(string $code, SeenFrom $seen, TastingsGlance $tastings): JsonResponse
    {
        return new JsonResponse($tastings->of($this->planting($code), $seen->when()));
    }

    #[OA\Get(path: '/rounds/{which}', operationId: 'round', parameters: [
        new OA\PathParameter(name: 'which', required: true, schema: new OA\Schema(type: 'string', enum: ['evening', 'morning', 'looking-over', 'ripeness'])),
        new OA\QueryParameter(name: 'on', schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'a round through the garden', content: new OA\JsonContent(ref: RoundDocument::class)),
    ])]
    public function round(string $which, SeenFrom $seen, Rounds $rounds): JsonResponse
    {
        abort_unless(in_array($which, Rounds::WHICH, true), 404, 'There is no such round. There are: evening, morning, looking-over and ripeness.');

        return new JsonResponse($rounds->of($which, $seen->when()));
    }

    #[OA\Put(path: '/plantings/{code}', operationId: 'changePlanting', parameters: [
        new OA\PathParameter(name: 'code', required: true, schema: new OA\Schema(type: 'string')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(properties: [new OA\Property(property: 'spot', type: 'string')])), responses: [
        new OA\Response(response: 200, description: 'where it stands', content: new OA\JsonContent(ref: SavedDocument::class)),
    ])]
    public function change(string $code, Request $request, Garden $garden, Acting $by): JsonResponse
    {
        $planting = $this->planting($code);
        $garden->movePlanting($planting, Input::read(GardenFields::spot(), $request->all())->text('spot'), $by);

        return new JsonResponse(new SavedDocument($planting->id, $planting->code(), "{$planting->code()}: its place is changed"));
    }
}

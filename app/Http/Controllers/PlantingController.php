<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Clock;
use App\Http\Documents\PlantingDocument;
use App\Http\Documents\SavedDocument;
use App\Http\Requests\RecordRequest;
use App\Http\Requests\StartPlantingRequest;
use App\Http\SeenFrom;
use App\Journal\JournalWriter;
use App\Models\Variety;
use App\Presenting\PlantingSheet;
use App\Presenting\Said;
use Illuminate\Http\JsonResponse;
use Marrow\Core\Journal\EntryKind;
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

    #[OA\Post(path: '/plantings', operationId: 'startPlanting', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: StartPlantingRequest::class)), responses: [
        new OA\Response(response: 200, description: 'kept', content: new OA\JsonContent(ref: SavedDocument::class)),
    ])]
    public function start(StartPlantingRequest $request, JournalWriter $journal, Clock $clock): JsonResponse
    {
        $draft = $request->draft($clock, EntryKind::Sown);
        $planting = $journal->startPlanting(
            mb_strtolower($request->string('planting')->toString()),
            Variety::query()->findOrFail($request->string('variety')->toString()),
            $request->string('spot')->trim()->toString(),
            $draft,
        );

        return new JsonResponse(Said::of($draft, $planting->code()));
    }

    #[OA\Post(path: '/plantings/{code}/entries', operationId: 'recordOfPlanting', parameters: [
        new OA\PathParameter(name: 'code', required: true, schema: new OA\Schema(type: 'string')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: RecordRequest::class)), responses: [
        new OA\Response(response: 200, description: 'kept', content: new OA\JsonContent(ref: SavedDocument::class)),
    ])]
    public function record(string $code, RecordRequest $request, JournalWriter $journal, Clock $clock): JsonResponse
    {
        $planting = $this->planting($code);
        $draft = $request->draft($clock);
        $journal->aboutPlanting($planting, $draft);

        return new JsonResponse(Said::of($draft, $planting->code()));
    }
}

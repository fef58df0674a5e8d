<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Clock;
use App\Http\Documents\LotDocument;
use App\Http\Documents\SavedDocument;
use App\Http\Requests\RecordRequest;
use App\Http\Requests\StartLotRequest;
use App\Http\SeenFrom;
use App\Journal\JournalWriter;
use App\Presenting\LotSheet;
use App\Presenting\Said;
use Illuminate\Http\JsonResponse;
use Marrow\Core\Journal\EntryKind;
use OpenApi\Attributes as OA;

final class LotController extends Controller
{
    #[OA\Get(path: '/lots/{code}', operationId: 'lot', parameters: [
        new OA\PathParameter(name: 'code', required: true, schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(name: 'on', schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'the lot', content: new OA\JsonContent(ref: LotDocument::class)),
    ])]
    public function show(string $code, SeenFrom $seen, LotSheet $sheet): JsonResponse
    {
        return new JsonResponse($sheet->of($this->lot($code), $seen->when()));
    }

    #[OA\Post(path: '/plantings/{code}/lots', operationId: 'startLot', parameters: [
        new OA\PathParameter(name: 'code', required: true, schema: new OA\Schema(type: 'string')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: StartLotRequest::class)), responses: [
        new OA\Response(response: 200, description: 'kept', content: new OA\JsonContent(ref: SavedDocument::class)),
    ])]
    public function start(string $code, StartLotRequest $request, JournalWriter $journal, Clock $clock): JsonResponse
    {
        $draft = $request->draft($clock, EntryKind::Picked);
        $lot = $journal->startLot(mb_strtolower($request->string('lot')->toString()), $this->planting($code), $draft);

        return new JsonResponse(Said::of($draft, $lot->code()));
    }

    #[OA\Post(path: '/lots/{code}/entries', operationId: 'recordOfLot', parameters: [
        new OA\PathParameter(name: 'code', required: true, schema: new OA\Schema(type: 'string')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: RecordRequest::class)), responses: [
        new OA\Response(response: 200, description: 'kept', content: new OA\JsonContent(ref: SavedDocument::class)),
    ])]
    public function record(string $code, RecordRequest $request, JournalWriter $journal, Clock $clock): JsonResponse
    {
        $lot = $this->lot($code);
        $draft = $request->draft($clock);
        $journal->aboutLot($lot, $draft);

        return new JsonResponse(Said::of($draft, $lot->code()));
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\LotDocument;
use App\Http\SeenFrom;
use App\Presenting\LotSheet;
use Illuminate\Http\JsonResponse;
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
}

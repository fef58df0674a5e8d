<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\LotDocument;
use App\Documents\PortioningDocument;
use App\Documents\TestAheadDocument;
use App\Http\Input;
use App\Http\SeenFrom;
use App\Presenting\LotSheet;
use App\Presenting\PortioningSheet;
use App\Presenting\TestAhead;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Marrow\Core\Fields\FieldList;
use Marrow\Core\Fields\Values;
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

    #[OA\Get(path: '/lots/{code}/portions', operationId: 'portions', description: 'How the lot would be parted into packets for the years to come.', parameters: [
        new OA\PathParameter(name: 'code', required: true, schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(name: 'on', schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(name: 'wish', description: 'what is wanted, by field, as typed', style: 'deepObject', explode: true, schema: new OA\Schema(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'))),
    ], responses: [
        new OA\Response(response: 200, description: 'the packets that could be made', content: new OA\JsonContent(ref: PortioningDocument::class)),
    ])]
    public function portions(string $code, Request $request, SeenFrom $seen, PortioningSheet $sheet): JsonResponse
    {
        $wish = $request->query('wish', []);

        return new JsonResponse($sheet->of($this->lot($code), static fn (FieldList $fields): Values => Input::read($fields, is_array($wish) ? $wish : []), $seen->when()));
    }

    #[OA\Get(path: '/lots/{code}/test-ahead', operationId: 'testAhead', description: 'What a germination test would cost and tell, before its seed is taken.', parameters: [
        new OA\PathParameter(name: 'code', required: true, schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(name: 'on', schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(name: 'test', description: 'how it would be laid, by field, as typed', style: 'deepObject', explode: true, schema: new OA\Schema(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'))),
    ], responses: [
        new OA\Response(response: 200, description: 'what it would cost and tell', content: new OA\JsonContent(ref: TestAheadDocument::class)),
    ])]
    public function testAhead(string $code, Request $request, SeenFrom $seen, TestAhead $ahead): JsonResponse
    {
        $test = $request->query('test', []);

        return new JsonResponse($ahead->of($this->lot($code), static fn (FieldList $fields): Values => Input::read($fields, is_array($test) ? $test : []), $seen->when()));
    }
}

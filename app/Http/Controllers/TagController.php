<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\PaperTagDocument;
use App\Documents\TagReadDocument;
use App\Http\Scalar;
use App\Http\SeenFrom;
use App\Tagging\ReadsTags;
use App\Tagging\WhichTags;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

/** Tags on paper: what stands on them, and what one that was read is of. */
final class TagController extends Controller
{
    #[OA\Get(path: '/tags', operationId: 'tags', parameters: [
        new OA\QueryParameter(name: 'codes', description: 'of lots and plantings, with commas between them', schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(name: 'place', description: 'bench, racks, trays, store or plot: all that is there', schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(name: 'sorts', description: 'outside, inside, packet, rack, dish, bed, with commas between them; all where none is named', schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'what stands on each', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: PaperTagDocument::class))),
    ])]
    public function index(Request $request, SeenFrom $seen, WhichTags $tags): JsonResponse
    {
        return new JsonResponse($tags->of(self::listed($request, 'codes'), Scalar::text($request, 'place'), self::listed($request, 'sorts'), $seen->when()));
    }

    #[OA\Get(path: '/tags/read', operationId: 'readTag', parameters: [
        new OA\QueryParameter(name: 'text', description: 'what its mark holds, or the code that stands on it', required: true, schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'what it is of', content: new OA\JsonContent(ref: TagReadDocument::class)),
    ])]
    public function read(Request $request, ReadsTags $reads): JsonResponse
    {
        return new JsonResponse($reads->read(Scalar::text($request, 'text')));
    }

    /** @return list<string> */
    public static function listed(Request $request, string $key): array
    {
        return array_values(array_filter(array_map(trim(...), explode(',', Scalar::text($request, $key))), static fn (string $part): bool => $part !== ''));
    }
}

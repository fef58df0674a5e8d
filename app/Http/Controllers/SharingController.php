<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\PersonDocument;
use App\Documents\SavedDocument;
use App\Documents\SwapListDocument;
use App\Http\Scalar;
use App\Http\SeenFrom;
use App\Sharing\Forgetting;
use App\Sharing\People;
use App\Sharing\SwapList;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Marrow\Core\Fields\Refused;
use OpenApi\Attributes as OA;

/** Seed that leaves the garden, and the people who have it. */
final class SharingController extends Controller
{
    #[OA\Get(path: '/swap-list', operationId: 'swapList', parameters: [
        new OA\QueryParameter(name: 'on', schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'what may be passed on', content: new OA\JsonContent(ref: SwapListDocument::class)),
    ])]
    public function swapList(SeenFrom $seen, SwapList $list): JsonResponse
    {
        return new JsonResponse($list->of($seen->when()));
    }

    #[OA\Get(path: '/people', operationId: 'people', responses: [
        new OA\Response(response: 200, description: 'everybody who gave seed or was given some, by name', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: PersonDocument::class))),
    ])]
    public function people(SeenFrom $seen, People $people): JsonResponse
    {
        return new JsonResponse($people->all($seen->when()));
    }

    #[OA\Post(path: '/people/forget', operationId: 'forgetPerson', description: 'Takes a name out of everything that was recorded; what was given stays.', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['name'], properties: [
        new OA\Property(property: 'name', type: 'string'),
    ])), responses: [
        new OA\Response(response: 200, description: 'what was done, and where the name may still stand', content: new OA\JsonContent(ref: SavedDocument::class)),
    ])]
    public function forget(Request $request, Forgetting $forgetting): JsonResponse
    {
        try {
            return new JsonResponse($forgetting->forget(Scalar::text($request, 'name')));
        } catch (Refused $refused) {
            throw ValidationException::withMessages([$refused->path => $refused->getMessage()]);
        }
    }
}

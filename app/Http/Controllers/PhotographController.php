<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\SavedDocument;
use App\Garden\Photographs;
use App\Http\Scalar;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Photographs: sent small, kept without anything that the camera wrote beside them. */
final class PhotographController extends Controller
{
    #[OA\Post(path: '/photographs', operationId: 'addPhotograph', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['id', 'jpeg'], properties: [
        new OA\Property(property: 'id', type: 'string', format: 'uuid'),
        new OA\Property(property: 'jpeg', description: 'base64, at most 200 kB of picture', type: 'string'),
    ])), responses: [
        new OA\Response(response: 200, description: 'kept', content: new OA\JsonContent(ref: SavedDocument::class)),
    ])]
    public function add(Request $request, Photographs $photographs): JsonResponse
    {
        $request->validate(['id' => ['bail', 'required', 'string', 'uuid'], 'jpeg' => ['bail', 'required', 'string']]);
        $id = mb_strtolower(Scalar::text($request, 'id'));
        $photographs->add($id, Scalar::text($request, 'jpeg'));

        return new JsonResponse(new SavedDocument($id, '', 'The photograph is kept'));
    }

    #[OA\Get(path: '/photographs/{id}', operationId: 'photograph', parameters: [new OA\PathParameter(ref: '#/components/parameters/id')], responses: [
        new OA\Response(response: 200, description: 'the photograph', content: new OA\MediaType(mediaType: 'image/jpeg', schema: new OA\Schema(type: 'string', format: 'binary'))),
    ])]
    public function show(string $id): Response
    {
        return new Response(Photographs::bytes($id) ?? throw new NotFoundHttpException('There is no such photograph.'), headers: ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=31536000, immutable']);
    }
}

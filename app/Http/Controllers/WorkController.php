<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\WorkDocument;
use App\Works\Work;
use App\Works\Works;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** Work that takes a while: how far it is, and to stop it. */
final class WorkController extends Controller
{
    public function __construct(private readonly Works $works) {}

    #[OA\Get(path: '/works/{id}', operationId: 'work', parameters: [new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string'))], responses: [
        new OA\Response(response: 200, description: 'how it stands', content: new OA\JsonContent(ref: WorkDocument::class)),
    ])]
    public function show(string $id): JsonResponse
    {
        return new JsonResponse(WorkDocument::of($this->works->revived($this->found($id))));
    }

    #[OA\Post(path: '/works/{id}/stop', operationId: 'stopWork', parameters: [new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string'))], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(type: 'object')), responses: [
        new OA\Response(response: 200, description: 'it ends as soon as it hears of it; nothing was changed', content: new OA\JsonContent(ref: WorkDocument::class)),
    ])]
    public function stop(string $id): JsonResponse
    {
        $this->found($id);
        $this->works->stop($id);

        return new JsonResponse(WorkDocument::of($this->found($id)));
    }

    private function found(string $id): Work
    {
        return $this->works->find($id) ?? abort(404, 'There is no such work; it may have been asked for long ago. Ask again.');
    }
}

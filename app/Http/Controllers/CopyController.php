<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Copies\Copies;
use App\Copies\Copy;
use App\Documents\CopyDocument;
use App\Documents\SavedDocument;
use App\Http\Input;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldList;
use OpenApi\Attributes as OA;

/** Copies of the garden: what there is, one more, and back to one. */
final class CopyController extends Controller
{
    public function __construct(private readonly Copies $copies) {}

    #[OA\Get(path: '/copies', operationId: 'copies', responses: [
        new OA\Response(response: 200, description: 'those that can be gone back to, newest first', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: CopyDocument::class))),
    ])]
    public function index(): JsonResponse
    {
        return new JsonResponse(array_map(fn (Copy $copy): CopyDocument => CopyDocument::of($copy, $this->copies), $this->copies->all()));
    }

    #[OA\Post(path: '/copies', operationId: 'takeCopy', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(type: 'object')), responses: [
        new OA\Response(response: 200, description: 'made', content: new OA\JsonContent(ref: SavedDocument::class)),
    ])]
    public function take(): JsonResponse
    {
        $copy = $this->copies->now();

        return new JsonResponse(new SavedDocument(Copies::nameOf($copy), '', "The garden is copied: $copy->entries entries, checked"));
    }

    #[OA\Post(path: '/copies/{copy}/restore', operationId: 'restoreCopy', parameters: [
        new OA\PathParameter(name: 'copy', required: true, schema: new OA\Schema(type: 'string')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['lost'], properties: [
        new OA\Property(property: 'lost', description: 'how many entries whoever asks was told that it lacks; -1 when nobody could say', type: 'integer'),
    ])), responses: [
        new OA\Response(response: 200, description: 'the garden is as it was in the copy', content: new OA\JsonContent(ref: SavedDocument::class)),
    ])]
    public function restore(string $copy, Request $request): JsonResponse
    {
        $told = Input::read(FieldList::of(Field::integer('lost', 'How many entries it lacks', '', -1, 1_000_000_000)), $request->all())->integer('lost');
        $found = $this->copies->named($copy);
        if ($told !== ($this->copies->lostBy($found) ?? -1)) {
            return new JsonResponse(['message' => 'Something has been recorded meanwhile. Look again at what would be lost.'], 409);
        }
        $kept = $this->copies->restore($found);

        return new JsonResponse(new SavedDocument($copy, '', 'The garden is as it was in the copy.'.($kept === '' ? '' : ' What stood there before is kept as '.basename($kept).'.')));
    }
}

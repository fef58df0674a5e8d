<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Copies\Copies;
use App\Copies\Copy;
use App\Copies\GoingBack;
use App\Documents\CopyDocument;
use App\Documents\SavedDocument;
use App\Http\Input;
use App\Sharing\StaysForgotten;
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
        return new JsonResponse(array_map(fn (Copy $copy): CopyDocument => CopyDocument::of($copy, $this->copies->lostBy($copy), StaysForgotten::comeBack($copy)), $this->copies->all()));
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
        new OA\Property(property: 'revive', description: 'whether names that were forgotten since stay in it; they are forgotten again, unless it is so', type: 'boolean'),
    ])), responses: [
        new OA\Response(response: 200, description: 'the garden is as it was in the copy', content: new OA\JsonContent(ref: SavedDocument::class)),
    ])]
    public function restore(string $copy, Request $request, GoingBack $back): JsonResponse
    {
        $given = Input::read(FieldList::of(
            Field::integer('lost', 'How many entries it lacks', '', -1, 1_000_000_000),
            Field::flag('revive', 'Leave the names in it that were forgotten since'),
        ), $request->all());

        return new JsonResponse(new SavedDocument($copy, '', $back->to($this->copies->named($copy), $given->integer('lost'), ! $given->flag('revive'))));
    }
}

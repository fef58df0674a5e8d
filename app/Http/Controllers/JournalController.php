<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Documents\JournalDocument;
use App\Http\Documents\SavedDocument;
use App\Journal\JournalWriter;
use App\Models\JournalEntry;
use App\Presenting\JournalPages;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

final class JournalController extends Controller
{
    #[OA\Get(path: '/journal', operationId: 'journal', parameters: [
        new OA\QueryParameter(name: 'page', schema: new OA\Schema(type: 'integer')),
    ], responses: [
        new OA\Response(response: 200, description: 'a page of it', content: new OA\JsonContent(ref: JournalDocument::class)),
    ])]
    public function index(Request $request, JournalPages $pages): JsonResponse
    {
        return new JsonResponse($pages->page(max(1, $request->integer('page', 1))));
    }

    #[OA\Post(path: '/entries/{entry}/strike', operationId: 'strike', parameters: [
        new OA\PathParameter(name: 'entry', required: true, schema: new OA\Schema(type: 'string')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['id'], properties: [
        new OA\Property(property: 'id', description: 'id of the strike', type: 'string', format: 'uuid'),
        new OA\Property(property: 'reason', type: 'string'),
    ])), responses: [
        new OA\Response(response: 200, description: 'struck', content: new OA\JsonContent(ref: SavedDocument::class)),
    ])]
    public function strike(string $entry, Request $request, JournalWriter $journal): JsonResponse
    {
        $request->validate(['id' => ['required', 'uuid'], 'reason' => ['sometimes', 'nullable', 'string', 'max:200']]);
        $target = JournalEntry::query()->where('id', mb_strtolower($entry))->first()
            ?? throw new NotFoundHttpException('There is no such entry in the journal.');
        $id = mb_strtolower($request->string('id')->toString());
        $journal->strike($target, $id, $request->string('reason')->toString());

        return new JsonResponse(new SavedDocument($id, '', $target->kind === 'struck' ? 'Brought back' : 'Struck'));
    }
}

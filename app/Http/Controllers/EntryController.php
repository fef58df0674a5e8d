<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Clock;
use App\Documents\AnswersDocument;
use App\Documents\BeginningDocument;
use App\Documents\JournalDocument;
use App\Http\Drafts;
use App\Http\Scalar;
use App\Journal\Answer;
use App\Journal\Draft;
use App\Journal\Recorder;
use App\Models\Acting;
use App\Models\JournalEntry;
use App\Presenting\Answers;
use App\Presenting\JournalPages;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Things\Registered;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The journal: the one door into it, and its pages. */
final class EntryController extends Controller
{
    #[OA\Post(path: '/entries', operationId: 'record', description: 'Records drafts, each by itself or all together. 422 when none of them was kept.', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['drafts'], properties: [
        new OA\Property(property: 'drafts', type: 'array', items: new OA\Items(ref: '#/components/schemas/DraftRequest')),
        new OA\Property(property: 'all', description: 'all of them or none', type: 'boolean'),
    ])), responses: [
        new OA\Response(response: 200, description: 'what became of each', content: new OA\JsonContent(ref: AnswersDocument::class)),
    ])]
    public function record(Request $request, Recorder $recorder, Acting $by, Answers $words): JsonResponse
    {
        return self::answered($recorder->record(Drafts::read($request->input('drafts')), $by, $request->input('all') === true), $words);
    }

    #[OA\Post(path: '/entries/{entry}/strike', operationId: 'strike', parameters: [
        new OA\PathParameter(name: 'entry', required: true, schema: new OA\Schema(type: 'string')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['id'], properties: [
        new OA\Property(property: 'id', description: 'id of the strike', type: 'string', format: 'uuid'),
        new OA\Property(property: 'reason', type: 'string'),
    ])), responses: [
        new OA\Response(response: 200, description: 'struck', content: new OA\JsonContent(ref: AnswersDocument::class)),
    ])]
    public function strike(string $entry, Request $request, Recorder $recorder, Acting $by, Clock $clock, Answers $words): JsonResponse
    {
        $request->validate(['id' => ['bail', 'required', 'uuid'], 'reason' => ['sometimes', 'nullable', 'string', 'max:200']]);
        $target = JournalEntry::query()->where('id', mb_strtolower($entry))->first()
            ?? throw new NotFoundHttpException('There is no such entry in the journal.');
        $draft = new Draft(
            mb_strtolower($request->string('id')->toString()),
            Subject::from($target->subject),
            $target->subject_id,
            'struck',
            Draft::at($clock->now()),
            ['entry' => $target->id, 'reason' => $request->string('reason')->toString()],
        );

        return self::answered($recorder->record([$draft], $by), $words);
    }

    #[OA\Get(path: '/beginnings', operationId: 'beginnings', description: 'What a lot or a planting can begin with, out of nothing.', responses: [
        new OA\Response(response: 200, description: 'the kinds', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: BeginningDocument::class))),
    ])]
    public function beginnings(): JsonResponse
    {
        return new JsonResponse(BeginningDocument::all(...array_values(Registered::kinds()->all())));
    }

    #[OA\Get(path: '/journal', operationId: 'journal', parameters: [
        new OA\QueryParameter(name: 'before', description: 'the mark at which the page before ended', schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'a page of it', content: new OA\JsonContent(ref: JournalDocument::class)),
    ])]
    public function index(Request $request, JournalPages $pages): JsonResponse
    {
        return new JsonResponse($pages->page(Scalar::text($request, 'before')));
    }

    /** @param  list<Answer>  $answers */
    private static function answered(array $answers, Answers $words): JsonResponse
    {
        $kept = array_filter($answers, static fn (Answer $answer): bool => $answer->status === 'kept');
        $status = match (true) {
            $kept !== [] => 200,
            $answers !== [] && $answers[0]->status === 'taken' => 409,
            default => 422,
        };

        return new JsonResponse(new AnswersDocument($kept === [] ? $answers[0]->message ?? '' : '', array_map($words->document(...), $answers)), $status);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Clock;
use App\Dictation\LineExamples;
use App\Dictation\ReadsLines;
use App\Documents\AnswersDocument;
use App\Documents\AtOnceDocument;
use App\Documents\BeginningDocument;
use App\Documents\JournalDocument;
use App\Documents\KindsDocument;
use App\Documents\LineKindDocument;
use App\Documents\LineReadDocument;
use App\Documents\ManyDocument;
use App\Http\Drafts;
use App\Http\Input;
use App\Http\Scalar;
use App\Http\SeenFrom;
use App\Journal\Answer;
use App\Journal\Batch;
use App\Journal\Draft;
use App\Journal\Recorder;
use App\Models\Acting;
use App\Models\JournalEntry;
use App\Presenting\Answers;
use App\Presenting\AtOnce;
use App\Presenting\JournalPages;
use App\Presenting\JournalWish;
use App\Presenting\KindsTold;
use App\Presenting\ManySheet;
use DateTimeImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Marrow\Core\Fields\Reading;
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
        new OA\Property(property: 'act', description: 'what is kept of them was done at once, under this id, and is taken back as one', type: 'string', format: 'uuid'),
    ])), responses: [
        new OA\Response(response: 200, description: 'what became of each', content: new OA\JsonContent(ref: AnswersDocument::class)),
    ])]
    public function record(Request $request, Recorder $recorder, Batch $batch, Acting $by, Answers $words): JsonResponse
    {
        $request->validate(['act' => ['sometimes', 'bail', 'string', 'uuid']]);
        $act = mb_strtolower(Scalar::text($request, 'act'));
        $drafts = Drafts::read($request->input('drafts'), $act === '' ? null : $act);
        $all = $request->input('all') === true;

        return self::answered($act === '' ? $recorder->record($drafts, $by, $all) : $batch->record($act, $drafts, $by, $all), $words, $act === '' ? null : $act);
    }

    #[OA\Post(path: '/entries/{entry}/strike', operationId: 'strike', description: 'Of an entry, or of all that was done at once under an id.', parameters: [
        new OA\PathParameter(name: 'entry', required: true, schema: new OA\Schema(type: 'string')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['id'], properties: [
        new OA\Property(property: 'id', description: 'id of the strike', type: 'string', format: 'uuid'),
        new OA\Property(property: 'reason', type: 'string'),
    ])), responses: [
        new OA\Response(response: 200, description: 'struck', content: new OA\JsonContent(ref: AnswersDocument::class)),
    ])]
    public function strike(string $entry, Request $request, Recorder $recorder, Batch $batch, Acting $by, Clock $clock, Answers $words): JsonResponse
    {
        $request->validate(['id' => ['bail', 'required', 'uuid'], 'reason' => ['sometimes', 'nullable', 'string', 'max:200']]);
        $id = mb_strtolower($request->string('id')->toString());
        $reason = $request->string('reason')->toString();
        $target = JournalEntry::query()->where('id', mb_strtolower($entry))->first();
        if ($target !== null) {
            $draft = new Draft($id, Subject::from($target->subject), $target->subject_id, 'struck', Draft::at($clock->now()), ['entry' => $target->id, 'reason' => $reason]);

            return self::answered($recorder->record([$draft], $by), $words);
        }
        $entries = Batch::entries(mb_strtolower($entry));

        return $entries->isEmpty()
            ? throw new NotFoundHttpException('There is no such entry in the journal.')
            : self::answered($batch->strike($entries, $id, $reason, $by), $words, $id);
    }

    #[OA\Get(path: '/beginnings', operationId: 'beginnings', description: 'What a lot or a planting can begin with, out of nothing.', responses: [
        new OA\Response(response: 200, description: 'the kinds', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: BeginningDocument::class))),
    ])]
    public function beginnings(): JsonResponse
    {
        return new JsonResponse(BeginningDocument::all(...array_values(Registered::kinds()->all())));
    }

    #[OA\Get(path: '/kinds', operationId: 'kinds', description: 'Every kind of entry with its form, for what the server does not know yet.', responses: [
        new OA\Response(response: 200, description: 'the kinds', content: new OA\JsonContent(ref: KindsDocument::class)),
    ])]
    public function kinds(KindsTold $kinds): JsonResponse
    {
        return new JsonResponse($kinds->all());
    }

    #[OA\Get(path: '/journal', operationId: 'journal', parameters: [
        new OA\QueryParameter(name: 'before', description: 'the mark at which the page before ended', schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(name: 'by', description: 'name of who recorded it', schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(name: 'kind', schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(name: 'of', description: 'code of a lot or a planting', schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(name: 'from', description: 'the first day, as it is typed', schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(name: 'to', description: 'the last day', schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'a page of it', content: new OA\JsonContent(ref: JournalDocument::class)),
    ])]
    public function index(Request $request, JournalPages $pages): JsonResponse
    {
        $asked = static fn (string $key): string => Scalar::text($request, $key);
        $days = Input::inCoreUnits(JournalWish::fields(), ['from' => $asked('from'), 'to' => $asked('to')]);

        return new JsonResponse($pages->page(JournalWish::of($asked('by'), $asked('kind'), $asked('of'), $days), $asked('before')));
    }

    #[OA\Get(path: '/many', operationId: 'many', description: 'What can be recorded of several things at once.', parameters: [
        new OA\QueryParameter(name: 'things', description: 'codes, with commas between them', required: true, schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(name: 'on', schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'what each of them offers, asked once', content: new OA\JsonContent(ref: ManyDocument::class)),
    ])]
    public function many(Request $request, SeenFrom $seen, ManySheet $sheet): JsonResponse
    {
        $codes = array_slice(explode(',', Scalar::text($request, 'things')), 0, Drafts::MOST);

        return new JsonResponse($sheet->of(array_values(array_unique(array_map(static fn (string $code): string => mb_strtoupper(trim($code)), $codes))), $seen->when()));
    }

    #[OA\Post(path: '/lines/read', operationId: 'readLine', description: 'What a line says was done. Nothing is kept.', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['text'], properties: [
        new OA\Property(property: 'text', type: 'string', maxLength: 2000),
        new OA\Property(property: 'about', description: 'code of what is looked at', type: 'string'),
        new OA\Property(property: 'at', description: 'when it was written, in garden time; now where that is left out', type: 'string'),
    ])), responses: [
        new OA\Response(response: 200, description: 'what was understood', content: new OA\JsonContent(ref: LineReadDocument::class)),
    ])]
    public function readLine(Request $request, ReadsLines $lines, Clock $clock): JsonResponse
    {
        $request->validate(['text' => ['bail', 'required', 'string', 'max:2000'], 'about' => ['sometimes', 'nullable', 'string', 'max:20'], 'at' => ['sometimes', 'nullable', 'string', 'max:20']]);

        return new JsonResponse($lines->read(Reading::cleaned(Scalar::text($request, 'text')), mb_strtoupper(Scalar::text($request, 'about')), self::writtenAt(Scalar::text($request, 'at'), $clock->now()), Input::inCoreUnits(...)));
    }

    #[OA\Get(path: '/lines', operationId: 'lines', responses: [
        new OA\Response(response: 200, description: 'a line for each kind of entry', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: LineKindDocument::class))),
    ])]
    public function lines(Clock $clock): JsonResponse
    {
        return new JsonResponse(LineExamples::all($clock->now()));
    }

    #[OA\Get(path: '/acts/{id}', operationId: 'act', parameters: [new OA\PathParameter(ref: '#/components/parameters/id')], responses: [
        new OA\Response(response: 200, description: 'what was done to many at once, each by itself', content: new OA\JsonContent(ref: AtOnceDocument::class)),
    ])]
    public function act(string $id, AtOnce $acts): JsonResponse
    {
        return new JsonResponse($acts->of(mb_strtolower($id)) ?? throw new NotFoundHttpException('Nothing was done to many at once under that number.'));
    }

    /** "Yesterday" is the day before that on which it was written; what is still to come was not. */
    private static function writtenAt(string $at, DateTimeImmutable $now): DateTimeImmutable
    {
        $written = preg_match('/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/', $at) === 1 ? DateTimeImmutable::createFromFormat('!Y-m-d\TH:i', $at, $now->getTimezone()) : false;

        return $written === false || $written > $now ? $now : $written;
    }

    /** @param  list<Answer>  $answers */
    private static function answered(array $answers, Answers $words, ?string $act = null): JsonResponse
    {
        $kept = array_values(array_filter($answers, static fn (Answer $answer): bool => $answer->status === 'kept'));
        $status = match (true) {
            $kept !== [] => 200,
            $answers !== [] && $answers[0]->status === 'taken' => 409,
            default => 422,
        };

        return new JsonResponse(new AnswersDocument($kept === [] ? $answers[0]->message ?? '' : '', array_map($words->document(...), $answers), $act === null ? '' : Answers::ofMany($kept), $kept === [] ? null : $act), $status);
    }
}

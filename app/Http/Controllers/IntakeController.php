<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Clock;
use App\Documents\ActDocument;
use App\Documents\IntakeFormDocument;
use App\Documents\IntakeLineDocument;
use App\Documents\IntakeMatchDocument;
use App\Http\IntakeInput;
use App\Http\LongWork;
use App\Http\Scalar;
use App\Intake\ActBook;
use App\Intake\ActSheet;
use App\Intake\Names;
use App\Intake\Shown;
use App\Intake\WorkedLine;
use App\Intake\Working;
use App\Models\Act;
use App\Models\Acting;
use App\Reading\Facts;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Marrow\Core\Intake\ColumnMatch;
use OpenApi\Attributes as OA;
use Ramsey\Uuid\Uuid;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Many packets at once: read as they were written, kept as one act, taken back as one. */
#[OA\Schema(schema: 'IntakeRequest', required: ['lines'], properties: [
    new OA\Property(property: 'lines', type: 'array', items: new OA\Items(required: ['id', 'cells'], properties: [
        new OA\Property(property: 'id', type: 'string'),
        new OA\Property(property: 'cells', description: 'what was written, by column', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),
    ])),
    new OA\Property(property: 'units', description: 'that headings give to bare numbers, by column', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),
    new OA\Property(property: 'unmarked', description: 'what a variety is taken to be that has a name and of which nothing more is said', type: 'string', enum: ['unknown', 'open_pollinated']),
    new OA\Property(property: 'places', description: 'what is known of the air of places that are new, by name', type: 'object', additionalProperties: new OA\AdditionalProperties(properties: [
        new OA\Property(property: 'temperature', type: 'string'),
        new OA\Property(property: 'rh', type: 'string'),
    ], type: 'object')),
])]
final class IntakeController extends Controller
{
    /** Lines that are read at once. */
    private const READ = 500;

    #[OA\Get(path: '/intake', operationId: 'intakeForm', responses: [
        new OA\Response(response: 200, description: 'what can be told of a packet', content: new OA\JsonContent(ref: IntakeFormDocument::class)),
    ])]
    public function form(ActSheet $sheet): JsonResponse
    {
        return new JsonResponse($sheet->form(IntakeInput::MOST));
    }

    #[OA\Post(path: '/intake/columns', operationId: 'intakeColumns', description: 'Which column of a list is which, by its headings or what stands in it.', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['rows'], properties: [
        new OA\Property(property: 'rows', description: 'the first of the list', type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'string'))),
    ])), responses: [
        new OA\Response(response: 200, description: 'each column', content: new OA\JsonContent(ref: IntakeMatchDocument::class)),
    ])]
    public function columns(Request $request, Names $names): JsonResponse
    {
        return new JsonResponse(IntakeMatchDocument::of(ColumnMatch::of(IntakeInput::rows($request), $names->crops())));
    }

    #[OA\Post(path: '/intake/read', operationId: 'intakeRead', description: 'What is understood of some lines. Nothing is kept.', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/IntakeRequest')), responses: [
        new OA\Response(response: 200, description: 'each line', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: IntakeLineDocument::class))),
    ])]
    public function read(Request $request, Names $names, Facts $facts, Clock $clock): JsonResponse
    {
        $working = new Working($names->reader(), $facts, $clock, Uuid::NIL, IntakeInput::sheet($request, self::READ));

        return new JsonResponse(array_map(static fn (WorkedLine $line): IntakeLineDocument => Shown::line($line, $working), $working->lines()));
    }

    #[OA\Post(path: '/intakes', operationId: 'takeIn', description: 'Keeps lines as one act: all of them or none.', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(allOf: [
        new OA\Schema(ref: '#/components/schemas/IntakeRequest'),
        new OA\Schema(required: ['id'], properties: [
            new OA\Property(property: 'id', type: 'string', format: 'uuid'),
            new OA\Property(property: 'title', type: 'string'),
        ]),
    ])), responses: [
        new OA\Response(response: 200, description: 'what came in', content: new OA\JsonContent(ref: ActDocument::class)),
    ])]
    public function keep(Request $request, ActBook $acts, Acting $by, ActSheet $sheet): Response
    {
        $request->validate(['id' => ['bail', 'required', 'string', 'uuid']]);
        $id = mb_strtolower(Scalar::text($request, 'id'));
        $title = mb_substr(Scalar::text($request, 'title'), 0, 120);
        $sent = IntakeInput::sheet($request);
        $keep = static fn (?\Closure $report = null): ActDocument => $sheet->of($acts->keep($id, $title === '' ? 'Taken in' : $title, $sent, $by, $report));

        return LongWork::isWanted($request) ? LongWork::answer($keep) : new JsonResponse($keep());
    }

    #[OA\Get(path: '/intakes', operationId: 'intakes', responses: [
        new OA\Response(response: 200, description: 'what came in as one, newest first', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: ActDocument::class))),
    ])]
    public function index(ActSheet $sheet): JsonResponse
    {
        return new JsonResponse($sheet->all());
    }

    #[OA\Get(path: '/intakes/{id}', operationId: 'intake', parameters: [new OA\PathParameter(ref: '#/components/parameters/id')], responses: [
        new OA\Response(response: 200, description: 'what came in, and what follows', content: new OA\JsonContent(ref: ActDocument::class)),
    ])]
    public function show(string $id, ActSheet $sheet): JsonResponse
    {
        return new JsonResponse($sheet->of($this->act($id)));
    }

    #[OA\Post(path: '/intakes/{id}/take-back', operationId: 'takeBack', parameters: [new OA\PathParameter(ref: '#/components/parameters/id')], requestBody: new OA\RequestBody(content: new OA\JsonContent(properties: [
        new OA\Property(property: 'even_so', type: 'boolean'),
    ])), responses: [
        new OA\Response(response: 200, description: 'taken back', content: new OA\JsonContent(ref: ActDocument::class)),
    ])]
    public function takeBack(string $id, Request $request, ActBook $acts, Acting $by, ActSheet $sheet): JsonResponse
    {
        return new JsonResponse($sheet->of($acts->takeBack($this->act($id), $request->input('even_so') === true, $by)));
    }

    private function act(string $id): Act
    {
        return Act::query()->where('sort', 'taken_in')->find(mb_strtolower($id)) ?? throw new NotFoundHttpException('Nothing came in under that number.');
    }
}

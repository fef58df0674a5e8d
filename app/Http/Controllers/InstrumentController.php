<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Clock;
use App\Documents\DrawnInstrumentDocument;
use App\Documents\InstrumentDocument;
use App\Documents\ReadDocument;
use App\Documents\SavedDocument;
use App\Http\Input;
use App\Http\IntakeInput;
use App\Http\Scalar;
use App\Http\SeenFrom;
use App\Instruments\InstrumentBook;
use App\Instruments\Nearest;
use App\Instruments\Readings;
use App\Instruments\Takes;
use App\Models\Acting;
use App\Models\Instrument;
use App\Models\WriteLock;
use App\Presenting\InstrumentSheet;
use App\Voice\Quantity;
use App\Voice\Speaking;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Marrow\Core\Fields\Field;
use Marrow\Core\Instruments\DailyList;
use Marrow\Core\Instruments\Measure;
use Marrow\Core\Instruments\Unreadable;
use Marrow\Core\Things\InstrumentFields;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What measures: scales, loggers, the weather. */
final class InstrumentController extends Controller
{
    /** Rows of a list: thirty years. */
    private const LISTED = 11_000;

    /** Days that are drawn where nobody says from when. */
    private const DRAWN = 365;

    #[OA\Get(path: '/instruments', operationId: 'instruments', responses: [
        new OA\Response(response: 200, description: 'by name', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: InstrumentDocument::class))),
    ])]
    public function index(SeenFrom $seen, InstrumentSheet $sheet): JsonResponse
    {
        return new JsonResponse($sheet->all($seen->when()));
    }

    #[OA\Get(path: '/instruments/{id}', operationId: 'instrument', parameters: [
        new OA\PathParameter(ref: '#/components/parameters/id'),
        new OA\QueryParameter(name: 'from', schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(name: 'to', schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'what it told', content: new OA\JsonContent(ref: DrawnInstrumentDocument::class)),
    ])]
    public function show(string $id, Request $request, SeenFrom $seen, InstrumentSheet $sheet): JsonResponse
    {
        $when = $seen->when();

        return new JsonResponse($sheet->drawn(self::found($id), self::day($request, 'from') ?? $when->now->modify(sprintf('-%d days', self::DRAWN))->format('Y-m-d'), self::day($request, 'to') ?? $when->now->format('Y-m-d'), $when));
    }

    #[OA\Post(path: '/instruments', operationId: 'addInstrument', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/InstrumentRequest')), responses: [
        new OA\Response(response: 200, description: 'kept', content: new OA\JsonContent(ref: SavedDocument::class)),
    ])]
    public function add(Request $request, InstrumentBook $book, Acting $by): JsonResponse
    {
        $request->validate(['id' => ['bail', 'required', 'string', 'uuid']]);
        $instrument = $book->add(mb_strtolower(Scalar::text($request, 'id')), Input::read(InstrumentFields::all(), $request->all()), $by);

        return new JsonResponse(new SavedDocument($instrument->id, '', "Added $instrument->name"));
    }

    #[OA\Put(path: '/instruments/{id}', operationId: 'changeInstrument', parameters: [new OA\PathParameter(ref: '#/components/parameters/id')], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/InstrumentRequest')), responses: [
        new OA\Response(response: 200, description: 'changed', content: new OA\JsonContent(ref: SavedDocument::class)),
    ])]
    public function change(string $id, Request $request, InstrumentBook $book, Acting $by): JsonResponse
    {
        $instrument = self::found($id);
        $book->change($instrument, Input::read(InstrumentFields::all(), $request->all()), $by);

        return new JsonResponse(new SavedDocument($instrument->id, '', "Changed $instrument->name"));
    }

    #[OA\Post(path: '/instruments/{id}/remove', operationId: 'removeInstrument', parameters: [new OA\PathParameter(ref: '#/components/parameters/id')], responses: [
        new OA\Response(response: 200, description: 'it is taken down', content: new OA\JsonContent(ref: SavedDocument::class)),
    ])]
    public function remove(string $id, InstrumentBook $book, Acting $by): JsonResponse
    {
        $instrument = self::found($id);
        $book->takeDown($instrument, $by);

        return new JsonResponse(new SavedDocument($instrument->id, '', "$instrument->name is taken down. What it told stays."));
    }

    #[OA\Post(path: '/instruments/{id}/ask', operationId: 'askInstrument', description: 'Asks one that has an address of the web now.', parameters: [new OA\PathParameter(ref: '#/components/parameters/id')], responses: [
        new OA\Response(response: 200, description: 'how it goes with it now', content: new OA\JsonContent(ref: InstrumentDocument::class)),
    ])]
    public function ask(string $id, SeenFrom $seen, Takes $takes, InstrumentSheet $sheet, Clock $clock): JsonResponse
    {
        $instrument = self::found($id);
        if ($instrument->address !== '' && $instrument->kind !== 'scale') {
            $takes->ask($instrument, $clock->now());
        }

        return new JsonResponse($sheet->of($instrument->refresh(), $seen->when()));
    }

    #[OA\Post(path: '/instruments/{id}/readings', operationId: 'sendReadings', description: 'What a logger or a weather station measured, or what is foretold; sent by the instrument with a token for readings.', parameters: [new OA\PathParameter(ref: '#/components/parameters/id')], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(properties: [
        new OA\Property(property: 'readings', type: 'array', items: new OA\Items(type: 'object')),
        new OA\Property(property: 'forecast', type: 'array', items: new OA\Items(type: 'object')),
    ])), responses: [
        new OA\Response(response: 200, description: 'how many were kept', content: new OA\JsonContent(ref: SavedDocument::class)),
    ])]
    public function readings(string $id, Request $request, Takes $takes, Clock $clock): JsonResponse
    {
        $instrument = self::found($id);
        try {
            $read = $takes->sent($instrument, $request->json()->all(), $clock->now());
        } catch (Unreadable $unreadable) {
            throw ValidationException::withMessages(['readings' => $unreadable->getMessage()]);
        }

        return new JsonResponse(new SavedDocument($instrument->id, '', sprintf('%d readings kept%s', count($read->readings), $read->left === 0 ? '' : "; $read->left could not be used")));
    }

    #[OA\Post(path: '/instruments/{id}/list', operationId: 'readDays', description: 'Days gone by, from a list of them.', parameters: [new OA\PathParameter(ref: '#/components/parameters/id')], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['rows'], properties: [
        new OA\Property(property: 'rows', description: 'of the list, its headings first', type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'string'))),
    ])), responses: [
        new OA\Response(response: 200, description: 'what was kept', content: new OA\JsonContent(ref: SavedDocument::class)),
    ])]
    public function days(string $id, Request $request, Readings $readings, Clock $clock): JsonResponse
    {
        $instrument = self::found($id);
        $now = $clock->now();
        $list = DailyList::of(IntakeInput::rows($request, self::LISTED), $instrument->sort()->measures(), $now, Speaking::forms()->monthFirst());
        WriteLock::hold(static function () use ($readings, $instrument, $list, $now): void {
            $readings->keep($instrument, $list->readings, $now);
            $readings->thin($now);
        });

        return new JsonResponse(new SavedDocument($instrument->id, '', sprintf('%s read%s', Quantity::number($list->days, 'day'), $list->left === 0 ? '' : sprintf('; %s could not be', Quantity::number($list->left, 'line or figure', 'lines or figures')))));
    }

    #[OA\Post(path: '/reading', operationId: 'reading', description: 'What the nearest instrument says now of a unit.', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['unit'], properties: [
        new OA\Property(property: 'unit', description: 'of the core: g, °C, % RH', type: 'string'),
        new OA\Property(property: 'place', description: 'id of the place where the field is of', type: 'string'),
    ])), responses: [
        new OA\Response(response: 200, description: 'the figure, or why there is none', content: new OA\JsonContent(ref: ReadDocument::class)),
    ])]
    public function reading(Request $request, SeenFrom $seen, Nearest $nearest): JsonResponse
    {
        $measure = Measure::ofUnit(Scalar::text($request, 'unit')) ?? abort(404, 'No instrument tells that.');
        [$value, $said] = $nearest->read($measure, Scalar::text($request, 'place'), $seen->when());

        return new JsonResponse(new ReadDocument($value === null ? null : Field::show(round(Speaking::forms()->units->fromCore($measure->unit(), $value), $measure === Measure::Mass ? 3 : 1)), $said));
    }

    private static function day(Request $request, string $key): ?string
    {
        $day = Scalar::text($request, $key);

        return preg_match('/^\d{4}-\d{2}-\d{2}$/', $day) === 1 ? $day : null;
    }

    private static function found(string $id): Instrument
    {
        return Instrument::query()->find(mb_strtolower($id)) ?? throw new NotFoundHttpException('There is no such instrument.');
    }
}

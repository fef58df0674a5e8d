<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\HolderDocument;
use App\Documents\HoldingDocument;
use App\Documents\SavedDocument;
use App\Garden\Garden;
use App\Http\Input;
use App\Http\IntakeInput;
use App\Http\Scalar;
use App\Http\SeenFrom;
use App\Journal\Draft;
use App\Journal\Recorder;
use App\Models\Acting;
use App\Models\Container;
use App\Models\Place;
use App\Presenting\HoldingSheet;
use App\Voice\Quantity;
use App\Voice\Speaking;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Steps\Holding\LoggerReadings;
use Marrow\Core\Things\GardenFields;
use OpenApi\Attributes as OA;
use Ramsey\Uuid\Uuid;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What holds seed: places, and the containers in them and in one another. */
final class HolderController extends Controller
{
    /** Rows of a logger's list: two years, every two hours. */
    private const READINGS = 9000;

    #[OA\Get(path: '/holders', operationId: 'holders', parameters: [
        new OA\QueryParameter(name: 'on', schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'each place, and behind it what lies in it', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: HolderDocument::class))),
    ])]
    public function index(SeenFrom $seen, HoldingSheet $sheet): JsonResponse
    {
        return new JsonResponse($sheet->tree($seen->when()));
    }

    #[OA\Get(path: '/holders/{id}', operationId: 'holder', parameters: [
        new OA\PathParameter(ref: '#/components/parameters/id'),
        new OA\QueryParameter(name: 'on', schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'what lies in it', content: new OA\JsonContent(ref: HoldingDocument::class)),
    ])]
    public function show(string $id, SeenFrom $seen, HoldingSheet $sheet): JsonResponse
    {
        return new JsonResponse($sheet->of(self::holder($id), $seen->when()));
    }

    #[OA\Post(path: '/holders/{id}/readings', operationId: 'readLogger', description: 'What a logger wrote down of the air of a place: the mean of each month is recorded.', parameters: [new OA\PathParameter(ref: '#/components/parameters/id')], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['rows'], properties: [
        new OA\Property(property: 'rows', description: 'of the list, its headings first', type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'string'))),
    ])), responses: [
        new OA\Response(response: 200, description: 'what was recorded', content: new OA\JsonContent(ref: SavedDocument::class)),
    ])]
    public function readings(string $id, Request $request, Recorder $recorder, Acting $by): JsonResponse
    {
        $place = self::holder($id);
        if (! $place instanceof Place) {
            throw new NotFoundHttpException('There is no such place.');
        }
        $read = LoggerReadings::of(IntakeInput::rows($request, self::READINGS), Speaking::forms()->monthFirst());
        $drafts = [];
        foreach ($read->months as $month => $air) {
            // The same month read again is the same entry, unless it says something else.
            $drafts[] = new Draft(Uuid::uuid5($place->id, "$month {$air['temperature']} {$air['rh']}")->toString(), Subject::Place, $place->id, 'air_set', $air['from'], ['temperature_c' => $air['temperature'], 'rh' => $air['rh']], evenSo: true);
        }
        $answers = $recorder->record($drafts, $by, true);
        foreach ($answers as $answer) {
            if ($answer->status !== 'kept') {
                throw Refused::at('rows', $answer->message);
            }
        }

        return new JsonResponse(new SavedDocument('', $place->name, sprintf('%s: its air over %s%s', $place->name, Quantity::number(count($drafts), 'month'), $read->left === 0 ? '' : sprintf('; %s could not be read', Quantity::number($read->left, 'line')))));
    }

    #[OA\Post(path: '/containers', operationId: 'addContainer', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/ContainerRequest')), responses: [
        new OA\Response(response: 200, description: 'kept', content: new OA\JsonContent(ref: SavedDocument::class)),
    ])]
    public function add(Request $request, Garden $garden, Acting $by): JsonResponse
    {
        $request->validate(['id' => ['bail', 'required', 'string', 'uuid']]);
        $container = $garden->addContainer(mb_strtolower(Scalar::text($request, 'id')), Input::read(GardenFields::container(), $request->all()), $by);

        return new JsonResponse(new SavedDocument($container->id, '', "Added $container->name"));
    }

    #[OA\Put(path: '/containers/{id}', operationId: 'changeContainer', parameters: [new OA\PathParameter(ref: '#/components/parameters/id')], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/ContainerRequest')), responses: [
        new OA\Response(response: 200, description: 'changed', content: new OA\JsonContent(ref: SavedDocument::class)),
    ])]
    public function change(string $id, Request $request, Garden $garden, Acting $by): JsonResponse
    {
        $container = self::holder($id);
        if (! $container instanceof Container) {
            throw new NotFoundHttpException('There is no such container.');
        }
        $garden->changeContainer($container, Input::read(GardenFields::container(), $request->all()), $by);

        return new JsonResponse(new SavedDocument($container->id, '', "Changed $container->name"));
    }

    #[OA\Post(path: '/holders/{id}/remove', operationId: 'removeHolder', parameters: [new OA\PathParameter(ref: '#/components/parameters/id')], responses: [
        new OA\Response(response: 200, description: 'it is no more', content: new OA\JsonContent(ref: SavedDocument::class)),
    ])]
    public function remove(string $id, Garden $garden, Acting $by): JsonResponse
    {
        $holder = self::holder($id);
        $garden->remove($holder, $by);

        return new JsonResponse(new SavedDocument($holder->id, '', "$holder->name is gone. What was recorded of it stays."));
    }

    private static function holder(string $id): Place|Container
    {
        $id = mb_strtolower($id);

        return Place::query()->find($id)
            ?? Container::query()->where('name', '!=', '')->find($id)
            ?? throw new NotFoundHttpException('There is no such place and no such container.');
    }
}

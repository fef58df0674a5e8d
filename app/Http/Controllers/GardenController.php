<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\ChosenDocument;
use App\Documents\ChosenPacketDocument;
use App\Documents\FieldDocument;
use App\Documents\PlaceToKeepDocument;
use App\Documents\SavedDocument;
use App\Documents\VarietyDocument;
use App\Garden\Garden;
use App\Http\Forms;
use App\Http\Input;
use App\Http\Scalar;
use App\Models\Acting;
use App\Models\Lot;
use App\Models\Place;
use App\Models\Planting;
use App\Models\Variety;
use App\Reading\Stores;
use App\Voice\Quantity;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Fields\Field;
use Marrow\Core\Things\GardenFields;
use Marrow\Core\Work\Place as Stage;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The things of the garden that have a name, and the forms that ask for them. */
#[OA\PathParameter(parameter: 'id', name: 'id', required: true, schema: new OA\Schema(type: 'string'))]
final class GardenController extends Controller
{
    #[OA\Get(path: '/forms/{name}', operationId: 'form', parameters: [new OA\PathParameter(name: 'name', required: true, schema: new OA\Schema(type: 'string'))], responses: [
        new OA\Response(response: 200, description: 'what it asks', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: FieldDocument::class))),
    ])]
    public function form(string $name): JsonResponse
    {
        $fields = Forms::named($name) ?? throw new NotFoundHttpException('There is no such form.');

        return new JsonResponse(array_values(array_map(static fn (Field $field): FieldDocument => FieldDocument::of($field), $fields->fields)));
    }

    #[OA\Get(path: '/varieties', operationId: 'varieties', responses: [
        new OA\Response(response: 200, description: 'every variety', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: VarietyDocument::class))),
    ])]
    public function varieties(CropReference $crops): JsonResponse
    {
        return new JsonResponse(array_values(Variety::query()->orderBy('name')->get()->map(static fn (Variety $variety): VarietyDocument => VarietyDocument::of($variety, $crops))->all()));
    }

    #[OA\Post(path: '/varieties', operationId: 'addVariety', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/VarietyRequest')), responses: [
        new OA\Response(response: 200, description: 'kept', content: new OA\JsonContent(ref: SavedDocument::class)),
    ])]
    public function addVariety(Request $request, Garden $garden, Acting $by): JsonResponse
    {
        $request->validate(['id' => ['bail', 'required', 'string', 'uuid']]);
        $variety = $garden->addVariety(mb_strtolower(Scalar::text($request, 'id')), Input::read(GardenFields::variety(), $request->all()), $by);

        return new JsonResponse(new SavedDocument($variety->id, '', "Added $variety->name"));
    }

    #[OA\Put(path: '/varieties/{id}', operationId: 'changeVariety', parameters: [new OA\PathParameter(ref: '#/components/parameters/id')], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/VarietyRequest')), responses: [
        new OA\Response(response: 200, description: 'changed', content: new OA\JsonContent(ref: SavedDocument::class)),
    ])]
    public function changeVariety(string $id, Request $request, Garden $garden, Acting $by): JsonResponse
    {
        $variety = $this->variety($id);
        $garden->changeVariety($variety, Input::read(GardenFields::variety(), $request->all()), $by, $request->boolean('even_so'));

        return new JsonResponse(new SavedDocument($variety->id, '', "Changed $variety->name"));
    }

    #[OA\Post(path: '/varieties/{id}/merge', operationId: 'mergeVariety', parameters: [new OA\PathParameter(ref: '#/components/parameters/id')], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['into'], properties: [
        new OA\Property(property: 'into', description: 'id of the variety that it is', type: 'string'),
    ])), responses: [
        new OA\Response(response: 200, description: 'merged', content: new OA\JsonContent(ref: SavedDocument::class)),
    ])]
    public function mergeVariety(string $id, Request $request, Garden $garden, Acting $by): JsonResponse
    {
        $variety = $this->variety($id);
        $into = $this->variety(Scalar::text($request, 'into'));
        $garden->mergeVariety($variety, $into, $by);

        return new JsonResponse(new SavedDocument($into->id, '', "$variety->name is $into->name now"));
    }

    #[OA\Get(path: '/store-places', operationId: 'storePlaces', responses: [
        new OA\Response(response: 200, description: 'every place', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: PlaceToKeepDocument::class))),
    ])]
    public function places(): JsonResponse
    {
        return new JsonResponse(array_map(PlaceToKeepDocument::of(...), Stores::byName(Place::query()->where('gone', 0)->get())));
    }

    #[OA\Post(path: '/store-places', operationId: 'addStorePlace', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/PlaceRequest')), responses: [
        new OA\Response(response: 200, description: 'kept', content: new OA\JsonContent(ref: SavedDocument::class)),
    ])]
    public function addPlace(Request $request, Garden $garden, Acting $by): JsonResponse
    {
        $request->validate(['id' => ['bail', 'required', 'string', 'uuid']]);
        $place = $garden->addPlace(mb_strtolower(Scalar::text($request, 'id')), Input::read(GardenFields::place(), $request->all()), $by);

        return new JsonResponse(new SavedDocument($place->id, '', "Added $place->name"));
    }

    #[OA\Put(path: '/store-places/{id}', operationId: 'changeStorePlace', parameters: [new OA\PathParameter(ref: '#/components/parameters/id')], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/PlaceRequest')), responses: [
        new OA\Response(response: 200, description: 'changed', content: new OA\JsonContent(ref: SavedDocument::class)),
    ])]
    public function changePlace(string $id, Request $request, Garden $garden, Acting $by): JsonResponse
    {
        $place = Place::query()->find(mb_strtolower($id)) ?? throw new NotFoundHttpException('There is no such place.');
        $garden->changePlace($place, Input::read(GardenFields::place(), $request->all()), $by);

        return new JsonResponse(new SavedDocument($place->id, '', "Changed $place->name"));
    }

    #[OA\Get(path: '/choices/lots', operationId: 'lotsToChoose', description: 'Lots to sow from, newest first.', parameters: [
        new OA\QueryParameter(name: 'crop', schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'lots of the crop', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: ChosenDocument::class))),
    ])]
    public function lots(Request $request): JsonResponse
    {
        $crop = Scalar::text($request, 'crop');
        $lots = Lot::query()->with(['variety', 'standing'])
            ->when($crop !== '', static fn ($query) => $query->whereHas('variety', static fn ($variety) => $variety->where('crop', $crop)))
            // One whose picking was taken back is no lot any more.
            ->whereHas('standing', static fn ($standing) => $standing->where('place', '!=', Stage::Plot->value))
            ->orderByDesc('number')->limit(500)->get();

        $packets = [];
        foreach (DB::table('lot_containers')->whereNotNull('year')->whereIn('lot_id', $lots->modelKeys())->orderBy('year')->orderBy('packet')->get() as $row) {
            /** @var object{lot_id: string, container_id: string, packet: string, seeds: ?float} $row */
            $seeds = $row->seeds === null ? null : (int) round($row->seeds);
            $packets[$row->lot_id][] = new ChosenPacketDocument($row->container_id, $row->packet.($seeds === null ? '' : ', '.Quantity::seeds($seeds)), $seeds);
        }

        return new JsonResponse(array_values($lots->map(static fn (Lot $lot): ChosenDocument => ChosenDocument::lot($lot, $packets[$lot->id] ?? []))->all()));
    }

    #[OA\Get(path: '/choices/plantings', operationId: 'plantingsToChoose', description: 'Plantings, newest first.', parameters: [
        new OA\QueryParameter(name: 'crop', schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'plantings of the crop', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: ChosenDocument::class))),
    ])]
    public function plantings(Request $request): JsonResponse
    {
        $crop = Scalar::text($request, 'crop');
        $plantings = Planting::query()->with(['variety', 'standing'])
            ->when($crop !== '', static fn ($query) => $query->whereHas('variety', static fn ($variety) => $variety->where('crop', $crop)))
            ->orderByDesc('number')->limit(500)->get();

        return new JsonResponse(array_values($plantings->map(ChosenDocument::planting(...))->all()));
    }

    private function variety(string $id): Variety
    {
        return Variety::query()->find(mb_strtolower($id)) ?? throw new NotFoundHttpException('There is no such variety.');
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Documents\CropNameDocument;
use App\Http\Documents\FoundDocument;
use App\Http\Documents\HandbookDocument;
use App\Http\Documents\SavedDocument;
use App\Http\Documents\StorePlaceDocument;
use App\Http\Documents\VarietyDocument;
use App\Http\Requests\StorePlaceRequest;
use App\Http\Requests\VarietyRequest;
use App\Models\StorePlace;
use App\Models\Variety;
use App\Presenting\Finder;
use App\Presenting\Handbook;
use App\Words\HandbookWords;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Botany\VarietyType;
use OpenApi\Attributes as OA;

/** What the forms choose from: crops, varieties, places to keep seed in; and finding by anything. */
final class BooksController extends Controller
{
    #[OA\Get(path: '/crops', operationId: 'crops', responses: [
        new OA\Response(response: 200, description: 'every crop', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: CropNameDocument::class))),
    ])]
    public function crops(CropReference $crops): JsonResponse
    {
        $names = array_map(static fn (Crop $crop): CropNameDocument => CropNameDocument::of($crop, HandbookWords::breeding($crop)), $crops->all());
        usort($names, static fn (CropNameDocument $a, CropNameDocument $b): int => strcasecmp($a->name, $b->name));

        return new JsonResponse($names);
    }

    #[OA\Get(path: '/crops/{key}', operationId: 'handbook', parameters: [
        new OA\PathParameter(name: 'key', required: true, schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'its page of the handbook', content: new OA\JsonContent(ref: HandbookDocument::class)),
    ])]
    public function handbook(string $key, CropReference $crops, Handbook $handbook): JsonResponse
    {
        abort_unless($crops->has($key), 404, 'There is no such crop in the handbook.');

        return new JsonResponse($handbook->page($crops->get($key)));
    }

    #[OA\Get(path: '/varieties', operationId: 'varieties', responses: [
        new OA\Response(response: 200, description: 'every variety', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: VarietyDocument::class))),
    ])]
    public function varieties(CropReference $crops): JsonResponse
    {
        $documents = Variety::query()->orderBy('name')->get()->map(static function (Variety $variety) use ($crops): VarietyDocument {
            $crop = $crops->get($variety->crop);

            return new VarietyDocument(
                $variety->id,
                $variety->name,
                $crop->key,
                $crop->name,
                $crop->latin,
                $variety->type->value,
                $variety->generation,
                $variety->type->line()->value,
                $variety->note,
            );
        });

        return new JsonResponse(array_values($documents->all()));
    }

    #[OA\Post(path: '/varieties', operationId: 'addVariety', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: VarietyRequest::class)), responses: [
        new OA\Response(response: 200, description: 'kept', content: new OA\JsonContent(ref: SavedDocument::class)),
    ])]
    public function addVariety(VarietyRequest $request): JsonResponse
    {
        $id = mb_strtolower($request->string('id')->toString());
        $variety = Variety::query()->firstOrCreate(['id' => $id], [
            'crop' => $request->string('crop')->toString(),
            'name' => $request->string('name')->trim()->toString(),
            'type' => VarietyType::from($request->string('type')->toString()),
            'generation' => $request->string('generation')->trim()->toString(),
            'note' => $request->string('note')->trim()->toString(),
        ]);

        return new JsonResponse(new SavedDocument($id, '', "Added $variety->name"));
    }

    #[OA\Get(path: '/store-places', operationId: 'storePlaces', responses: [
        new OA\Response(response: 200, description: 'every place', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: StorePlaceDocument::class))),
    ])]
    public function storePlaces(): JsonResponse
    {
        $documents = StorePlace::query()->orderBy('name')->get()->map(
            static fn (StorePlace $place): StorePlaceDocument => new StorePlaceDocument($place->id, $place->name, $place->temperature_c, $place->rh),
        );

        return new JsonResponse(array_values($documents->all()));
    }

    #[OA\Post(path: '/store-places', operationId: 'addStorePlace', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: StorePlaceRequest::class)), responses: [
        new OA\Response(response: 200, description: 'kept', content: new OA\JsonContent(ref: SavedDocument::class)),
    ])]
    public function addStorePlace(StorePlaceRequest $request): JsonResponse
    {
        $id = mb_strtolower($request->string('id')->toString());
        $place = StorePlace::query()->firstOrCreate(['id' => $id], [
            'name' => $request->string('name')->trim()->toString(),
            'temperature_c' => $request->float('temperature'),
            'rh' => $request->float('rh'),
        ]);

        return new JsonResponse(new SavedDocument($id, '', "Added $place->name"));
    }

    #[OA\Get(path: '/find', operationId: 'find', parameters: [
        new OA\QueryParameter(name: 'text', schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'what was found', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: FoundDocument::class))),
    ])]
    public function find(Request $request, Finder $finder): JsonResponse
    {
        return new JsonResponse($finder->find($request->string('text')->limit(200, '')->toString()));
    }
}

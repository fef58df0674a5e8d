<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\CropFigureDocument;
use App\Documents\SavedDocument;
use App\Handbook\HandbookWriter;
use App\Handbook\OwnFigures;
use App\Models\Variety;
use App\Voice\Speaking;
use App\Words\RefusalWords;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Marrow\Core\Botany\CropFigureList;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldType;
use Marrow\Core\Fields\Refused;
use OpenApi\Attributes as OA;

/** The keeper's own figures and crops in the handbook. */
#[OA\PathParameter(parameter: 'crop', name: 'key', required: true, schema: new OA\Schema(type: 'string'))]
final class HandbookController extends Controller
{
    public function __construct(private readonly OwnFigures $own) {}

    #[OA\Get(path: '/crops/{key}/figures', operationId: 'cropFigures', parameters: [
        new OA\PathParameter(ref: '#/components/parameters/crop'),
        new OA\QueryParameter(name: 'variety', description: 'id of a variety, for its own figures', schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'its figures', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: CropFigureDocument::class))),
    ])]
    public function figures(string $key, Request $request, CropReference $crops): JsonResponse
    {
        abort_unless($crops->has($key), 404, 'There is no such crop in the handbook.');

        return new JsonResponse($this->list($key, $request->string('variety')->toString()));
    }

    #[OA\Put(path: '/crops/{key}/figures', operationId: 'putCropFigure', parameters: [new OA\PathParameter(ref: '#/components/parameters/crop')], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['path', 'value'], properties: [
        new OA\Property(property: 'path', type: 'string'),
        new OA\Property(property: 'value', type: 'string', nullable: true, description: 'as typed; nothing brings back the figure of the handbook'),
        new OA\Property(property: 'variety', type: 'string', nullable: true),
    ])), responses: [
        new OA\Response(response: 200, description: 'its figures', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: CropFigureDocument::class))),
    ])]
    public function put(string $key, Request $request, CropReference $crops, HandbookWriter $handbook): JsonResponse
    {
        abort_unless($crops->has($key), 404, 'There is no such crop in the handbook.');
        $request->validate(['path' => ['required', Rule::in(array_keys(CropFigureList::all()))]], ['path.*' => 'The handbook has no such figure.']);
        $variety = $request->string('variety')->toString();
        if ($variety !== '' && ! Variety::query()->where('id', $variety)->where('crop', $key)->exists()) {
            throw ValidationException::withMessages(['variety' => 'There is no such variety of this crop.']);
        }
        $path = $request->string('path')->toString();
        $typed = $request->string('value')->trim()->toString();
        try {
            $handbook->put($key, $variety, $path, $typed === '' ? null : self::read(CropFigureList::field($path), $typed));
        } catch (Refused $refused) {
            throw ValidationException::withMessages(['value' => RefusalWords::bounds($refused)]);
        }

        return new JsonResponse($this->list($key, $variety));
    }

    #[OA\Post(path: '/crops', operationId: 'addCrop', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['name', 'latin', 'family', 'like'], properties: [
        new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'latin', type: 'string'),
        new OA\Property(property: 'family', type: 'string'),
        new OA\Property(property: 'like', type: 'string', description: 'key of the crop that its figures are taken from to begin with'),
    ])), responses: [
        new OA\Response(response: 200, description: 'kept; the code is its key', content: new OA\JsonContent(ref: SavedDocument::class)),
    ])]
    public function add(Request $request, CropReference $crops, HandbookWriter $handbook): JsonResponse
    {
        $request->validate([
            'name' => ['required', 'string', 'max:60'],
            'latin' => ['required', 'string', 'max:80', 'regex:/^[A-Z][a-z]+ (×)?[a-z-]+$/u'],
            'family' => ['required', 'string', 'max:60', 'regex:/^[A-Z][a-z]+ceae$/'],
            'like' => ['required', 'string', Rule::in($crops->keys())],
        ], [
            'name.*' => 'Give the crop a name, of at most 60 letters.',
            'latin.*' => 'Give its Latin name, genus and epithet, as Solanum lycopersicum.',
            'family.*' => 'Give its family by its Latin name, as Solanaceae.',
            'like.*' => 'Choose the crop that it is most like.',
        ]);
        $key = $handbook->add(
            $request->string('name')->trim()->toString(),
            $request->string('latin')->trim()->toString(),
            $request->string('family')->trim()->toString(),
            $request->string('like')->toString(),
        );

        return new JsonResponse(new SavedDocument($key, $key, 'Added '.$request->string('name')->trim()->toString()));
    }

    #[OA\Get(path: '/crops/{key}/file', operationId: 'cropFile', parameters: [new OA\PathParameter(ref: '#/components/parameters/crop')], responses: [
        new OA\Response(response: 200, description: 'the crop as a file, with the keeper’s figures in it', content: new OA\JsonContent(type: 'object')),
    ])]
    public function file(string $key, CropReference $crops): Response
    {
        abort_unless($crops->has($key), 404, 'There is no such crop in the handbook.');
        $content = $this->own->content($key);
        $sources = is_array($content['sources'] ?? null) ? $content['sources'] : [];
        foreach (array_keys($this->own->of($key, '')) as $path) {
            $sources[$path] = 'the keeper’s own figure';
        }

        return new Response(json_encode([...$content, 'sources' => $sources], JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)."\n", 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => "attachment; filename=\"$key.json\"",
        ]);
    }

    /** A bare number typed for a share is per cent; other bare numbers are in the keeper's own units. */
    private static function read(Field $field, string $typed): float
    {
        $read = $field->read($field->type === FieldType::Share && is_numeric(str_replace(',', '.', $typed)) ? "$typed %" : Speaking::forms()->units->read($field, $typed));

        return is_int($read) || is_float($read) ? (float) $read : 0.0;
    }

    /** @return list<CropFigureDocument> */
    private function list(string $key, string $variety): array
    {
        $own = $this->own->of($key, $variety);
        $before = $variety === '' ? $this->own->original($key) : $this->own->content($key);
        $now = $this->own->content($key, $variety);
        $figures = [];
        foreach (CropFigureList::all() as $path => $field) {
            $figures[] = CropFigureDocument::of($field, CropFigureList::take($now, $path), CropFigureList::take($before, $path), isset($own[$path]));
        }

        return $figures;
    }
}

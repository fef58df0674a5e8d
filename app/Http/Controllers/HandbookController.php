<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\CropFigureDocument;
use App\Documents\SavedDocument;
use App\Handbook\HandbookWriter;
use App\Handbook\OwnFigures;
use App\Http\Input;
use App\Http\Scalar;
use App\Models\Acting;
use App\Models\Variety;
use App\Voice\Speaking;
use App\Words\RefusalWords;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\CropFigureList;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Botany\Sureness;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldList;
use Marrow\Core\Fields\FieldType;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Things\GardenFields;
use Marrow\Core\Year\YearTurn;
use OpenApi\Attributes as OA;

/** The keeper's own figures and crops in the handbook. */
#[OA\PathParameter(parameter: 'crop', name: 'key', required: true, schema: new OA\Schema(type: 'string'))]
final class HandbookController extends Controller
{
    /** Letters; the longest of the handbook's own is a sixth of that. */
    private const LONGEST_FILE = 100_000;

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

        return new JsonResponse($this->list($crops->get($key), Scalar::text($request, 'variety')));
    }

    #[OA\Put(path: '/crops/{key}/figures', operationId: 'putCropFigure', parameters: [new OA\PathParameter(ref: '#/components/parameters/crop')], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['path', 'value'], properties: [
        new OA\Property(property: 'path', type: 'string'),
        new OA\Property(property: 'value', type: 'string', nullable: true, description: 'as typed; nothing brings back the figure of the handbook'),
        new OA\Property(property: 'variety', type: 'string', nullable: true),
    ])), responses: [
        new OA\Response(response: 200, description: 'its figures', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: CropFigureDocument::class))),
    ])]
    public function put(string $key, Request $request, CropReference $crops, HandbookWriter $handbook, Acting $by): JsonResponse
    {
        abort_unless($crops->has($key), 404, 'There is no such crop in the handbook.');
        $sent = $request->all();
        // A program sends a number where a person types one.
        $number = is_int($sent['value'] ?? null) || is_float($sent['value'] ?? null);
        $given = Input::read(self::figure(), $number ? ['value' => (string) json_encode($sent['value'])] + $sent : $sent);
        [$path, $variety, $typed] = [$given->text('path'), $given->text('variety'), $given->text('value')];
        if (! isset(CropFigureList::all()[$path])) {
            throw ValidationException::withMessages(['path' => 'The handbook has no such figure.']);
        }
        if ($variety !== '' && ! Variety::query()->where('id', $variety)->where('crop', $key)->exists()) {
            throw ValidationException::withMessages(['variety' => 'There is no such variety of this crop.']);
        }
        try {
            $handbook->put($key, $variety, $path, $typed === '' ? null : self::read(CropFigureList::field($path), $typed, self::turn($crops->get($key))), $by);
        } catch (Refused $refused) {
            throw ValidationException::withMessages(['value' => RefusalWords::bounds($refused)]);
        }

        return new JsonResponse($this->list($crops->get($key), $variety));
    }

    #[OA\Post(path: '/crops', operationId: 'addCrop', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/CropRequest')), responses: [
        new OA\Response(response: 200, description: 'kept; the code is its key', content: new OA\JsonContent(ref: SavedDocument::class)),
    ])]
    public function add(Request $request, HandbookWriter $handbook, Acting $by): JsonResponse
    {
        $given = Input::read(GardenFields::crop(), $request->all());
        $key = $handbook->add($given, $by);

        return new JsonResponse(new SavedDocument($key, $key, 'Added '.$given->text('name')));
    }

    #[OA\Post(path: '/crops/file', operationId: 'takeInCrop', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['file'], properties: [
        new OA\Property(property: 'file', description: 'what stands in the file of a crop', type: 'string'),
    ])), responses: [
        new OA\Response(response: 200, description: 'kept; the code is its key', content: new OA\JsonContent(ref: SavedDocument::class)),
    ])]
    public function takeIn(Request $request, HandbookWriter $handbook, Acting $by): JsonResponse
    {
        $given = Input::read(FieldList::of(Field::prose('file', 'The file', self::LONGEST_FILE)), $request->all());
        [$key, $name] = $handbook->takeIn($given->text('file'), $by);

        return new JsonResponse(new SavedDocument($key, $key, "Added $name"));
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
            $sources[$path] = ['from' => 'the keeper’s own figure', 'sure' => Sureness::Sure->value];
        }

        return new Response(json_encode([...$content, 'sources' => $sources], JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)."\n", 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => "attachment; filename=\"$key.json\"",
        ]);
    }

    private static function figure(): FieldList
    {
        return FieldList::of(
            Field::text('path', 'The figure', 60),
            Field::text('value', 'Your figure', 40)->optional(''),
            Field::text('variety', 'The variety', 40)->optional(''),
        );
    }

    private static function turn(Crop $crop): YearTurn
    {
        return Speaking::forms()->year->shiftOf($crop->growing)->turn;
    }

    /** A bare number typed for a share is per cent, a month is of this garden's year, other bare numbers are in the keeper's own units. */
    private static function read(Field $field, string $typed, YearTurn $turn): float
    {
        $read = $field->read($field->type === FieldType::Share && is_numeric(str_replace(',', '.', $typed)) ? "$typed %" : Speaking::forms()->units->read($field, $typed));

        $figure = is_int($read) || is_float($read) ? (float) $read : 0.0;

        return $field->unit === CropFigureList::MONTH ? $turn->partInBook($figure) : $figure;
    }

    /** @return list<CropFigureDocument> */
    private function list(Crop $crop, string $variety): array
    {
        $key = $crop->key;
        $own = $this->own->of($key, $variety);
        $before = $variety === '' ? $this->own->original($key) : $this->own->content($key);
        $now = $this->own->content($key, $variety);
        $figures = [];
        foreach (CropFigureList::all() as $path => $field) {
            $figures[] = CropFigureDocument::of($field, CropFigureList::take($now, $path), CropFigureList::take($before, $path), isset($own[$path]), self::turn($crop));
        }

        return $figures;
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Documents\ReckonedDocument;
use App\Http\Documents\ReckonedFigureDocument;
use App\Http\Documents\ReckoningDocument;
use App\Http\Documents\ReckoningInputDocument;
use App\Words\FigureWords;
use App\Words\RefusalWords;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Marrow\Core\Reckoning\Input;
use Marrow\Core\Reckoning\InputRefused;
use Marrow\Core\Reckoning\Reckoning;
use Marrow\Core\Reckoning\Registry;
use OpenApi\Attributes as OA;

/** The quick reckoners: the same definitions that the command reads. */
final class ReckoningController extends Controller
{
    #[OA\Get(path: '/reckonings', operationId: 'reckonings', responses: [
        new OA\Response(response: 200, description: 'every reckoning', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: ReckoningDocument::class))),
    ])]
    public function index(Registry $registry): JsonResponse
    {
        return new JsonResponse(array_map(static fn (Reckoning $reckoning): ReckoningDocument => new ReckoningDocument(
            $reckoning->name,
            $reckoning->question,
            $reckoning->source,
            array_map(static fn (Input $input): ReckoningInputDocument => new ReckoningInputDocument(
                $input->key,
                $input->type->value,
                $input->label,
                $input->unit,
                $input->bounds(),
                $input->required,
                $input->default === null ? null : (string) $input->default,
            ), $reckoning->inputs),
        ), $registry->all()));
    }

    #[OA\Get(path: '/reckonings/{name}', operationId: 'reckon', parameters: [
        new OA\PathParameter(name: 'name', required: true, schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(name: 'inputs', description: 'inputs by key, as typed', style: 'deepObject', explode: true, schema: new OA\Schema(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'))),
    ], responses: [
        new OA\Response(response: 200, description: 'the result', content: new OA\JsonContent(ref: ReckonedDocument::class)),
    ])]
    public function show(string $name, Request $request, Registry $registry): JsonResponse
    {
        $reckoning = $registry->named($name);
        $inputs = $request->query('inputs', []);
        try {
            $result = $reckoning->reckon(is_array($inputs) ? $inputs : []);
        } catch (InputRefused $refused) {
            throw ValidationException::withMessages([$refused->input => RefusalWords::of($refused, $reckoning)]);
        }
        $figures = [];
        foreach ($reckoning->outputs as $output) {
            $said = FigureWords::of($output, $result[$output->key] ?? null);
            if ($said !== null) {
                $figures[] = new ReckonedFigureDocument($output->key, $output->label, $said);
            }
        }

        return new JsonResponse(new ReckonedDocument($figures));
    }
}

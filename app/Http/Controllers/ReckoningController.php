<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\JudgementDocument;
use App\Documents\ReckonedDocument;
use App\Documents\ReckonedFigureDocument;
use App\Documents\ReckoningDocument;
use App\Http\Scalar;
use App\Reckoners\Asked;
use App\Reckoners\Judgements;
use App\Reckoners\Pictures\Picture;
use App\Reckoners\Pictures\Pictures;
use App\Reckoners\Pictures\Range;
use App\Voice\UnitSystem;
use App\Words\FigureWords;
use App\Words\ReckonerWords;
use App\Words\RefusalWords;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Reckoning\Reckoning;
use Marrow\Core\Reckoning\Registry;
use OpenApi\Attributes as OA;

/** The quick reckoners: the same definitions that the command reads. */
#[OA\QueryParameter(parameter: 'units', name: 'units', description: 'metric (°C, g, m) unless us (°F, oz, ft) is asked for', schema: new OA\Schema(type: 'string', enum: ['metric', 'us']))]
final class ReckoningController extends Controller
{
    #[OA\Get(path: '/reckonings', operationId: 'reckonings', parameters: [new OA\QueryParameter(ref: '#/components/parameters/units')], responses: [
        new OA\Response(response: 200, description: 'every reckoning', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: ReckoningDocument::class))),
    ])]
    public function index(Request $request, Registry $registry, Judgements $judgements): JsonResponse
    {
        $units = self::units($request);

        return new JsonResponse(array_map(static fn (Reckoning $reckoning): ReckoningDocument => ReckoningDocument::of($reckoning, $judgements->family($reckoning), $units), array_values(array_filter($registry->all(), ReckonerWords::isForTheBench(...)))));
    }

    #[OA\Get(path: '/reckonings/{name}', operationId: 'reckon', parameters: [
        new OA\PathParameter(name: 'name', required: true, schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(ref: '#/components/parameters/units'),
        new OA\QueryParameter(name: 'inputs', description: 'inputs by key, as typed', style: 'deepObject', explode: true, schema: new OA\Schema(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'))),
    ], responses: [
        new OA\Response(response: 200, description: 'the result', content: new OA\JsonContent(ref: ReckonedDocument::class)),
    ])]
    public function show(string $name, Request $request, Registry $registry, Judgements $judgements, Pictures $pictures): JsonResponse
    {
        $reckoning = $registry->named($name);
        $units = self::units($request);
        $inputs = $request->query('inputs', []);
        try {
            $in = $reckoning->read(self::inMetric($reckoning, is_array($inputs) ? $inputs : [], $units));
            $result = $reckoning->of($in);
        } catch (Refused $refused) {
            throw ValidationException::withMessages([$refused->path => RefusalWords::of($refused, $reckoning, $units)]);
        }
        $figures = [];
        foreach ($reckoning->outputs as $output) {
            $said = FigureWords::of($output, $result[$output->key] ?? null, $units);
            if ($said !== null) {
                $figures[] = new ReckonedFigureDocument($output->key, $output->label, $said);
            }
        }
        $asked = new Asked($name, $in, $result, $units);
        $picture = $pictures->of($asked);

        return new JsonResponse(new ReckonedDocument(
            JudgementDocument::of($judgements->of($asked)),
            $figures,
            $picture instanceof Range ? $picture : null,
            $picture instanceof Picture ? $picture : null,
        ));
    }

    private static function units(Request $request): UnitSystem
    {
        return UnitSystem::tryFrom(Scalar::text($request, 'units')) ?? UnitSystem::Metric;
    }

    /**
     * @param  array<array-key, mixed>  $given
     * @return array<string, mixed>
     */
    private static function inMetric(Reckoning $reckoning, array $given, UnitSystem $units): array
    {
        $metric = [];
        foreach ($given as $key => $typed) {
            $metric[(string) $key] = $typed;
        }
        foreach ($reckoning->inputs as $input) {
            $typed = $metric[$input->key] ?? null;
            if (is_string($typed)) {
                $metric[$input->key] = $units->read($input, $typed);
            }
        }

        return $metric;
    }
}

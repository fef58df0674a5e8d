<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\CropNameDocument;
use App\Documents\FoundDocument;
use App\Documents\HandbookDocument;
use App\Documents\HindsightDocument;
use App\Documents\SeasonDocument;
use App\Documents\WhichDocument;
use App\Documents\WhichQuestionDocument;
use App\Documents\WordDocument;
use App\Finding\Finder;
use App\Handbook\NamesAbroad;
use App\Handbook\WhichKeys;
use App\Http\Scalar;
use App\Http\SeenFrom;
use App\Presenting\Handbook;
use App\Presenting\Hindsight;
use App\Presenting\Season;
use App\Words\Glossary;
use App\Words\HandbookWords;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Botany\CropTitle;
use Marrow\Core\Botany\WhichKey;
use OpenApi\Attributes as OA;

/** The handbook, and finding by anything. */
final class BooksController extends Controller
{
    #[OA\Get(path: '/crops', operationId: 'crops', responses: [
        new OA\Response(response: 200, description: 'every crop', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: CropNameDocument::class))),
    ])]
    public function crops(CropReference $crops): JsonResponse
    {
        $names = array_map(static fn (CropTitle $crop): CropNameDocument => CropNameDocument::of($crop, NamesAbroad::all()[$crop->key] ?? [], HandbookWords::breeding($crop)), $crops->titles());
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

    #[OA\Get(path: '/which', operationId: 'which', responses: [
        new OA\Response(response: 200, description: 'questions that tell look-alikes apart', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: WhichDocument::class))),
    ])]
    public function which(WhichKeys $keys, CropReference $crops): JsonResponse
    {
        return new JsonResponse(array_map(static fn (WhichKey $key): WhichDocument => new WhichDocument($key->key, $key->title, $key->names, WhichQuestionDocument::of($key->question, $crops)), $keys->all()));
    }

    #[OA\Get(path: '/season', operationId: 'season', parameters: [new OA\QueryParameter(name: 'on', schema: new OA\Schema(type: 'string'))], responses: [
        new OA\Response(response: 200, description: 'what the handbook has to say of this month', content: new OA\JsonContent(ref: SeasonDocument::class)),
    ])]
    public function season(SeenFrom $seen, Season $season): JsonResponse
    {
        return new JsonResponse($season->of($seen->when()->now));
    }

    #[OA\Get(path: '/find', operationId: 'find', parameters: [
        new OA\QueryParameter(name: 'text', schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'what was found', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: FoundDocument::class))),
    ])]
    public function find(Request $request, Finder $finder): JsonResponse
    {
        return new JsonResponse($finder->find(mb_substr(Scalar::text($request, 'text'), 0, 200)));
    }

    #[OA\Get(path: '/words', operationId: 'words', responses: [
        new OA\Response(response: 200, description: 'what the words mean', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: WordDocument::class))),
    ])]
    public function words(): JsonResponse
    {
        return new JsonResponse(array_map(static fn (string $word, string $meaning): WordDocument => new WordDocument($word, $meaning), array_keys(Glossary::WORDS), Glossary::WORDS));
    }

    #[OA\Get(path: '/forecasts', operationId: 'forecasts', responses: [
        new OA\Response(response: 200, description: 'how past forecasts did', content: new OA\JsonContent(ref: HindsightDocument::class)),
    ])]
    public function forecasts(Hindsight $hindsight): JsonResponse
    {
        return new JsonResponse($hindsight->all());
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\CrossedDocument;
use App\Documents\FamilyDocument;
use App\Documents\KinLotDocument;
use App\Documents\RoadDocument;
use App\Http\SeenFrom;
use App\Models\Lot;
use App\Models\Variety;
use App\Presenting\CrossedSheet;
use App\Presenting\FamilySheet;
use App\Presenting\KinSheet;
use App\Presenting\RoadSheet;
use App\Reading\Tagged;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;
use Ramsey\Uuid\Uuid;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What lots came from, what came of them, and what they are on the way to. */
final class FamilyController extends Controller
{
    #[OA\Get(path: '/lots/{code}/family', operationId: 'family', description: 'Where the lot came from, back to the first, and what came of it.', parameters: [
        new OA\PathParameter(name: 'code', required: true, schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'its family', content: new OA\JsonContent(ref: FamilyDocument::class)),
    ])]
    public function show(string $code, FamilySheet $sheet): JsonResponse
    {
        return new JsonResponse($sheet->of($this->lot($code)));
    }

    #[OA\Get(path: '/varieties/{id}/family', operationId: 'familyOfVariety', description: 'All lots of a variety, what they came from and what came of them.', parameters: [new OA\PathParameter(ref: '#/components/parameters/id')], responses: [
        new OA\Response(response: 200, description: 'its family', content: new OA\JsonContent(ref: FamilyDocument::class)),
    ])]
    public function ofVariety(string $id, FamilySheet $sheet): JsonResponse
    {
        return new JsonResponse($sheet->ofVariety(Variety::query()->find($id) ?? throw new NotFoundHttpException('There is no such variety.')));
    }

    #[OA\Get(path: '/lots/{code}/road', operationId: 'road', description: 'How far a lot of a cross or a hybrid is on the way to a line of its own.', parameters: [
        new OA\PathParameter(name: 'code', required: true, schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'the road', content: new OA\JsonContent(ref: RoadDocument::class)),
    ])]
    public function road(string $code, RoadSheet $sheet): JsonResponse
    {
        return new JsonResponse($sheet->of($this->lot($code)) ?? throw new NotFoundHttpException("$code comes of no cross, by what is recorded."));
    }

    #[OA\Get(path: '/lots/{code}/kin/{other}', operationId: 'kin', description: 'How two lots are related, by code or by id, and what they would be poured together.', parameters: [
        new OA\PathParameter(name: 'code', required: true, schema: new OA\Schema(type: 'string')),
        new OA\PathParameter(name: 'other', required: true, schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'in words, and by their kinship', content: new OA\JsonContent(ref: KinLotDocument::class)),
    ])]
    public function kin(string $code, string $other, KinSheet $sheet): JsonResponse
    {
        return new JsonResponse($sheet->of($this->byCodeOrId($code), $this->byCodeOrId($other)));
    }

    #[OA\Get(path: '/lots/{code}/crossed', operationId: 'crossed', description: 'What a crossing touches, and what there is to go back to.', parameters: [
        new OA\PathParameter(name: 'code', required: true, schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(name: 'on', schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'what to do', content: new OA\JsonContent(ref: CrossedDocument::class)),
    ])]
    public function crossed(string $code, SeenFrom $seen, CrossedSheet $sheet): JsonResponse
    {
        return new JsonResponse($sheet->of($this->lot($code), $seen->when()) ?? throw new NotFoundHttpException("$code is not crossed, by what is known."));
    }

    private function byCodeOrId(string $lot): Lot
    {
        return Uuid::isValid($lot) ? array_values(Tagged::lots([mb_strtolower($lot)]))[0] ?? throw new NotFoundHttpException('There is no such lot.') : $this->lot($lot);
    }
}

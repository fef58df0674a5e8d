<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Boards\Boards;
use App\Boards\Counts;
use App\Demo\Beside;
use App\Documents\AlongDocument;
use App\Documents\FrameDocument;
use App\Documents\SavedDocument;
use App\Documents\TodayDocument;
use App\Garden\Settings;
use App\Http\SeenFrom;
use App\Instruments\Nearest;
use App\Models\Backlog;
use App\Models\Garden;
use App\Moment;
use App\Presenting\Along;
use App\Presenting\Belt;
use App\Presenting\DueLists;
use App\Voice\Speaking;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class FrameController extends Controller
{
    #[OA\Get(path: '/frame', operationId: 'frame', parameters: [new OA\QueryParameter(name: 'on', schema: new OA\Schema(type: 'string'))], responses: [
        new OA\Response(response: 200, description: 'places, belt and day', content: new OA\JsonContent(ref: FrameDocument::class)),
    ])]
    public function frame(SeenFrom $seen, Belt $belt, Boards $boards, Settings $settings): JsonResponse
    {
        $when = $seen->when();
        $counts = Counts::on($when->now, $boards);

        return new JsonResponse(new FrameDocument(
            Garden::query()->first()->name ?? 'My garden',
            Moment::say($seen->today()),
            $when->now->format('Y-m-d'),
            $seen->isAhead(),
            Speaking::forms()->dayForm,
            Speaking::forms()->hourForm,
            Speaking::forms()->units->value,
            Speaking::forms()->turn->firstMonth(),
            Speaking::forms()->turn->monthHere(4),
            $counts->hands,
            $counts->places,
            $belt->weeks($seen->today()),
            Backlog::size(),
            $settings->text('bench_rings') === 'ring',
            Nearest::units(),
        ));
    }

    #[OA\Get(path: '/today', operationId: 'today', parameters: [new OA\QueryParameter(name: 'on', schema: new OA\Schema(type: 'string'))], responses: [
        new OA\Response(response: 200, description: 'what is due', content: new OA\JsonContent(ref: TodayDocument::class)),
    ])]
    public function today(SeenFrom $seen, DueLists $due): JsonResponse
    {
        return new JsonResponse($due->today($seen->when()));
    }

    #[OA\Get(path: '/along', operationId: 'along', description: 'What a phone asks for beforehand, to have it where there is no network.', responses: [
        new OA\Response(response: 200, description: 'codes and keys', content: new OA\JsonContent(ref: AlongDocument::class)),
    ])]
    public function along(SeenFrom $seen): JsonResponse
    {
        return new JsonResponse(Along::on($seen->when()->now));
    }

    #[OA\Post(path: '/demo', operationId: 'layDemo', description: 'Lays out the demo garden beside this one; whoever then sends X-Garden: demo with a request looks at it.', requestBody: new OA\RequestBody(content: new OA\JsonContent(type: 'object')), responses: [
        new OA\Response(response: 200, description: 'it can be looked at', content: new OA\JsonContent(ref: SavedDocument::class)),
    ])]
    public function demo(): JsonResponse
    {
        Beside::lay();

        return new JsonResponse(new SavedDocument('', 'demo', 'The demo garden is laid out.'));
    }
}

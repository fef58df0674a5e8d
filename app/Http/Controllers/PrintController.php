<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\PrintJobDocument;
use App\Garden\Settings;
use App\Http\Scalar;
use App\Http\SeenFrom;
use App\Models\PrintJob;
use App\Printing\LabelScript;
use App\Printing\PrintQueue;
use App\Tagging\WhichTags;
use App\Voice\Quantity;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Marrow\Core\Fields\Refused;
use OpenApi\Attributes as OA;
use Ramsey\Uuid\Uuid;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Labels that go to a printer on the network. */
final class PrintController extends Controller
{
    public function __construct(private readonly PrintQueue $queue) {}

    #[OA\Get(path: '/print-jobs', operationId: 'printJobs', responses: [
        new OA\Response(response: 200, description: 'newest first', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: PrintJobDocument::class))),
    ])]
    public function index(): JsonResponse
    {
        return new JsonResponse(array_values(PrintJob::query()->orderByDesc('made_at')->orderByDesc('id')->limit(20)->get()->map(PrintJobDocument::of(...))->all()));
    }

    #[OA\Post(path: '/print-jobs', operationId: 'printTags', description: 'Makes labels of the tags and sends them to the label printer; one that does not answer leaves them waiting.', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['id', 'squares'], properties: [
        new OA\Property(property: 'id', description: 'made by the sender: the same job sent again is one job', type: 'string'),
        new OA\Property(property: 'codes', type: 'string'),
        new OA\Property(property: 'place', type: 'string'),
        new OA\Property(property: 'sorts', type: 'string'),
        new OA\Property(property: 'squares', description: 'of each mark, row by row, 1 where it is dark', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'string'))),
    ])), responses: [
        new OA\Response(response: 200, description: 'sent, or waiting', content: new OA\JsonContent(ref: PrintJobDocument::class)),
    ])]
    public function make(Request $request, SeenFrom $seen, WhichTags $tags, Settings $settings): JsonResponse
    {
        $id = mb_strtolower(Scalar::text($request, 'id'));
        $squares = $request->input('squares');
        try {
            if (! Uuid::isValid($id)) {
                throw Refused::at('id', 'The id of a job is a UUID, made by whoever sends it.');
            }
            if ($settings->text('label_printer') === '') {
                throw Refused::at('label_printer', 'There is no label printer yet: its address is a setting.');
            }
            $wanted = $tags->of(TagController::listed($request, 'codes'), Scalar::text($request, 'place'), TagController::listed($request, 'sorts'), $seen->when());
            if ($wanted === []) {
                throw Refused::at('codes', 'There are no tags to print.');
            }
            $practice = $settings->practice();
            $script = (new LabelScript($practice->number('label_width'), $practice->number('label_height')))->of($wanted, is_array($squares) ? $squares : []);
            $job = $this->queue->add($id, Quantity::number(count($wanted), 'label').': '.$wanted[0]->code.(count($wanted) > 1 ? ' …' : ''), $script);

            return new JsonResponse(PrintJobDocument::of($job->sent_at === null ? $this->queue->send($job) : $job));
        } catch (Refused $refused) {
            throw ValidationException::withMessages([$refused->path => $refused->getMessage()]);
        }
    }

    #[OA\Post(path: '/print-jobs/{id}/send', operationId: 'sendPrintJob', parameters: [new OA\PathParameter(ref: '#/components/parameters/id')], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(type: 'object')), responses: [
        new OA\Response(response: 200, description: 'sent, or waiting still', content: new OA\JsonContent(ref: PrintJobDocument::class)),
    ])]
    public function send(string $id): JsonResponse
    {
        try {
            return new JsonResponse(PrintJobDocument::of($this->queue->send(self::job($id))));
        } catch (Refused $refused) {
            throw ValidationException::withMessages([$refused->path => $refused->getMessage()]);
        }
    }

    #[OA\Post(path: '/print-jobs/{id}/drop', operationId: 'dropPrintJob', parameters: [new OA\PathParameter(ref: '#/components/parameters/id')], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(type: 'object')), responses: [
        new OA\Response(response: 200, description: 'it is not printed any more', content: new OA\JsonContent(ref: PrintJobDocument::class)),
    ])]
    public function drop(string $id): JsonResponse
    {
        $job = self::job($id);
        $this->queue->drop($job);

        return new JsonResponse(PrintJobDocument::of($job));
    }

    private static function job(string $id): PrintJob
    {
        return PrintJob::query()->find(mb_strtolower($id)) ?? throw new NotFoundHttpException('There is no such job: it was printed long ago, or left alone.');
    }
}

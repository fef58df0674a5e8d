<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Clock;
use App\Documents\PlanDocument;
use App\Documents\SavedDocument;
use App\Documents\WorkDocument;
use App\Http\Input;
use App\Http\Requests\PlanRequest;
use App\Http\Requests\RemedyRequest;
use App\Models\Acting;
use App\Models\Variety;
use App\Plans\Observed;
use App\Plans\PlanBook;
use App\Presenting\PlanSheet;
use App\Presenting\RemedySearch;
use App\Words\RemedyWords;
use App\Works\Works;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldList;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Season\PlannedPlanting;
use Marrow\Core\Season\Remedies;
use Marrow\Core\Season\RemedyPlan;
use Marrow\Core\Season\SeasonPlan;
use OpenApi\Attributes as OA;

/** The plans of the seasons. */
#[OA\PathParameter(parameter: 'year', name: 'year', required: true, schema: new OA\Schema(type: 'integer'))]
final class PlanController extends Controller
{
    public function __construct(private readonly PlanSheet $sheet, private readonly Observed $observed) {}

    #[OA\Get(path: '/plans', operationId: 'plans', responses: [
        new OA\Response(response: 200, description: 'the years that have a plan', content: new OA\JsonContent(type: 'array', items: new OA\Items(type: 'integer'))),
    ])]
    public function index(PlanBook $plans): JsonResponse
    {
        return new JsonResponse($plans->years());
    }

    #[OA\Post(path: '/plans', operationId: 'startPlan', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['year'], properties: [
        new OA\Property(property: 'year', type: 'integer'),
        new OA\Property(property: 'from', type: 'integer', nullable: true),
    ])), responses: [
        new OA\Response(response: 200, description: 'the new plan', content: new OA\JsonContent(ref: PlanDocument::class)),
    ])]
    public function start(Request $request, PlanBook $plans, Acting $by): JsonResponse
    {
        $given = Input::read(FieldList::of(
            Field::integer('year', 'The year of the season', '', 1900, 2200)->hint('As 2027'),
            Field::integer('from', 'The season to start from', '', 1900, 2200)->optional(),
        ), $request->all());

        return new JsonResponse($this->sheet->of($plans->start($given->integer('year'), $given->has('from') ? $given->integer('from') : null, $by)));
    }

    #[OA\Get(path: '/plans/{year}', operationId: 'plan', parameters: [new OA\PathParameter(ref: '#/components/parameters/year')], responses: [
        new OA\Response(response: 200, description: 'the plan', content: new OA\JsonContent(ref: PlanDocument::class)),
    ])]
    public function show(int $year, PlanBook $plans): JsonResponse
    {
        return new JsonResponse($this->sheet->of($plans->open($year)));
    }

    #[OA\Put(path: '/plans/{year}', operationId: 'savePlan', parameters: [new OA\PathParameter(ref: '#/components/parameters/year')], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: PlanRequest::class)), responses: [
        new OA\Response(response: 200, description: 'the plan as it stands now', content: new OA\JsonContent(ref: PlanDocument::class)),
    ])]
    public function save(int $year, Request $request, PlanBook $plans, Acting $by): JsonResponse
    {
        $sent = PlanRequest::of($request);

        return new JsonResponse($this->sheet->of($plans->save($year, $sent->version, $sent->content, $sent->said, $by)));
    }

    #[OA\Post(path: '/plans/{year}/undo', operationId: 'undoPlan', parameters: [new OA\PathParameter(ref: '#/components/parameters/year')], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['version'], properties: [
        new OA\Property(property: 'version', type: 'integer'),
    ])), responses: [
        new OA\Response(response: 200, description: 'the plan as it was before', content: new OA\JsonContent(ref: PlanDocument::class)),
    ])]
    public function undo(int $year, Request $request, PlanBook $plans, Acting $by): JsonResponse
    {
        return new JsonResponse($this->sheet->of($plans->undo($year, PlanRequest::version($request), $by)));
    }

    #[OA\Post(path: '/plans/{year}/plantings/{planting}/put-off', operationId: 'putOffPlanned', parameters: [
        new OA\PathParameter(ref: '#/components/parameters/year'),
        new OA\PathParameter(name: 'planting', required: true, schema: new OA\Schema(type: 'string')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['until'], properties: [
        new OA\Property(property: 'until', description: 'the day on which it is sown then; empty for not this year', type: 'string'),
    ])), responses: [
        new OA\Response(response: 200, description: 'what is kept', content: new OA\JsonContent(ref: SavedDocument::class)),
    ])]
    public function putOff(int $year, string $planting, Request $request, PlanBook $plans, Acting $by, Clock $clock): JsonResponse
    {
        $until = Input::read(FieldList::of(Field::day('until', 'Later, on')->optional()), $request->all())->all()['until'] ?? null;
        $until = is_string($until) ? $until : null;
        $open = $plans->open($year);
        $planned = array_values(array_filter($open->plan->plantings, static fn (PlannedPlanting $one): bool => $one->id === $planting))[0] ?? throw Refused::at('planting', 'There is no such planting in the plan.');
        if ($until !== null && $until < $clock->now()->format('Y-m-d')) {
            throw Refused::at('until', 'That day is past.');
        }
        $days = $until === null ? null : (int) $planned->sow->setTime(0, 0)->diff(new \DateTimeImmutable($until, $planned->sow->getTimezone()))->format('%r%a');
        $name = Variety::query()->whereKey($planned->variety)->value('name');
        $said = is_string($name) ? $name : 'A planting';
        $said .= $until === null ? ": not in $year" : ': sown later';
        $plans->change($year, $open->version, $said, $by, static fn (SeasonPlan $plan): SeasonPlan => $plan->withPlantings(array_map(
            static fn (PlannedPlanting $one): PlannedPlanting => $one->id === $planned->id ? $one->with(sowLater: $days, out: $until === null ? true : null) : $one,
            $plan->plantings,
        )));

        return new JsonResponse(new SavedDocument($planned->id, '', "$said. The plan of $year takes it back."));
    }

    #[OA\Post(path: '/plans/{year}/remedies', operationId: 'remedies', description: 'Begins to look, or finds who looks already: a large garden takes seconds. Asked of GET /works/{id} until it is over.', parameters: [new OA\PathParameter(ref: '#/components/parameters/year')], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: RemedyRequest::class)), responses: [
        new OA\Response(response: 200, description: 'how far it is; found are then the ways', content: new OA\JsonContent(ref: WorkDocument::class)),
    ])]
    public function remedies(int $year, Request $request, PlanBook $plans, Works $works, Clock $clock): JsonResponse
    {
        $wish = RemedyRequest::of($request)->wish();
        // Of the plan as it is and of what was recorded so far; on another day other sowings are past.
        $of = implode(' ', [$plans->open($year)->version, DB::table('journal_entries')->max('seq') ?? 0, $clock->now()->format('Y-m-d')]);

        return new JsonResponse(WorkDocument::of($works->begin(RemedySearch::KIND, ['year' => $year, ...$wish->asked()], $of)));
    }

    #[OA\Post(path: '/plans/{year}/remedies/apply', operationId: 'applyRemedy', parameters: [new OA\PathParameter(ref: '#/components/parameters/year')], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: RemedyRequest::class)), responses: [
        new OA\Response(response: 200, description: 'the plan with the measures in it', content: new OA\JsonContent(ref: PlanDocument::class)),
    ])]
    public function apply(int $year, Request $request, PlanBook $plans, Acting $by, Clock $clock): JsonResponse
    {
        $wish = RemedyRequest::of($request);
        $way = $wish->way();
        // Bounded by its steps, but not by PHP's patience.
        set_time_limit(120);
        // Searched for outside of the write lock, which nobody should wait for; that the plan is still the same is looked at within.
        $plan = $plans->open($year)->plan;
        $found = Remedies::alternatives($this->observed->onto($plan), $wish->wish()->preferences($plan, $clock->now()))[$way] ?? null;
        $remedies = $found?->plan;
        if (! $remedies instanceof RemedyPlan) {
            throw Refused::at('way', 'That is no longer possible: ask again what can be done.');
        }
        $open = $plans->change($year, $wish->version(), 'Carried out: '.lcfirst(RemedyWords::title($way)), $by, static fn (SeasonPlan $plan): SeasonPlan => $remedies->applyTo($plan));

        return new JsonResponse($this->sheet->of($open));
    }
}

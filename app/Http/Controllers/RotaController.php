<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Clock;
use App\Documents\RotaMovedDocument;
use App\Documents\RotaWishDocument;
use App\Documents\SavedDocument;
use App\Documents\WorkDocument;
use App\Http\Input;
use App\Models\Acting;
use App\Models\Variety;
use App\Models\WriteLock;
use App\Plans\PlanBook;
use App\Presenting\RotaPlayWork;
use App\Presenting\RotaSheet;
use App\Presenting\RotaWork;
use App\Rota\GardenLine;
use App\Rota\GardenRota;
use App\Rota\IntoPlan;
use App\Rota\RotaBook;
use App\Rota\RotaWish;
use App\Words\RotaWords;
use App\Works\Work;
use App\Works\Works;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldList;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Rota\Breaches;
use Marrow\Core\Rota\Move;
use Marrow\Core\Rota\ProblemReader;
use Marrow\Core\Rota\Rota;
use Marrow\Core\Rota\RotaProblem;
use Marrow\Core\Season\PlannedPlanting;
use Marrow\Core\Season\SeasonPlan;
use OpenApi\Attributes as OA;

/** Which line is grown for seed in which year. */
final class RotaController extends Controller
{
    public function __construct(private readonly Works $works, private readonly GardenRota $garden) {}

    #[OA\Post(path: '/rota', operationId: 'rota', description: 'Begins to look for the best rota, or finds who looks already. Asked of GET /works/{id} until it is over; what was found so far is told meanwhile.', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(type: 'object')), responses: [
        new OA\Response(response: 200, description: 'how far it is; found is then the rota', content: new OA\JsonContent(ref: WorkDocument::class)),
    ])]
    public function find(): JsonResponse
    {
        return new JsonResponse(WorkDocument::of($this->works->begin(RotaWork::KIND, [], $this->garden->state())));
    }

    #[OA\Post(path: '/rota/play', operationId: 'playRota', description: 'Plays the rota a thousand times. Asked of GET /works/{id} until it is over.', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(type: 'object')), responses: [
        new OA\Response(response: 200, description: 'how far it is; found is then what came of it', content: new OA\JsonContent(ref: WorkDocument::class)),
    ])]
    public function play(): JsonResponse
    {
        return new JsonResponse(WorkDocument::of($this->works->begin(RotaPlayWork::KIND, [], $this->garden->state())));
    }

    #[OA\Post(path: '/rota/moved', operationId: 'moveInRota', description: 'What it costs to grow a line in another year, all else as it is; nothing is kept.', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['work', 'line'], properties: [
        new OA\Property(property: 'work', description: 'id of the work that found the rota', type: 'string'),
        new OA\Property(property: 'line', type: 'string'),
        new OA\Property(property: 'from', description: 'year of the growing that is moved; none for one more', type: 'integer', nullable: true),
        new OA\Property(property: 'to', description: 'none where it is taken out', type: 'integer', nullable: true),
        new OA\Property(property: 'ways', description: 'with what could be given up where it does not fit, which takes a second or two', type: 'boolean'),
    ])), responses: [
        new OA\Response(response: 200, description: 'the price', content: new OA\JsonContent(ref: RotaMovedDocument::class)),
    ])]
    public function moved(Request $request): JsonResponse
    {
        $given = Input::read(FieldList::of(
            Field::text('work', 'The rota', 60),
            Field::text('line', 'The line', 60),
            Field::integer('from', 'From', '', 1900, 2200)->optional(),
            Field::integer('to', 'To', '', 1900, 2200)->optional(),
            Field::flag('ways', 'With ways out'),
        ), $request->all());
        [$problem, $sowings] = $this->found($given->text('work'));
        $line = $problem->line($given->text('line')) ?? throw Refused::at('line', 'That line has no part in the rota.');
        $year = static fn (string $key): ?int => $given->has($key) ? $given->integer($key) - $problem->firstYear : null;
        $to = $year('to');
        if ($to !== null && ($to < 0 || $line->harvest($to) >= $problem->years)) {
            throw Refused::at('to', sprintf('Sown then it would not give seed by the end of %d.', $problem->firstYear + $problem->years - 1));
        }
        $names = Variety::query()->findMany(array_map(static fn ($line): string => $line->id, $problem->lines))->pluck('name', 'id');
        $name = static fn (string $id): string => is_string($names[$id] ?? null) ? $names[$id] : 'a line';
        $move = Move::of($problem, $sowings, $line->id, $year('from'), $to, $given->flag('ways'));
        $fits = $move->breaches === [];

        return new JsonResponse(new RotaMovedDocument(
            $fits,
            $fits ? $move->price() : null,
            ucfirst(($fits ? RotaWords::price($move->price(), $problem->hourPrice).': ' : '').RotaWords::moved($move->before, $move->after, $line->id).'.'),
            RotaSheet::collisions($problem, $move->breaches, $move->ways, $name),
            $move->withRoom === null ? null : RotaWords::price($move->withRoom, $problem->hourPrice),
        ));
    }

    #[OA\Put(path: '/rota/wish', operationId: 'wishRota', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['version', 'wish', 'said'], properties: [
        new OA\Property(property: 'version', description: 'that was changed', type: 'integer'),
        new OA\Property(property: 'wish', ref: RotaWishDocument::class),
        new OA\Property(property: 'said', description: 'what was changed, in words', type: 'string'),
    ])), responses: [
        new OA\Response(response: 200, description: 'what is kept', content: new OA\JsonContent(ref: SavedDocument::class)),
    ])]
    public function wish(Request $request, RotaBook $book, Acting $by): JsonResponse
    {
        $given = Input::read(FieldList::of(Field::integer('version', 'The version', '', 0, 1_000_000_000), Field::text('said', 'What was changed', 300)), $request->all());
        $wish = $request->input('wish');
        $read = RotaWish::read(is_array($wish) ? $wish : []);
        $there = Variety::query()->findMany(array_keys($read->lines))->keyBy('id');
        foreach (array_keys($read->lines) as $n => $line) {
            if (! $there->has($line)) {
                throw Refused::at("wish.lines.$n.line", 'There is no such variety.');
            }
        }
        $book->save($given->integer('version'), $read, $given->text('said'), $by);

        return new JsonResponse(new SavedDocument('', '', $given->text('said').'. The rota is looked for anew.'));
    }

    #[OA\Post(path: '/rota/agreed', operationId: 'agreeOnRota', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['work'], properties: [
        new OA\Property(property: 'work', type: 'string'),
    ])), responses: [
        new OA\Response(response: 200, description: 'it is gone by from now on', content: new OA\JsonContent(ref: SavedDocument::class)),
    ])]
    public function agree(Request $request, RotaBook $book, Acting $by): JsonResponse
    {
        [$problem, $sowings] = $this->found(Input::read(FieldList::of(Field::text('work', 'The rota', 60)), $request->all())->text('work'));
        if (Breaches::ofPins($problem) !== []) {
            throw Refused::at('work', 'What is pinned does not go together yet: nothing can be gone by.');
        }
        $book->agree($problem, Rota::of($problem, $sowings), $by);

        return new JsonResponse(new SavedDocument('', '', 'This rota is gone by from now on.'));
    }

    #[OA\Post(path: '/rota/plan', operationId: 'planFromRota', description: 'Puts lines into the plan of a year, which is started where there is none: plantings on free ground, with their seed, and what keeps them apart.', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['year', 'lines'], properties: [
        new OA\Property(property: 'year', type: 'integer'),
        new OA\Property(property: 'lines', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'apart', description: 'with what keeps them apart', type: 'boolean'),
    ])), responses: [
        new OA\Response(response: 200, description: 'they are in the plan', content: new OA\JsonContent(ref: SavedDocument::class)),
    ])]
    public function plan(Request $request, PlanBook $plans, Acting $by, Clock $clock): JsonResponse
    {
        $given = Input::read(FieldList::of(Field::integer('year', 'The year', '', 1900, 2200), Field::flag('apart', 'Kept apart')), $request->all());
        $year = $given->integer('year');
        $all = $this->garden->of()->lines;
        $wanted = [];
        foreach (array_filter((array) $request->input('lines'), is_string(...)) as $id) {
            $wanted[] = ($all[$id] ?? null)?->line === null ? throw Refused::at('lines', 'That line has no part in the rota.') : $all[$id];
        }
        // Where one has no ground, no plan is begun for it either.
        $lines = WriteLock::hold(static function () use ($plans, $year, $wanted, $given, $by, $clock): array {
            if (! $plans->has($year)) {
                $before = array_values(array_filter($plans->years(), static fn (int $one): bool => $one < $year));
                $plans->start($year, $before === [] ? null : end($before), $by);
            }
            $open = $plans->open($year);
            $there = array_map(static fn (PlannedPlanting $planting): string => $planting->purpose->isForSeed() ? $planting->variety : '', $open->plan->standing());
            $lines = array_values(array_filter($wanted, static fn (GardenLine $line): bool => ! in_array($line->variety, $there, true)));
            if ($lines !== []) {
                $said = count($lines) === 1 ? 'Planned from the rota: '.$lines[0]->title() : 'Planned from the rota: '.count($lines).' lines';
                $saved = $plans->save($year, $open->version, IntoPlan::document($open->plan, $lines), $said, $by);
                if ($given->flag('apart')) {
                    $plans->change($year, $saved->version, 'Kept apart what the rota planned', $by, static fn (SeasonPlan $plan): SeasonPlan => IntoPlan::keptApart($plan, $clock->now()));
                }
            }

            return $lines;
        });

        return new JsonResponse(new SavedDocument('', '', count($lines) === 1 ? "{$lines[0]->title()} is in the plan of $year." : count($lines)." lines are in the plan of $year."));
    }

    /** @return array{RotaProblem, array<string, list<int>>} the problem, and years of sowing by line */
    private function found(string $id): array
    {
        $work = $this->works->find($id);
        $found = $work instanceof Work && $work->kind === RotaWork::KIND && $work->found !== null ? json_decode($work->found, true, flags: JSON_THROW_ON_ERROR) : null;
        if (! is_array($found) || ! is_array($found['problem'] ?? null) || ! is_array($found['lines'] ?? null)) {
            throw Refused::at('work', 'That rota is no longer there: it is looked for anew when the page is opened.');
        }
        $problem = ProblemReader::read($found['problem']);
        $sowings = [];
        foreach ($found['lines'] as $line) {
            $id = data_get($line, 'id');
            foreach ((array) data_get($line, 'growings') as $growing) {
                $sow = data_get($growing, 'sow');
                if (is_string($id) && is_int($sow)) {
                    $sowings[$id][] = $sow - $problem->firstYear;
                }
            }
        }

        return [$problem, $sowings];
    }
}

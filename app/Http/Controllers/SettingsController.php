<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Clock;
use App\Documents\SettingDocument;
use App\Documents\SettingSectionDocument;
use App\Garden\Settings;
use App\Garden\SettingsChanged;
use App\Http\Input;
use App\Http\Scalar;
use App\Models\Acting;
use App\Models\PlanVersion;
use App\Models\WriteLock;
use App\Presenting\SettingsSaid;
use App\Voice\Quantity;
use App\Voice\Speaking;
use App\Words\RefusalWords;
use Illuminate\Contracts\Events\Dispatcher;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Fields\FieldList;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Settings\SettingList;
use OpenApi\Attributes as OA;

/** Everything that a keeper can set. */
final class SettingsController extends Controller
{
    public function __construct(private readonly Settings $settings, private readonly SettingsSaid $said, private readonly Clock $clock) {}

    #[OA\Get(path: '/settings', operationId: 'settings', responses: [
        new OA\Response(response: 200, description: 'by their headings', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: SettingSectionDocument::class))),
    ])]
    public function index(): JsonResponse
    {
        $sections = [];
        foreach (SettingList::sections() as $title => $list) {
            $sections[] = new SettingSectionDocument($title, $this->said->of($list));
        }

        return new JsonResponse($sections);
    }

    #[OA\Put(path: '/settings/{key}', operationId: 'set', parameters: [new OA\PathParameter(name: 'key', required: true, schema: new OA\Schema(type: 'string'))], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['value'], properties: [
        new OA\Property(property: 'value', description: 'as typed; nothing brings back what Marrow has', type: 'string'),
        new OA\Property(property: 'even_so', description: 'the keeper was asked and says that it is so all the same', type: 'boolean'),
    ])), responses: [
        new OA\Response(response: 200, description: 'as it is now', content: new OA\JsonContent(ref: SettingDocument::class)),
    ])]
    public function put(string $key, Request $request, Acting $by, Dispatcher $events, CropReference $crops): JsonResponse
    {
        $field = SettingList::field($key) ?? abort(404, 'There is no such setting.');
        $crop = SettingList::cropOf($key);
        $crop === null || $crops->has($crop) || abort(404, 'There is no such crop.');
        $typed = Scalar::text($request, 'value');
        try {
            $value = Input::typed($field, $typed, Speaking::forms()->units);
            $request->boolean('even_so') || $this->askOfPlans($key, $value);
            WriteLock::hold(function () use ($key, $value, $by, $events): void {
                $this->settings->put($key, $value, $by);
                $events->dispatch(new SettingsChanged($key));
            });
        } catch (Refused $refused) {
            throw ValidationException::withMessages(['value' => RefusalWords::bounds($refused)]);
        }
        Speaking::as($this->settings->forms());

        return new JsonResponse($this->said->of(FieldList::of($field))[0]);
    }

    /**
     * A garden that moves over the equator, or goes by other months, has its seasons turned under what is planned.
     *
     * @throws ValidationException where something is
     */
    private function askOfPlans(string $key, string $value): void
    {
        [$was, $is] = [$this->settings->practice()->year->shift->turn, $this->settings->practiceWith($key, $value)->year->shift->turn];
        $years = $was->months === $is->months ? [] : PlanVersion::query()->where('year', '>=', $was->season($this->clock->now()))->distinct()->orderBy('year')->pluck('year')->all();
        if ($years === []) {
            return;
        }
        throw ValidationException::withMessages(['even_so' => sprintf(
            'That turns the seasons of the garden by %s, and there is a plan for %s. Nothing that was planned or recorded is lost, and every day stays the day it is; but when things bloom, ripen and are sown is reckoned by other seasons from then on, and the plan is called %s. Does the garden lie there?',
            Quantity::number(abs($is->months - $was->months), 'month'),
            implode(', ', array_map($was->called(...), $years)),
            implode(', ', array_map($is->called(...), $years)),
        )]);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Clock;
use App\Documents\ThenDocument;
use App\Http\Input;
use App\Http\Scalar;
use App\Presenting\ThenSheet;
use DateTimeImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldList;
use OpenApi\Attributes as OA;

/** A day that was. */
final class PastController extends Controller
{
    /** Years; nobody's journal goes back farther. */
    private const FARTHEST = 120;

    #[OA\Get(path: '/then', operationId: 'then', description: 'Every place as it stood at the end of a day in the past.', parameters: [
        new OA\QueryParameter(name: 'day', required: true, description: 'as it is typed', schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(name: 'page', schema: new OA\Schema(type: 'integer', minimum: 1)),
    ], responses: [
        new OA\Response(response: 200, description: 'the day', content: new OA\JsonContent(ref: ThenDocument::class)),
    ])]
    public function then(Request $request, Clock $clock, ThenSheet $sheet): JsonResponse
    {
        $today = $clock->now()->setTime(0, 0);
        // As it is typed elsewhere.
        $day = new DateTimeImmutable(Input::read(FieldList::of(Field::day('day', 'The day')), ['day' => Scalar::text($request, 'day')])->text('day'), $today->getTimezone());
        if ($day > $today || $day < $today->modify(sprintf('-%d years', self::FARTHEST))) {
            throw ValidationException::withMessages(['day' => $day > $today ? 'That day is still to come: look ahead to it on the year’s belt.' : 'That is before anybody’s journal.']);
        }

        return new JsonResponse($sheet->of($day, max(1, $request->integer('page', 1))));
    }
}

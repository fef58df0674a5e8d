<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Calendar\GardenCalendar;
use App\Plans\PlanBook;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What is planned and due, for any calendar program: as a feed, and as a file of one plan. */
final class CalendarController extends Controller
{
    #[OA\Get(path: '/calendar.ics', operationId: 'calendar', responses: [
        new OA\Response(response: 200, description: 'everything planned and due', content: new OA\MediaType(mediaType: 'text/calendar', schema: new OA\Schema(type: 'string'))),
    ])]
    public function feed(Request $request, GardenCalendar $calendar): Response
    {
        return self::file($request, $calendar->everything(), 'garden.ics', 'inline');
    }

    #[OA\Get(path: '/plans/{year}/calendar.ics', operationId: 'planCalendar', parameters: [new OA\PathParameter(ref: '#/components/parameters/year')], responses: [
        new OA\Response(response: 200, description: 'the work of one plan', content: new OA\MediaType(mediaType: 'text/calendar', schema: new OA\Schema(type: 'string'))),
    ])]
    public function plan(Request $request, int $year, GardenCalendar $calendar, PlanBook $plans): Response
    {
        if (! $plans->has($year)) {
            throw new NotFoundHttpException("There is no plan for $year yet.");
        }

        return self::file($request, $calendar->ofPlan($year), "plan-$year.ics", 'attachment');
    }

    /** A calendar program asks every few minutes: it is told in a word when nothing has changed, but for when it asked. */
    private static function file(Request $request, string $calendar, string $name, string $as): Response
    {
        $answer = new Response($calendar, 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => "$as; filename=\"$name\"",
        ]);
        $answer->setEtag(hash('xxh128', (string) preg_replace('/^DTSTAMP:.*$/m', '', $calendar)));
        $answer->isNotModified($request);

        return $answer;
    }
}

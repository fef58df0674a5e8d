<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Calendar\GardenCalendar;
use App\Plans\PlanBook;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What is planned and due, for any calendar program: as a feed, and as a file of one plan. */
final class CalendarController extends Controller
{
    #[OA\Get(path: '/calendar.ics', operationId: 'calendar', responses: [
        new OA\Response(response: 200, description: 'everything planned and due', content: new OA\MediaType(mediaType: 'text/calendar', schema: new OA\Schema(type: 'string'))),
    ])]
    public function feed(GardenCalendar $calendar): Response
    {
        return self::file($calendar->everything(), 'garden.ics', 'inline');
    }

    #[OA\Get(path: '/plans/{year}/calendar.ics', operationId: 'planCalendar', parameters: [new OA\PathParameter(ref: '#/components/parameters/year')], responses: [
        new OA\Response(response: 200, description: 'the work of one plan', content: new OA\MediaType(mediaType: 'text/calendar', schema: new OA\Schema(type: 'string'))),
    ])]
    public function plan(int $year, GardenCalendar $calendar, PlanBook $plans): Response
    {
        if (! $plans->has($year)) {
            throw new NotFoundHttpException("There is no plan for $year yet.");
        }

        return self::file($calendar->ofPlan($year), "plan-$year.ics", 'attachment');
    }

    private static function file(string $calendar, string $name, string $as): Response
    {
        return new Response($calendar, 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => "$as; filename=\"$name\"",
        ]);
    }
}

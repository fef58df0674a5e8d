<?php

declare(strict_types=1);

namespace App\Boards;

use App\Instruments\Readings;
use App\Models\Instrument;
use App\Models\Lot;
use App\Models\LotStanding;
use App\Models\Place as Room;
use App\Reading\Facts;
use App\Steps\Drying\DryingOutlook;
use App\Steps\Drying\RackDayDocument;
use App\Steps\Drying\RackLotDocument;
use App\Steps\Drying\RackRoomDocument;
use App\Steps\Drying\RacksDocument;
use App\Voice\Quantity;
use App\Voice\When;
use App\Words\DesiccantWords;
use App\Words\EvidenceWords;
use App\Words\Stages;
use Marrow\Core\Drying\Witness;
use Marrow\Core\Instruments\DaySummary;
use Marrow\Core\Instruments\Measure;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Work\Place;

/** All that dries beside one another: how far it is and what that rests on, what is in jars with desiccant, and the air of the rooms. */
final readonly class RacksGlance
{
    /** Of more nobody sees at a glance. */
    private const MOST = 40;

    /** Days of air that are drawn. */
    private const DAYS = 14;

    public function __construct(private Facts $facts, private Readings $readings) {}

    public function of(When $when): RacksDocument
    {
        $ids = LotStanding::query()->where('place', Place::Racks->value)->where('used_up', 0)->orderBy('last_at')->orderBy('number')->limit(self::MOST)->get()->map(static fn (LotStanding $row): string => $row->lot_id)->all();
        $rooms = [];
        $order = array_flip($ids);
        $found = Lot::query()->with(['variety', 'planting.variety'])->findMany($ids)->sortBy(static fn (Lot $lot): int => $order[$lot->id])->values();
        $lots = $this->facts->each($found->toBase(), function (Lot $lot, LotCourse $course) use ($when, &$rooms): RackLotDocument {
            $room = $course->rack->isShutIn ? null : $course->rack->placeId();
            if ($room !== null) {
                $rooms[$room] = $course;
            }

            return $this->lot($lot, $course, $when);
        });

        return new RacksDocument($lots, $this->rooms($rooms, $when));
    }

    private function lot(Lot $lot, LotCourse $course, When $when): RackLotDocument
    {
        $evidence = $course->drying->evidence();

        return new RackLotDocument(
            $lot->code(),
            $lot->variety->name,
            Stages::ofCourse($course).($evidence === null ? '' : ': '.EvidenceWords::range($evidence)),
            self::rests($course, $when),
            $course->rack->placeName(),
            (new DryingOutlook($course, $when->now, true))->chart(),
            (new DesiccantWords($course, $when))->until(),
        );
    }

    private static function rests(LotCourse $course, When $when): string
    {
        $drying = $course->drying;
        $at = $drying->moistureKnownAt() ?? $drying->dampness->triedAt();
        $by = $drying->evidence()?->decidedBy;

        return match (true) {
            $by === null || $at === null => $drying->weighings() === [] ? 'by nothing yet' : 'weighed, and no moisture known',
            default => match ($by) {
                Witness::Weight => 'by weight',
                Witness::Jar => 'by a jar',
                Witness::Card => 'by a card',
                Witness::RoughJar => 'by a jar, roughly',
                Witness::Signs, Witness::Air => 'by hand',
            }.', '.$when->day(max($at, $by === Witness::Weight ? $drying->lastWeighedAt() ?? $at : $at)),
        };
    }

    /**
     * @param  array<string, LotCourse>  $by  a lot that lies there, by the id of the place
     * @return list<RackRoomDocument>
     */
    private function rooms(array $by, When $when): array
    {
        $loggers = Instrument::inUse()->whereIn('place_id', array_keys($by))->get()->keyBy('place_id');
        $rooms = [];
        foreach (Room::query()->whereIn('id', array_keys($by))->orderBy('name')->get() as $room) {
            $air = $by[$room->id]->rack->course();
            $logger = $loggers->get($room->id);
            $days = $logger instanceof Instrument ? $this->readings->days($logger, Measure::Humidity, $when->now->modify(sprintf('-%d days', self::DAYS))->format('Y-m-d'), $when->now->format('Y-m-d')) : [];
            $rooms[] = new RackRoomDocument(
                $room->id,
                $room->name,
                $air === null ? '' : sprintf('%s, %s RH%s', Quantity::temperature($air->temperature), Quantity::percent($air->rh), $air->isAirKnown ? '' : ', as it is taken to be'),
                array_values(array_map(static fn (string $day, DaySummary $of): RackDayDocument => new RackDayDocument($day, round($of->least, 1), round($of->mean(), 1), round($of->greatest, 1)), array_keys($days), $days)),
            );
        }

        return $rooms;
    }
}

<?php

declare(strict_types=1);

namespace App\Boards;

use App\Documents\BarDocument;
use App\Documents\ScaleDocument;
use App\Models\Planting;
use App\Reading\Facts;
use App\Voice\When;
use DateTimeImmutable;
use Illuminate\Support\Collection;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Isolation\Compatibility;
use Marrow\Core\Isolation\Crosses;
use Marrow\Core\Planting\PlantingCourse;
use Marrow\Core\Steps\Growing\SeedSeason;

/** Plantings as lines over the months: when each blooms and has ripe seed, and which of those in bloom could cross. */
final readonly class SeasonLines
{
    private const MONTHS_BEFORE = 3;

    private const MONTHS_AFTER = 10;

    public function __construct(private Facts $facts) {}

    /**
     * @param  Collection<int, Planting>  $plantings  with `variety` loaded
     * @return array<string, SeasonLine> by id
     */
    public function of(Collection $plantings, When $when): array
    {
        $courses = array_filter($this->facts->plantings($plantings), static fn (PlantingCourse $course): bool => $course->growing->season() !== null);
        $blooming = array_filter($courses, static fn (PlantingCourse $course): bool => $course->growing->season()?->blooms($when->now) === true);
        $lines = [];
        foreach ($plantings as $planting) {
            $course = $courses[$planting->id] ?? null;
            $season = $course?->growing->season();
            if ($course === null || $season === null) {
                continue;
            }
            $with = [];
            foreach (isset($blooming[$planting->id]) ? $plantings : [] as $other) {
                $theirs = $blooming[$other->id] ?? null;
                if ($theirs !== null && $other->variety_id !== $planting->variety_id && self::cross($course->facts->crop, $theirs->facts->crop)) {
                    $with[] = "{$other->code()} {$other->variety->name}";
                }
            }
            $lines[$planting->id] = new SeasonLine(self::figure($season, $course, $when), $with, self::bar($season, $course->facts->crop, $when));
        }

        return $lines;
    }

    public static function axis(When $when): ScaleDocument
    {
        return Scale::months('The season of each planting', 'full: in bloom; hatched: until its seed is ripe', $when->now, self::MONTHS_BEFORE, self::MONTHS_AFTER);
    }

    /** More than once in a while, side by side. */
    private static function cross(Crop $kept, Crop $source): bool
    {
        return ! in_array(Crosses::at($kept->adjacentShare * Compatibility::onto($kept, $source)), [Crosses::Never, Crosses::Rarely], true);
    }

    private static function figure(SeedSeason $season, PlantingCourse $course, When $when): string
    {
        $now = $when->now;
        if ($course->facts->crop->isKeptAlive()) {
            return match (true) {
                $course->facts->pickedAt !== null => 'lifted',
                $season->isOver($now) => 'its time is past',
                $now >= $season->ripeFrom => 'may be lifted',
                default => 'lifted '.self::month($season->ripeFrom, $when),
            };
        }

        return match (true) {
            $course->facts->pickedAt !== null => 'picked',
            $season->blooms($now) => $season->isFirstSeen ? 'in bloom' : 'may be in bloom',
            $now < $season->firstBloom => 'blooms '.self::month($season->firstBloom, $when),
            $season->isOver($now) => 'seed is past',
            $now >= $season->ripeFrom => 'seed may be ripe',
            default => 'seed '.self::month($season->ripeFrom, $when),
        };
    }

    /** "in June", with the year where it is not the next June. */
    private static function month(DateTimeImmutable $at, When $when): string
    {
        return 'in '.($at < $when->now->modify('+11 months') ? $at->format('F') : When::month($at));
    }

    /** What is over before the scale begins is not drawn. */
    private static function bar(SeedSeason $season, Crop $crop, When $when): ?BarDocument
    {
        if (Scale::days($when->now, $season->ripeTo) < self::axis($when)->min) {
            return null;
        }

        if ($crop->isKeptAlive()) {
            $from = round(Scale::days($when->now, $season->ripeFrom), 2);

            return new BarDocument($from, $from, round(Scale::days($when->now, $season->ripeTo), 2), sprintf('Lifted %s to %s.', $when->date($season->ripeFrom), $when->date($season->ripeTo)));
        }

        return new BarDocument(
            round(Scale::days($when->now, $season->firstBloom), 2),
            round(Scale::days($when->now, $season->lastBloom), 2),
            round(Scale::days($when->now, $season->ripeTo), 2),
            sprintf(
                'In bloom %s to %s%s; seed ripe until %s.',
                $when->date($season->firstBloom),
                $when->date($season->lastBloom),
                $season->isLastSeen ? ', as seen' : ($season->isFirstSeen ? ', its end reckoned' : ', reckoned'),
                $when->date($season->ripeTo),
            ),
        );
    }
}

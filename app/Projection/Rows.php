<?php

declare(strict_types=1);

namespace App\Projection;

use App\Models\Lot;
use App\Models\Planting;
use App\Models\Variety;
use App\Moment;
use App\Words\Stages;
use DateTimeImmutable;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\LineWord;
use Marrow\Core\Fields\PlainText;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Planting\PlantingCourse;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Steps\Storing\Kept;
use Marrow\Core\Steps\Testing\TestCourse;
use Marrow\Core\Storage\StorePace;

/** What lists and search hold of a lot, a planting and a test, as rows of their tables. */
final class Rows
{
    /** @return array<string, mixed> */
    public static function lot(Lot $lot, LotCourse $course): array
    {
        $crop = $course->facts->crop;
        $tested = $course->testing->lastEnded();
        $share = $tested?->share();
        $interval = $share?->interval();
        $storing = $course->storing;
        $stock = $course->stock->stock;
        $year = $course->origin->year();
        $forecast = $course->forecast();

        return [
            'lot_id' => $lot->id,
            'number' => $lot->number,
            'variety' => $lot->variety->name,
            'variety_id' => $lot->variety_id,
            'place' => $course->place()->value,
            'stage' => Stages::stage($course),
            'stands' => $course->shape()->value ?? '',
            'used_up' => (int) $course->isUsedUp(),
            'year' => $year,
            'seeds' => $stock->seeds(),
            'grams' => $course->drying->lastMass() ?? $stock->weighed() ?? $course->cleaning->massOut,
            'moisture' => $storing->moisture ?? $course->drying->moisture(),
            'rate' => $share?->rate(),
            'rate_low' => $interval?->low,
            'rate_high' => $interval?->high,
            'tested_on' => $tested === null ? null : Moment::keep($tested->startedAt),
            // What is expected of its store bears on its forecast alone.
            'pace' => $forecast === null ? '' : ($course->facts->store ?? StorePace::unknown())->key(),
            'good_until' => $forecast === null ? null : Moment::keep($forecast->reachesEarliest($crop->test->minimum)),
            'likely_until' => $forecast === null ? null : Moment::keep($forecast->reaches($crop->test->minimum)),
            'ends_at' => $forecast === null ? self::ordinarilyUntil($course) : Moment::keep($forecast->reachesEarliest($crop->test->minimum)),
            'counted' => (int) $stock->isCounted(),
            'spare' => $course->packets->spareSeeds(),
            'reserve' => $course->packets->reserve,
            'told_generation' => $course->origin->received?->filial,
            'released' => (int) ($course->breeding->releasedAt !== null),
            'tied' => (int) $course->origin->isTied(),
            'mothers' => json_encode($course->origin->mothers(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
            // As its variety is kept, until it is reckoned what is recorded of it (Lines).
            'line' => ($lot->variety->type->line() ?? LineWord::NotKnown)->value,
            'container' => $storing->main()?->container->value,
            'place_id' => $storing->main()?->placeId,
            'store_place' => ($main = $storing->main()) === null ? null : implode(' › ', $main->path),
            'last_at' => $course->lastAt() === null ? null : Moment::keep($course->lastAt()),
            'search' => self::searchText($lot->code(), $lot->variety, $crop, (string) $year, ...array_merge([], ...array_map(static fn (Kept $kept): array => [...$kept->path, $kept->packet->code ?? ''], array_values($storing->containers()))), ...$course->texts()),
        ];
    }

    /** Of seed that nobody tested and whose past nobody knows: until when its kind ordinarily lasts in a cupboard. */
    private static function ordinarilyUntil(LotCourse $course): ?string
    {
        $year = $course->origin->year();
        $crop = $course->facts->crop;

        return $course->origin->received === null || $year === null || ! $crop->bearsDrying() || $crop->isKeptAlive() || $course->testing->lastEnded() !== null
            ? null
            : Moment::keep((new DateTimeImmutable("$year-".$course->practice->year->shift->turn->dayHere('10-01')))->modify(sprintf('+%d days', (int) round($crop->ordinaryYears * 365.25))));
    }

    /** @return list<array<string, mixed>> the containers that a lot lies in */
    public static function containers(Lot $lot, LotCourse $course): array
    {
        $shares = $course->storing->shares();
        $rows = [];
        foreach ($course->isUsedUp() ? [] : $course->storing->containers() as $id => $kept) {
            if (($shares[$id] ?? null) === 0.0) {
                // An empty packet lies nowhere.
                continue;
            }
            $rows[] = [
                'lot_id' => $lot->id,
                'container_id' => $id === '' ? $lot->id : $id,
                'kind' => $kept->container->value,
                'place_id' => $kept->placeId,
                'inside' => $kept->inside,
                'path' => implode(' › ', $kept->path),
                'seeds' => $shares[$id] ?? null,
                'packet' => $kept->packet?->code,
                'year' => $kept->packet?->year,
                'plants' => $kept->packet?->plants,
                'cold_until' => $kept->coldUntil === null ? null : Moment::keep($kept->coldUntil),
            ];
        }

        $vessel = $course->isUsedUp() ? null : $course->vessel->stands();
        $holder = $vessel === null || isset($course->storing->containers()[$vessel]) ? null : $course->facts->holdings()->holder($vessel);

        return $holder === null ? $rows : [...$rows, [
            'lot_id' => $lot->id, 'container_id' => $holder->id, 'kind' => $holder->kind->value, 'place_id' => null, 'inside' => null, 'path' => $holder->name,
            'seeds' => null, 'packet' => null, 'year' => null, 'plants' => null, 'cold_until' => null,
        ]];
    }

    /** @return array<string, mixed> */
    public static function test(Lot $lot, TestCourse $test, Practice $practice): array
    {
        return [
            'test_id' => $test->set->test,
            'lot_id' => $lot->id,
            'number' => $lot->number,
            'started_at' => Moment::keep($test->startedAt),
            'began_at' => $test->beganAt() == $test->startedAt ? null : Moment::keep($test->beganAt()),
            'ended_at' => $test->endedAt === null ? null : Moment::keep($test->endedAt),
            'part' => $test->set->group,
            'sown' => $test->sown(),
            'germinated' => $test->germinated(),
            'undecided' => $test->undecided(),
            'last_day' => $test->lastDay(),
            'verdict' => $test->outlook($practice)?->verdictNow->value,
        ];
    }

    /** @return array<string, mixed> */
    public static function planting(Planting $planting, PlantingCourse $course, int $lots): array
    {
        $growing = $course->growing;
        $sownAt = $growing->sownAt;
        $season = $sownAt === null ? null : $course->facts->practice->year->shift->turn->season($sownAt);

        return [
            'planting_id' => $planting->id,
            'season' => $season,
            'sown_at' => $sownAt === null ? null : Moment::keep($sownAt),
            'plants' => $growing->sown?->plants,
            'lots' => $lots,
            'sown_lot' => $growing->sown?->lot,
            'sown_from' => $growing->sown->sownFrom ?? '',
            'off_types' => $course->trueness->offThatCount(),
            'strays' => $course->trueness->strays(),
            'looked_over' => $course->trueness->seen,
            'planned' => $growing->sown->planned ?? '',
            'bloom_from' => ($bloom = $growing->season()) === null ? null : Moment::keep($bloom->firstBloom),
            'bloom_to' => $bloom === null ? null : Moment::keep($bloom->lastBloom),
            'bloom_seen' => (int) ($bloom?->isFirstSeen === true),
            'crossing_at' => $course->trueness->shownAt === null ? null : Moment::keep($course->trueness->shownAt),
            'crossing' => (int) $course->trueness->showsCrossing(),
            'taken_out' => $course->trueness->takenOut,
            'crossed' => $course->trueness->crossed(),
            'crossed_mothers' => json_encode($course->pollinating->crossedMothers, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
            'crossed_by' => json_encode((object) $course->pollinating->crossedBy, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
            'shelved' => $course->shelf->count(),
            'walked' => count($course->choosing->plants),
            'search' => self::searchText($planting->code(), $planting->variety, $course->facts->crop, (string) $season, $planting->spot, ...$course->texts()),
        ];
    }

    private static function searchText(string $code, Variety $variety, Crop $crop, string ...$more): string
    {
        return PlainText::of(implode(' ', array_filter([$code, $variety->name, $crop->name, $crop->latin, $crop->family, $variety->note, ...$more])));
    }
}

<?php

declare(strict_types=1);

namespace App\Tagging;

use App\Documents\FactDocument;
use App\Documents\PaperTagDocument;
use App\Documents\SeedLookDocument;
use App\Models\Lot;
use App\Models\Marks;
use App\Models\Planting;
use App\Reading\Facts;
use App\Voice\Quantity;
use App\Voice\Speaking;
use App\Voice\When;
use App\Words\CautionWords;
use App\Words\ForecastWords;
use App\Words\StockWords;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Steps\Growing\GrowingStrand;
use Marrow\Core\Steps\Shelf\ShelvedFruit;
use Marrow\Core\Steps\Testing\Told;
use Marrow\Core\Work\Place;

/** The tags of lots and plantings, as they are printed. Each line rests on a record or a stated reckoning; what is not known is said to be so. */
final readonly class PaperTags
{
    public function __construct(private Facts $facts, private OriginLines $origin) {}

    /** @return list<PaperTagDocument> of every sort that the lot has a use for as it stands */
    public function ofLot(Lot $lot, LotCourse $course, When $when): array
    {
        $tags = match ($course->place()) {
            Place::Store => [
                $this->tag('outside', $lot, $course, '', [...self::state($course, $when), ...$this->origin->of($lot, $course, $when), ...self::generation($lot), new FactDocument('Printed', Speaking::forms()->day($when->now))]),
                $this->tag('inside', $lot, $course, '', $this->origin->brief($course)),
            ],
            Place::Racks, Place::Bench => [$this->tag('rack', $lot, $course, $course->place() === Place::Racks ? 'drying' : 'to be cleaned', $this->origin->of($lot, $course, $when))],
            default => [],
        };

        return [...$tags, ...$this->packets($lot, $course, $when), ...$this->dishes($lot, $course, $when)];
    }

    /** @return list<FactDocument> how often a line was grown out here; a cross has its own count beside its name */
    private static function generation(Lot $lot): array
    {
        $own = $lot->standing->own_generation ?? 0;

        return $own === 0 || ($lot->standing->generation ?? '') !== '' ? [] : [new FactDocument('Own generation', Quantity::ordinal($own))];
    }

    /** @return non-empty-list<PaperTagDocument> its own, and one for each fruit of it that lies on the shelf */
    public function ofPlanting(Planting $planting): array
    {
        $course = $this->facts->planting($planting);

        return [$this->bed($planting, $course->growing), ...array_map(fn (ShelvedFruit $fruit): PaperTagDocument => $this->fruit($planting, $fruit), array_values($course->shelf->whole()))];
    }

    private function fruit(Planting $planting, ShelvedFruit $fruit): PaperTagDocument
    {
        $window = $fruit->window();
        $forms = Speaking::forms();

        return self::document('fruit', "fruit:$planting->id:{$fruit->number()}", new TagMark(self::garden(), Subject::Planting, $planting->id), ShelvedFruit::codeOf($planting->code(), $fruit->number()), $planting, $this->facts->crop($planting->variety), $planting->standing?->season, '', null, array_values(array_filter([
            new FactDocument('Picked', $forms->day($fruit->pickedAt)),
            $fruit->shelved->plant === '' ? null : new FactDocument('Plant', $fruit->shelved->plant),
            $fruit->shelved->massG === null ? null : new FactDocument('Weighs', Quantity::weighed($fruit->shelved->massG)),
            $window === null ? null : new FactDocument('Open', sprintf('%s to %s', $forms->day($window->from), $forms->day($window->until))),
        ])));
    }

    private function bed(Planting $planting, GrowingStrand $growing): PaperTagDocument
    {
        $from = $growing->sown->sownFrom ?? '';
        $lot = $growing->sown?->lot === null ? null : Lot::query()->find($growing->sown->lot);

        return self::document('bed', "bed:$planting->id", new TagMark(self::garden(), Subject::Planting, $planting->id), $planting->code(), $planting, $this->facts->crop($planting->variety), $planting->standing?->season, 'sown', null, [
            new FactDocument('Sown', $growing->sownAt === null ? 'nobody has said when' : Speaking::forms()->day($growing->sownAt)),
            new FactDocument('Plants', $growing->sown === null ? 'not counted' : (string) $growing->sown->plants),
            new FactDocument('From', $lot instanceof Lot ? $lot->code() : ($from === '' ? 'not recorded' : $from)),
            ...($planting->spot === '' ? [] : [new FactDocument('Where', $planting->spot)]),
        ]);
    }

    /** @return list<PaperTagDocument> one for each packet that has something in it */
    private function packets(Lot $lot, LotCourse $course, When $when): array
    {
        $tags = [];
        foreach ($course->packets->waiting() as $id => $kept) {
            $packet = $kept->packet;
            if ($packet === null) {
                continue;
            }
            $unit = $course->facts->crop->counts()->value;
            $tags[] = self::document('packet', "packet:$id", new TagMark(self::garden(), Subject::Lot, $lot->id, (string) $id), $packet->code, $lot, $course->facts->crop, $lot->standing?->year, sprintf(
                '%s: %s%s',
                Speaking::forms()->turn->called($packet->year),
                Quantity::seeds((float) $kept->part, $unit),
                $packet->plants === null ? '' : ' for '.Quantity::number($packet->plants, 'plant'),
            ), self::warning($course), [...$this->origin->brief($course), self::germination($course, $when)]);
        }

        return $tags;
    }

    /** @return list<PaperTagDocument> one for each dish or roll of a test that is running */
    private function dishes(Lot $lot, LotCourse $course, When $when): array
    {
        $tags = [];
        foreach ($course->testing->running() as $test) {
            for ($dish = 1; $dish <= $test->set->replicates; $dish++) {
                $tags[] = $this->tag('dish', $lot, $course, sprintf('test: %s', Quantity::seeds($test->set->seeds)), [
                    new FactDocument('Set', Speaking::forms()->day($test->startedAt)),
                    new FactDocument('First count', 'day '.$course->facts->crop->test->firstCount),
                    new FactDocument('Last count', 'day '.$course->facts->crop->test->lastCount),
                    ...($test->set->replicates === 1 ? [] : [new FactDocument('Dish', "$dish of {$test->set->replicates}")]),
                ], "{$test->set->test} $dish");
            }
        }

        return $tags;
    }

    /** @param  list<FactDocument>  $lines */
    private function tag(string $sort, Lot $lot, LotCourse $course, string $headline, array $lines, string $which = ''): PaperTagDocument
    {
        return self::document($sort, "$sort:$lot->id$which", new TagMark(self::garden(), Subject::Lot, $lot->id), $lot->code(), $lot, $course->facts->crop, $course->origin->year(), $headline, self::warning($course), $lines);
    }

    /** @param  list<FactDocument>  $lines */
    private static function document(string $sort, string $key, TagMark $mark, string $code, Lot|Planting $of, Crop $crop, ?int $year, string $headline, ?string $warning, array $lines): PaperTagDocument
    {
        return new PaperTagDocument($key, $sort, $mark->text(), $code, $crop->name, $crop->latin, trim($of->variety->name.' '.($of->standing->generation ?? $of->variety->generation)), $year, SeedLookDocument::of($crop->title()), $headline, $warning, $lines);
    }

    /** Every mark of a garden begins with it. */
    private static function garden(): string
    {
        return once(static fn (): string => Marks::get(Marks::GARDEN));
    }

    private static function warning(LotCourse $course): ?string
    {
        return $course->origin->received?->treated === true ? CautionWords::TREATED_TAG : null;
    }

    /** @return list<FactDocument> what came up, how far it is to be counted on, how much there is: what is wanted first, where there is room for no more */
    private static function state(LotCourse $course, When $when): array
    {
        $forecast = $course->forecast();
        $words = new ForecastWords($course, $when);

        return [
            self::germination($course, $when),
            new FactDocument('Count on it', $forecast === null ? 'no forecast' : ForecastWords::inShort($words->isTestedPoor(), $forecast->reachesEarliest($course->facts->crop->test->minimum), $when).($course->testing->lastEnded() === null ? ', if it was sound' : '')),
            new FactDocument('Holds', StockWords::of($course) ?? 'not counted'),
        ];
    }

    private static function germination(LotCourse $course, When $when): FactDocument
    {
        $test = $course->testing->lastEnded();
        $share = $test?->share();

        return new FactDocument('Germination', $test === null || $share === null ? 'not tested' : sprintf($test->told === Told::ByGiver ? '%1$s as told, %3$s' : '%s of %d, %s', Quantity::percent($share->rate()), $test->sown(), Speaking::forms()->day($test->startedAt)));
    }
}

<?php

declare(strict_types=1);

namespace App\Boards;

use App\Models\Planting;
use App\Presenting\Tags;
use App\Reading\Facts;
use App\Steps\Tasting\PlantTastedDocument;
use App\Steps\Tasting\PlateDocument;
use App\Steps\Tasting\TastingDocument;
use App\Steps\Tasting\TastingsDocument;
use App\Voice\Quantity;
use App\Voice\When;
use App\Words\CautionWords;
use App\Words\TastingWords;
use Marrow\Core\Planting\PlantingCourse;
use Marrow\Core\Selection\TasteAgreement;
use Marrow\Core\Steps\Tasting\TastedOf;
use Marrow\Core\Steps\Tasting\Tasting;

/** The tastings of a planting: blind until they are unblinded, whoever asks. */
final readonly class TastingsGlance
{
    public function __construct(private Facts $facts, private Tags $tags) {}

    public function of(Planting $planting, When $when): TastingsDocument
    {
        $course = $this->facts->planting($planting);
        $plants = array_keys($course->tasting->walked());
        $fruits = array_keys($course->tasting->cut());
        $most = min(TasteAgreement::MOST_SAMPLES, max(2, count($plants), count($fruits)));

        return new TastingsDocument(
            $planting->id,
            $this->tags->planting($planting),
            $plants,
            $fruits,
            array_map(TastingWords::wants(...), range(2, $most)),
            CautionWords::at($course->facts->crop->cautions, 'tasting_set'),
            array_map(static fn (Tasting $tasting): TastingDocument => self::tasting($course, $tasting, $when), array_reverse(array_values($course->tasting->tastings))),
        );
    }

    private static function tasting(PlantingCourse $course, Tasting $tasting, When $when): TastingDocument
    {
        $isBlind = $tasting->unblindedAt === null;
        $under = $tasting->under();
        $means = $isBlind ? [] : $tasting->means();
        $plates = array_map(static fn (int $plate): PlateDocument => new PlateDocument($plate, $isBlind ? null : $under[$plate], isset($means[$under[$plate]]) ? round($means[$under[$plate]], 2) : null), $tasting->table());
        if (! $isBlind) {
            usort($plates, static fn (PlateDocument $a, PlateDocument $b): int => $b->mean <=> $a->mean);
        }

        return new TastingDocument(
            $tasting->set->tasting,
            sprintf('Set out %s: %s, %s', $when->day($tasting->setAt), Quantity::number(count($plates), 'plate').' of '.$tasting->set->of->label(), $tasting->set->how->label()),
            $tasting->set->how->value,
            $tasting->set->of->value,
            $isBlind,
            $plates,
            $tasting->tasters(),
            self::said($tasting, $isBlind),
            self::plants($course, $tasting, $means),
        );
    }

    /** @return list<string> */
    private static function said(Tasting $tasting, bool $isBlind): array
    {
        $agreement = $isBlind ? null : $tasting->agreement();
        if ($agreement === null) {
            return [$isBlind ? TastingWords::wants(count($tasting->set->samples)) : 'One taster alone shows nothing: the marks stand, and nobody knows what another would say.'];
        }
        $ranks = array_combine($tasting->set->samples, $agreement->ranks);
        arsort($ranks);

        return [
            TastingWords::verdict($agreement->p, $agreement->leastP, sprintf('%s %s', $tasting->set->of->value, implode(', ', array_keys($ranks)))),
            TastingWords::chance($agreement->p, $agreement->isExact, $agreement->w),
            TastingWords::DIFFER,
        ];
    }

    /**
     * Of fruit a plant has the mean of its own.
     *
     * @param  array<int, float>  $means
     * @return list<PlantTastedDocument>
     */
    private static function plants(PlantingCourse $course, Tasting $tasting, array $means): array
    {
        $by = [];
        foreach ($means as $sample => $mean) {
            $plant = $tasting->set->of === TastedOf::Plant ? $sample : (int) ($course->shelf->fruits[$sample]->shelved->plant ?? 0);
            if ($plant > 0) {
                $by[$plant][] = $mean;
            }
        }
        ksort($by);

        return array_map(static fn (int $plant, array $of): PlantTastedDocument => new PlantTastedDocument($plant, round(array_sum($of) / count($of), 2)), array_keys($by), $by);
    }
}

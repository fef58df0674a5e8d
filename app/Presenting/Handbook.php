<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\CropNameDocument;
use App\Documents\FactDocument;
use App\Documents\HandbookDocument;
use App\Documents\KinDocument;
use App\Documents\RelationDocument;
use App\Documents\SeedLookDocument;
use App\Documents\YearSpanDocument;
use App\Handbook\NamesAbroad;
use App\Presenting\CropPage\PageSections;
use App\Reckoners\Pictures\Axis;
use App\Reckoners\Pictures\Mark;
use App\Reckoners\Pictures\Picture;
use App\Voice\InUnits;
use App\Voice\Quantity;
use App\Words\GardenYearWords;
use App\Words\HandbookWords;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Botany\CrossingPartner;
use Marrow\Core\Botany\Source;
use Marrow\Core\Botany\Sureness;
use Marrow\Core\Isolation\Compatibility;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Settings\SettingList;
use Marrow\Core\Work\Later;

/** A page of the handbook about one crop. */
final readonly class Handbook
{
    /** °C */
    private const ROOM = 20.0;

    public function __construct(private CropReference $crops, private PageSections $sections, private Practice $practice, private SettingsSaid $settings) {}

    public function page(Crop $crop): HandbookDocument
    {
        return new HandbookDocument(
            CropNameDocument::of($crop->title(), NamesAbroad::all()[$crop->key] ?? [], HandbookWords::breeding($crop->title())),
            $this->sections->of($crop),
            $this->kin($crop),
            self::relations($crop),
            $this->year($crop),
            $this->here($crop),
            array_map(self::source(...), array_keys($crop->sources), array_values($crop->sources)),
            SeedLookDocument::of($crop->title()),
            $this->balance($crop),
            $this->settings->of(SettingList::ofCrop($crop)),
        );
    }

    /** @return list<KinDocument> */
    private function kin(Crop $crop): array
    {
        $kin = [];
        foreach ($this->crops->all() as $other) {
            $strength = $other->key === $crop->key || $crop->adjacentShare === 0.0 ? 0.0 : Compatibility::between($crop, $other);
            if ($strength > 0.0) {
                $kin[] = new KinDocument($other->key, $other->name, $other->latin, $strength === 1.0 ? 'freely' : 'now and then');
            }
        }

        return $kin;
    }

    /** @return list<RelationDocument> */
    private static function relations(Crop $crop): array
    {
        return [
            ...array_map(static fn (CrossingPartner $partner): RelationDocument => new RelationDocument($partner->latin, HandbookWords::how($partner), $partner->note), $crop->partners),
            ...array_map(static fn (string $latin, string $note): RelationDocument => new RelationDocument($latin, 'not in a garden', $note), array_keys($crop->strangers), array_values($crop->strangers)),
        ];
    }

    /** The page is the same everywhere; the plan, the plot and this month go by the garden. */
    private function here(Crop $crop): ?string
    {
        $words = new GardenYearWords($crop, $this->practice->year);

        return implode(' ', array_filter([$words->goesBy(), $words->chill(), $words->light()])) ?: null;
    }

    /** @return list<YearSpanDocument> */
    private function year(Crop $crop): array
    {
        $turn = $this->practice->year->shiftOf($crop->growing)->turn;
        $kept = $crop->vegetative;
        if ($crop->isKeptAlive() && $kept?->lift !== null) {
            $on = $turn->monthsOn($kept->plant[0] - 1.0);
            $round = static fn (int $from, int $to): float => $to < $from ? $to + 12.0 : (float) $to;
            $planted = $round(...$kept->plant);
            $lift = $kept->lift[0] <= $planted ? 12.0 : 0.0;

            return [
                new YearSpanDocument('sow', 0, $kept->plant[0] - 1.0 + $on, $planted + $on, 'plant'),
                new YearSpanDocument('ripe', 0, $kept->lift[0] - 1.0 + $lift + $on, $round(...$kept->lift) + $lift + $on, 'lift'),
            ];
        }
        $spans = [];
        foreach ($crop->growing->sowings as $i => $sowing) {
            [$middle, $half] = [($sowing->from + $sowing->to - 1) / 2, $crop->growing->bloomDays() / Later::DAYS_A_MONTH];
            [$bloomFrom, $bloomTo] = $sowing->daysMin === null || $sowing->daysMax === null
                ? [$sowing->bloomFrom - 1 + 12 * $sowing->years, $sowing->bloomTo - 1 + 12 * $sowing->years]
                : [$middle + $sowing->daysMin / Later::DAYS_A_MONTH, $middle + $sowing->daysMax / Later::DAYS_A_MONTH + $half];
            $on = $turn->monthsOn($sowing->from - 1.0);
            $ripeFrom = $bloomFrom + $crop->growing->bloomToRipeMin / Later::DAYS_A_MONTH;
            $ripeTo = $bloomTo + $crop->growing->bloomToRipeMin / Later::DAYS_A_MONTH;
            array_push(
                $spans,
                new YearSpanDocument('sow', $i, $sowing->from - 1.0 + $on, $sowing->to + $on, 'sow'),
                new YearSpanDocument('bloom', $i, $bloomFrom + $on, max($bloomFrom + 0.5, $bloomTo) + $on, 'bloom'),
                new YearSpanDocument('ripe', $i, $ripeFrom + $on, max($ripeFrom + 0.5, $ripeTo) + $on, 'ripe seed'),
            );
        }

        return $spans;
    }

    private static function source(string $figure, Source $source): FactDocument
    {
        return new FactDocument(str_replace(['_', '.'], [' ', ': '], $figure), InUnits::sentence($source->from).match ($source->sure) {
            Sureness::Sure => '; sure',
            Sureness::Usual => '; usual',
            Sureness::Rough => '; rough',
        });
    }

    /** What moisture its seed settles to in a room, with the mark below which a jar may be closed. */
    private function balance(Crop $crop): ?Picture
    {
        if ($crop->jarMoisture === null) {
            return null;
        }

        return new Picture(
            sprintf('Moisture that its seed settles to at %s, by the humidity of the air: at %s it may be closed in.', Quantity::temperature(self::ROOM), Quantity::moisture($crop->jarMoisture)),
            new Axis('humidity of the air', '%', 0, 1),
            new Axis('moisture of the seed, %', '', 0, 20),
            Picture::sample(0.05, 0.9, static fn (float $rh): float => min(20.0, $crop->balance->moisture($rh, self::ROOM))),
            dots: [[$crop->balance->seedRh($crop->jarMoisture, self::ROOM), $crop->jarMoisture]],
            marks: [new Mark('y', $crop->jarMoisture, 'dry enough for a jar')],
        );
    }
}

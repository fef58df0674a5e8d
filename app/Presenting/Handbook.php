<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\CropNameDocument;
use App\Documents\FactDocument;
use App\Documents\HandbookDocument;
use App\Documents\HandbookSectionDocument;
use App\Documents\KinDocument;
use App\Documents\RelationDocument;
use App\Documents\YearSpanDocument;
use App\Voice\Quantity;
use App\Words\CautionWords;
use App\Words\HandbookWords;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Botany\CrossingPartner;
use Marrow\Core\Isolation\Compatibility;

/** A page of the handbook about one crop. */
final readonly class Handbook
{
    private const DAYS_A_MONTH = 30.4375;

    public function __construct(private CropReference $crops) {}

    public function page(Crop $crop): HandbookDocument
    {
        return new HandbookDocument(
            CropNameDocument::of($crop, HandbookWords::breeding($crop)),
            $this->sections($crop),
            $this->kin($crop),
            self::relations($crop),
            $this->year($crop),
            array_map(static fn (string $figure, string $source): FactDocument => new FactDocument(str_replace(['_', '.'], [' ', ': '], $figure), $source), array_keys($crop->sources), array_values($crop->sources)),
        );
    }

    /** @return list<HandbookSectionDocument> */
    private function sections(Crop $crop): array
    {
        $words = new HandbookWords($crop);
        $cautions = array_map(CautionWords::text(...), $crop->cautions);
        $distance = static fn (float $metres): string => $metres === 0.0 ? 'none' : HandbookWords::metres($metres);
        $test = $crop->test;

        return [
            new HandbookSectionDocument('seed', 'How it makes seed', $words->makingSeed()),
            new HandbookSectionDocument('crossing', 'What crosses with it', $words->crossing(), [
                new FactDocument('Apart, for a home gardener', $distance($crop->distances->home)),
                new FactDocument('for seed that is passed on', $distance($crop->distances->careful)),
                new FactDocument('for a seed grower', $distance($crop->distances->grower)),
            ]),
            new HandbookSectionDocument('ripe', 'What ripe looks like', $words->ripe()),
            new HandbookSectionDocument('clean', 'Getting it clean', $words->clean(), [], $cautions),
            new HandbookSectionDocument('dry', $crop->bearsDrying() ? 'Dry enough' : 'Never dry', $words->dry()),
            new HandbookSectionDocument('testing', 'Testing', $words->testing(), [
                new FactDocument('Temperature', $test->temperatureLow === $test->temperatureHigh
                    ? Quantity::temperature($test->temperatureHigh)
                    : Quantity::temperature($test->temperatureLow).' at night, '.Quantity::temperature($test->temperatureHigh).' by day'),
                new FactDocument('Least worth passing on', Quantity::percent($test->minimum)),
            ]),
            new HandbookSectionDocument('keeping', 'Keeping', $words->keeping(), [
                new FactDocument("1\u{00A0}000 seeds weigh", self::range($crop->tsmLow, $crop->tsmHigh)."\u{00A0}g"),
                new FactDocument('A plant gives', self::range($crop->perPlantLow, $crop->perPlantHigh).' seeds'),
                new FactDocument('Oil', Quantity::percent($crop->oil).' of dry mass'),
            ]),
            new HandbookSectionDocument('wrong', 'What can go wrong', $crop->goesWrong),
        ];
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
            ...array_map(static fn (CrossingPartner $partner): RelationDocument => new RelationDocument($partner->latin, $partner->freely ? 'freely' : 'now and then', $partner->note), $crop->partners),
            ...array_map(static fn (string $latin, string $note): RelationDocument => new RelationDocument($latin, 'never', $note), array_keys($crop->strangers), array_values($crop->strangers)),
        ];
    }

    /** @return list<YearSpanDocument> */
    private function year(Crop $crop): array
    {
        $spans = [];
        foreach ($crop->growing->sowings as $i => $sowing) {
            [$middle, $half] = [($sowing->from + $sowing->to - 1) / 2, $crop->growing->bloomDays() / self::DAYS_A_MONTH];
            [$bloomFrom, $bloomTo] = $sowing->daysMin === null || $sowing->daysMax === null
                ? [$sowing->bloomFrom - 1 + 12 * $sowing->years, $sowing->bloomTo - 1 + 12 * $sowing->years]
                : [$middle + $sowing->daysMin / self::DAYS_A_MONTH, $middle + $sowing->daysMax / self::DAYS_A_MONTH + $half];
            $ripeFrom = $bloomFrom + $crop->growing->bloomToRipeMin / self::DAYS_A_MONTH;
            $ripeTo = $bloomTo + $crop->growing->bloomToRipeMin / self::DAYS_A_MONTH;
            array_push(
                $spans,
                new YearSpanDocument('sow', $i, $sowing->from - 1.0, (float) $sowing->to, 'sow'),
                new YearSpanDocument('bloom', $i, $bloomFrom, max($bloomFrom + 0.5, $bloomTo), 'bloom'),
                new YearSpanDocument('ripe', $i, $ripeFrom, max($ripeFrom + 0.5, $ripeTo), 'ripe seed'),
            );
        }

        return $spans;
    }

    private static function range(float|int $low, float|int $high): string
    {
        $show = static fn (float|int $n): string => $n >= 1000
            ? number_format($n, 0, '.', "\u{00A0}")
            : rtrim(rtrim(number_format($n, 2, '.', ''), '0'), '.');

        return $low === $high ? $show($low) : $show($low).' to '.$show($high);
    }
}

<?php

declare(strict_types=1);

namespace App\Steps\Origin;

use App\Documents\FactDocument;
use App\Sheet\SheetSection;
use App\Voice\Quantity;
use App\Voice\Speaking;
use App\Voice\When;
use App\Words\CautionWords;
use App\Words\StockWords;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Steps\Origin\Received;

final class OriginSection implements SheetSection
{
    /** Share of strange pollen from which fruit of unknown surroundings is taken to be crossed. */
    private const CROSSES = 0.3;

    public function of(LotCourse $lot, When $when): array
    {
        if ($lot->origin->mixed !== null && $lot->origin->receivedAt !== null) {
            return [new OriginDocument('Where it came from', [
                new FactDocument('Poured together', Speaking::forms()->day($lot->origin->receivedAt).', from two lots: the journal names them'),
            ], null)];
        }
        $apart = $lot->origin->apart;
        if ($apart !== null && $lot->origin->receivedAt !== null) {
            $year = $lot->origin->year();

            return [new OriginDocument('Where it came from', [
                new FactDocument('Set apart', ucfirst($apart->part->label()).', '.Speaking::forms()->day($lot->origin->receivedAt)),
                ...($apart->massG === null ? [] : [new FactDocument('It weighed', Quantity::grams($apart->massG))]),
                new FactDocument('Ripened in', $year === null ? 'nobody knows' : (string) $year),
            ], null)];
        }
        $received = $lot->origin->received;
        $at = $lot->origin->receivedAt;
        if ($received === null || $at === null) {
            return [];
        }
        $told = static fn (string $label, ?string $said): array => $said === null || $said === '' ? [] : [new FactDocument($label, $said)];

        return [new OriginDocument('Where it came from', [
            new FactDocument('Came', Kind::declared(Received::class)->fields->field('how')->options[$received->how].($received->uncleaned ? ', in its fruit, pods or heads, ' : ', ').Speaking::forms()->day($at)),
            new FactDocument('From', $received->how === 'own' && $received->from === '' ? 'your own garden' : ($received->from === '' ? 'nobody knows' : $received->from)),
            ...$told('Its parents', self::parents($received, $lot->facts->crop)),
            ...$told('Weighed, as it came', $received->uncleaned && $received->massG !== null ? Quantity::grams($received->massG) : null),
            ...$told('Number on their packet', $received->packet),
            new FactDocument('Ripened in', self::ripened($received)),
            ...$told('Germinates, as it was told', self::claim($received)),
            ...$told('Terms', $received->terms),
            // In store, the store says how much there is.
            ...$told('Holds', $lot->storing->now === null ? StockWords::of($lot) : null),
        ], $received->treated ? CautionWords::TREATED_TAG : ($received->how === 'wild' ? 'Before more is gathered: whose ground is it, and is the plant protected there? Local rules come first, and a stand bears the loss of a tenth of its seed at the most.' : null))];
    }

    /** What seed out of fruit or heads from elsewhere may turn out to be: of its parents nobody told anything. */
    private static function parents(Received $received, Crop $crop): ?string
    {
        if (! $received->uncleaned || $received->how === 'own') {
            return null;
        }

        return 'not known: '.match (true) {
            $received->how === 'wild' => 'as wild as it stood there',
            $crop->outcrossingHigh >= self::CROSSES => ($received->how === 'bought' ? 'a hybrid as likely as not, and ' : '').'surely crossed where others of its kind bloomed',
            $received->how === 'bought' => 'a hybrid as likely as not; if it is none, mostly true',
            default => 'mostly true, if it was no hybrid',
        };
    }

    private static function ripened(Received $received): string
    {
        return match (true) {
            $received->year !== null => $received->year.($received->packedFor === null ? '' : ", packed for $received->packedFor"),
            $received->packedFor !== null => "not told; packed for $received->packedFor",
            default => 'nobody knows',
        };
    }

    private static function claim(Received $received): ?string
    {
        return $received->claimed === null ? null : Quantity::percent($received->claimed)
            .($received->claimedOf === null ? '' : " of $received->claimedOf seeds")
            .($received->claimedOn === null ? '; nobody knows when, so it is reckoned with nowhere' : ', tested '.Speaking::forms()->day(new \DateTimeImmutable($received->claimedOn)));
    }
}

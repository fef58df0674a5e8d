<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\FactDocument;
use App\Documents\FieldDocument;
use App\Documents\OfferDocument;
use App\Documents\PortionDocument;
use App\Documents\PortioningDocument;
use App\Garden\Settings;
use App\Models\Lot;
use App\Reading\Facts;
use App\Reading\JournalReader;
use App\Voice\Quantity;
use App\Voice\Speaking;
use App\Voice\When;
use App\Words\AdviceWords;
use App\Words\ForecastWords;
use Closure;
use LogicException;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Drying\Desiccant;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldList;
use Marrow\Core\Fields\Values;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Lot\Counsel;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Lot\Portion;
use Marrow\Core\Lot\Portioning;
use Marrow\Core\Lot\PortionWish;
use Marrow\Core\Steps\Packets\Portioned;
use Marrow\Core\Work\Offer;

/** How a lot would be parted into packets, in figures and words. */
final readonly class PortioningSheet
{
    /** Share of RH in a packet that is dry enough. */
    private const JAR_RH = 0.35;

    public function __construct(private Facts $facts, private JournalReader $journal, private Tags $tags, private Settings $settings) {}

    /** @param  Closure(FieldList): Values  $read  reads what was typed into what is asked */
    public function of(Lot $lot, Closure $read, When $when): PortioningDocument
    {
        // Folded as it is, and once more as it would be with such packets.
        return $this->facts->around($lot, fn (): PortioningDocument => $this->sheet($lot, $read, $when));
    }

    /** @param  Closure(FieldList): Values  $read */
    private function sheet(Lot $lot, Closure $read, When $when): PortioningDocument
    {
        $course = $this->facts->lot($lot);
        $fields = PortionWish::fields($this->facts->practice, $this->facts->practice->year->shift->turn->season($when->now), $course);
        $wish = PortionWish::of($read($fields));
        $unit = $course->facts->crop->counts()->value;
        $there = $course->packets->unpacked();
        $forecast = Portioning::forecast($course->facts, $this->journal->of(Subject::Lot, $lot->id), $this->facts->practice, $wish, $when->now) ?? $course->forecast();
        $portioning = Portioning::of($course, $wish, $forecast);
        $advice = $course->advice($when->now);
        $asksShare = $forecast === null;

        return new PortioningDocument(
            $this->tags->lot($lot),
            $lot->id,
            array_map(static fn (Field $field): FieldDocument => FieldDocument::of($field), self::asked($fields, $asksShare)),
            $portioning === null || $portioning->portions === [] ? null : self::make($course, $portioning),
            $there === null ? 'Nobody has counted it yet' : Quantity::seedsOf($there, $course->stock->stock->isCounted(), $unit).($course->packets->all() === [] ? '' : ' outside its packets'),
            $there !== null,
            self::said($course, $portioning, $unit, $when),
            $portioning === null ? '' : self::until($portioning, $unit),
            array_map(static fn (Portion $portion): PortionDocument => new PortionDocument(
                $portion->year,
                $portion->seeds,
                $wish->plants,
                sprintf('%s for %s', Quantity::seeds($portion->seeds, $unit), Quantity::number($wish->plants, 'plant')),
                $portion->low === null ? Quantity::percent($portion->share).' taken' : Quantity::percent($portion->share).' alive, '.Quantity::likely($forecast?->limitsAt($portion->sowing) ?? throw new LogicException),
            ), $portioning->portions ?? []),
            $portioning === null ? [] : [...$this->facts($portioning, $unit, $course->facts->crop), ...($course->testing->lastEnded()?->set->sorted === true ? [new FactDocument('Fill them with', 'full seed alone: the empty was sorted out before its test, too')] : [])],
            $asksShare
                ? 'No forecast is made of it, so the share is what you think, the same for every year.'
                : 'Each holds enough over all that the forecast leaves open of how much lives by then, kept in such a packet there, and as sure as you ask for the luck of the seeds themselves.',
            $asksShare,
            $advice?->counsel === Counsel::NotForSeed || $advice?->counsel === Counsel::DryFirst ? (new AdviceWords($course))->sentence($advice) : null,
        );
    }

    /** @return list<Field> where nothing forecasts the share that comes up, that is asked first; else not at all */
    private static function asked(FieldList $fields, bool $asksShare): array
    {
        $rest = array_values(array_filter($fields->fields, static fn (Field $field): bool => $field->key !== 'share'));

        return $asksShare ? [$fields->field('share'), ...$rest] : $rest;
    }

    private static function make(LotCourse $course, Portioning $portioning): OfferDocument
    {
        $wish = $portioning->wish;

        return OfferDocument::of(
            Offer::of(Portioned::class, 1)
                ->given('plants', $wish->plants)->given('reserve', $wish->reserve)->given('sachets', $wish->sachets)
                ->given('confidence', $wish->confidence)->given('field', $wish->field)
                ->given('container', $wish->container->value)->given('place_id', $wish->place)
                ->calledHere('Make the packets'),
            $course->cautions(),
        );
    }

    private static function said(LotCourse $course, ?Portioning $portioning, string $unit, When $when): string
    {
        if ($portioning !== null) {
            $portions = $portioning->portions;
            $last = $portions[count($portions) - 1] ?? null;

            return $last === null
                ? 'Not one packet can be made of it.'
                : sprintf('%s, %s: %s.', Quantity::number(count($portions), 'packet'), implode(' to ', array_unique([self::season($portions[0]->year), self::season($last->year)])), Quantity::seeds(array_sum(array_map(static fn (Portion $portion): int => $portion->seeds, $portions)), $unit));
        }

        return $course->packets->unpacked() === null
            ? 'Count the seeds, or weigh them and a counted sample: nobody can part what nobody has counted.'
            : trim(((new ForecastWords($course, $when))->noForecast() ?? 'No forecast can be made of it.').' Say what share you think comes up.');
    }

    private static function season(int $year): string
    {
        return Speaking::forms()->turn->called($year);
    }

    private static function until(Portioning $portioning, string $unit): string
    {
        return match (true) {
            $portioning->failing === null => '',
            $portioning->there <= $portioning->wish->reserve + $portioning->wish->tests => 'All that is there is kept in reserve or for tests: keep less, or there is nothing to part.',
            $portioning->isTooOld => 'By '.self::season($portioning->failing).' too little of it may live for a packet to be relied on: grow it out before then.',
            default => sprintf('For %s there is too little: %s would be wanted, %s %s left.', self::season($portioning->failing), Quantity::seeds((float) $portioning->wanting, $unit), Quantity::seeds($portioning->left, $unit), $portioning->left === 1 ? 'is' : 'are'),
        };
    }

    /** @return list<FactDocument> */
    private function facts(Portioning $portioning, string $unit, Crop $crop): array
    {
        $price = fn (string $key): ?float => is_numeric($value = $this->settings->value($key)) ? (float) $value : null;
        $cost = $portioning->cost($price('packet_price'), $price('sachet_price'), $price('label_price'));
        $wish = $portioning->wish;

        return array_values(array_filter([
            new FactDocument('Left over', Quantity::seeds($portioning->left, $unit)),
            $wish->reserve === 0 ? null : new FactDocument('In reserve', Quantity::seeds($wish->reserve, $unit)),
            $wish->tests === 0 ? null : new FactDocument('For tests', Quantity::seeds($wish->tests, $unit)),
            new FactDocument('To have ready', implode(', ', array_filter([
                Quantity::number(count($portioning->portions), 'packet'),
                $portioning->sachets() === 0 ? '' : Quantity::number($portioning->sachets(), 'sachet'),
                $portioning->labels() === 0 ? '' : Quantity::number($portioning->labels(), 'label'),
            ]))),
            $portioning->sachets() === 0 ? null : self::sachet($portioning, $crop),
            $cost === null ? null : new FactDocument('Costs', trim(number_format($cost, 2).' '.$this->settings->text('money'))),
        ]));
    }

    /** How large a sachet must be to do anything for the seed of a packet. */
    private static function sachet(Portioning $portioning, Crop $crop): ?FactDocument
    {
        if ($crop->jarMoisture === null || $portioning->portions === []) {
            return null;
        }
        $fullest = max(array_map(static fn (Portion $portion): int => $portion->seeds, $portioning->portions)) * $crop->ordinaryTsm() / 1000.0;
        $gel = Desiccant::of(max(0.001, $fullest), $crop->jarMoisture + 1.0, $crop->jarMoisture, self::JAR_RH)->desiccant / $portioning->wish->sachets;

        return new FactDocument('A sachet in each', sprintf('for the fullest (%s): %s of dry gel takes it a point drier', Quantity::grams($fullest), Quantity::grams((float) sprintf('%.2g', $gel))));
    }
}

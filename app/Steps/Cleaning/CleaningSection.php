<?php

declare(strict_types=1);

namespace App\Steps\Cleaning;

use App\Documents\FactDocument;
use App\Moment;
use App\Sheet\SheetSection;
use App\Voice\Quantity;
use App\Voice\When;
use App\Words\HandbookWords;
use DateTimeImmutable;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Steps\Cleaning\CleaningStrand;
use Marrow\Core\Work\Later;
use Marrow\Core\Work\Place;

final class CleaningSection implements SheetSection
{
    /** Samples that vary by more than this want weighing again (ISTA, 8 × 100 method), per cent. */
    private const MOST_VARIATION = 4.0;

    public function of(LotCourse $lot, When $when): array
    {
        if (! $lot->origin->hasBegun()) {
            return [];
        }
        $here = $lot->place() === Place::Bench;
        $crop = $lot->facts->crop;
        $facts = self::facts($lot, $when);
        if ($facts === [] && $lot->cleaning->isClean()) {
            return [];
        }

        return [new CleaningDocument(
            $here ? 'Cleaning' : 'Harvest and cleaning',
            $here && ! $lot->cleaning->isClean() && ! $lot->isUsedUp() ? implode(' ', [$crop->cleaning->note, ...(new HandbookWords($crop))->screening()]) : null,
            // Of what was lost in it there is nothing to wait for.
            $lot->isUsedUp() && $lot->cleaning->pouredOffAt === null ? null : self::ferment($lot->cleaning, $when),
            $facts,
        )];
    }

    /** @return list<FactDocument> */
    private static function facts(LotCourse $lot, When $when): array
    {
        $origin = $lot->origin;
        $facts = [];
        $first = $origin->firstAt();
        $last = $origin->lastAt();
        if ($first !== null && $last !== null) {
            $facts[] = new FactDocument('Picked', $first->format('Y-m-d') === $last->format('Y-m-d') ? $when->date($first) : $when->date($first).' to '.$when->date($last));
            $facts[] = new FactDocument('From', Quantity::number($origin->plants(), 'plant'));
        }
        if ($origin->fruits() > 0) {
            $facts[] = new FactDocument('Fruits, pods or heads', number_format($origin->fruits(), 0, '.', "\u{00A0}"));
        }
        $weighed = $origin->weighed();
        if ($weighed !== null) {
            $facts[] = new FactDocument('Weighed', Quantity::grams($weighed).($origin->mass() === null ? ', of the passes that were' : ''));
        }
        $stock = $lot->stock->stock;
        if ($stock->tsmIsOfThisLot()) {
            $facts[] = new FactDocument("1\u{00A0}000 seeds weigh", Quantity::grams($stock->tsm()));
        }
        // One sample says nothing of how much they differ.
        if ($stock->sample?->cv !== null) {
            $facts[] = new FactDocument('Samples vary by', Quantity::moisture($stock->sample->cv).($stock->sample->cv > self::MOST_VARIATION ? ', more than 4 %: weigh again' : ''));
        }

        return $facts;
    }

    private static function ferment(CleaningStrand $cleaning, When $when): ?FermentDocument
    {
        $window = $cleaning->fermentWindow();
        $from = $cleaning->fermentedFrom;
        if ($window === null || $cleaning->ferment === null || $from === null) {
            return null;
        }
        $at = static fn (float $hours): string => Moment::say(Later::hours($from, $hours));

        return new FermentDocument(
            Moment::say($from),
            $cleaning->ferment->temperatureC,
            $at($window->earliestHours),
            $at($window->typicalHours),
            $at($window->latestHours),
            $cleaning->pouredOffAt === null ? null : Moment::say($cleaning->pouredOffAt),
            self::fermented($cleaning, $cleaning->pouredOffAt ?? $from, $when),
        );
    }

    private static function fermented(CleaningStrand $cleaning, DateTimeImmutable $at, When $when): string
    {
        $window = $cleaning->fermentWindow();
        $temperature = Quantity::temperature((float) $cleaning->ferment?->temperatureC);
        $hours = $cleaning->fermentedHours();

        return match (true) {
            $window === null => '',
            $hours === null => sprintf('At %s the gel lets go after about %s, and by %s seed may sprout. A rule of thumb: the jar has the last word.', $temperature, Quantity::hours($window->typicalHours), Quantity::hours($window->latestHours)),
            $cleaning->sproutedSeen || $hours > $window->latestHours => sprintf(
                'Poured off after %s; at %s the limit is about %s. %s',
                Quantity::hours($hours),
                $temperature,
                Quantity::hours($window->latestHours),
                $cleaning->sproutedSeen ? 'Sprouted seed was seen: expect a poorer test, and test early.' : 'Look for sprouted seed, and test early.',
            ),
            $hours < $window->earliestHours => sprintf('Poured off after %s, sooner than the %s in which the gel usually lets go: rinse well.', Quantity::hours($hours), Quantity::hours($window->typicalHours)),
            default => sprintf('Poured off after %s, %s, within its window.', Quantity::hours($hours), $when->day($at)),
        };
    }
}

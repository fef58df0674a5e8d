<?php

declare(strict_types=1);

namespace App\Steps\Cleaning;

use App\Documents\FactDocument;
use App\Moment;
use App\Presenting\MixUpWords;
use App\Reading\OnTheBench;
use App\Sheet\SheetSection;
use App\Voice\InUnits;
use App\Voice\Quantity;
use App\Voice\When;
use App\Words\HandbookWords;
use Marrow\Core\Cleaning\Sieve;
use Marrow\Core\Cleaning\SieveShape;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Steps\Cleaning\CleaningStrand;
use Marrow\Core\Steps\Cleaning\Ferment;
use Marrow\Core\Steps\Cleaning\Floaters;
use Marrow\Core\Steps\Cleaning\InWater;
use Marrow\Core\Work\Later;
use Marrow\Core\Work\Place;

final readonly class CleaningSection implements SheetSection
{
    /** Of what it could be mixed up with so many are drawn. */
    private const DRAWN = 4;

    /** Samples that vary by more than this want weighing again (ISTA, 8 × 100 method), per cent. */
    private const MOST_VARIATION = 4.0;

    public function __construct(private OnTheBench $bench) {}

    public function of(LotCourse $lot, When $when): array
    {
        if (! $lot->origin->hasBegun()) {
            return [];
        }
        $here = $lot->place() === Place::Bench;
        $crop = $lot->facts->crop;
        $isDone = $lot->cleaning->isClean() || $lot->isUsedUp();
        $facts = self::facts($lot, $when);
        if ($facts === [] && $lot->cleaning->isClean()) {
            return [];
        }

        $alike = $isDone || ! $here ? [] : $this->bench->alike($crop, $lot->facts->code);

        return [new CleaningDocument(
            $here ? 'Cleaning' : 'Harvest and cleaning',
            $here && ! $isDone ? implode(' ', [$crop->cleaning->note, ...(new HandbookWords($crop))->screening(), ...self::ownScreens($lot)]) : null,
            // Of what was lost in it there is nothing to wait for.
            $lot->isUsedUp() && $lot->cleaning->pouredOffAt === null && $lot->cleaning->soak?->outAt === null ? null : self::ferment($lot->cleaning, $when) ?? self::soak($lot->cleaning, $when),
            $facts,
            self::bitter($lot),
            MixUpWords::said($alike, $lot->vessel->isTagged()),
            $alike === [] ? [] : array_values(array_filter([AlikeDocument::drawn($lot->facts->code, 'this lot', $crop->title()), ...array_map(AlikeDocument::of(...), array_slice($alike, 0, self::DRAWN))])),
        )];
    }

    /** @return list<string> which of the keeper's own screens to take, where there are any */
    private static function ownScreens(LotCourse $lot): array
    {
        $screens = $lot->facts->crop->cleaning->screens;
        $own = $lot->practice->screens();
        if ($screens === null || $own === []) {
            return [];
        }
        $look = $lot->facts->crop->look;
        [$through, $holding] = array_map(self::sieve(...), $screens->among($own, $look?->thickness === null ? 1.0 : array_sum($look->thickness) / array_sum($look->width)));

        return [$lot->facts->crop->isWetCleaned() ? "Of your screens the $holding." : ($through === $holding ? "Of your screens only the $through comes near." : "Of your screens first the $through, then the $holding.")];
    }

    private static function sieve(Sieve $sieve): string
    {
        return match (true) {
            $sieve->called !== '' => $sieve->called,
            $sieve->shape === SieveShape::Slot => 'slots of '.InUnits::hole($sieve->width),
            $sieve->shape === SieveShape::Woven => 'mesh of '.InUnits::hole($sieve->width),
            default => 'round holes of '.InUnits::hole($sieve->width),
        };
    }

    private static function bitter(LotCourse $lot): ?string
    {
        $bitter = $lot->cleaning->bitter;

        return $bitter === 0 ? null : sprintf('%s tasted bitter and went out: most often that is a cross with a wild or ornamental kind, and poisonous. What the others carry nobody knows: taste a shred of each fruit grown from this seed before anybody eats of it.', Quantity::number($bitter, 'fruit'));
    }

    /** @return list<FactDocument> how good and how much it is */
    private static function came(LotCourse $lot): array
    {
        $cleaning = $lot->cleaning;
        $facts = [];
        $finishing = $lot->origin->finishing;
        if ($finishing !== null) {
            $facts[] = new FactDocument('Finished', ucfirst($finishing->part->label()).', '.$finishing->kept->label().($finishing->where === '' ? '' : ", $finishing->where"));
        }
        if ($cleaning->caught > 0.0) {
            $facts[] = new FactDocument('Fell by itself', Quantity::grams($cleaning->caught));
        }
        if ($cleaning->look !== null) {
            $facts[] = new FactDocument('It came out', $cleaning->look->label());
        }
        if ($cleaning->floated === Floaters::Apart) {
            $facts[] = new FactDocument('What floated', 'kept apart: try it against the rest');
        }
        if ($cleaning->hasGel) {
            $facts[] = new FactDocument('Its gel', 'left on: it comes up later and less evenly than seed that was fermented');
        }
        foreach ($cleaning->parts as $part) {
            $facts[] = new FactDocument('Set apart', $part->part->label().($part->massG === null ? '' : ', '.Quantity::grams($part->massG)));
        }
        $share = $cleaning->cleanShare();
        if ($share !== null) {
            $facts[] = new FactDocument('Seed of what was threshed', Quantity::percent($share));
        }
        $clean = $cleaning->isClean() ? $cleaning->massOut : null;
        $usual = $lot->facts->crop->seedOfAPlant();
        if ($clean !== null && $lot->origin->plants() > 0 && $lot->origin->apart === null) {
            $each = $clean / $lot->origin->plants();
            $facts[] = new FactDocument('Seed a plant', Quantity::grams($each).($usual === null ? '' : sprintf(', usual %s to %s where all of it is taken', Quantity::grams($usual[0]), Quantity::grams($usual[1]))));
            if ($usual !== null && $each < $usual[0]) {
                $facts[] = new FactDocument('Less than usual', 'was all of it taken? Else: poor set in heat or in cold nights, picked green, shed, or birds?');
            }
        }
        $bad = $lot->sorting->bad();
        $over = $lot->sorting->last;
        if ($bad !== null && $over !== null) {
            $kinds = array_filter(['flat' => $over->flat, 'holed' => $over->holed, 'broken' => $over->broken, 'stained' => $over->stained]);
            $facts[] = new FactDocument('Bad seed', sprintf('%s (%s to %s) of %d looked at%s%s', Quantity::percent($bad->share), Quantity::percent($bad->low), Quantity::percent($bad->high), $over->looked, $kinds === [] ? '' : ': '.implode(', ', array_map(static fn (string $kind, int $many): string => "$many $kind", array_keys($kinds), $kinds)), $over->out ? '; taken out since' : ''));
            if (($over->holed ?? 0) > 0) {
                $facts[] = new FactDocument('Holed', 'beetles or moths may be in all of it: once it is dry, freeze it shut before it is stored');
            }
        }
        $pure = $lot->sorting->purity();
        if ($pure !== null) {
            $rate = $lot->testing->lastEnded()?->share()?->rate();
            $facts[] = new FactDocument('Pure seed', Quantity::percent($pure->share).' by mass, of one sample'.($lot->sorting->sorted->others === '' ? '' : '; among it '.$lot->sorting->sorted->others).($rate === null ? '' : sprintf('; %s pure and living, by its last test', Quantity::percent($pure->pureLive($rate)))));
        }

        return $facts;
    }

    /** @return list<FactDocument> */
    private static function facts(LotCourse $lot, When $when): array
    {
        $origin = $lot->origin;
        $facts = [];
        $first = $origin->firstAt();
        $last = $origin->lastAt();
        if ($first !== null && $last !== null && $origin->apart === null) {
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
        $stands = $lot->vessel->stands();
        if ($stands !== null || ($lot->vessel->isTagged() === true && $lot->place() === Place::Bench)) {
            $facts[] = new FactDocument('Stands', ($stands === null ? 'on the bench' : 'in '.($lot->facts->holdings()->holder($stands)->name ?? 'a vessel that is gone')).($lot->vessel->isTagged() === true ? ', its tag with it' : ', its tag not seen with it'));
        }
        $stock = $lot->stock->stock;
        if ($stock->tsmIsOfThisLot()) {
            $facts[] = new FactDocument("1\u{00A0}000 seeds weigh", Quantity::grams($stock->tsm()));
        }
        // One sample says nothing of how much they differ.
        if ($stock->sample?->cv !== null) {
            $facts[] = new FactDocument('Samples vary by', Quantity::moisture($stock->sample->cv).($stock->sample->cv > self::MOST_VARIATION ? ', more than 4 %: weigh again' : ''));
        }

        return [...$facts, ...self::came($lot)];
    }

    private static function ferment(CleaningStrand $cleaning, When $when): ?VesselDocument
    {
        $ferment = $cleaning->ferment;
        if ($ferment === null) {
            return null;
        }
        [$window, $from] = [$ferment->window(), $ferment->from];
        $at = static fn (float $hours): string => Moment::say(Later::hours($from, $hours));

        return new VesselDocument(
            Moment::say($from),
            $at($window->earliestHours),
            $at($window->typicalHours),
            $at($window->latestHours),
            $ferment->endedAt === null ? null : Moment::say($ferment->endedAt),
            'poured off',
            self::fermented($ferment, $cleaning->sproutedSeen, $when),
        );
    }

    private static function soak(CleaningStrand $cleaning, When $when): ?VesselDocument
    {
        $soak = $cleaning->soak;

        return $soak === null ? null : new VesselDocument(
            Moment::say($soak->from),
            Moment::say($soak->from),
            null,
            $soak->until() === null ? null : Moment::say($soak->until()),
            $soak->outAt === null ? null : Moment::say($soak->outAt),
            'out of the water',
            self::soaked($soak, $cleaning->sproutedSeen, $when),
        );
    }

    private static function soaked(InWater $soak, bool $sprouted, When $when): string
    {
        $most = $soak->most();
        $hours = $soak->hours();
        $warm = $soak->temperature === null ? 'In water of 20 °C, which is taken as nobody looked,' : 'In water of '.Quantity::temperature($soak->temperature);

        return match (true) {
            $most === null => $hours === null ? 'How long this seed may lie in water is not known: no longer than a night.' : sprintf('It lay in water for %s.', Quantity::hours($hours)),
            $hours === null => sprintf('%s it may lie for %s at the most, then it begins to sprout. A rule of thumb.', $warm, Quantity::hours($most)),
            $sprouted || $soak->wasTooLong() => sprintf('It lay in water for %s; %s is the limit. %s', Quantity::hours($hours), Quantity::hours($most), $sprouted ? 'Sprouted seed was seen: expect a poorer test, and test early.' : 'Look for seed that has split or shows a white point, and test early.'),
            default => sprintf('It lay in water for %s, until %s: no longer than it may.', Quantity::hours($hours), $when->minute($soak->outAt ?? $soak->from)),
        };
    }

    private static function fermented(Ferment $ferment, bool $sprouted, When $when): string
    {
        $window = $ferment->window();
        $temperature = Quantity::temperature($ferment->temperature());
        $moves = $ferment->isMovedByAir() ? ' The air of its place has been written down anew since, and moved this.' : '';
        $hours = $ferment->hours();

        return match (true) {
            $hours === null => sprintf('At %s the gel lets go after about %s, and by %s seed may sprout.%s A rule of thumb: the jar has the last word.', $temperature, Quantity::hours($window->typicalHours), Quantity::hours($window->latestHours), $moves),
            $sprouted || $hours > $window->latestHours => sprintf(
                'Poured off after %s; at %s the limit is about %s. %s',
                Quantity::hours($hours),
                $temperature,
                Quantity::hours($window->latestHours),
                $sprouted ? 'Sprouted seed was seen: expect a poorer test, and test early.' : 'Look for sprouted seed, and test early.',
            ),
            $hours < $window->earliestHours => sprintf('Poured off after %s, sooner than the %s in which the gel usually lets go: rinse well.', Quantity::hours($hours), Quantity::hours($window->typicalHours)),
            default => sprintf('Poured off after %s, %s, within its window.', Quantity::hours($hours), $when->day($ferment->endedAt ?? $ferment->from)),
        };
    }
}

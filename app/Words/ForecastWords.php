<?php

declare(strict_types=1);

namespace App\Words;

use App\Voice\Quantity;
use App\Voice\Speaking;
use App\Voice\When;
use DateTimeImmutable;
use Marrow\Core\Drying\Damp;
use Marrow\Core\Germination\SmallTest;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Statistics\Normal;
use Marrow\Core\Steps\Storing\MoistureGround;
use Marrow\Core\Steps\Storing\StoringStrand;
use Marrow\Core\Steps\Testing\Told;
use Marrow\Core\Steps\Treating\Bath;
use Marrow\Core\Storage\ConstantsBasis;
use Marrow\Core\Storage\Forecast;
use Marrow\Core\Storage\ViabilityConstants;

/** How far a lot is to be counted on, what that rests on, and why nothing can be said. */
final readonly class ForecastWords
{
    public function __construct(private LotCourse $lot, private When $when) {}

    /** What is to be counted on, and what to do past that. */
    public function goodUntil(Forecast $forecast): string
    {
        $threshold = $this->lot->facts->crop->test->minimum;
        $edge = $forecast->reachesEarliest($threshold);
        if ($this->isTestedPoor()) {
            return sprintf('Its last test came out below %s, the least that is worth passing on.', Quantity::percent($threshold));
        }
        if ($edge <= $this->when->now) {
            return sprintf('Test it before you rely on it. %s', $this->fewSeedsTell());
        }
        $condition = $this->lot->testing->lastEnded() === null
            ? sprintf(', if %s of it was alive at the start: it has not been tested', Quantity::percent($this->lot->practice->untestedShare))
            : '';

        return sprintf('%s %s%s.', $this->lot->treating->isWet() ? 'Once it is dry again, count on it' : 'Count on it', self::until($edge, $this->when), $condition);
    }

    /** How far it is to be relied on, in the few words that a list or a tag has room for. Only a test says that it is past. */
    public static function inShort(bool $isPoor, DateTimeImmutable $edge, When $when): string
    {
        return match (true) {
            $isPoor => 'past its time',
            $edge <= $when->now => 'test before use',
            default => self::until($edge, $when),
        };
    }

    /** "until about March 2028": the further off, the less can be said. */
    public static function until(DateTimeImmutable $at, When $when): string
    {
        $about = self::about($at, $when);

        return $about === 'decades from now' ? 'for decades' : "until $about";
    }

    /** "about March 2028", "about 2031". */
    public static function about(DateTimeImmutable $at, When $when): string
    {
        return match (true) {
            $at > $when->now->modify('+30 years') => 'decades from now',
            $at > $when->now->modify('+2 years') => 'about '.$at->format('Y'),
            default => 'about '.When::month($at),
        };
    }

    /** What is more likely than the near edge, and the best that may be. */
    public function goodUntilRange(Forecast $forecast): string
    {
        $threshold = $this->lot->facts->crop->test->minimum;
        $mark = Quantity::percent($threshold);
        $middle = $forecast->reaches($threshold);
        $late = $forecast->reachesLatest($threshold);
        if ($this->isTestedPoor() || self::until($forecast->reachesEarliest($threshold), $this->when) === 'for decades') {
            return '';
        }
        $best = self::until($late, $this->when);
        if ($middle <= $this->when->now) {
            return $late <= $this->when->now
                ? "By the forecast it has fallen below $mark, but only a test tells."
                : "More likely than not it has fallen below $mark by now; one lot in ten stays above it $best.";
        }
        $chance = $forecast->chanceBelow($threshold, $this->when->now);
        $middles = self::until($middle, $this->when);

        return $middles === 'for decades'
            ? "More likely it stays above $mark for decades."
            : sprintf('%s %s above %s %s, at best %s.', $forecast->reachesEarliest($threshold) <= $this->when->now ? sprintf('The chance that it has fallen lower is %s; more likely it', Quantity::percent($chance)) : 'More likely it', 'stays', $mark, $middles, $best);
    }

    /** What is known all the same of seed that came from elsewhere: how long its kind ordinarily lasts, and how old it is. */
    private function ordinarily(): string
    {
        $crop = $this->lot->facts->crop;
        $year = $this->lot->origin->year();

        return sprintf(
            'Ordinarily seed of %s lasts %s in a cupboard%s. ',
            mb_strtolower($crop->name),
            HandbookWords::years($crop->ordinaryYears),
            $year === null ? '' : "; this ripened in $year",
        );
    }

    /** How many seeds would settle it. */
    private function fewSeedsTell(): string
    {
        $seeds = $this->lot->stock->stock->seeds();
        $some = $seeds !== null && $seeds < 100 ? 10 : 20;
        $within = SmallTest::of($some, 0)->halfWidth;

        return sprintf('%s on damp paper tell it to within about %d points.', $some === 10 ? 'Ten seeds' : 'Twenty seeds', (int) round($within * 100));
    }

    public function isTestedPoor(): bool
    {
        return $this->lot->testing->cameOutBelow($this->lot->facts->crop->test->minimum);
    }

    /** @return list<string> what the forecast rests on, the weakest ground included */
    public function forecastGround(Forecast $forecast): array
    {
        $crop = $this->lot->facts->crop;
        $test = $this->lot->testing->lastEnded();
        $share = $test?->share();

        return array_values(array_filter([
            $this->restsOn($forecast),
            $this->storeTells(),
            $share !== null && $test !== null
                ? match ($test->told) {
                    Told::Not => sprintf('Last test: %s of %d seeds came up, %s.', Quantity::percent($share->rate()), $share->sown, Speaking::forms()->day($test->startedAt)),
                    Told::ByKeeper => sprintf('Your own test, recorded when it came in: %s of %d seeds, %s.', Quantity::percent($share->rate()), $share->sown, Speaking::forms()->day($test->startedAt)),
                    Told::ByGiver => sprintf('As it was told: %s, %s. Nobody knows how that was found: it counts as a test of %d seeds. Until it was put away here it is taken to have lain in an ordinary room.', Quantity::percent($share->rate()), Speaking::forms()->day($test->startedAt), $share->sown),
                }
                : sprintf('Start: never tested, so %s is taken for sound fresh seed. A test will replace this guess.', Quantity::percent($this->lot->practice->untestedShare)),
            ...array_map($this->bath(...), $this->lot->treating->baths),
            $this->moistureInStore($this->lot->storing),
            match ($forecast->basis) {
                ConstantsBasis::Published => sprintf('Constants measured for %s (%s); nine lots in ten age at most half as fast again, or two thirds as fast.', mb_strtolower($crop->name), $crop->source('storage.constants')->from ?? 'published'),
                default => sprintf(
                    'Marrow has no published constants for %s: they are solved so that nine lots in ten last its ordinary %s in paper in a cupboard (Ellis & Roberts 1980; Dickie et al. 1990). The farther the store is from that, the less is sure.',
                    mb_strtolower($crop->name),
                    HandbookWords::years($crop->ordinaryYears),
                ),
            },
        ]));
    }

    private function bath(Bath $bath): string
    {
        return sprintf(
            'Bathed at %s for %s, %s: counted as if sound seed of 95%s had fallen to %s by it. The next test replaces this guess.',
            Quantity::temperature($bath->temperature),
            Quantity::number($bath->minutes, 'minute'),
            Speaking::forms()->day($bath->at),
            "\u{00A0}%",
            Quantity::percent(Normal::below(Normal::probit(0.95) - $bath->cost)),
        );
    }

    /** In one sentence: the pace, and how far its own tests have moved it. */
    private function restsOn(Forecast $forecast): string
    {
        $crop = mb_strtolower($this->lot->facts->crop->name);
        $pace = $forecast->basis === ConstantsBasis::Published ? "the constants measured for $crop" : "the years that $crop ordinarily lasts";
        $tests = $forecast->pace->tests;
        if ($tests === 0) {
            return "Rests on $pace; no test of its own yet.";
        }
        $slower = exp($forecast->pace->slower);

        return sprintf('Rests on %s and on %s of its own%s.', $pace, Quantity::number($tests, 'test'), match (true) {
            $slower > 1.25 => sprintf(', by which it ages %s times more slowly than usual', Quantity::decimal($slower)),
            $slower < 1 / 1.25 => sprintf(', by which it ages %s times faster than usual', Quantity::decimal(1 / $slower)),
            default => '',
        });
    }

    /** What the tests of other lots have taught of this keeper's store; null while they tell nothing that differs from the model. */
    private function storeTells(): ?string
    {
        $store = $this->lot->facts->store;
        if ($store === null || abs($store->factor() - 1.0) < 0.05) {
            return null;
        }

        return sprintf(
            'By the tests of %s, seed in this store lasts about %s times as long as the model has it; that is counted in.',
            Quantity::number($store->lots, 'other lot'),
            Quantity::decimal($store->factor()),
        );
    }

    /** Why there is no forecast for a lot that is in store; null when there is one. */
    public function noForecast(): ?string
    {
        $store = $this->lot->storing;
        if ($store->now === null || $this->lot->forecast() !== null) {
            return null;
        }
        if (! $this->lot->facts->crop->bearsDrying()) {
            return 'No forecast. '.($this->lot->facts->crop->isKeptAlive() ? AdviceWords::keptAlive($this->lot->facts->crop) : AdviceWords::keptDamp($this->lot->facts->crop));
        }
        if ($store->isShutInDamp()) {
            $inside = $store->inside();

            return $inside === null ? '' : sprintf('No forecast: at %s the air it is shut in is at about %s RH. %s Open it and dry it first.', Quantity::moisture((float) $store->moisture), Quantity::percent($inside->rh), DampWords::becomes($inside->damp, $inside->isCool));
        }
        if ($this->lot->origin->firstAt() === null && $this->lot->testing->lastEnded() === null) {
            return "No forecast: nobody knows how it was kept before it came here. {$this->ordinarily()}{$this->fewSeedsTell()}";
        }
        if ($store->moisture !== null && $store->moisture > ViabilityConstants::MAX_MOISTURE) {
            return sprintf('At %s moisture there is nothing to forecast: seed this damp does not keep. Spread it and dry it.', Quantity::moisture($store->moisture));
        }

        return sprintf('No forecast: the equation is trusted between %d and %d °C only.', ViabilityConstants::MIN_TEMPERATURE, ViabilityConstants::MAX_TEMPERATURE);
    }

    private function moistureInStore(StoringStrand $store): string
    {
        if ($this->lot->treating->isWet()) {
            return 'Moisture: wet from its bath; the forecast takes it as dried again at once.';
        }
        $moisture = (float) $store->moisture;
        $temperature = (float) $store->now?->at->temperatureC;
        $rh = Quantity::percent($this->lot->facts->crop->balance->seedRh(min(40.0, $moisture), max(-20.0, min(60.0, $temperature))));

        return match ($store->ground) {
            MoistureGround::Measured => sprintf('Moisture: %s as measured, kept by the tight container (its air at about %s RH).%s', Quantity::moisture($moisture), $rh, $this->dryWhenYouCan($store)),
            MoistureGround::Carried => sprintf('Moisture: about %s, as in balance with the air it was kept in before it was closed in. Read the jar to replace this guess.%s', Quantity::moisture($moisture), $this->dryWhenYouCan($store)),
            MoistureGround::PlaceAir => sprintf('Moisture: %s, in balance with the air of the place, since the container breathes.', Quantity::moisture($moisture)),
            MoistureGround::RoomAir => sprintf('Moisture: about %s, as in the air of an ordinary room: nobody has said what the air of this place is, and the container breathes.', Quantity::moisture($moisture)),
            default => sprintf('Moisture: not measured, so %s is taken, as in ordinary room air. Read the jar to replace this guess.', Quantity::moisture($moisture)),
        };
    }

    private function dryWhenYouCan(StoringStrand $store): string
    {
        return $store->inside()?->damp === Damp::Ages ? ' It keeps so, and ages faster than dry seed: dry it when you can.' : '';
    }
}

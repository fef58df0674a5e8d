<?php

declare(strict_types=1);

namespace App\Words;

use App\Voice\Months;
use App\Voice\Quantity;
use App\Voice\Speaking;
use App\Voice\When;
use DateTimeImmutable;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Drying\BalanceGround;
use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Germination\SmallTest;
use Marrow\Core\Germination\Verdict;
use Marrow\Core\Lot\Advice;
use Marrow\Core\Lot\Counsel;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Sowing\SeedsNeeded;
use Marrow\Core\Sowing\SeedsPerCell;
use Marrow\Core\Statistics\Normal;
use Marrow\Core\Steps\Drying\DryingStrand;
use Marrow\Core\Steps\Drying\DryingVerdict;
use Marrow\Core\Steps\Drying\MoistureBasis;
use Marrow\Core\Steps\Storing\MoistureGround;
use Marrow\Core\Steps\Storing\StoringStrand;
use Marrow\Core\Steps\Testing\TestCourse;
use Marrow\Core\Steps\Treating\Bath;
use Marrow\Core\Storage\ConstantsBasis;
use Marrow\Core\Storage\Forecast;
use Marrow\Core\Storage\ViabilityConstants;

/** The judgements on a lot, each with its reason and how sure it is. */
final readonly class LotWords
{
    public function __construct(private LotCourse $lot, private When $when) {}

    public function drying(): string
    {
        $drying = $this->lot->drying;
        $crop = $this->lot->facts->crop;
        $moisture = $drying->moisture();
        $target = $drying->targetMass();

        return match ($drying->verdict()) {
            DryingVerdict::NotSpread => 'Not on the racks yet.',
            DryingVerdict::MustNotDry => 'This kind dies when it dries: take it off the racks, keep it damp and cool, and sow it.',
            DryingVerdict::DryEnough => sprintf(
                'Dry enough for a jar: %s, and %s is the most for %s. %s.',
                Quantity::moisture((float) $moisture),
                Quantity::moisture((float) $crop->jarMoisture),
                mb_strtolower($crop->name),
                $crop->drynessSign,
            ),
            DryingVerdict::Steady => 'Its weight is steady, so it is as dry as this room makes it. How dry that is, only the humidity in a closed jar tells.',
            DryingVerdict::Left => $moisture !== null
                ? sprintf('Off the racks, at %s when last measured; %s is the most for a jar.', Quantity::moisture($moisture), Quantity::moisture((float) $crop->jarMoisture))
                : 'Off the racks; how dry it was nobody measured.',
            DryingVerdict::Drying => match (true) {
                $moisture !== null && $target !== null => sprintf(
                    'Not dry enough for a jar: %s, and %s is the most. It will be there when it weighs %s.',
                    Quantity::moisture($moisture),
                    Quantity::moisture((float) $crop->jarMoisture),
                    Quantity::grams($target),
                ),
                $moisture !== null => sprintf('Not dry enough for a jar: %s, and %s is the most.', Quantity::moisture($moisture), Quantity::moisture((float) $crop->jarMoisture)),
                default => 'Still drying: its weight is falling, or there are too few weighings a day apart to tell. Paper bag and a dry room only, no jar, no freezer.',
            },
        };
    }

    public function moistureGround(DryingStrand $drying): string
    {
        if ($drying->basis === null || $drying->moistureKnownAt === null) {
            return 'No moisture is known yet: give a starting moisture, or read the humidity in a closed jar.';
        }

        return match ($drying->basis) {
            MoistureBasis::StartingMoisture => sprintf('From the starting moisture given %s; the dry matter stays the same.', $this->when->day($drying->moistureKnownAt)),
            MoistureBasis::JarRh => sprintf(
                'From %s in a closed jar, read %s, by the moisture that %s; good to about %s %% either way.',
                round((float) $drying->jarRh * 100).' % RH',
                $this->when->day($drying->moistureKnownAt),
                match ($this->lot->facts->crop->balance->ground) {
                    BalanceGround::Measured => 'was measured of this species (Harrington 1960)',
                    BalanceGround::Genus => 'was measured of others of its genus (Harrington 1960)',
                    BalanceGround::Usual => 'vegetable seed usually has there: of this crop nobody has measured it',
                    BalanceGround::Equation => 'its oil tells (Cromarty, Ellis & Roberts 1982)',
                },
                Quantity::decimal($this->lot->facts->crop->balance->ground->within()),
            ),
        };
    }

    /** "82 %, likely 71 to 90 % of the seed came up." What to make of it is the advice's to say. */
    public function test(TestCourse $test): string
    {
        $share = $test->share();
        $outlook = $test->outlook($this->lot->practice);
        if ($share === null || $outlook === null) {
            return sprintf('Nothing counted yet. The first count is on day %d.', $this->lot->facts->crop->test->firstCount);
        }
        $figure = Quantity::percent($share->rate()).', '.Quantity::likely($share->interval());
        $few = $share->sown < 25 ? sprintf(' Only %d seeds were tested, so this says little.', $share->sown) : '';
        if ($test->endedAt !== null) {
            $slept = $this->lot->testing->mayHaveSlept($test) ? ' It was fresh: what did not come up may have been asleep, and it is not counted against the lot.' : '';

            return "$figure of the seed came up.$few$slept";
        }

        return $outlook->verdictNow === Verdict::Open
            ? sprintf('So far %s up; it can still end anywhere from %s to %s.%s', Quantity::percent($share->rate()), Quantity::percent($outlook->lowest), Quantity::percent($outlook->highest), $few)
            : sprintf('%s: %s, whatever the %s do.%s', $figure, match ($outlook->verdictNow) {
                Verdict::Good => 'good enough to be sown as usual',
                Verdict::Fair => 'good enough if it is sown thicker',
                Verdict::Poor => 'too few to rely on',
            }, Quantity::number($test->undecided(), 'undecided seed'), $few);
    }

    /** What the test means at sowing; null before anything has come up. */
    public function sowing(TestCourse $test): ?string
    {
        $share = $test->share();
        if ($share === null || $test->endedAt === null || $share->germinated === 0) {
            return null;
        }
        try {
            $sow = sprintf(
                'Sow %s to a module to leave at most 1 in %d empty, or %s for %d plants (19 times in 20, indoors).',
                SeedsPerCell::of(max(0.001, $share->rate()), $this->lot->practice->number('max_empty')),
                (int) round(1 / $this->lot->practice->number('max_empty')),
                Quantity::seeds(SeedsNeeded::fromTest((int) $this->lot->practice->number('plants'), $share)),
                (int) $this->lot->practice->number('plants'),
            );

            return $sow.$this->thinning();
        } catch (InvalidFigure $e) {
            return $e->getMessage();
        }
    }

    /** What is sown may be several seeds grown together. */
    private function thinning(): string
    {
        $crop = $this->lot->facts->crop;

        return $crop->germs === null || $crop->germs[1] < 2 ? '' : sprintf(' Each %s gives up to %d seedlings: thin them to one.', $crop->unit->value, $crop->germs[1]);
    }

    public function speed(TestCourse $test): ?string
    {
        $half = $test->speed()?->t50;

        return $half === null ? null : sprintf('Half of those that came up were up by day %s (T50).', number_format($half, 1));
    }

    public function agreement(TestCourse $test): ?string
    {
        $agreement = $test->agreement();

        return match (true) {
            $agreement === null => null,
            $agreement->agree => 'The replicates agree.',
            default => sprintf(
                'The replicates do not agree (chance of such a difference: %s): one was treated differently, or the seed was not well mixed. Test again.',
                $agreement->p < 0.001 ? 'under 1 in 1 000' : '1 in '.round(1 / $agreement->p),
            ),
        };
    }

    /** What the seed is good for, all told: the only place that gives orders about a lot. */
    public function advice(Advice $advice): string
    {
        $share = $advice->test?->share();
        $tested = $share === null || $advice->test === null ? '' : sprintf('%s, %s, in the test of %s', Quantity::percent($share->rate()), Quantity::likely($share->interval()), When::month($advice->test->startedAt));

        return match ($advice->counsel) {
            Counsel::NotForSeed => 'Crossed: it may be grown as a mixture, but not for seed of its variety.',
            Counsel::PlantAlive => self::keptAlive($this->lot->facts->crop),
            Counsel::MaySleep => "It may be asleep, not dead: $tested, while fresh seed of it still sleeps. {$this->woken()} Then test it again.",
            Counsel::SowFresh => self::keptDamp($this->lot->facts->crop),
            Counsel::DryFirst => $this->lot->treating->isWet()
                ? 'Dry it before anything else: it is wet from its bath.'
                : 'Dry it before anything else: as damp as this it does not keep.',
            Counsel::AwaitTest => 'A test is running: wait for what it says.',
            Counsel::DoNotRely => "Do not rely on it: $tested.",
            Counsel::TestFirst => $tested === '' ? 'Test it before you rely on it: by the forecast it may have fallen low, and it was never tested.' : "Test it before you rely on it: it was $tested, and may have fallen low since.",
            Counsel::PastUnknown => 'Test it before you rely on it: nobody knows how it was kept before it came here.',
            Counsel::SowThicker => "Sow it thicker: $tested.",
            Counsel::SowAsUsual => "Sow it as usual: $tested.",
            Counsel::Untested => sprintf('Never tested: taken to be sound, at %s. A test would tell.', Quantity::percent($this->lot->practice->untestedShare)),
        };
    }

    /** How what is kept alive is kept, and until when. */
    private static function keptAlive(Crop $crop): string
    {
        $kept = $crop->vegetative;

        return $kept === null ? 'It is kept alive until it is planted.' : sprintf(
            'It is kept alive until it is planted, %s%s%s.',
            Months::during(...$kept->plant),
            $kept->keeps === null ? '' : sprintf('; it keeps %s to %s months', $kept->keeps[0], $kept->keeps[1]),
            $kept->storeTemperature === null ? '' : sprintf(' at %s to %s', Quantity::temperature($kept->storeTemperature[0]), Quantity::temperature($kept->storeTemperature[1])),
        );
    }

    /** What dies when it dries is sown, or kept damp for a while. */
    private static function keptDamp(Crop $crop): string
    {
        return $crop->damp === null ? 'Sow it fresh: this kind dies when it dries.' : sprintf(
            'Sow it fresh, or keep it damp: this kind dies when it dries. In %s at %s to %s it lives for %s at the most.',
            lcfirst($crop->damp->medium),
            Quantity::temperature($crop->damp->temperature[0]),
            Quantity::temperature($crop->damp->temperature[1]),
            Quantity::number((int) round($crop->damp->months), 'month'),
        );
    }

    /** What wakes fresh seed. */
    private function woken(): string
    {
        $fresh = $this->lot->facts->crop->test->fresh;

        return $fresh === null ? '' : "It is woken by: {$fresh->brokenBy}.";
    }

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
                ? sprintf('Last test: %s of %d seeds came up, %s.', Quantity::percent($share->rate()), $share->sown, Speaking::forms()->day($test->startedAt))
                : sprintf('Start: never tested, so %s is taken for sound fresh seed. A test will replace this guess.', Quantity::percent($this->lot->practice->untestedShare)),
            ...array_map($this->bath(...), $this->lot->treating->baths),
            $this->moistureInStore($this->lot->storing),
            match ($forecast->basis) {
                ConstantsBasis::Published => sprintf('Constants measured for %s (%s); nine lots in ten age at most half as fast again, or two thirds as fast.', mb_strtolower($crop->name), $crop->source('storage.constants')->from ?? 'published'),
                default => sprintf(
                    'Nobody has published constants for %s: they are solved so that nine lots in ten last its ordinary %s in paper in a cupboard (Ellis & Roberts 1980; Dickie et al. 1990). The farther the store is from that, the less is sure.',
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
            return 'No forecast. '.($this->lot->facts->crop->isKeptAlive() ? self::keptAlive($this->lot->facts->crop) : self::keptDamp($this->lot->facts->crop));
        }
        if ($store->isShutInDamp()) {
            return sprintf('No forecast: closed in at %s it moulds or dies within weeks. Open it and dry it first.', Quantity::moisture((float) $store->moisture));
        }
        if ($this->lot->origin->firstAt() === null && $this->lot->testing->lastEnded() === null) {
            return "No forecast: nobody knows how it was kept before it came here. {$this->ordinarily()}{$this->fewSeedsTell()}";
        }
        if ($store->moisture !== null && $store->moisture > ViabilityConstants::MAX_MOISTURE) {
            return sprintf('At %s moisture there is nothing to forecast: seed this damp does not keep. Spread it and dry it.', Quantity::moisture($store->moisture));
        }

        return sprintf('No forecast: the equation is trusted between %d and %d °C only.', ViabilityConstants::MIN_TEMPERATURE, ViabilityConstants::MAX_TEMPERATURE);
    }

    public function stock(): ?string
    {
        $stock = $this->lot->stock->stock;
        $seeds = $stock->seeds();
        $grams = $stock->grams();
        if ($seeds === null || $grams === null) {
            return null;
        }
        $unit = $this->lot->facts->crop->counts()->value;
        $count = $stock->isCounted() ? Quantity::seeds($seeds, $unit) : Quantity::roughSeeds($seeds, $unit);

        return $count.', '.($stock->tsmIsOfThisLot() || ! $stock->isCounted() ? '' : 'about ').Quantity::grams($grams);
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
            MoistureGround::Measured => sprintf('Moisture: %s as measured, kept by the tight container (its air at about %s RH).', Quantity::moisture($moisture), $rh),
            MoistureGround::Carried => sprintf('Moisture: about %s, as in balance with the air it was kept in before it was closed in. Read the jar to replace this guess.', Quantity::moisture($moisture)),
            MoistureGround::PlaceAir => sprintf('Moisture: %s, in balance with the air of the place, since the container breathes.', Quantity::moisture($moisture)),
            MoistureGround::RoomAir => sprintf('Moisture: about %s, as in the air of an ordinary room: nobody has said what the air of this place is, and the container breathes.', Quantity::moisture($moisture)),
            default => sprintf('Moisture: not measured, so %s is taken, as in ordinary room air. Read the jar to replace this guess.', Quantity::moisture($moisture)),
        };
    }
}

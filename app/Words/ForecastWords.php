<?php

declare(strict_types=1);

namespace App\Words;

use App\Voice\Quantity;
use App\Voice\Speaking;
use App\Voice\When;
use DateTimeImmutable;
use Marrow\Core\Botany\CropName;
use Marrow\Core\Drying\Damp;
use Marrow\Core\Germination\SmallTest;
use Marrow\Core\Lot\Harm;
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
    /** Years; further ahead no table of ordinary years is to be trusted. */
    private const FAR = 10;

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
            ? sprintf(', if %s of it was alive at the start: it has not been tested', Quantity::percent($this->startShare()))
            : '';
        $running = $this->lot->testing->running() === [] ? '' : 'A test is running: wait for what it says. By the last one, ';
        $count = match (true) {
            $this->lot->treating->isWet() => 'Once it is dry again, count on it',
            $running !== '' => 'count on it',
            default => 'Count on it',
        };

        return sprintf('%s%s %s%s.', $running, $count, self::until($edge, $this->when, $forecast->basis), $condition);
    }

    /** How far it is to be relied on, in the few words that a list or a tag has room for. Only a test says that it is past. */
    public static function inShort(bool $isPoor, DateTimeImmutable $edge, When $when): string
    {
        return match (true) {
            $isPoor => 'past its time',
            $edge <= $when->now => 'test before use',
            self::isFar($edge, $when) => 'for a decade or more',
            default => self::until($edge, $when),
        };
    }

    /** "until about March 2028": the further off, the less can be said. */
    /** @param  ConstantsBasis  $basis  of its forecast: what rests on one figure of a table is not said to the year so far off */
    public static function until(DateTimeImmutable $at, When $when, ConstantsBasis $basis = ConstantsBasis::OrdinaryYears): string
    {
        return match (true) {
            $basis === ConstantsBasis::Published && $at > $when->now->modify('+30 years') => 'for decades',
            $basis !== ConstantsBasis::Published && self::isFar($at, $when) => 'for a decade or more; test it every few years',
            $at > $when->now->modify('+2 years') => 'until about '.$at->format('Y'),
            default => 'until about '.When::month($at),
        };
    }

    private static function isFar(DateTimeImmutable $at, When $when): bool
    {
        return $at > $when->now->modify(sprintf('+%d years', self::FAR));
    }

    /** Share taken to be alive at the start of seed that was never tested, by what is known to have harmed it. */
    private function startShare(): float
    {
        [$cost] = Harm::together($this->lot->harms());

        return Normal::below(Normal::probit($this->lot->practice->untestedShare) - $cost);
    }

    /** Beside what is said first, in fewer words. */
    public static function span(DateTimeImmutable $at, When $when): string
    {
        return self::isFar($at, $when) ? 'for a decade or more' : self::until($at, $when);
    }

    /** What is more likely than the near edge, and the best that may be. */
    public function goodUntilRange(Forecast $forecast): string
    {
        $threshold = $this->lot->facts->crop->test->minimum;
        $mark = Quantity::percent($threshold);
        $middle = $forecast->reaches($threshold);
        $late = $forecast->reachesLatest($threshold);
        if ($this->isTestedPoor() || self::isFar($forecast->reachesEarliest($threshold), $this->when)) {
            return '';
        }
        $best = self::span($late, $this->when);
        if ($middle <= $this->when->now) {
            return $late <= $this->when->now
                ? "By the forecast it has fallen below $mark, but only a test tells."
                : "More likely than not it has fallen below $mark by now; one lot in ten stays above it $best.";
        }
        $chance = $forecast->chanceBelow($threshold, $this->when->now);
        $middles = self::span($middle, $this->when);

        return self::isFar($middle, $this->when)
            ? "More likely it stays above $mark for a decade or more."
            : sprintf('%s %s above %s %s, at best %s.', $forecast->reachesEarliest($threshold) <= $this->when->now ? sprintf('The chance that it has fallen lower is %s; more likely it', Quantity::percent($chance)) : 'More likely it', 'stays', $mark, $middles, $best);
    }

    /** What is known all the same of seed that came from elsewhere: how long its kind ordinarily lasts, and how old it is. */
    private function ordinarily(): string
    {
        $crop = $this->lot->facts->crop;
        $year = $this->lot->origin->year();

        return sprintf(
            'Ordinarily seed of %s lasts %s in a cupboard%s. ',
            CropName::inSentence($crop->name),
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
            $this->harmed(),
            ...array_map(static fn (array $tests): string => AdviceWords::disagree(...$tests), $this->lot->testing->disagreements()),
            ...array_map($this->bath(...), $this->lot->treating->baths),
            $this->moistureInStore($this->lot->storing),
            match ($forecast->basis) {
                ConstantsBasis::Published => sprintf('Constants measured for %s (%s); nine lots in ten age at most half as fast again, or two thirds as fast.', CropName::inSentence($crop->name), $crop->source('storage.constants')->from ?? 'published'),
                default => sprintf(
                    'Marrow has no published constants for %s: they are solved so that nine lots in ten last its ordinary %s in paper in a cupboard (Ellis & Roberts 1980; Dickie et al. 1990). The farther the store is from that, the less is sure.',
                    CropName::inSentence($crop->name),
                    HandbookWords::years($crop->ordinaryYears),
                ),
            },
        ]));
    }

    /** What is known to have happened to it, and what that is taken to have cost. */
    private function harmed(): ?string
    {
        $harms = $this->lot->harms();
        if ($harms === [] || $this->lot->testing->lastEnded() !== null) {
            return null;
        }
        [, $spread] = Harm::together($harms);
        $middle = Normal::probit($this->startShare());

        return sprintf(
            '%s: that is counted as if sound seed had fallen to about %s, somewhere between %s and %s. Test it early.',
            ucfirst(implode(', and ', array_map(static fn (Harm $harm): string => match ($harm) {
                Harm::Sprouted => 'sprouted seed was seen when it was washed out',
                Harm::Overfermented => 'it lay in its juice or in water for longer than its limit',
                Harm::Overheated => 'it was dried hotter than its kind bears',
                Harm::PickedGreen => 'it was picked before it was ripe',
                Harm::Sick => 'sick plants stood among those that gave it',
            }, $harms))),
            Quantity::percent(Normal::below($middle)),
            Quantity::percent(Normal::below($middle - 1.645 * $spread)),
            Quantity::percent(Normal::below($middle + 1.645 * $spread)),
        );
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
        $crop = CropName::inSentence($this->lot->facts->crop->name);
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

            return $inside === null ? '' : sprintf('No forecast: at %s the air it is shut in is at about %s RH. Open it and dry it first.', Quantity::moisture((float) $store->moisture), Quantity::percent($inside->rh));
        }
        $running = $this->lot->testing->running();
        if ($running !== [] && $this->lot->testing->isFirstRunning()) {
            $test = $running[array_key_last($running)];

            return sprintf('No forecast while its first test runs: %d of %d are up by day %d. What it says will be the start.', $test->germinated(), $test->sown(), (int) $test->lastDay());
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
        return $store->inside()?->damp === Damp::Ages ? ' Dry it when you can.' : '';
    }
}

<?php

declare(strict_types=1);

namespace App\Words;

use App\Voice\HarvestOrder;
use App\Voice\InUnits;
use App\Voice\Months;
use App\Voice\Quantity;
use Marrow\Core\Botany\BreedingSystem;
use Marrow\Core\Botany\CleaningWay;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\CropTitle;
use Marrow\Core\Botany\CrossingPartner;
use Marrow\Core\Botany\CrossWay;
use Marrow\Core\Botany\DrynessTest;
use Marrow\Core\Botany\KeptBy;
use Marrow\Core\Botany\Light;
use Marrow\Core\Botany\Offspring;
use Marrow\Core\Botany\PollenCarrier;
use Marrow\Core\Botany\Sowing;
use Marrow\Core\Botany\SowingPlace;
use Marrow\Core\Botany\StorageBehaviour;
use Marrow\Core\Botany\TestConditions;
use Marrow\Core\Botany\Wind;
use Marrow\Core\Cleaning\FermentWindow;
use Marrow\Core\Drying\SeedHeat;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Steps\Cleaning\OpeningWay;
use Marrow\Core\Steps\Cleaning\ThreshingWay;
use Marrow\Core\Steps\Cleaning\WinnowingWay;
use Marrow\Core\Storage\ConstantsBasis;
use Marrow\Core\Storage\ViabilityConstants;
use Marrow\Core\Work\Later;

/** The pages of the handbook: a crop in sentences, from its figures. */
final readonly class HandbookWords
{
    /** g of a thousand seeds of a legume from which a flail or a foot breaks them. */
    private const LARGE = 100.0;

    public function __construct(private Crop $crop) {}

    /** How the crop breeds, without its name: "pollinates itself; 0 to 5 % …". */
    public static function breeding(CropTitle $crop): string
    {
        return sprintf(
            '%s; %d to %d %% of its seed usually has foreign pollen where others bloom beside it',
            match ($crop->breeding) {
                BreedingSystem::Selfing => 'pollinates itself',
                BreedingSystem::MostlySelfing => 'mostly pollinates itself',
                BreedingSystem::InsectOutcrossing => 'crosses by insects',
                BreedingSystem::WindOutcrossing => 'crosses by wind',
            },
            (int) round($crop->outcrossingLow * 100),
            (int) round($crop->outcrossingHigh * 100),
        );
    }

    /** @return list<string> */
    public function makingSeed(): array
    {
        $crop = $this->crop;
        $growing = $crop->growing;
        if ($crop->isKeptAlive()) {
            return self::filled([
                $crop->keptByNote,
                $crop->breedingNote,
                ...array_map($this->sowing(...), $growing->sowings),
                ...$this->standing(),
            ]);
        }
        $parents = $crop->parents;

        return self::filled([
            sprintf('%s %s.', $crop->name, self::breeding($crop->title())),
            $crop->breedingNote,
            $crop->keptByNote ?? ($crop->keptBy === KeptBy::Seed ? null : 'A variety is kept by its '.$crop->keptBy->value.'s.'),
            sprintf('Foreign pollen comes by %s.', $this->carriers()),
            match (true) {
                $crop->dioecious => 'There are male and female plants: keep enough of both, and let the males stand until the females have set.',
                $crop->selfIncompatible => 'A plant sets no seed with its own pollen: one alone gives next to none.',
                default => null,
            },
            $parents->bare === $parents->variety && $parents->variety === $parents->landrace ? null : sprintf(
                'Seed from %s is the bare minimum; %d or more keep a variety as it is, %d or more a mixed population with what is rare in it.',
                Quantity::number($parents->bare, 'plant'),
                $parents->variety,
                $parents->landrace,
            ),
            ...array_map($this->sowing(...), $growing->sowings),
            sprintf(
                'A planting blooms for %s, and seed is ripe %s after the flower. Seed plants stand %s apart.',
                self::span($growing->bloomMin, $growing->bloomMax),
                self::span($growing->bloomToRipeMin, $growing->bloomToRipeMax),
                self::metres($growing->spacing),
            ),
            ...$this->standing(),
        ]);
    }

    /** @return list<?string> how it stands in the bed, and what it wants there */
    private function standing(): array
    {
        $growing = $this->crop->growing;

        return [
            $growing->support === null ? null : 'Support: '.lcfirst($growing->support).'.',
            $growing->height === null ? null : sprintf('In seed it stands %s to %s tall.', self::metres($growing->height[0]), self::metres($growing->height[1])),
            $growing->host === null ? null : 'It lives on others: '.lcfirst($growing->host).'.',
            $growing->fruitSet === null ? null : sprintf('It sets best between nights of %s and days of %s; beyond either, flowers drop.', Quantity::temperature($growing->fruitSet[0]), Quantity::temperature($growing->fruitSet[1])),
            $growing->frostTender ? 'Frost kills it.' : null,
            $growing->nets === null ? null : $growing->nets.'.',
        ];
    }

    private function carriers(): string
    {
        $names = array_map(static fn (PollenCarrier $carrier): string => match ($carrier) {
            PollenCarrier::Bees => 'bees and other large insects',
            PollenCarrier::Flies => 'flies',
            PollenCarrier::Moths => 'moths',
            PollenCarrier::Wind => 'wind',
        }, $this->crop->carriers);

        return implode(' and ', $names);
    }

    /** A season of sowing and the bloom that follows from it. */
    public function sowing(Sowing $sowing): string
    {
        $blooms = sprintf('%s to %s', Months::part($sowing->bloomFrom, $this->crop), Months::part($sowing->bloomTo, $this->crop));

        return implode(' ', self::filled([
            sprintf(
                '%s %s%s it blooms %s.',
                $this->crop->isKeptAlive() ? 'Planted' : 'Sown',
                Months::during($sowing->from, $sowing->to, $this->crop),
                match ($sowing->place) {
                    SowingPlace::Glass => ' under glass',
                    SowingPlace::Open => ' in the open',
                    SowingPlace::Either => '',
                },
                $sowing->daysMin === null || $sowing->daysMax === null
                    ? match ($sowing->years) {
                        0 => "from $blooms",
                        1 => "the next year, from $blooms",
                        2 => "the year after next, from $blooms",
                        default => sprintf('in the %s year after, from %s', Quantity::ordinal($sowing->years), $blooms),
                    }
                    : self::span($sowing->daysMin, $sowing->daysMax).' later, the earliest sowing after the longest',
            ),
            $sowing->note === null ? null : $sowing->note.'.',
        ]));
    }

    /** @param  array{float, float, float}  $weeks  least, best, longest */
    private static function ripensOn(array $weeks): string
    {
        $inWeeks = $weeks[1] >= 2.0;
        $said = static fn (float $of): string => (string) ($inWeeks ? $of : (int) round(7 * $of));

        return sprintf('Picked fruit ripens its seed on: %s %s are best, %s the most.', $said($weeks[1]), $inWeeks ? 'weeks' : 'days', $said($weeks[2]));
    }

    /** How a crop crosses with another species: "freely, as the mother; what comes of it is sterile". */
    public static function how(CrossingPartner $partner): string
    {
        return $partner->how->label().match ($partner->only) {
            null => '',
            CrossWay::AsMother => ', as the mother',
            CrossWay::AsFather => ', as the father',
        }.match ($partner->offspring) {
            null => '',
            Offspring::Partly => '; what comes of it is partly sterile',
            Offspring::Sterile => '; what comes of it is sterile',
        };
    }

    /** @return list<string> */
    public function crossing(): array
    {
        $crop = $this->crop;

        return [$crop->adjacentShare > 0.0
            ? sprintf('With another variety right beside it, expect about %s crossed seed.', Quantity::percent($crop->adjacentShare))
            : 'In a garden nothing crosses with it.'];
    }

    /** @return list<string> */
    public function ripe(): array
    {
        $ripening = $this->crop->ripening;
        $passes = $ripening->passesMin === $ripening->passesMax
            ? Quantity::number($ripening->passesMin, 'time')
            : sprintf('%d to %d times', $ripening->passesMin, $ripening->passesMax);

        return self::filled([
            $ripening->cue.'.',
            'Too early: '.lcfirst($ripening->tooEarly).'. Too late: '.lcfirst($ripening->tooLate).'.',
            HarvestOrder::of($this->crop),
            $this->crop->isKeptAlive() ? null : "Go over it $passes.",
            $ripening->afterRipening === null ? null : self::ripensOn($ripening->afterRipening),
            $ripening->restDaysMax === 0 || $ripening->afterRipening !== null || $this->crop->storage !== StorageBehaviour::Orthodox ? null : sprintf(
                $this->crop->isWetCleaned() ? 'Picked fruit may lie %s before the seed is taken out.' : 'It lies or hangs %s before it is threshed.',
                self::span($ripening->restDaysMin, $ripening->restDaysMax),
            ),
        ]);
    }

    /**
     * With what holes and what wind, or how long in water: the figures of the work.
     *
     * @return list<string>
     */
    public function screening(): array
    {
        $cleaning = $this->crop->cleaning;
        $screens = $cleaning->screens;
        if (! $this->crop->bearsDrying()) {
            // What must not dry is neither screened nor winnowed; what is done with it, its note says.
            return [];
        }

        return self::filled([
            $cleaning->way === CleaningWay::Ferment ? sprintf('At 21 °C the ferment takes about %s; half as long for every 10 °C warmer.', Quantity::hours(FermentWindow::at(21)->typicalHours)) : null,
            match (true) {
                $cleaning->soakHours === null => null,
                $cleaning->soakHours <= 0.0 => 'Rinse it at once: it is not left in water.',
                default => sprintf('It may lie in water for %s at the most.', Quantity::hours($cleaning->soakHours)),
            },
            match (true) {
                $screens === null => null,
                $cleaning->way === CleaningWay::Thresh => sprintf('Screens to begin with: round holes of %s let the seed through and hold the trash, holes of %s hold the seed and let dust and broken bits through.', InUnits::hole($screens->through), InUnits::hole($screens->holding)),
                default => sprintf('Rinse it in a sieve with holes no wider than %s.', InUnits::hole($screens->holding)),
            },
            match ($cleaning->wind) {
                null => null,
                Wind::Breath => 'Winnow with your breath alone: any wind takes the seed along.',
                Wind::Light => 'Winnow in a light breeze, or with a slow fan at arm’s length.',
                Wind::Steady => 'Winnow in a steady breeze.',
                Wind::Strong => 'It bears a strong wind: winnow on a windy day, or close to a fan.',
            },
        ]);
    }

    /** @return list<string> */
    public function clean(): array
    {
        return self::filled([
            $this->crop->cleaning->note,
            $this->ways(),
            ...$this->screening(),
            $this->crop->lookAlikes === null || $this->crop->look !== null ? null : 'Worth knowing: '.lcfirst($this->crop->lookAlikes).'.',
            $this->trouble(),
            $this->yields(),
            $this->crop->dust ? 'The seed is like dust: work out of the wind, over white paper.' : null,
        ]);
    }

    /** By what, in the order of the work. */
    private function ways(): ?string
    {
        $cleaning = $this->crop->cleaning;
        $labels = array_values(array_filter([
            implode(' or ', array_map(static fn (string $way): string => OpeningWay::from($way)->label(), $cleaning->opening)),
            implode(' or ', array_map(static fn (string $way): string => ThreshingWay::from($way)->label(), $cleaning->threshing)),
            ...array_map(static fn (string $way): string => WinnowingWay::from($way)->label(), $cleaning->winnowing),
        ]));

        return count($labels) < 2 ? null : 'In this order: '.implode('; ', $labels).'. What did not open is threshed again.';
    }

    /** What goes wrong while it is got out, and what to do then. */
    private function trouble(): ?string
    {
        return match (true) {
            ! $this->crop->bearsDrying() => null,
            $this->crop->isWetCleaned() => 'What is slimy still is rubbed on a sieve under water; what has dried together is rubbed apart by hand. Seed that shows a white point has begun to sprout and dries no more: sow it, or throw it out.',
            $this->crop->family === 'Fabaceae' && $this->crop->tsmLow >= self::LARGE => 'Threshed bone dry it splits, threshed damp it bruises: best while a thumbnail hardly marks it, at about 12 to 15 % moisture.',
            default => null,
        };
    }

    /** What a plant bears by weight, against which a harvest can be held. */
    private function yields(): ?string
    {
        $usual = $this->crop->seedOfAPlant();

        return $usual === null ? null : sprintf('All of it taken, a plant usually bears %s to %s of seed.', Quantity::grams($usual[0]), Quantity::grams($usual[1]));
    }

    /** @return list<string> */
    public function dry(): array
    {
        $crop = $this->crop;
        if ($crop->jarMoisture === null) {
            return [$crop->drynessSign.'.'];
        }
        $tests = [
            ...array_map(EvidenceWords::sign(...), $crop->handSigns()),
            ...array_map(static fn (DrynessTest $test): string => $test === DrynessTest::JarRh ? 'a hygrometer or a card shut in with it for a day' : 'its weight no longer falls', array_values(array_filter($crop->drynessTests, static fn (DrynessTest $test): bool => $test->byHand() === null))),
        ];

        return self::filled([
            sprintf('At %s or less it may be closed in tight; dry it at no more than %s.', Quantity::moisture($crop->jarMoisture), Quantity::temperature($crop->maxDryingTemperature)),
            sprintf('What the seed itself bears falls with its water: %s while it is wet or above 18 %%, %s down to 10 %%.', Quantity::temperature(SeedHeat::most($crop->maxDryingTemperature, 40.0, true)), Quantity::temperature(SeedHeat::most($crop->maxDryingTemperature, 14.0, false))),
            $crop->leastMoisture === null ? null : sprintf('Not below %s: drier it takes up water so fast that it cracks, and is let take up damp for two days before it is sown. Dried fast, in the sun or by heat, its skin splits.', Quantity::moisture($crop->leastMoisture)),
            'Under the hand: '.lcfirst($crop->drynessSign).'.',
            'Signs that work for it: '.implode('; ', $tests).'. No single one is sure, and no hand tells dry from dry enough for a jar.',
        ]);
    }

    /** @return list<string> */
    public function testing(): array
    {
        $test = $this->crop->test;

        return self::filled([
            sprintf('On or in: %s. First count on day %d, last on day %d.', $test->method, $test->firstCount, $test->lastCount),
            match ($test->light) {
                Light::Light => 'It wants light: sow it on the surface.',
                Light::Dark => 'It wants the dark.',
                Light::Any => null,
            },
            $this->slow($test),
            $test->fresh === null || $test->fresh->weeksMax === 0 ? null : sprintf('%s after harvest: a test before that says little. It is woken by: %s.', $test->fresh->weeksMin === 0 ? "Some fresh seed sleeps for up to {$test->fresh->weeksMax} weeks" : "Fresh seed commonly sleeps for {$test->fresh->weeksMin} to {$test->fresh->weeksMax} weeks", lcfirst($test->fresh->brokenBy)),
            $test->note === '' ? null : $test->note.'.',
        ]);
    }

    /** What it wants before it starts, in its own words where it has some. */
    private function slow(TestConditions $test): ?string
    {
        $lies = 'without that the test lies.';

        return match (true) {
            $test->dormancy !== null => $test->dormancy.'.'.($test->hardSeeded || $test->chilling ? ' '.ucfirst($lies) : ''),
            $test->hardSeeded => "Some seed is hard and takes up no water until its coat is nicked or rubbed; $lies",
            $test->chilling => "It needs weeks of damp cold first; $lies",
            default => null,
        };
    }

    /** @return list<string> */
    public function keeping(): array
    {
        $crop = $this->crop;
        if (! $crop->bearsDrying()) {
            if ($crop->damp !== null) {
                return self::filled([
                    sprintf('It dies when it dries. Kept in %s at %s to %s it lives for %s at the most.', lcfirst($crop->damp->medium), Quantity::temperature($crop->damp->temperature[0]), Quantity::temperature($crop->damp->temperature[1]), Quantity::number((int) round($crop->damp->months), 'month')),
                    $crop->damp->note === null ? null : $crop->damp->note.'.',
                ]);
            }

            return [sprintf('It dies when it dries, and keeps about %s at the best: sow it fresh.', Quantity::number(max(1, (int) round($crop->ordinaryYears * 12)), 'month'))];
        }

        return self::filled([
            sprintf('In paper in a house cupboard it can be counted on for about %s, and more often than not lasts longer.', self::years($crop->ordinaryYears)),
            $crop->viability()->basis === ConstantsBasis::Published
                ? 'Its storage life is forecast with constants measured for it ('.($crop->source('storage.constants')->from ?? 'published').').'
                : 'No constants have been published for it: its storage life is forecast from those ordinary years.',
            $this->paperOrJar(),
        ]);
    }

    /** What it costs to leave it in paper: by the forecast, in one and the same room. */
    private function paperOrJar(): ?string
    {
        $jar = $this->crop->jarMoisture;
        if ($jar === null) {
            return null;
        }
        $practice = new Practice;
        $constants = $this->crop->viability();
        $sigma = static fn (float $moisture): float => $constants->sigma(max(ViabilityConstants::MIN_MOISTURE, min(ViabilityConstants::MAX_MOISTURE, $moisture)), $practice->number('room_temperature'));
        $times = $sigma($jar) / $sigma($this->crop->balance->moisture($practice->number('room_rh') / 100.0, $practice->number('room_temperature')));

        return sprintf(
            'Dried to %s and shut in a jar it keeps about %s times as long there by the forecast: some %s instead of %s. Damp in a jar it is lost in weeks; in paper nothing has to be known.',
            Quantity::moisture($jar),
            Quantity::decimal(round($times, 1)),
            self::years($times * $this->crop->ordinaryYears < 5.0 ? round($times * $this->crop->ordinaryYears, 1) : round($times * $this->crop->ordinaryYears)),
            self::years($this->crop->ordinaryYears),
        );
    }

    public static function range(float|int $low, float|int $high): string
    {
        $show = static fn (float|int $n): string => $n >= 1000
            ? number_format($n, 0, '.', "\u{00A0}")
            : rtrim(rtrim(number_format($n, 2, '.', ''), '0'), '.');

        return (float) $low === (float) $high ? $show($low) : $show($low).' to '.$show($high);
    }

    public static function years(float $years): string
    {
        return $years < 1 ? Quantity::number((int) round($years * 12), 'month') : rtrim(rtrim(number_format($years, 1), '0'), '.')."\u{00A0}".($years === 1.0 ? 'year' : 'years');
    }

    public static function metres(float $metres): string
    {
        return InUnits::sentence($metres < 1 ? round($metres * 100)."\u{00A0}cm" : rtrim(rtrim(number_format($metres, 1, '.', ''), '0'), '.')."\u{00A0}m");
    }

    private static function span(int $from, int $to): string
    {
        // From two months on, nobody counts in days.
        if ($from >= 120) {
            $from = (int) round($from / Later::DAYS_A_MONTH);
            $to = (int) round($to / Later::DAYS_A_MONTH);

            return $from === $to ? Quantity::number($from, 'month') : "$from to $to months";
        }

        return $from === $to ? Quantity::number($from, 'day') : "$from to $to days";
    }

    /**
     * @param  list<?string>  $texts
     * @return list<string>
     */
    private static function filled(array $texts): array
    {
        return array_map(InUnits::sentence(...), array_values(array_filter($texts, static fn (?string $text): bool => $text !== null && $text !== '')));
    }
}

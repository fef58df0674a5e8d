<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

use Marrow\Core\Cleaning\Screens;
use Marrow\Core\Storage\ViabilityConstants;

/** Reads one crop from the decoded content of its file in core/data/crops (crop.schema.json says what it holds). */
final readonly class CropFile
{
    private function __construct(private string $key, private CropFigures $figures) {}

    /**
     * @param  array<array-key, mixed>  $data
     *
     * @throws UnsoundCrop naming the figure that is missing or cannot be right
     */
    public static function read(string $key, array $data): Crop
    {
        return (new self($key, new CropFigures($key, $data)))->crop();
    }

    private function crop(): Crop
    {
        $f = $this->figures;
        [$outLow, $outHigh] = $f->range('breeding.outcrossing_share', 0, 1);
        [$tsmLow, $tsmHigh] = $f->knownRange('seed.tsm');
        [$perPlantLow, $perPlantHigh] = $f->knownRange('seed.per_plant');
        $storage = $f->one('storage.behaviour', StorageBehaviour::tryFrom(...));

        return new Crop(
            key: $this->key,
            name: $f->text('name'),
            otherNames: $f->texts('other_names'),
            latin: $f->text('latin'),
            group: $f->textOr('group', null),
            family: $f->text('family'),
            kind: $f->one('kind', CropKind::tryFrom(...)),
            synonyms: $f->texts('synonyms'),
            eaten: $f->several('eaten', PlantPart::tryFrom(...)),
            lifeCycle: $f->one('life_cycle', LifeCycle::tryFrom(...)),
            keptBy: $f->one('kept_by.by', KeptBy::tryFrom(...)),
            keptByNote: $f->textOr('kept_by.note', null),
            vegetative: Vegetative::read($f),
            breeding: $f->one('breeding.system', BreedingSystem::tryFrom(...)),
            outcrossingLow: $outLow,
            outcrossingHigh: $outHigh,
            adjacentShare: $f->known('breeding.adjacent_share'),
            carriers: $f->several('breeding.carriers', PollenCarrier::tryFrom(...)),
            selfIncompatible: $f->flag('breeding.self_incompatible'),
            dioecious: $f->flag('breeding.dioecious'),
            setsInBag: $f->has('breeding.sets_in_bag') ? $f->one('breeding.sets_in_bag', BagSetting::tryFrom(...)) : null,
            breedingNote: $f->textOr('breeding.note', null),
            byHand: HandPollination::read($f),
            shows: $f->has('crossing.shows_in_seed') ? new CrossShows($f->flag('crossing.shows_in_seed.shows'), $f->text('crossing.shows_in_seed.note')) : null,
            distances: $this->distances(),
            partners: $this->partners(),
            strangers: $this->strangers(),
            parents: $this->parents(),
            growing: Growing::read($f),
            winter: Winter::read($f),
            selection: Selection::read($f),
            cleaning: $this->cleaning($storage),
            ripening: $this->ripening(),
            jarMoisture: $storage === StorageBehaviour::Orthodox ? $f->known('drying.jar_moisture') : null,
            leastMoisture: $f->has('drying.least_moisture') ? $f->known('drying.least_moisture') : null,
            drynessSign: $f->text('drying.sign'),
            drynessTests: $f->several('drying.tests', DrynessTest::tryFrom(...)),
            maxDryingTemperature: $f->known('drying.max_temperature'),
            tsmLow: $tsmLow,
            tsmHigh: $tsmHigh,
            perPlantLow: (int) $perPlantLow,
            perPlantHigh: (int) $perPlantHigh,
            dust: $f->flag('seed.dust'),
            lookAlikes: $f->textOr('seed.look_alikes', null),
            unit: $f->has('seed.unit') ? $f->one('seed.unit', SeedUnit::tryFrom(...)) : SeedUnit::Seed,
            germs: $f->wholeRangeOr('seed.germs', 0, 20),
            look: SeedLook::read($f),
            oil: $f->known('seed.oil'),
            storage: $storage,
            ordinaryYears: $f->known('storage.ordinary_years'),
            damp: DampKeeping::read($f),
            health: SeedHealth::read($f),
            published: $this->published(),
            test: $this->test(),
            goesWrong: $f->texts('goes_wrong'),
            cautions: $f->several('cautions', Caution::tryFrom(...)),
            sources: $this->sources(),
        );
    }

    private function distances(): IsolationDistances
    {
        $home = $this->figures->known('isolation.home');
        $careful = $this->figures->known('isolation.careful', $home);

        return new IsolationDistances($home, $careful, $this->figures->known('isolation.grower', $careful));
    }

    /** @return list<CrossingPartner> */
    private function partners(): array
    {
        $partners = [];
        foreach (array_keys($this->figures->list('crossing.partners')) as $i) {
            $at = "crossing.partners.$i";
            $partners[] = new CrossingPartner(
                $this->figures->text("$at.latin"),
                $this->figures->one("$at.how", CrossStrength::tryFrom(...)),
                $this->figures->text("$at.note"),
                $this->figures->has("$at.direction") ? $this->figures->one("$at.direction", CrossWay::tryFrom(...)) : null,
                $this->figures->has("$at.offspring") ? $this->figures->one("$at.offspring", Offspring::tryFrom(...)) : null,
            );
        }

        return $partners;
    }

    /** @return array<string, string> */
    private function strangers(): array
    {
        $strangers = [];
        foreach (array_keys($this->figures->list('crossing.strangers')) as $i) {
            $strangers[$this->figures->text("crossing.strangers.$i.latin")] = $this->figures->text("crossing.strangers.$i.note");
        }

        return $strangers;
    }

    private function parents(): Parents
    {
        $bare = (int) $this->figures->known('parents.bare');
        $variety = (int) $this->figures->known('parents.variety', $bare);

        return new Parents($bare, $variety, (int) $this->figures->known('parents.landrace', $variety));
    }

    private function ripening(): Ripening
    {
        [$restMin, $restMax] = $this->figures->knownRange('ripening.rest_days');
        [$passesMin, $passesMax] = $this->figures->range('ripening.passes', 1, 20);

        return new Ripening(
            $this->figures->text('ripening.cue'),
            $this->figures->text('ripening.too_early'),
            $this->figures->text('ripening.too_late'),
            $this->figures->has('ripening.shatters') ? $this->figures->one('ripening.shatters', Shattering::tryFrom(...)) : null,
            (int) $passesMin,
            (int) $passesMax,
            (int) $restMin,
            (int) $restMax,
            $this->afterRipening(),
            $this->figures->has('ripening.fruit') ? $this->figures->one('ripening.fruit', FruitShape::tryFrom(...)) : FruitShape::Round,
        );
    }

    private function cleaning(StorageBehaviour $storage): Cleaning
    {
        $f = $this->figures;
        // What must not dry goes over no screen; a crop that a keeper added before these were asked for lacks them.
        $width = $storage === StorageBehaviour::Orthodox && $f->has('seed.width') ? $f->knownRange('seed.width') : null;

        return new Cleaning(
            $f->one('cleaning.way', CleaningWay::tryFrom(...)),
            $f->text('cleaning.note'),
            $f->has('cleaning.wind') ? $f->one('cleaning.wind', Wind::tryFrom(...)) : null,
            $f->has('cleaning.soak_hours') ? $f->number('cleaning.soak_hours', 0, 72) : null,
            $width === null ? null : Screens::forSeed(...$width),
            ...array_map(static fn (string $list): array => $f->has("cleaning.$list") ? $f->texts("cleaning.$list") : [], ['opening', 'threshing', 'winnowing']),
        );
    }

    private function test(): TestConditions
    {
        $f = $this->figures;
        [$low, $high] = $f->knownRange('germination.temperature');
        $first = (int) $f->known('germination.first_count');

        return new TestConditions(
            $low,
            $high,
            $first,
            (int) $f->known('germination.last_count', $first),
            $f->known('germination.minimum'),
            $f->textOr('germination.note', '') ?? '',
            $f->text('germination.method'),
            $f->one('germination.light', Light::tryFrom(...)),
            $f->textOr('germination.dormancy', null),
            $f->flag('germination.hard_seeded'),
            $f->flag('germination.chilling'),
            FreshDormancy::read($f),
        );
    }

    private function published(): ?ViabilityConstants
    {
        if (! $this->figures->has('storage.constants')) {
            return null;
        }

        return ViabilityConstants::published(
            $this->figures->number('storage.constants.ke', 0, 20),
            $this->figures->number('storage.constants.cw', 0, 10),
            $this->figures->number('storage.constants.ch', 0, 0.2),
            $this->figures->number('storage.constants.cq', 0, 0.01),
        );
    }

    /** @return ?array{float, float, float} weeks */
    private function afterRipening(): ?array
    {
        $at = 'ripening.after_ripening';
        if (! $this->figures->has($at)) {
            return null;
        }
        $least = $this->figures->number("$at.0", 0, 104);
        $best = $this->figures->number("$at.1", $least, 104);

        return [$least, $best, $this->figures->number("$at.2", $best, 104)];
    }

    /** @return array<string, Source> */
    private function sources(): array
    {
        $sources = [];
        foreach ($this->figures->list('sources') as $figure => $source) {
            $figure = (string) $figure;
            // What a keeper added before it was asked how sure a figure is has the text alone.
            $sources[$figure] = is_string($source) ? new Source($source, Sureness::Rough) : match (true) {
                is_array($source) && is_string($source['from'] ?? null) && is_string($source['sure'] ?? null) => new Source(
                    $source['from'],
                    Sureness::tryFrom($source['sure']) ?? throw $this->figures->unsound("sources.$figure", 'how sure it is: sure, usual or rough'),
                ),
                default => throw $this->figures->unsound('sources', 'a source says from where, and how sure it is'),
            };
        }

        return $sources;
    }
}

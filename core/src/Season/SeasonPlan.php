<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Botany\IsolationStandard;
use Marrow\Core\Fields\Document;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Fields\Values;
use Marrow\Core\Isolation\Barrier;
use Marrow\Core\Isolation\Bloom;
use Marrow\Core\Isolation\Climate;
use Marrow\Core\Isolation\IsolationSetting;
use Marrow\Core\Year\GardenYear;

/** The plan of one season: the garden, what stands around it, and what is to grow where and when. */
final readonly class SeasonPlan
{
    /** The form of the document. 0, without a number, named lots and plantings by their codes; from 1 on by their ids. */
    public const FORM = 1;

    public const MOST_PLANTINGS = 1000;

    private const MOST_PARTS = 300;

    /** By how many years a day may lie before the plan's own year, and after it. What lives long may have been sown long ago. */
    private const DAYS = ['sow' => [100, 3], 'plant_out' => [100, 3], 'first_bloom' => [3, 3], 'last_bloom' => [3, 3]];

    /**
     * @param  list<Bed>  $beds
     * @param  list<BarrierLine>  $barriers
     * @param  list<PollenSource>  $sources
     * @param  list<PlannedPlanting>  $plantings
     */
    private function __construct(
        public int $year,
        public Ground $ground,
        public IsolationSetting $isolation,
        public array $beds,
        public array $barriers,
        public array $sources,
        public array $plantings,
    ) {}

    /**
     * @param  array<array-key, mixed>  $given
     * @param  ?\Closure(string, string): Crop  $ofVariety  the crop as it is for one variety, by its key and the variety's id
     * @param  GardenYear  $year  of the garden
     *
     * @throws Refused naming the part that cannot be so
     */
    public static function read(array $given, CropReference $crops, ?\Closure $ofVariety = null, GardenYear $year = new GardenYear): self
    {
        $document = new Document($given);
        $head = $document->read(PlanFields::plan());
        if ($head->integer('form') > self::FORM) {
            throw $document->refused('form', 'This plan was written by a newer Marrow than this one.');
        }
        $crop = static fn (string $key, string $variety = ''): ?Crop => match (true) {
            ! $crops->has($key) => null,
            $ofVariety === null || $variety === '' => $crops->get($key),
            default => $ofVariety($key, $variety),
        };
        $ground = Ground::read($document->part('ground'), $year);
        $plan = new self(
            $head->integer('year'),
            $ground,
            self::isolation($document->part('isolation')->read(PlanFields::isolation())),
            array_map(self::bed(...), $document->several('beds', self::MOST_PARTS)),
            array_map(self::barrier(...), $document->several('barriers', self::MOST_PARTS)),
            array_map(static fn (Document $source): PollenSource => self::source($source, $crop), $document->several('sources', self::MOST_PARTS)),
            array_map(static fn (Document $planting): PlannedPlanting => PlannedPlanting::read($planting, $ground, $crop), $document->several('plantings', self::MOST_PLANTINGS)),
        );
        $seen = [];
        foreach ($plan->plantings as $i => $planting) {
            if (isset($seen[$planting->id])) {
                throw Refused::at("plantings.$i.id", 'This planting stands in the plan twice.');
            }
            $seen[$planting->id] = true;
        }

        return $plan;
    }

    /** @return array<string, mixed> as it is kept, and as read() reads it */
    public function toArray(): array
    {
        return [
            'form' => self::FORM,
            'year' => $this->year,
            'ground' => $this->ground->toArray(),
            'isolation' => [
                'standard' => $this->isolation->standard->value,
                'climate' => $this->isolation->climate->value,
                'allowed' => $this->isolation->allowed,
                'behind_barrier' => $this->isolation->behindBarrier,
            ],
            'beds' => array_map(static fn (Bed $bed): array => ['id' => $bed->id, 'name' => $bed->name, ...$bed->place->toArray()], $this->beds),
            'barriers' => array_map(static fn (BarrierLine $line): array => [...get_object_vars($line), 'kind' => $line->kind->value], $this->barriers),
            'sources' => array_map(static fn (PollenSource $source): array => $source->toArray(), $this->sources),
            'plantings' => array_map(static fn (PlannedPlanting $planting): array => $planting->toArray(), $this->plantings),
        ];
    }

    /**
     * A day that lies years from the plan's own is a slip of the finger.
     *
     * @throws Refused at the field
     */
    public function refuseFarDays(): void
    {
        foreach (['plantings' => $this->plantings, 'sources' => $this->sources] as $part => $list) {
            foreach ($list as $i => $one) {
                $days = $one->toArray();
                foreach (self::DAYS as $key => [$before, $after]) {
                    $day = $days[$key] ?? null;
                    if (is_string($day) && ((int) $day < $this->year - $before || (int) $day > $this->year + $after)) {
                        throw Refused::at("$part.$i.$key", sprintf('That day lies years from %d: in this plan it is at most %d years before and %d after.', $this->year, $before, $after));
                    }
                }
            }
        }
    }

    /** @param  list<PlannedPlanting>  $plantings  in place of its own */
    public function withPlantings(array $plantings): self
    {
        return new self($this->year, $this->ground, $this->isolation, $this->beds, $this->barriers, $this->sources, $plantings);
    }

    /** @return list<PlannedPlanting> those that stand this year */
    public function standing(): array
    {
        return array_values(array_filter($this->plantings, static fn (PlannedPlanting $planting): bool => ! $planting->out));
    }

    /** The strongest thing that stands between two places. */
    public function barrierBetween(Rectangle $a, Rectangle $b): Barrier
    {
        foreach ($this->barriers as $barrier) {
            if ($barrier->standsBetween($a, $b)) {
                return $barrier->kind;
            }
        }

        return Barrier::None;
    }

    private static function isolation(Values $given): IsolationSetting
    {
        return new IsolationSetting(
            $given->one('standard', IsolationStandard::class),
            $given->one('climate', Climate::class),
            $given->number('allowed'),
            $given->number('behind_barrier'),
        );
    }

    /** @throws Refused */
    private static function bed(Document $document): Bed
    {
        $given = $document->read(PlanFields::bed());

        return new Bed($given->text('id'), $given->text('name'), Rectangle::of($given));
    }

    /** @throws Refused */
    private static function barrier(Document $document): BarrierLine
    {
        $given = $document->read(PlanFields::barrier());

        return new BarrierLine($given->text('id'), $given->text('name'), $given->one('kind', Barrier::class), $given->number('x1'), $given->number('y1'), $given->number('x2'), $given->number('y2'));
    }

    /**
     * @param  \Closure(string): ?Crop  $crop
     *
     * @throws Refused
     */
    private static function source(Document $document, \Closure $crop): PollenSource
    {
        $given = $document->read(PlanFields::source());
        $key = $given->text('crop');
        $first = $given->dayOrNull('first_bloom');
        $last = $given->dayOrNull('last_bloom');
        if (($first === null) !== ($last === null)) {
            throw $document->refused($first === null ? 'first_bloom' : 'last_bloom', 'Give both its first and its last bloom, or neither.');
        }
        if ($first !== null && $last !== null && $last < $first) {
            throw $document->refused('last_bloom', 'Its last bloom cannot lie before its first.');
        }

        return new PollenSource(
            $given->text('id'),
            $given->text('name'),
            $crop($key) ?? throw $document->refused('crop', "There is no crop \"$key\" in the handbook."),
            Rectangle::of($given),
            $given->integer('plants'),
            $first === null || $last === null ? null : Bloom::between($first, $last),
        );
    }

    /** The name of the bed in which most of a planting stands, by its middle; empty where that is in none. */
    public function bedOf(PlannedPlanting $planting): string
    {
        [$x, $y] = $planting->spot->centre();
        foreach ($this->beds as $bed) {
            if ($bed->place->overlaps(new Rectangle($x, $y, 0.01, 0.01))) {
                return $bed->name;
            }
        }

        return '';
    }
}

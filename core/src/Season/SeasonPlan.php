<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Isolation\Barrier;
use Marrow\Core\Isolation\Bloom;
use Marrow\Core\Isolation\Climate;
use Marrow\Core\Isolation\CrossShare;
use Marrow\Core\Isolation\IsolationSetting;
use Marrow\Core\Isolation\IsolationStandard;

/** The plan of one season: the garden, what stands around it, and what is to grow where and when. */
final readonly class SeasonPlan
{
    public const MOST_PLANTINGS = 1000;

    private const MOST_PARTS = 300;

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
     *
     * @throws PlanRefused naming the part that cannot be so
     */
    public static function read(array $given, CropReference $crops, ?\Closure $ofVariety = null): self
    {
        $fields = new PlanFields($given);
        $crop = static fn (string $key, string $variety = ''): ?Crop => match (true) {
            ! $crops->has($key) => null,
            $ofVariety === null || $variety === '' => $crops->get($key),
            default => $ofVariety($key, $variety),
        };
        $ground = Ground::read($fields->part('ground'));
        $plan = new self(
            $fields->whole('year', 'The year', 1900, 2200),
            $ground,
            self::isolation($fields->part('isolation')),
            array_map(self::bed(...), $fields->several('beds', self::MOST_PARTS)),
            array_map(self::barrier(...), $fields->several('barriers', self::MOST_PARTS)),
            array_map(static fn (PlanFields $source): PollenSource => self::source($source, $crop), $fields->several('sources', self::MOST_PARTS)),
            array_map(static fn (PlanFields $planting): PlannedPlanting => PlannedPlanting::read($planting, $ground, $crop), $fields->several('plantings', self::MOST_PLANTINGS)),
        );
        $seen = [];
        foreach ($plan->plantings as $i => $planting) {
            if (isset($seen[$planting->id])) {
                throw PlanRefused::at("plantings.$i.id", 'This planting stands in the plan twice.');
            }
            $seen[$planting->id] = true;
        }

        return $plan;
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

    /** @throws PlanRefused */
    private static function isolation(PlanFields $fields): IsolationSetting
    {
        return new IsolationSetting(
            $fields->one('standard', 'how strictly', IsolationStandard::class, IsolationStandard::Careful),
            $fields->one('climate', 'the climate', Climate::class, Climate::Temperate),
            $fields->has('allowed') ? $fields->number('allowed', 'The share of crossed seed put up with', 0.0001, 1, '') : IsolationSetting::ALLOWED,
            $fields->has('behind_barrier') ? $fields->number('behind_barrier', 'What gets past a hedge', 0, 1, '') : CrossShare::BEHIND_BARRIER,
        );
    }

    /** @throws PlanRefused */
    private static function bed(PlanFields $fields): Bed
    {
        return new Bed($fields->text('id', 'The id', 40), $fields->text('name', 'The name of the bed'), Rectangle::read($fields, 0.1, Ground::FARTHEST));
    }

    /** @throws PlanRefused */
    private static function barrier(PlanFields $fields): BarrierLine
    {
        $kind = $fields->one('kind', 'a hedge or a building', Barrier::class);
        if ($kind === Barrier::None) {
            throw $fields->refused('kind', 'Choose a hedge or a building.');
        }
        $metres = static fn (string $field): float => $fields->number($field, 'A corner of it', -Ground::FARTHEST, Ground::FARTHEST, ' m');

        return new BarrierLine($fields->text('id', 'The id', 40), $fields->optionalText('name', 'Its name'), $kind, $metres('x1'), $metres('y1'), $metres('x2'), $metres('y2'));
    }

    /**
     * @param  \Closure(string): ?Crop  $crop
     *
     * @throws PlanRefused
     */
    private static function source(PlanFields $fields, \Closure $crop): PollenSource
    {
        $key = $fields->text('crop', 'The crop');
        $first = $fields->optionalDate('first_bloom', 'Its first bloom');
        $last = $fields->optionalDate('last_bloom', 'Its last bloom');
        if (($first === null) !== ($last === null)) {
            throw $fields->refused($first === null ? 'first_bloom' : 'last_bloom', 'Give both its first and its last bloom, or neither.');
        }
        if ($first !== null && $last !== null && $last < $first) {
            throw $fields->refused('last_bloom', 'Its last bloom cannot lie before its first.');
        }

        return new PollenSource(
            $fields->text('id', 'The id', 40),
            $fields->text('name', 'What or whose it is'),
            $crop($key) ?? throw $fields->refused('crop', "There is no crop \"$key\" in the handbook."),
            Rectangle::read($fields, 0, Ground::FARTHEST),
            $fields->whole('plants', 'The number of plants', 1, 1_000_000),
            $first === null || $last === null ? null : Bloom::between($first, $last),
        );
    }
}

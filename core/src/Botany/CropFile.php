<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

use Marrow\Core\Isolation\IsolationDistances;
use Marrow\Core\Storage\ViabilityConstants;

/** Reads one crop from the decoded content of its file in core/data/crops. */
final readonly class CropFile
{
    /** @param  array<array-key, mixed>  $data */
    private function __construct(private string $key, private array $data) {}

    /**
     * @param  array<array-key, mixed>  $data
     *
     * @throws UnsoundCrop naming the figure that is missing or cannot be right
     */
    public static function read(string $key, array $data): Crop
    {
        return (new self($key, $data))->crop();
    }

    private function crop(): Crop
    {
        [$outLow, $outHigh] = $this->range('breeding.outcrossing_share', 0, 1);
        [$tsmLow, $tsmHigh] = $this->range('seed.tsm', 0.001, 10_000);
        $sources = [];
        foreach ($this->list('sources') as $figure => $source) {
            $sources[(string) $figure] = is_string($source) ? $source : throw UnsoundCrop::at($this->key, 'sources', 'a source is a text');
        }

        return new Crop(
            key: $this->key,
            name: $this->text('name'),
            latin: $this->text('latin'),
            family: $this->text('family'),
            lifeCycle: $this->one('life_cycle', LifeCycle::tryFrom(...)),
            breeding: $this->one('breeding.system', BreedingSystem::tryFrom(...)),
            outcrossingLow: $outLow,
            outcrossingHigh: $outHigh,
            adjacentShare: $this->number('breeding.adjacent_share', 0, 1),
            carriers: array_map(
                fn (mixed $carrier): PollenCarrier => PollenCarrier::tryFrom(is_string($carrier) ? $carrier : '')
                    ?? throw UnsoundCrop::at($this->key, 'breeding.carriers', 'an unknown carrier of pollen'),
                array_values($this->list('breeding.carriers')),
            ),
            distances: $this->distances(),
            partners: $this->partners(),
            cleaning: $this->one('cleaning.way', CleaningWay::tryFrom(...)),
            cleaningNote: $this->text('cleaning.note'),
            ripening: $this->ripening(),
            jarMoisture: $this->number('drying.jar_moisture', 3, 15),
            drynessSign: $this->text('drying.sign'),
            maxDryingTemperature: $this->number('drying.max_temperature', 20, 45),
            tsmLow: $tsmLow,
            tsmHigh: $tsmHigh,
            oil: $this->number('seed.oil', 0, 0.7),
            storage: $this->one('storage.behaviour', StorageBehaviour::tryFrom(...)),
            ordinaryYears: $this->number('storage.ordinary_years', 0.1, 50),
            published: $this->published(),
            test: $this->test(),
            cautions: array_map(
                fn (mixed $caution): Caution => Caution::tryFrom(is_string($caution) ? $caution : '')
                    ?? throw UnsoundCrop::at($this->key, 'cautions', 'an unknown caution'),
                array_values($this->list('cautions')),
            ),
            sources: $sources,
        );
    }

    private function distances(): IsolationDistances
    {
        $home = $this->number('isolation.home', 0, 10_000);
        $careful = $this->number('isolation.careful', max($home, 1), 10_000);

        return new IsolationDistances($home, $careful, $this->number('isolation.grower', $careful, 20_000));
    }

    /** @return list<CrossingPartner> */
    private function partners(): array
    {
        $partners = [];
        foreach (array_keys($this->list('crossing.partners')) as $i) {
            $at = "crossing.partners.$i";
            $partners[] = new CrossingPartner(
                $this->text("$at.latin"),
                match ($this->text("$at.how")) {
                    'freely' => true,
                    'rarely' => false,
                    default => throw UnsoundCrop::at($this->key, "$at.how", 'freely or rarely is needed'),
                },
                $this->text("$at.note"),
            );
        }

        return $partners;
    }

    private function ripening(): Ripening
    {
        [$min, $max] = $this->range('ripening.days_from_sowing', 20, 1000);
        [$restMin, $restMax] = $this->range('ripening.rest_days', 0, 200);

        return new Ripening((int) $min, (int) $max, $this->text('ripening.cue'), (int) $restMin, (int) $restMax);
    }

    private function test(): TestConditions
    {
        [$low, $high] = $this->range('germination.temperature', 5, 35);
        $first = (int) $this->number('germination.first_count', 1, 60);

        return new TestConditions(
            $low,
            $high,
            $first,
            (int) $this->number('germination.last_count', $first, 180),
            $this->number('germination.minimum', 0.1, 0.95),
            is_string($this->find('germination.note')) ? $this->text('germination.note') : '',
        );
    }

    private function published(): ?ViabilityConstants
    {
        if ($this->find('storage.constants') === null) {
            return null;
        }

        return ViabilityConstants::published(
            $this->number('storage.constants.ke', 0, 20),
            $this->number('storage.constants.cw', 0, 10),
            $this->number('storage.constants.ch', 0, 0.2),
            $this->number('storage.constants.cq', 0, 0.01),
        );
    }

    private function find(string $path): mixed
    {
        $value = $this->data;
        foreach (explode('.', $path) as $step) {
            if (! is_array($value) || ! array_key_exists($step, $value)) {
                return null;
            }
            $value = $value[$step];
        }

        return $value;
    }

    private function text(string $path): string
    {
        $value = $this->find($path);

        return is_string($value) && $value !== '' ? $value : throw UnsoundCrop::at($this->key, $path, 'a text is missing');
    }

    private function number(string $path, float $min, float $max): float
    {
        $value = $this->find($path);
        if ((! is_int($value) && ! is_float($value)) || $value < $min || $value > $max) {
            throw UnsoundCrop::at($this->key, $path, "a number from $min to $max is needed");
        }

        return (float) $value;
    }

    /** @return array{float, float} */
    private function range(string $path, float $min, float $max): array
    {
        $value = $this->find($path);
        if (! is_array($value) || ! array_is_list($value) || count($value) !== 2) {
            throw UnsoundCrop::at($this->key, $path, 'a lower and an upper figure are needed');
        }
        $low = $this->number($path.'.0', $min, $max);
        $high = $this->number($path.'.1', $low, $max);

        return [$low, $high];
    }

    /** @return array<array-key, mixed> */
    private function list(string $path): array
    {
        $value = $this->find($path);

        return is_array($value) ? $value : throw UnsoundCrop::at($this->key, $path, 'a list is missing');
    }

    /**
     * @template T of object
     *
     * @param  \Closure(string): ?T  $from
     * @return T
     */
    private function one(string $path, \Closure $from): object
    {
        return $from($this->text($path)) ?? throw UnsoundCrop::at($this->key, $path, 'this is not one of the known ones');
    }
}

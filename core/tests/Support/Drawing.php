<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Support;

use Marrow\Core\Botany\CropReference;
use Marrow\Core\Season\SeasonPlan;
use Marrow\Core\Year\GardenYear;

/** Draws a plan for a test, in short lines: a garden of 60 by 40 m, last frost 20 April, first 28 October. */
final class Drawing
{
    /** @var array<string, mixed> */
    private array $plan;

    public function __construct(private readonly CropReference $crops)
    {
        $this->plan = [
            'year' => 2027,
            'ground' => ['width' => 60, 'depth' => 40, 'north' => 0, 'wind' => 225, 'last_frost' => '04-20', 'first_frost' => '10-28'],
            'isolation' => ['standard' => 'careful', 'climate' => 'temperate', 'allowed' => 0.01],
            'beds' => [],
            'barriers' => [],
            'sources' => [],
            'plantings' => [],
        ];
    }

    /** @param  array<string, mixed>  $more */
    public function plant(string $id, string $crop, float $x = 0, float $y = 0, string $sow = '2027-05-01', array $more = []): self
    {
        $this->plan['plantings'][] = [
            'id' => $id, 'crop' => $crop, 'variety' => $more['variety'] ?? $id, 'plants' => 6, 'purpose' => 'seed', 'sow' => $sow,
            'spot' => ['x' => $x, 'y' => $y, 'width' => 2, 'depth' => 1],
            ...$more,
        ];

        return $this;
    }

    public function source(string $id, string $crop, float $x, float $y, int $plants = 6, ?string $first = null, ?string $last = null): self
    {
        $this->plan['sources'][] = ['id' => $id, 'name' => "the neighbour's $crop", 'crop' => $crop, 'x' => $x, 'y' => $y, 'width' => 0, 'depth' => 0, 'plants' => $plants, 'first_bloom' => $first, 'last_bloom' => $last];

        return $this;
    }

    public function hedge(float $x1, float $y1, float $x2, float $y2): self
    {
        $this->plan['barriers'][] = ['id' => 'h'.count((array) $this->plan['barriers']), 'kind' => 'hedge', 'name' => 'thorn hedge', 'x1' => $x1, 'y1' => $y1, 'x2' => $x2, 'y2' => $y2];

        return $this;
    }

    public function bed(string $id, float $x, float $y, float $width, float $depth): self
    {
        $this->plan['beds'][] = ['id' => $id, 'name' => $id, 'x' => $x, 'y' => $y, 'width' => $width, 'depth' => $depth];

        return $this;
    }

    /** @param  array<string, mixed>  $change */
    public function with(string $part, array $change): self
    {
        $this->plan[$part] = [...(array) $this->plan[$part], ...$change];

        return $this;
    }

    public function plan(GardenYear $year = new GardenYear): SeasonPlan
    {
        return SeasonPlan::read($this->plan, $this->crops, year: $year);
    }
}

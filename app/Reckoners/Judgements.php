<?php

declare(strict_types=1);

namespace App\Reckoners;

use App\Reckoners\Judgements\CleaningJudgements;
use App\Reckoners\Judgements\GerminationJudgements;
use App\Reckoners\Judgements\IsolationJudgements;
use App\Reckoners\Judgements\PopulationJudgements;
use App\Reckoners\Judgements\StorageJudgements;
use App\Reckoners\Judgements\WaterJudgements;
use Marrow\Core\Botany\CropReference;

/** The sentence that goes with every reckoning. */
final readonly class Judgements
{
    public function __construct(private CropReference $crops) {}

    public function of(Asked $asked): Judgement
    {
        return match (explode('.', $asked->name)[0]) {
            'germination', 'sowing' => GerminationJudgements::of($asked),
            'moisture', 'air', 'drying' => WaterJudgements::of($asked),
            'storage', 'packets' => (new StorageJudgements($this->crops))->of($asked),
            'ferment', 'seed' => CleaningJudgements::of($asked),
            'population', 'line', 'selection' => PopulationJudgements::of($asked),
            'isolation' => (new IsolationJudgements($this->crops))->of($asked),
            default => throw new \LogicException("No judgement for $asked->name."),
        };
    }
}

<?php

declare(strict_types=1);

namespace App\Reckoners;

use App\Reckoners\Judgements\CleaningJudgements;
use App\Reckoners\Judgements\FieldJudgements;
use App\Reckoners\Judgements\GerminationJudgements;
use App\Reckoners\Judgements\IsolationJudgements;
use App\Reckoners\Judgements\PopulationJudgements;
use App\Reckoners\Judgements\StorageJudgements;
use App\Reckoners\Judgements\WaterJudgements;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Reckoning\Reckoning;

/** The sentence that goes with every reckoning. */
final readonly class Judgements
{
    /** @var list<Judges> */
    private array $judges;

    public function __construct(CropReference $crops)
    {
        $this->judges = [
            new GerminationJudgements,
            new WaterJudgements($crops),
            new StorageJudgements($crops),
            new CleaningJudgements,
            new PopulationJudgements,
            new FieldJudgements,
            new IsolationJudgements($crops),
        ];
    }

    public function of(Asked $asked): Judgement
    {
        return $this->judge($asked->name)->of($asked);
    }

    /** The step of the work in which the question comes up. */
    public function family(Reckoning $reckoning): string
    {
        return $this->judge($reckoning->name)::families()[self::prefix($reckoning->name)];
    }

    private function judge(string $name): Judges
    {
        foreach ($this->judges as $judge) {
            if (isset($judge::families()[self::prefix($name)])) {
                return $judge;
            }
        }

        throw new \LogicException("No judgement for $name.");
    }

    private static function prefix(string $name): string
    {
        return explode('.', $name)[0];
    }
}

<?php

declare(strict_types=1);

namespace App\Rota;

use App\Plans\PlanBook;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Season\SeasonPlan;

/** In which years no bed has been without a family for as long as ground is to rest, by the plans of the years before. */
final class KinRest
{
    /** @var list<SeasonPlan>|null */
    private ?array $plans = null;

    public function __construct(private readonly PlanBook $book, private readonly int $rest, private readonly int $first, private readonly int $years) {}

    /** @return list<int> years of the rota */
    public function forbidden(Crop $crop): array
    {
        if ($this->rest === 0) {
            return [];
        }
        $this->plans ??= array_map(fn (int $year): SeasonPlan => $this->book->open($year)->plan, array_values(array_filter($this->book->years(), fn (int $year): bool => $year >= $this->first - $this->rest && $year < $this->first)));
        $beds = [];
        foreach ($this->plans as $plan) {
            foreach ($plan->beds as $bed) {
                $beds[$bed->name] ??= null;
            }
            foreach ($plan->standing() as $planting) {
                $bed = $plan->bedOf($planting);
                if ($bed !== '' && $planting->crop->family === $crop->family) {
                    $beds[$bed] = max($beds[$bed] ?? 0, $plan->year);
                }
            }
        }
        $forbidden = [];
        for ($year = 0; $beds !== [] && $year < $this->years; $year++) {
            if (array_all($beds, fn (?int $last): bool => $last !== null && $this->first + $year - $last <= $this->rest)) {
                $forbidden[] = $year;
            }
        }

        return $forbidden;
    }
}

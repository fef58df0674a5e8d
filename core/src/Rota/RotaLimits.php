<?php

declare(strict_types=1);

namespace Marrow\Core\Rota;

/** What the keeper gives in each year; INF where there is no limit. */
final readonly class RotaLimits
{
    /**
     * @param  list<float>  $area  m², by year
     * @param  list<float>  $hours  by year
     * @param  list<float>  $cages  by year
     */
    public function __construct(public array $area, public array $hours, public array $cages) {}

    public static function none(int $years): self
    {
        $all = array_fill(0, max(1, $years), INF);

        return new self($all, $all, $all);
    }

    /** @return list<float> by year */
    public function of(Resource $resource): array
    {
        return match ($resource) {
            Resource::Area => $this->area,
            Resource::Hours => $this->hours,
            Resource::Cages => $this->cages,
        };
    }

    /** So much more of one in every year. */
    public function raised(Resource $resource, float $by): self
    {
        $more = array_map(static fn (float $limit): float => $limit + $by, $this->of($resource));

        return new self($resource === Resource::Area ? $more : $this->area, $resource === Resource::Hours ? $more : $this->hours, $resource === Resource::Cages ? $more : $this->cages);
    }
}

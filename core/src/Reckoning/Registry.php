<?php

declare(strict_types=1);

namespace Marrow\Core\Reckoning;

use Marrow\Core\Botany\CropReference;

/** Every reckoning by its name. */
final readonly class Registry
{
    /** @param  array<string, Reckoning>  $reckonings */
    private function __construct(private array $reckonings) {}

    public static function standard(CropReference $crops): self
    {
        $all = [
            ...GerminationReckonings::all($crops),
            ...SowingReckonings::all(),
            ...HarvestReckonings::all($crops),
            ...WaterReckonings::all($crops),
            ...AirReckonings::all(),
            ...DryingReckonings::all($crops),
            ...StorageReckonings::all($crops),
            ...CleaningReckonings::all($crops),
            ...PopulationReckonings::all(),
            ...SelectionReckonings::all(),
            ...PollinatingReckonings::all(),
            ...IsolationReckonings::all($crops),
        ];
        $byName = [];
        foreach ($all as $reckoning) {
            $byName[$reckoning->name] = $reckoning;
        }

        return new self($byName);
    }

    /** @return list<Reckoning> */
    public function all(): array
    {
        return array_values($this->reckonings);
    }

    /** @throws UnknownReckoning */
    public function named(string $name): Reckoning
    {
        return $this->reckonings[$name] ?? throw UnknownReckoning::named($name);
    }
}

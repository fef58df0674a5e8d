<?php

declare(strict_types=1);

namespace App\Documents;

use App\Voice\UnitSystem;
use Marrow\Core\Fields\Field;
use Marrow\Core\Reckoning\Alternatives;
use Marrow\Core\Reckoning\Reckoning;
use OpenApi\Attributes as OA;

/** A reckoning: what it answers, needs and rests on. */
#[OA\Schema]
final readonly class ReckoningDocument
{
    /**
     * @param  string  $also  other words that people ask for it with
     * @param  list<ReckoningInputDocument>  $inputs
     * @param  list<AlternativesDocument>  $alternatives  of its inputs, those that stand for one another
     */
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $family,
        #[OA\Property]
        public string $question,
        #[OA\Property]
        public string $also,
        #[OA\Property]
        public string $source,
        #[OA\Property(items: new OA\Items(ref: ReckoningInputDocument::class))]
        public array $inputs,
        #[OA\Property(items: new OA\Items(ref: AlternativesDocument::class))]
        public array $alternatives,
    ) {}

    public static function of(Reckoning $reckoning, string $family, UnitSystem $units): self
    {
        return new self(
            $reckoning->name,
            $family,
            $reckoning->question,
            $reckoning->also,
            $reckoning->source,
            array_map(static fn (Field $input): ReckoningInputDocument => ReckoningInputDocument::of($input, $units), $reckoning->inputs),
            array_map(static fn (Alternatives $alternatives): AlternativesDocument => AlternativesDocument::of($alternatives), $reckoning->alternatives),
        );
    }
}

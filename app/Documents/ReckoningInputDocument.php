<?php

declare(strict_types=1);

namespace App\Documents;

use App\Voice\UnitSystem;
use App\Words\ReckonerWords;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldType;
use OpenApi\Attributes as OA;

/** One input of a reckoning, as every door knows it, in the units of the person who asks. */
#[OA\Schema]
final readonly class ReckoningInputDocument
{
    /** @param  list<OptionDocument>  $options  of a choice; else none */
    public function __construct(
        #[OA\Property]
        public string $key,
        #[OA\Property(enum: ['number', 'integer', 'share', 'numbers', 'integers', 'crop', 'choice', 'date', 'rows', 'segments', 'text'])]
        public string $type,
        #[OA\Property]
        public string $label,
        #[OA\Property]
        public string $unit,
        #[OA\Property]
        public string $bounds,
        #[OA\Property]
        public bool $required,
        #[OA\Property]
        public ?string $default,
        #[OA\Property(items: new OA\Items(ref: OptionDocument::class))]
        public array $options,
    ) {}

    public static function of(Field $input, UnitSystem $units): self
    {
        return new self(
            $input->key,
            self::type($input),
            $input->label,
            $units->unit($input->unit),
            ReckonerWords::bounds($input, $units),
            $input->required,
            $input->defaultTyped(),
            array_map(
                static fn (string $key, string $label): OptionDocument => new OptionDocument($key, $label),
                array_keys($input->options),
                array_values($input->options),
            ),
        );
    }

    private static function type(Field $input): string
    {
        return match (true) {
            $input->each === null => $input->type->value,
            $input->type === FieldType::Integer => 'integers',
            default => 'numbers',
        };
    }
}

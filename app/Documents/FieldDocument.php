<?php

declare(strict_types=1);

namespace App\Documents;

use App\Voice\Speaking;
use App\Voice\UnitSystem;
use App\Words\ReckonerWords;
use Marrow\Core\Fields\Choice;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldType;
use Marrow\Core\Instruments\Measure;
use OpenApi\Attributes as OA;

/** Something that is asked of a person, in their own units: what a form shows for it. */
#[OA\Schema]
final readonly class FieldDocument
{
    /**
     * @param  string  $bounds  as a person reads them
     * @param  string|null  $usual  what stands in the form to begin with
     * @param  list<OptionDocument>  $options  of a choice
     * @param  int|null  $count  set when several are asked for: how many stand there to begin with, 0 for one line
     * @param  bool  $grows  whether more can be added
     * @param  string  $of  of a reference: what it is to
     * @param  bool  $hidden  whether no person is asked
     * @param  bool  $seldom  whether it stands behind a button of its own
     * @param  ?string  $reads  the unit by which an instrument can fill it; null of what none tells
     * @param  bool  $own  whether each of many things has its own: what it weighs, how many there are
     */
    public function __construct(
        #[OA\Property]
        public string $key,
        #[OA\Property(enum: ['number', 'integer', 'share', 'flag', 'text', 'prose', 'choice', 'date', 'year_day', 'crop', 'reference', 'id', 'rows', 'segments'])]
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
        public ?string $usual,
        #[OA\Property]
        public string $hint,
        #[OA\Property(items: new OA\Items(ref: OptionDocument::class))]
        public array $options,
        #[OA\Property]
        public ?int $count,
        #[OA\Property]
        public bool $grows,
        #[OA\Property]
        public string $of,
        #[OA\Property]
        public bool $hidden,
        #[OA\Property]
        public bool $seldom,
        #[OA\Property]
        public bool $own,
        #[OA\Property]
        public ?string $reads,
    ) {}

    /** With another usual value, and other words below it. */
    public function usually(?string $usual, string $hint): self
    {
        return new self($this->key, $this->type, $this->label, $this->unit, $this->bounds, $this->required, $usual, $hint, $this->options, $this->count, $this->grows, $this->of, $this->hidden, $this->seldom, $this->own, $this->reads);
    }

    public static function of(Field $field, ?UnitSystem $units = null): self
    {
        $units ??= Speaking::forms()->units;

        return new self(
            $field->key,
            $field->type->value,
            mb_strtoupper(mb_substr($field->label, 0, 1)).mb_substr($field->label, 1),
            $field->type === FieldType::Share ? '%' : $units->unit($field->unit),
            ReckonerWords::bounds($field, $units),
            $field->required,
            self::usual($field, $units),
            $field->hint,
            array_map(static fn (string|int $key, string $label): OptionDocument => new OptionDocument((string) $key, $label), array_keys($field->options), array_values($field->options)),
            $field->each?->count,
            $field->each->grows ?? false,
            $field->of,
            $field->hidden,
            // What is said already is seen.
            $field->seldom && ! ($field->type === FieldType::Flag && $field->usual === 'true'),
            $field->isOwn(),
            $field->type === FieldType::Number ? Measure::ofUnit($field->unit)?->unit() : null,
        );
    }

    private static function usual(Field $field, UnitSystem $units): ?string
    {
        $usual = $field->usual ?? match (true) {
            $field->type !== FieldType::Choice => null,
            $field->default instanceof Choice => $field->default->value,
            default => is_string($field->default) ? $field->default : null,
        };
        if (is_int($usual) || is_float($usual)) {
            // A share is typed in per cent.
            return Field::show(round($field->type === FieldType::Share ? 100.0 * $usual : $units->fromCore($field->unit, (float) $usual), 1));
        }

        return $usual === null ? null : (string) $usual;
    }
}

<?php

declare(strict_types=1);

namespace App\Documents;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Subject;
use OpenApi\Attributes as OA;

/** A kind of entry with which a lot or a planting begins out of nothing. */
#[OA\Schema]
final readonly class BeginningDocument
{
    /**
     * @param  string  $subject  what begins with it
     * @param  string  $title  what the journal will say was done
     * @param  string  $act  what the hand does, for the button
     * @param  list<FieldDocument>  $fields
     */
    public function __construct(
        #[OA\Property]
        public string $kind,
        #[OA\Property(enum: ['planting', 'lot'])]
        public string $subject,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $act,
        #[OA\Property(items: new OA\Items(ref: FieldDocument::class))]
        public array $fields,
    ) {}

    /** @return list<self> */
    public static function all(Kind ...$kinds): array
    {
        $all = [];
        foreach ($kinds as $kind) {
            if ($kind->starts && $kind->from === null) {
                foreach ($kind->of as $subject) {
                    $all[] = self::of($kind, $subject);
                }
            }
        }

        return $all;
    }

    private static function of(Kind $kind, Subject $subject): self
    {
        return new self($kind->name, $subject->value, $kind->title, $kind->act, array_map(static fn (Field $field): FieldDocument => FieldDocument::of($field), array_values($kind->fields->fields)));
    }
}

<?php

declare(strict_types=1);

namespace App\Journal;

use App\Voice\InUnits;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Folding\Asked;
use Marrow\Core\Folding\Question;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;

/** What became of a draft. */
final readonly class Answer
{
    /**
     * @param  'kept'|'asked'|'refused'|'taken'  $status  taken: its id stands for something else already
     * @param  string  $code  of the lot or planting
     * @param  array<string, string>  $errors  by field
     * @param  list<Question>  $questions
     * @param  ?string  $adrift  why it is kept but not reckoned with
     * @param  ?list<string>  $touches  codes or ids of the things that are otherwise with it; null where any may be
     */
    private function __construct(
        public string $id,
        public string $status,
        public string $code = '',
        public ?Kind $kind = null,
        public ?Payload $payload = null,
        public ?string $adrift = null,
        public string $message = '',
        public array $errors = [],
        public array $questions = [],
        public ?array $touches = null,
    ) {}

    /** @param  ?list<string>  $touches  as above */
    public static function kept(string $id, string $code, Kind $kind, Payload $payload, ?string $adrift = null, ?array $touches = null): self
    {
        return new self($id, 'kept', $code, $kind, $payload, $adrift, touches: $touches);
    }

    /** @param  non-empty-list<Refused>  $faults */
    public static function refused(string $id, array $faults): self
    {
        $errors = [];
        foreach ($faults as $fault) {
            $errors[$fault->path] ??= InUnits::sentence($fault->getMessage());
        }

        return new self(
            $id,
            $faults[0] instanceof Asked ? 'asked' : 'refused',
            message: InUnits::sentence($faults[0]->getMessage()),
            errors: $errors,
            questions: $faults[0] instanceof Asked ? $faults[0]->questions : [],
        );
    }

    public static function taken(string $id): self
    {
        $message = "An entry with the id $id has been kept already, and it says something else. Nothing was changed.";

        return new self($id, 'taken', message: $message, errors: ['id' => $message]);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Documents\PlanContentDocument;
use App\Http\Input;
use App\Http\PlanInput;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldList;
use Marrow\Core\Season\PlanFields;
use OpenApi\Attributes as OA;

/** A changed plan, and which version it was changed from. */
#[OA\Schema(schema: 'PlanRequest', required: ['version', 'content'], properties: [
    new OA\Property(property: 'version', type: 'integer'),
    new OA\Property(property: 'content', ref: PlanContentDocument::class),
    new OA\Property(property: 'said', type: 'string', description: 'what was changed, to be shown beside taking it back'),
])]
final readonly class PlanRequest
{
    /** @param  array<array-key, mixed>  $content  as the core reads it */
    private function __construct(public int $version, public array $content, public string $said) {}

    /** @throws ValidationException */
    public static function of(Request $request): self
    {
        $given = Input::read(FieldList::of(self::versionField(), Field::text('said', 'What was changed', 300)->optional('')), $request->all());
        $content = $request->input('content');
        foreach (array_keys(PlanFields::parts()) as $part) {
            // What is left out is not taken away: a plan that lost a part on its way would be emptied.
            if (! is_array($content) || ! is_array($content[$part] ?? null)) {
                throw ValidationException::withMessages(['content' => "The plan did not come whole: its $part are missing. Nothing was changed."]);
            }
        }

        return new self($given->integer('version'), PlanInput::read(is_array($content) ? $content : []), $given->text('said'));
    }

    /** @throws ValidationException */
    public static function version(Request $request): int
    {
        return Input::read(FieldList::of(self::versionField()), $request->all())->integer('version');
    }

    private static function versionField(): Field
    {
        return Field::integer('version', 'The version that was changed', '', 0, 1_000_000_000);
    }
}

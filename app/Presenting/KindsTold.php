<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\CropCautionDocument;
use App\Documents\FieldCheckDocument;
use App\Documents\KindDocument;
use App\Documents\KindsDocument;
use App\Documents\OfferDocument;
use App\Words\CautionWords;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Dictation\LineReader;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldType;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Things\Registered;
use Marrow\Core\Work\Offer;

/**
 * Every kind of entry with its form, whatever stands in the garden: what is recorded of a thing that the server does not know
 * yet, or that went on without it. Whether it fits is asked when it is sent.
 */
final readonly class KindsTold
{
    public function __construct(private CropReference $crops) {}

    public function all(): KindsDocument
    {
        $kinds = [];
        $made = [];
        foreach (Registered::kinds()->payloads() as $name => $payload) {
            // What is only ever told of something that stands on a page.
            if (in_array($name, LineReader::NO_LINES, true)) {
                continue;
            }
            $kind = Kind::declared($payload);
            $id = array_find($kind->fields->fields, static fn (Field $field): bool => $field->hidden && $field->required && $field->type === FieldType::Id)?->key;
            $needs = isset($made[$id ?? '']) ? $id : null;
            $made[$id ?? ''] = $id !== null;
            $kinds[] = new KindDocument(
                array_map(static fn (Subject $subject): string => $subject->value, $kind->of),
                $kind->from?->value,
                $kind->starts,
                $needs,
                OfferDocument::of(Offer::of($payload, 0), []),
                array_values(array_map(FieldCheckDocument::of(...), array_filter($kind->fields->fields, static fn (Field $field): bool => ! $field->hidden))),
            );
        }

        return new KindsDocument($kinds, $this->cautions($kinds));
    }

    /**
     * @param  list<KindDocument>  $kinds
     * @return list<CropCautionDocument>
     */
    private function cautions(array $kinds): array
    {
        $of = [];
        foreach (DB::table('varieties')->distinct()->orderBy('crop')->pluck('crop')->all() as $crop) {
            if (! is_string($crop) || ! $this->crops->has($crop)) {
                continue;
            }
            foreach ($kinds as $kind) {
                foreach (CautionWords::at($this->crops->get($crop)->cautions, $kind->offer->kind) as $says) {
                    $of[$kind->offer->kind][$says][] = $crop;
                }
            }
        }
        $cautions = [];
        foreach ($of as $kind => $said) {
            foreach ($said as $says => $crops) {
                $cautions[] = new CropCautionDocument($kind, $says, $crops);
            }
        }

        return $cautions;
    }
}

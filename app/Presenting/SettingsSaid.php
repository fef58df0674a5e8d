<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\FieldDocument;
use App\Documents\SettingDocument;
use App\Garden\Settings;
use App\Voice\FieldValue;
use Marrow\Core\Fields\Choice;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldList;
use Marrow\Core\Fields\FieldType;

/** Settings as a page shows them: what each asks, and how it is set. */
final readonly class SettingsSaid
{
    public function __construct(private Settings $settings) {}

    /** @return list<SettingDocument> */
    public function of(FieldList $list): array
    {
        return array_values(array_map(fn (Field $field): SettingDocument => new SettingDocument(
            FieldDocument::of($this->asHere($field)),
            $this->settings->typedFor($field->key),
            FieldValue::said($field, $this->settings->value($field->key)),
            FieldValue::said($field, $this->settings->usual($field->key)),
        ), $list->fields));
    }

    /** A choice stands at what is usual where the garden lies, until another is made. */
    private function asHere(Field $field): Field
    {
        $usual = $field->type === FieldType::Choice ? $this->settings->usual($field->key) : null;
        $key = $usual instanceof Choice ? $usual->value : $usual;

        return is_string($key) || is_int($key) ? $field->usually($key) : $field;
    }
}

<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\FieldDocument;
use App\Documents\SettingDocument;
use App\Garden\Settings;
use App\Voice\FieldValue;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldList;

/** Settings as a page shows them: what each asks, and how it is set. */
final readonly class SettingsSaid
{
    public function __construct(private Settings $settings) {}

    /** @return list<SettingDocument> */
    public function of(FieldList $list): array
    {
        return array_values(array_map(fn (Field $field): SettingDocument => new SettingDocument(
            FieldDocument::of($field),
            $this->settings->typedFor($field->key),
            FieldValue::said($field, $this->settings->value($field->key)),
            FieldValue::said($field, $this->settings->usual($field->key)),
        ), $list->fields));
    }
}

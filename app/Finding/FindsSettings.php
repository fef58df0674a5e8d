<?php

declare(strict_types=1);

namespace App\Finding;

use App\Documents\FoundDocument;
use App\Garden\Settings;
use App\Voice\FieldValue;
use Marrow\Core\Settings\SettingList;

/** Settings, by their names and what they are for. */
final readonly class FindsSettings implements Finds
{
    private const MOST = 5;

    public function __construct(private Settings $settings) {}

    public function find(Sought $sought): array
    {
        $found = [];
        foreach (SettingList::sections() as $title => $fields) {
            foreach ($fields->fields as $key => $field) {
                if ($sought->isIn('setting', $title, $field->label, $field->hint)) {
                    $found[] = FoundDocument::page('setting', $key, $field->label, 'setting, now '.FieldValue::said($field, $this->settings->value($key)));
                }
            }
        }

        return array_slice($found, 0, self::MOST);
    }
}

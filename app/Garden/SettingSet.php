<?php

declare(strict_types=1);

namespace App\Garden;

use App\Models\Deed;
use App\Voice\FieldValue;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Settings\SettingList;

/** Something was set otherwise. */
final readonly class SettingSet implements Deed
{
    /**
     * @param  ?string  $was  as typed; null for as Marrow has it
     * @param  ?string  $is  as typed
     */
    public function __construct(private string $key, private ?string $was, private ?string $is) {}

    public static function kind(): string
    {
        return 'setting_set';
    }

    public static function of(array $kept): self
    {
        return new self(self::text($kept['key'] ?? null) ?? '', self::text($kept['was'] ?? null), self::text($kept['is'] ?? null));
    }

    public function keep(): array
    {
        return ['key' => $this->key, 'was' => $this->was, 'is' => $this->is];
    }

    public function title(): string
    {
        return 'Set';
    }

    public function says(): string
    {
        $field = SettingList::field($this->key);

        // What can be set no more is said as it was typed.
        return $field === null ? "$this->was → $this->is" : self::value($field, $this->was).' → '.self::value($field, $this->is);
    }

    public function about(): string
    {
        $crop = SettingList::cropOf($this->key);

        return (SettingList::field($this->key)->label ?? $this->key).($crop === null ? '' : " ($crop)");
    }

    public function page(): string
    {
        $crop = SettingList::cropOf($this->key);

        return $crop === null ? "/books/settings#$this->key" : "/books/handbook/$crop";
    }

    private static function value(Field $field, ?string $typed): string
    {
        try {
            return FieldValue::said($field, $field->read($typed));
        } catch (Refused) {
            return $typed ?? '';
        }
    }

    private static function text(mixed $kept): ?string
    {
        return is_string($kept) ? $kept : null;
    }
}

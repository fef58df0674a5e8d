<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property string $id
 * @property string $name
 * @property float $temperature_c
 * @property float $rh
 * @property int $gone  1 when seed is no more kept there
 * @property int $air_known  0 where nobody measured its air: temperature and humidity are then a room's; 2 where only its temperature is known
 */
final class Place extends Thing implements Recorded
{
    protected $table = 'places';

    public function code(): string
    {
        return $this->name;
    }

    public const NOTHING_KNOWN = 0;

    public const AIR_KNOWN = 1;

    /** How damp a freezer is nobody need know. */
    public const TEMPERATURE_KNOWN = 2;

    /** @return array<string, float> what is known of its air, by field */
    public function air(): array
    {
        return match ($this->air_known) {
            self::NOTHING_KNOWN => [],
            self::TEMPERATURE_KNOWN => ['temperature' => $this->temperature_c],
            default => ['temperature' => $this->temperature_c, 'rh' => $this->rh],
        };
    }

    public static function known(bool $temperature, bool $rh): int
    {
        return match (true) {
            $temperature && $rh => self::AIR_KNOWN,
            $temperature => self::TEMPERATURE_KNOWN,
            default => self::NOTHING_KNOWN,
        };
    }
}

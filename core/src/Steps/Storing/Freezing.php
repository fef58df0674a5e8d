<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Storing;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\SeedPest;
use Marrow\Core\Drying\ShutIn;
use Marrow\Core\Fields\Field;
use Marrow\Core\Folding\Doubt;
use Marrow\Core\Folding\Misfit;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Work\Later;

/** What goes into the cold that freezes, and for how long: only what is known to be dry; what does not bear it never. */
final readonly class Freezing
{
    public function __construct(private Crop $crop, private Practice $practice) {}

    public static function is(StoredAt $air): bool
    {
        return $air->temperatureC <= ShutIn::FREEZES_BELOW;
    }

    public function isNeverBorne(): bool
    {
        return ! $this->crop->bearsDrying() || $this->crop->isKeptAlive();
    }

    /** Whether seed as moist as that bears it; null where nobody has measured that it is dry enough. */
    public function isBorne(?float $moisture, ?MoistureGround $ground): ?bool
    {
        if ($this->isNeverBorne()) {
            return false;
        }

        return $ground === MoistureGround::Measured && $moisture !== null && ! $this->isTooDamp($moisture) && $this->crop->jarMoisture !== null ? true : null;
    }

    /**
     * What is to be asked before it goes in.
     *
     * @param  bool  $isMeasured  whether anybody has ever measured how dry it is
     *
     * @throws Misfit where it does not bear it
     */
    public function asks(Kept $kept, ?float $moisture, bool $isMeasured): ?Doubt
    {
        if (! self::is($kept->at)) {
            return null;
        }
        if ($this->isNeverBorne()) {
            throw Misfit::at('place_id', sprintf('%s does not bear freezing: what lives in it dies.', $this->crop->name));
        }
        $dry = $this->crop->jarMoisture;

        return match (true) {
            ! $isMeasured => new Doubt('place_id', sprintf('Nobody has measured how dry it is. Seed with too much water in it is killed by freezing%s: read a jar, or weigh it dry, before it goes in.', $dry === null ? '' : sprintf('; %s %% is dry enough', Field::show($dry)))),
            $dry !== null && $moisture !== null && $this->isTooDamp($moisture) => new Doubt('place_id', sprintf('At %s %% moisture the water in it would freeze, and that kills seed: dry it to %s %% first.', Field::show(round($moisture, 1)), Field::show($dry))),
            default => null,
        };
    }

    /**
     * Against insects: by the pest of the crop that takes longest, or by what is set where none is known. It comes out on the
     * day that is then set on it.
     *
     * @return ?Doubt what is to be asked
     */
    public function againstInsects(Kept $kept): ?Doubt
    {
        $days = (int) $this->practice->number('insect_days');
        $temperature = $this->practice->number('insect_temperature');
        $pests = array_filter($this->crop->health->pests, static fn (SeedPest $pest): bool => $pest->freezeAt !== null && $pest->freezeDays !== null);
        if ($pests !== []) {
            $days = max(array_map(static fn (SeedPest $pest): int => (int) $pest->freezeDays, $pests));
            $temperature = min(array_map(static fn (SeedPest $pest): float => (float) $pest->freezeAt, $pests));
        }
        if ($kept->at->temperatureC > $temperature) {
            return new Doubt('place_id', sprintf('%s is not cold enough: what eats the seed dies within %d days at %s °C or below.', $kept->at->name, $days, Field::show($temperature)));
        }
        $kept->outAt = Later::days($kept->since, $days);

        return $kept->isShut ? null : new Doubt('container', 'In the freezer it belongs into something tight, or damp settles on it as it thaws.');
    }

    private function isTooDamp(float $moisture): bool
    {
        return round($moisture, 1) > ShutIn::mostFrozen($this->crop->balance);
    }
}

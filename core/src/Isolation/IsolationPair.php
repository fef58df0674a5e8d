<?php

declare(strict_types=1);

namespace Marrow\Core\Isolation;

use Marrow\Core\Botany\Crop;

/** A planting kept for seed and one possible source of foreign pollen: what is to be expected, and what it asks for. */
final readonly class IsolationPair
{
    /**
     * @param  ?int  $overlapDays  days on which both bloom, null when not known
     * @param  float  $neededDistance  metres that the standard asks for here; 0 when nothing is needed
     * @param  float  $share  expected share of off-type seed, 0 … 1
     */
    private function __construct(
        public Crosses $crosses,
        public ?int $overlapDays,
        public float $neededDistance,
        public float $share,
        public RiskVerdict $verdict,
    ) {}

    public static function of(Crop $kept, Crop $source, PollenPath $path, IsolationSetting $setting): self
    {
        $sideBySide = $kept->adjacentShare * Compatibility::onto($kept, $source);
        $crosses = Crosses::at($sideBySide);
        $overlap = $path->overlapDays();
        if ($crosses === Crosses::Never || $overlap === 0 || $path->protection->keepsOut($kept)) {
            return new self($crosses, $overlap, 0.0, 0.0, RiskVerdict::Clear);
        }
        $stretch = $setting->climate->stretch() * ($kept->isWindBorne() ? CrossShare::byWind($path->downwind) : 1.0);
        $share = CrossShare::atDistance($sideBySide, $kept->distances->careful * $stretch, $path->distance)
            * $path->overlapShare()
            * $path->protection->lets($kept)
            * $path->barrier->passes($setting->behindBarrier)
            * CrossShare::byNumbers($path->plants, $path->sourcePlants);
        $needed = $kept->distances->at($setting->standard) * $stretch * $path->barrier->distanceFactor();

        return new self($crosses, $overlap, $needed, $share, match (true) {
            $share > $setting->allowed => RiskVerdict::Act,
            $path->distance < $needed, $share > $setting->allowed / 2 => RiskVerdict::Watch,
            default => RiskVerdict::Clear,
        });
    }
}

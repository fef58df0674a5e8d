<?php

declare(strict_types=1);

namespace App\Steps\Keeping;

use App\Moment;
use App\Voice\When;
use App\Words\ForecastWords;
use Marrow\Core\Storage\Forecast;
use OpenApi\Attributes as OA;

/** How long it stays good. */
#[OA\Schema]
final readonly class ForecastDocument
{
    /**
     * @param  string  $good_until  the near edge
     * @param  string  $until  the same in short, as a tag has room for it
     * @param  list<string>  $ground
     * @param  list<ForecastPointDocument>  $points
     */
    public function __construct(
        #[OA\Property]
        public float $share,
        #[OA\Property]
        public float $low,
        #[OA\Property]
        public float $high,
        #[OA\Property]
        public float $threshold,
        #[OA\Property]
        public string $good_until,
        #[OA\Property]
        public string $until,
        #[OA\Property]
        public string $sentence,
        #[OA\Property]
        public string $range,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $ground,
        #[OA\Property(items: new OA\Items(ref: ForecastPointDocument::class))]
        public array $points,
    ) {}

    private const POINTS = 24;

    /** @param  float  $threshold  share below which seed of the crop is usually not passed on */
    public static function of(Forecast $forecast, float $threshold, ForecastWords $words, When $when): self
    {
        $limits = $forecast->limitsAt($when->now);

        return new self(
            $forecast->shareAt($when->now),
            $limits->low,
            $limits->high,
            $threshold,
            Moment::say($forecast->reachesEarliest($threshold)),
            ForecastWords::inShort($words->isTestedPoor(), $forecast->reachesEarliest($threshold), $when),
            $words->goodUntil($forecast),
            $words->goodUntilRange($forecast),
            $words->forecastGround($forecast),
            self::points($forecast, $threshold),
        );
    }

    /** @return list<ForecastPointDocument> from the start to well past the middle forecast, evenly spaced */
    private static function points(Forecast $forecast, float $threshold): array
    {
        $start = $forecast->startAt()->getTimestamp();
        $good = $forecast->reaches($threshold)->getTimestamp() - $start;
        // Beyond thirty years nothing is said.
        $span = min(30 * 365.25, max(2 * 365.25, 1.6 * $good / 86400));
        $points = [];
        for ($i = 0; $i <= self::POINTS; $i++) {
            $at = $forecast->startAt()->modify(sprintf('+%d hours', (int) round($span * 24 * $i / self::POINTS)));
            $limits = $forecast->limitsAt($at);
            $points[] = new ForecastPointDocument(Moment::say($at), $forecast->shareAt($at), $limits->low, $limits->high);
        }

        return $points;
    }
}

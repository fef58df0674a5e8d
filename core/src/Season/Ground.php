<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

use Marrow\Core\Fields\Document;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Year\Frosts;
use Marrow\Core\Year\GardenYear;

/** The garden drawn to scale: a rectangle, where north is, where the wind mostly comes from, and when it freezes. */
final readonly class Ground
{
    public const FARTHEST = 20_000.0;

    /**
     * @param  float  $width  m
     * @param  float  $depth  m
     * @param  int  $north  degrees clockwise from the top of the plan to north, 0 … 359
     * @param  int  $wind  bearing the prevailing wind comes from, degrees from north, 0 … 359
     * @param  string  $lastFrost  month-day of the last frost in spring
     * @param  string  $firstFrost  month-day of the first in autumn
     * @param  GardenYear  $year  with the frosts of this plan
     */
    private function __construct(
        public float $width,
        public float $depth,
        public int $north,
        public int $wind,
        public string $lastFrost,
        public string $firstFrost,
        public GardenYear $year,
    ) {}

    /**
     * @param  GardenYear  $year  of the garden
     *
     * @throws Refused
     */
    public static function read(Document $document, GardenYear $year = new GardenYear): self
    {
        $given = $document->read(PlanFields::ground());

        return new self(
            $given->number('width'),
            $given->number('depth'),
            $given->integer('north'),
            $given->integer('wind'),
            $given->text('last_frost'),
            $given->text('first_frost'),
            $year->withFrosts($given->text('last_frost'), $given->text('first_frost')),
        );
    }

    /** Cosine of the angle between the prevailing wind and the way from one place to another: 1 straight with it, −1 against it, 0 across. */
    public function downwind(Rectangle $from, Rectangle $to): float
    {
        [$x1, $y1] = $from->centre();
        [$x2, $y2] = $to->centre();
        if (hypot($x2 - $x1, $y2 - $y1) < 0.01) {
            return 0.0;
        }
        // Clockwise from the top of the drawing, on which y grows downwards.
        $way = rad2deg(atan2($x2 - $x1, $y1 - $y2));

        return max(-1.0, min(1.0, cos(deg2rad($way - $this->north - $this->wind - 180.0))));
    }

    /** @return array<string, float|int|string> */
    public function toArray(): array
    {
        return ['width' => $this->width, 'depth' => $this->depth, 'north' => $this->north, 'wind' => $this->wind, 'last_frost' => $this->lastFrost, 'first_frost' => $this->firstFrost];
    }

    public function area(): Rectangle
    {
        return new Rectangle(0, 0, $this->width, $this->depth);
    }

    public function frosts(): Frosts
    {
        return $this->year->frosts;
    }
}

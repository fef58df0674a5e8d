<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

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
     */
    private function __construct(
        public float $width,
        public float $depth,
        public int $north,
        public int $wind,
        public string $lastFrost,
        public string $firstFrost,
    ) {}

    /** @throws PlanRefused */
    public static function read(PlanFields $fields): self
    {
        return new self(
            $fields->number('width', 'The width of the garden', 1, 2000, ' m'),
            $fields->number('depth', 'The depth of the garden', 1, 2000, ' m'),
            $fields->whole('north', 'The direction of north', 0, 359),
            $fields->whole('wind', 'The direction of the wind', 0, 359),
            self::day($fields, 'last_frost', 'The last frost in spring'),
            self::day($fields, 'first_frost', 'The first frost in autumn'),
        );
    }

    public function area(): Rectangle
    {
        return new Rectangle(0, 0, $this->width, $this->depth);
    }

    /** The last spring frost that bears on what stands outside from a day on: that of its year, or of the next once autumn's frosts have begun. */
    public function lastFrostFrom(\DateTimeImmutable $outside): \DateTimeImmutable
    {
        $year = (int) $outside->format('Y');

        return self::in($outside >= self::in($year, $this->firstFrost) && $this->firstFrost > $this->lastFrost ? $year + 1 : $year, $this->lastFrost);
    }

    /** The first autumn frost after a day. */
    public function firstFrostAfter(\DateTimeImmutable $day): \DateTimeImmutable
    {
        $frost = self::in((int) $day->format('Y'), $this->firstFrost);

        return $frost < $day ? self::in((int) $day->format('Y') + 1, $this->firstFrost) : $frost;
    }

    private static function in(int $year, string $day): \DateTimeImmutable
    {
        return new \DateTimeImmutable("$year-$day", new \DateTimeZone('UTC'));
    }

    /** @throws PlanRefused */
    private static function day(PlanFields $fields, string $field, string $what): string
    {
        $day = $fields->text($field, $what, 40);
        // Of a leap year, so that 29 February may stand.
        $date = \DateTimeImmutable::createFromFormat('!Y-m-d', "2024-$day");
        if ($date === false || $date->format('m-d') !== $day) {
            throw $fields->refused($field, "$what must be a day of the year, as 04-20.");
        }

        return $day === '02-29' ? '02-28' : $day;
    }
}

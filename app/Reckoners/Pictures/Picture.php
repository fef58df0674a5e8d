<?php

declare(strict_types=1);

namespace App\Reckoners\Pictures;

use OpenApi\Attributes as OA;

/** A result as a picture: a course over an axis, with what was measured or asked as dots, and lines that matter. */
#[OA\Schema(schema: 'PictureDocument')]
final readonly class Picture
{
    public const POINTS = 80;

    /**
     * @param  string  $says  the same in words
     * @param  list<array{float, float}>  $line
     * @param  list<array{float, float, float}>  $band  x, lower and upper; at the same x as the line, or empty
     * @param  list<array{float, float}>  $dots
     * @param  list<Mark>  $marks
     */
    public function __construct(
        #[OA\Property]
        public string $says,
        #[OA\Property]
        public Axis $x,
        #[OA\Property]
        public Axis $y,
        #[OA\Property(items: new OA\Items(type: 'array', items: new OA\Items(type: 'number')))]
        public array $line,
        #[OA\Property(items: new OA\Items(type: 'array', items: new OA\Items(type: 'number')))]
        public array $band = [],
        #[OA\Property(items: new OA\Items(type: 'array', items: new OA\Items(type: 'number')))]
        public array $dots = [],
        #[OA\Property(items: new OA\Items(ref: Mark::class))]
        public array $marks = [],
    ) {}

    /**
     * A course sampled evenly from the least to the most.
     *
     * @param  \Closure(float): float  $course
     * @return list<array{float, float}>
     */
    public static function sample(float $from, float $to, \Closure $course): array
    {
        $line = [];
        for ($i = 0; $i <= self::POINTS; $i++) {
            $x = $from + ($to - $from) * $i / self::POINTS;
            $line[] = [$x, $course($x)];
        }

        return $line;
    }

    /**
     * The same over whole numbers, every one of them where they are few.
     *
     * @param  \Closure(int): float  $course
     * @return list<array{float, float}>
     */
    public static function sampleWhole(int $from, int $to, \Closure $course): array
    {
        $line = [];
        $step = max(1, intdiv($to - $from, self::POINTS));
        for ($x = $from; $x <= $to; $x += $step) {
            $line[] = [(float) $x, $course($x)];
        }

        return $line;
    }
}

<?php

declare(strict_types=1);

namespace Marrow\Core\Year;

use Marrow\Core\Botany\Vegetative;

/** When what is kept alive is lifted in this garden, or taken from the plant: the months of its kind after it has grown. */
final readonly class LiftWindow
{
    /** Days that it grows at the least before anything of it is lifted. */
    private const GROWS = 60;

    private function __construct(public \DateTimeImmutable $from, public \DateTimeImmutable $to) {}

    /**
     * The first that is not over by the time it has grown.
     *
     * @param  \DateTimeImmutable  $planted  at the hour of the day at which it is to begin
     * @return ?self null where nobody has said in which months it is lifted
     */
    public static function after(Vegetative $kept, \DateTimeImmutable $planted, SeasonShift $shift): ?self
    {
        if ($kept->lift === null) {
            return null;
        }
        [$first, $last] = $kept->lift;
        $moved = sprintf('%+d days', $shift->days);
        $grown = $shift->turn->inBook($planted)->modify(sprintf('+%d days', self::GROWS));
        for ($year = (int) $grown->format('Y') - 1; ; $year++) {
            // The last month may be of the next year.
            $to = $grown->setDate($year + ($last < $first ? 1 : 0), $last + 1, 0)->modify($moved);
            if ($to >= $grown) {
                return new self($shift->turn->here(max($grown, $grown->setDate($year, $first, 1)->modify($moved))), $shift->turn->here($to));
            }
        }
    }
}

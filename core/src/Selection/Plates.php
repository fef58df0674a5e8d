<?php

declare(strict_types=1);

namespace Marrow\Core\Selection;

/**
 * Numbers for the plates of a blind tasting, and the order in which they stand on the table: both without rhyme to what is on them, and both
 * the same however often they are asked for, since they follow from the tasting's id.
 */
final readonly class Plates
{
    /** Two figures, since a one or a first place is thought the best. */
    private const LEAST = 11;

    private const MOST = 98;

    /**
     * @param  list<int>  $numbers  of each sample, in the order of the samples
     * @param  list<int>  $order  the same, in the order in which they stand on the table
     */
    private function __construct(public array $numbers, public array $order) {}

    /**
     * @param  string  $tasting  its id
     * @param  int  $samples  at most TasteAgreement::MOST_SAMPLES
     */
    public static function of(string $tasting, int $samples): self
    {
        $numbers = [];
        for ($n = 0; count($numbers) < $samples; $n++) {
            $number = self::LEAST + self::drawn("$tasting plate $n") % (self::MOST - self::LEAST + 1);
            if (! in_array($number, $numbers, true)) {
                $numbers[] = $number;
            }
        }
        $order = $numbers;
        usort($order, static fn (int $a, int $b): int => self::drawn("$tasting place $a") <=> self::drawn("$tasting place $b"));

        return new self($numbers, $order);
    }

    private static function drawn(string $of): int
    {
        return (int) hexdec(substr(hash('sha256', $of), 0, 12));
    }
}

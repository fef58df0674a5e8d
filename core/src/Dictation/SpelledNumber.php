<?php

declare(strict_types=1);

namespace Marrow\Core\Dictation;

/** Whole numbers written as words: nine, twenty-five, a dozen, twice. */
final class SpelledNumber
{
    private const ONES = ['one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'seven' => 7, 'eight' => 8, 'nine' => 9];

    private const TENS = ['twenty' => 20, 'thirty' => 30, 'forty' => 40, 'fifty' => 50, 'sixty' => 60, 'seventy' => 70, 'eighty' => 80, 'ninety' => 90];

    private const OTHERS = ['none' => 0, 'ten' => 10, 'eleven' => 11, 'twelve' => 12, 'thirteen' => 13, 'fourteen' => 14, 'fifteen' => 15, 'sixteen' => 16, 'seventeen' => 17, 'eighteen' => 18, 'nineteen' => 19, 'dozen' => 12, 'hundred' => 100, 'once' => 1, 'twice' => 2, 'thrice' => 3];

    /**
     * @param  string  $word  in small letters
     * @return ?int from 0 to 100; null where it is no number
     */
    public static function of(string $word): ?int
    {
        $known = self::ONES + self::TENS + self::OTHERS;
        [$tens, $ones] = [...explode('-', $word, 2), ''];

        return $known[$word] ?? (isset(self::TENS[$tens], self::ONES[$ones]) ? self::TENS[$tens] + self::ONES[$ones] : null);
    }
}

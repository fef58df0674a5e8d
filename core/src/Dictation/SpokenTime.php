<?php

declare(strict_types=1);

namespace Marrow\Core\Dictation;

use DateTimeImmutable;
use Marrow\Core\Fields\DayOf;
use Marrow\Core\Fields\DayText;

/** When a line says that something happened: a day, a day and an hour, or nothing of it. */
final readonly class SpokenTime
{
    private const MONTH = '(?:jan(?:uary)?|feb(?:ruary)?|mar(?:ch)?|apr(?:il)?|may|june?|july?|aug(?:ust)?|sept?(?:ember)?|oct(?:ober)?|nov(?:ember)?|dec(?:ember)?)';

    private const WEEKDAY = '(?:mon|tues|wednes|thurs|fri|satur|sun)day';

    /** @param  list<int>  $tokens  which of them say it, by their place */
    private function __construct(public ?string $day, public ?string $hour, public array $tokens) {}

    /**
     * @param  list<Token>  $tokens
     * @param  ?bool  $monthFirst  how 9/4/2026 is meant; null where that is not known
     */
    public static function in(string $line, array $tokens, DateTimeImmutable $now, ?bool $monthFirst = null): self
    {
        // What is in quotes says nothing of when.
        $open = $line;
        foreach ($tokens as $token) {
            if ($token->sort === TokenSort::Quoted) {
                $open = substr_replace($open, str_repeat('_', $token->length), $token->at, $token->length);
            }
        }
        [$day, $dayAt] = self::day($open, $now, $monthFirst);
        [$hour, $hourAt] = self::hour($open);
        $spans = array_values(array_filter([$dayAt, $hourAt]));

        return new self($day, $hour, array_keys(array_filter($tokens, static fn (Token $token): bool => array_any($spans, static fn (array $span): bool => $token->at >= $span[0] && $token->end() <= $span[1]))));
    }

    /** As the one door takes it; null where nothing was said of it. */
    public function at(DateTimeImmutable $now): ?string
    {
        return match (true) {
            $this->day === null && $this->hour === null => null,
            $this->hour === null => $this->day,
            default => ($this->day ?? $now->format('Y-m-d')).'T'.$this->hour,
        };
    }

    /** @return array{?string, ?array{int, int}} the day, and from where to where it stands */
    private static function day(string $line, DateTimeImmutable $now, ?bool $monthFirst): array
    {
        $patterns = [
            '\d{4}-\d{2}-\d{2}',
            '\d{1,2}(?:st|nd|rd|th)? '.self::MONTH.'\.?(?:,? \d{4})?',
            self::MONTH.'\.? \d{1,2}(?:st|nd|rd|th)?(?:,? \d{4})?(?![.,]?\d)',
            '\d{1,2}\.\d{1,2}\.(?:\d{4}|\d{2})?',
            '\d{1,2}\/\d{1,2}\/(?:\d{4}|\d{2})',
            '(?:the day before yesterday|day before yesterday|yesterday|today)(?: (?:morning|afternoon|evening|night))?',
            'this morning|this afternoon|this evening|tonight',
            'last night',
            '(?:a|an|\d{1,3}) (?:day|week)s? ago',
            '(?:last |on )?'.self::WEEKDAY.'(?: (?:morning|afternoon|evening|night))?',
        ];
        foreach ($patterns as $pattern) {
            if (preg_match("/(?<![\\p{L}\\d.,])(?<!= )(?:on )?(?<said>$pattern)(?![\\p{L}\\d])/iu", $line, $found, PREG_OFFSET_CAPTURE) !== 1) {
                continue;
            }
            $said = (string) preg_replace('/^on /i', '', mb_strtolower($found['said'][0]));
            $said = (string) preg_replace('/^(?!last night|this )(.+) (?:morning|afternoon|evening|night)$/', '$1', $said);
            $said = match (true) {
                in_array($said, ['this morning', 'this afternoon', 'this evening', 'tonight'], true) => 'today',
                $said === 'last night' => 'yesterday',
                default => $said,
            };
            $day = DayText::read($said, $monthFirst, $now, DayOf::Past);
            if ($day !== null) {
                return [$day, [$found[0][1], $found[0][1] + strlen($found[0][0])]];
            }
        }

        return [null, null];
    }

    /** @return array{?string, ?array{int, int}} */
    private static function hour(string $line): array
    {
        if (preg_match('/(?<![\p{L}\d.,:])(?:at )?(?:(?<hour>\d{1,2}):(?<minute>\d{2})(?: ?(?<half>[ap])\.?m\.?)?|(?<bare>\d{1,2}) ?(?<of>[ap])\.?m\.?)(?![\p{L}\d:])/iu', $line, $found, PREG_OFFSET_CAPTURE | PREG_UNMATCHED_AS_NULL) !== 1) {
            return [null, null];
        }
        $hour = (int) ($found['hour'][0] ?? $found['bare'][0]);
        $minute = (int) ($found['minute'][0] ?? 0);
        $half = mb_strtolower((string) ($found['half'][0] ?? $found['of'][0] ?? ''));
        if ($minute > 59 || $hour > ($half === '' ? 23 : 12) || ($half !== '' && $hour === 0)) {
            return [null, null];
        }

        return [sprintf('%02d:%02d', $half === '' ? $hour : $hour % 12 + ($half === 'p' ? 12 : 0), $minute), [(int) $found[0][1], (int) $found[0][1] + strlen((string) $found[0][0])]];
    }
}

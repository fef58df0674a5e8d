<?php

declare(strict_types=1);

namespace App\Printing;

use App\Documents\PaperTagDocument;
use Marrow\Core\Fields\Refused;

/**
 * Tags as a label printer takes them: one page each, in the few operators of PostScript that docs/label-printer.md lists.
 * Text is set in Helvetica, in Latin-1; a line that is too wide for the label is set narrower, never cut off.
 */
final readonly class LabelScript
{
    private const POINTS_A_MM = 72 / 25.4;

    private const MARGIN = 2.0;

    /** mm; the square mark takes no more, and no more than this share of the label. */
    private const MARK = 20.0;

    private const MARK_SHARE = 0.42;

    /** Squares to a side: more than the densest mark that Marrow writes. */
    private const MOST_SQUARES = 61;

    private const PROLOGUE = <<<'PS'
        %%BeginProlog
        /latin { findfont dup length dict begin { 1 index /FID ne { def } { pop pop } ifelse } forall /Encoding ISOLatin1Encoding def currentdict end definefont pop } bind def
        /Plain /Helvetica latin
        /Bold /Helvetica-Bold latin
        /T { gsave 1 index stringwidth pop div dup 1 gt { pop 1 } if 1 scale show grestore } bind def
        %%EndProlog
        PS;

    /**
     * @param  float  $width  mm, of a label
     * @param  float  $height  mm
     */
    public function __construct(private float $width, private float $height) {}

    /**
     * @param  non-empty-list<PaperTagDocument>  $tags
     * @param  array<array-key, mixed>  $squares  of the mark of each, row by row, "1" where it is dark; by what the mark holds
     *
     * @throws Refused when there is no mark for a tag, or it is none
     */
    public function of(array $tags, array $squares): string
    {
        $pages = [];
        foreach ($tags as $n => $tag) {
            $pages[] = sprintf("%%%%Page: %d %1\$d\n%s\nshowpage", $n + 1, $this->page($tag, self::squares($squares[$tag->mark] ?? null)));
        }

        return sprintf(
            "%%!PS-Adobe-3.0\n%%%%Pages: %d\n%%%%BoundingBox: 0 0 %d %d\n%%%%EndComments\n%s\n<< /PageSize [%s %s] >> setpagedevice\n%s\n%%%%EOF\n",
            count($tags),
            (int) ceil($this->width * self::POINTS_A_MM),
            (int) ceil($this->height * self::POINTS_A_MM),
            self::PROLOGUE,
            self::points($this->width),
            self::points($this->height),
            implode("\n", $pages),
        );
    }

    /** @param  non-empty-list<string>  $squares */
    private function page(PaperTagDocument $tag, array $squares): string
    {
        $mark = min(self::MARK, self::MARK_SHARE * $this->width, $this->height - 2 * self::MARGIN);
        $room = $this->width - 3 * self::MARGIN - $mark;
        $lines = [
            ['Bold', 14.0, $tag->code],
            ['Bold', 9.0, trim("$tag->variety $tag->year")],
            ['Plain', 7.5, $tag->crop],
            ...($tag->headline === '' ? [] : [['Bold', 9.0, $tag->headline]]),
            ...($tag->warning === null ? [] : [['Bold', 8.0, 'Treated seed: never eat it.']]),
        ];
        foreach ($tag->lines as $line) {
            $lines[] = ['Plain', 7.0, "$line->label: $line->said"];
        }

        return implode("\n", [...$this->text($lines, $room), ...$this->mark($squares, $mark)]);
    }

    /**
     * As many lines as the label has room for, what matters first.
     *
     * @param  list<array{string, float, string}>  $lines  font, points, text
     * @return list<string>
     */
    private function text(array $lines, float $room): array
    {
        $set = [];
        $y = $this->height - self::MARGIN;
        foreach (array_filter($lines, static fn (array $line): bool => $line[2] !== '') as [$font, $points, $text]) {
            $y -= 1.15 * $points / self::POINTS_A_MM;
            if ($y < self::MARGIN) {
                break;
            }
            $set[] = sprintf('/%s findfont %s scalefont setfont %s %s moveto (%s) %s T', $font, self::figure($points), self::points(self::MARGIN), self::points($y), self::string($text), self::points($room));
        }

        return $set;
    }

    /**
     * @param  non-empty-list<string>  $squares
     * @return list<string> a bar for each run of dark squares
     */
    private function mark(array $squares, float $size): array
    {
        $each = $size / count($squares);
        [$left, $top] = [$this->width - self::MARGIN - $size, $this->height - self::MARGIN];
        $bars = [];
        foreach ($squares as $row => $line) {
            preg_match_all('/1+/', $line, $runs, PREG_OFFSET_CAPTURE);
            foreach ($runs[0] as [$run, $at]) {
                $bars[] = sprintf('%s %s %s %s rectfill', self::points($left + $at * $each), self::points($top - ($row + 1) * $each), self::points(strlen($run) * $each), self::points($each));
            }
        }

        return $bars;
    }

    /**
     * @return non-empty-list<string>
     *
     * @throws Refused
     */
    private static function squares(mixed $given): array
    {
        $rows = is_array($given) && array_is_list($given) ? array_values(array_filter($given, is_string(...))) : [];
        $side = count($rows);
        if ($side === 0 || $side > self::MOST_SQUARES || ! is_array($given) || count($given) !== $side) {
            throw Refused::at('squares', 'The square mark of a tag is missing.');
        }
        foreach ($rows as $row) {
            if (strlen($row) !== $side || strspn($row, '01') !== $side) {
                throw Refused::at('squares', 'That is no square mark: as many rows as columns, of 0 and 1.');
            }
        }

        return $rows;
    }

    /** Latin-1, with what PostScript would take for its own signs written as figures. */
    private static function string(string $text): string
    {
        // In this encoding the sign on the key is a minus, and the hyphen stands elsewhere.
        $plain = strtr($text, ["\u{00A0}" => ' ', '-' => "\u{00AD}", '–' => "\u{00AD}", "\u{2212}" => '-', '›' => '>', '’' => "'"]);
        $latin = (string) iconv('UTF-8', 'ISO-8859-1//TRANSLIT//IGNORE', $plain);

        return (string) preg_replace_callback('/[^ -\'*-\[\]-~]/', static fn (array $sign): string => sprintf('\\%03o', ord($sign[0])), $latin);
    }

    private static function points(float $mm): string
    {
        return self::figure($mm * self::POINTS_A_MM);
    }

    private static function figure(float $value): string
    {
        return rtrim(rtrim(number_format($value, 3, '.', ''), '0'), '.');
    }
}

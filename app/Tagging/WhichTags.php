<?php

declare(strict_types=1);

namespace App\Tagging;

use App\Documents\PaperTagDocument;
use App\Journal\Subjects;
use App\Models\Code;
use App\Voice\When;
use Marrow\Core\Journal\Subject;

/** Which tags are printed: of things that were chosen, of all that lies in a place, of certain sorts of tags. */
final readonly class WhichTags
{
    /** @param  Subjects<OnPaper>  $things */
    public function __construct(private Subjects $things) {}

    /**
     * @param  list<string>  $codes
     * @param  string  $place  bench, racks, trays, store or plot: all that is there; empty for those of the codes alone
     * @param  list<string>  $sorts  empty for all of them
     * @return list<PaperTagDocument>
     */
    public function of(array $codes, string $place, array $sorts, When $when): array
    {
        $tags = array_merge([], ...array_map(fn (OnPaper $sort): array => $sort->paper(self::numbers($codes, $sort->subject()), $place, $when), $this->things->all()));

        return array_values(array_filter($tags, static fn (PaperTagDocument $tag): bool => $sorts === [] || in_array($tag->sort, $sorts, true)));
    }

    /**
     * @param  list<string>  $codes
     * @return list<int>
     */
    private static function numbers(array $codes, Subject $of): array
    {
        $read = array_filter(array_map(Code::read(...), $codes), static fn (?array $code): bool => $code !== null && $code[0] === $of);

        return array_values(array_column($read, 1));
    }
}

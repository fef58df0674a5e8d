<?php

declare(strict_types=1);

namespace App\Tagging;

use App\Documents\TagReadDocument;
use App\Journal\Subjects;
use App\Models\Code;
use App\Models\Marks;
use App\Presenting\Shown;
use App\Presenting\Shows;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Journal\Subject;

/** Finds what a tag is of: by its mark, or by the code that was typed off it. */
final readonly class ReadsTags
{
    /** @param  Subjects<Shows>  $sorts */
    public function __construct(private Subjects $sorts) {}

    public function read(string $text): TagReadDocument
    {
        $mark = TagMark::read($text);
        if ($mark !== null) {
            return $mark->garden === Marks::get(Marks::GARDEN)
                ? $this->here($mark->subject, $mark->id, $mark->container)
                : new TagReadDocument('elsewhere', 'This tag is of another garden: what it is of is not known here.');
        }
        if (preg_match('/^(L?\s*\d{1,9})-(\d{4}[a-z]?)$/i', trim($text), $found) === 1) {
            return $this->packet($found[1], mb_strtolower($found[2]));
        }
        if (preg_match('/^(P\s*\d{1,9})-(\d{1,5})$/i', trim($text), $found) === 1) {
            // A fruit on the shelf is called by the code of its planting and its number.
            $planting = $this->sorts->of(Subject::Planting)->byNumber(Code::number($found[1], Subject::Planting) ?? 0);

            return $this->here(Subject::Planting, $planting?->id());
        }
        $code = Code::read($text);

        return $code === null
            ? new TagReadDocument('unreadable', sprintf('"%s" is no tag of Marrow, and no code: codes look like L7, L7-2029 or P3.', mb_substr(trim($text), 0, 40)))
            : $this->here($code[0], $this->sorts->of($code[0])->byNumber($code[1])?->id());
    }

    /** A packet is called by the code of its lot and its year. */
    private function packet(string $code, string $year): TagReadDocument
    {
        $lot = $this->sorts->of(Subject::Lot)->byNumber(Code::number($code, Subject::Lot) ?? 0);
        $container = $lot === null ? null : DB::table('lot_containers')->where('lot_id', $lot->id())->where('packet', $lot->code()."-$year")->value('container_id');
        if ($lot !== null && ! is_string($container)) {
            return new TagReadDocument('unknown', sprintf('%s has no packet %s, or it is used up.', $lot->code(), $year));
        }

        return $this->here(Subject::Lot, $lot?->id(), is_string($container) ? $container : null);
    }

    private function here(Subject $subject, ?string $id, ?string $container = null): TagReadDocument
    {
        $thing = $id === null ? null : $this->sorts->of($subject)->shown([$id])[$id] ?? null;

        return $thing === null
            ? new TagReadDocument('unknown', "There is no such $subject->value in this garden.")
            : new TagReadDocument('here', self::said($thing, $container), $thing->tag, $thing->id, $container, $thing->name);
    }

    private static function said(Shown $thing, ?string $container): string
    {
        $row = $container === null ? null : DB::table('lot_containers')->where('lot_id', $thing->id)->where('container_id', $container)->first(['packet']);
        $packet = is_string($row->packet ?? null) ? $row->packet : null;

        return match (true) {
            $container === null => $thing->name,
            $packet !== null => "packet $packet",
            default => "a packet of $thing->name",
        }.($thing->variety === null ? '' : ", {$thing->variety->name}").($container !== null && $packet === null ? ', that is used up by now' : '');
    }
}

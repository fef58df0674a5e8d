<?php

declare(strict_types=1);

namespace App\Tagging;

use App\Documents\TagReadDocument;
use App\Models\Code;
use App\Models\Lot;
use App\Models\Marks;
use App\Models\Planting;
use App\Presenting\Tags;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Journal\Subject;

/** Finds what a tag is of: by its mark, or by the code that was typed off it. */
final readonly class ReadsTags
{
    public function __construct(private Tags $tags) {}

    public function read(string $text): TagReadDocument
    {
        $mark = TagMark::read($text);
        if ($mark !== null) {
            if ($mark->garden !== Marks::get(Marks::GARDEN)) {
                return new TagReadDocument('elsewhere', 'This tag is of another garden: what it is of is not known here.');
            }

            return $mark->subject === Subject::Lot ? $this->lot(Lot::query()->find($mark->id), $mark->container) : $this->planting(Planting::query()->find($mark->id));
        }
        if (preg_match('/^(L?\s*\d{1,9})-(\d{4}[a-z]?)$/i', trim($text), $found) === 1) {
            return $this->packet($found[1], mb_strtolower($found[2]));
        }
        $number = Code::number($text, 'L');
        if ($number !== null) {
            return $this->lot(Lot::query()->where('number', $number)->first());
        }
        $number = Code::number($text, 'P');
        if ($number !== null) {
            return $this->planting(Planting::query()->where('number', $number)->first());
        }

        return new TagReadDocument('unreadable', sprintf('"%s" is no tag of Marrow, and no code: codes look like L7, L7-2029 or P3.', mb_substr(trim($text), 0, 40)));
    }

    /** A packet is called by the code of its lot and its year. */
    private function packet(string $code, string $year): TagReadDocument
    {
        $lot = Lot::query()->where('number', Code::number($code, 'L'))->first();
        $container = $lot === null ? null : DB::table('lot_containers')->where('lot_id', $lot->id)->where('packet', $lot->code()."-$year")->value('container_id');
        if ($lot !== null && ! is_string($container)) {
            return new TagReadDocument('unknown', sprintf('%s has no packet %s, or it is used up.', $lot->code(), $year));
        }

        return $this->lot($lot, is_string($container) ? $container : null);
    }

    private function lot(?Lot $lot, ?string $container = null): TagReadDocument
    {
        if ($lot === null) {
            return new TagReadDocument('unknown', 'There is no such lot in this garden.');
        }
        $lot->loadMissing(['variety', 'standing']);
        $row = $container === null ? null : DB::table('lot_containers')->where('lot_id', $lot->id)->where('container_id', $container)->first(['packet']);
        $packet = is_string($row->packet ?? null) ? $row->packet : null;

        return new TagReadDocument('here', match (true) {
            $container === null => "{$lot->code()}, {$lot->variety->name}",
            $packet !== null => "packet $packet, {$lot->variety->name}",
            default => "a packet of {$lot->code()}, {$lot->variety->name}, that is used up by now",
        }, $this->tags->lot($lot), $lot->id, $container, $lot->code());
    }

    private function planting(?Planting $planting): TagReadDocument
    {
        if ($planting === null) {
            return new TagReadDocument('unknown', 'There is no such planting in this garden.');
        }
        $planting->loadMissing(['variety', 'standing']);

        return new TagReadDocument('here', "{$planting->code()}, {$planting->variety->name}", $this->tags->planting($planting), $planting->id, null, $planting->code());
    }
}

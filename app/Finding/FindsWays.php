<?php

declare(strict_types=1);

namespace App\Finding;

use App\Documents\FoundDocument;
use App\Journal\Subjects;
use LogicException;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Things\Registered;

/** What one wants to do, by the words that people have for it: where that is done, and what can be recorded. */
final readonly class FindsWays implements Finds
{
    private const MOST = 6;

    /** What is done, the page on which, and by which words it is looked for. */
    private const WAYS = [
        ['Two varieties that are one', '/books/varieties', 'merge join same combine duplicate variety'],
        ['Two lots poured together', '/store/new', 'pour together mix merge join blend same bag lots'],
        ['Put it into the freezer against insects', '/store', 'insect weevil moth beetle freeze kill pest'],
        ['Rename a variety, or change its crop', '/books/varieties', 'rename name wrong spelling change crop'],
        ['Take back, correct or strike an entry', '/books/journal', 'undo take back strike correct mistake wrong delete remove revert'],
        ['Take stock: many packets, a list, a file', '/store/stock', 'import csv xlsx spreadsheet list upload paste packets inventory add seeds'],
        ['Take a list back as one', '/store/stock', 'undo import take back list'],
        ['The store as a spreadsheet', '/store', 'export csv xlsx spreadsheet download print'],
        ['What may be swapped or given away', '/store/swap', 'swap exchange share give list'],
        ['Where everything lies: places, boxes, stock-taking', '/store/where', 'place box shelf fridge freezer cupboard move humidity walk count'],
        ['Tags and labels', '/tags', 'print label tag qr sticker'],
        ['Read a tag', '/read', 'scan camera qr tag read'],
        ['Everything due as a calendar', '/plot/plan', 'calendar ics ical remind reminder alarm phone subscribe'],
        ['What to grow for seed this year', '/plot/rota', 'rota list renew regenerate grow out which year dying line last'],
        ['Which line in which year', '/plot/rota/years', 'rota years rotation ahead pin limits cages hours'],
        ['The plan of a season', '/plot/plan', 'plan season map bed garden distance isolation'],
        ['Flowers to shut this evening', '/plot/round/evening', 'evening round tape tie hand pollinate flower'],
        ['Flowers to pollinate in the morning', '/plot/round/morning', 'morning round hand pollinate pollen'],
        ['Copies of the garden', '/books/copies', 'backup copy restore go back lost damaged'],
        ['People: who gave seed, who has some, forget somebody', '/books/people', 'person people forget privacy recall call back gave'],
        ['Sieves and screens for a crop', '/books/handbook', 'sieve screen mesh hole riddle'],
        ['Instruments: scale, loggers, weather', '/books/instruments', 'instrument scale balance logger hygrometer thermometer weather station forecast rain frost sensor device'],
        ['Settings', '/books/settings', 'settings units ounces fahrenheit date printer frost latitude zone'],
    ];

    /** @param  Subjects<Found>  $things */
    public function __construct(private Subjects $things) {}

    public function find(Sought $sought): array
    {
        $found = [];
        foreach (self::WAYS as [$title, $address, $words]) {
            if ($sought->isIn($title, $words)) {
                $found[] = FoundDocument::page('way', $address, $title, '');
            }
        }
        foreach (Registered::kinds()->all() as $kind) {
            if ($kind->name !== 'struck' && $sought->isIn($kind->title, $kind->act, str_replace('_', ' ', $kind->name))) {
                $found[] = FoundDocument::page('way', $this->of($kind), $kind->act === '' ? $kind->title : $kind->act, self::where($kind));
            }
        }

        return array_slice($found, 0, self::MOST);
    }

    /** Where what it is recorded of is listed; of several, the first there is. */
    private function of(Kind $kind): string
    {
        foreach ($this->things->all() as $sort) {
            if (in_array($sort->subject(), $kind->of, true)) {
                return $sort->listed();
            }
        }

        throw new LogicException("$kind->name is of nothing.");
    }

    private static function where(Kind $kind): string
    {
        return 'recorded on the sheet of '.implode(' or ', array_map(static fn (Subject $subject): string => "a $subject->value", $kind->of));
    }
}

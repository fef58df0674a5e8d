<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Dictation;

use DateTimeImmutable;
use Marrow\Core\Dictation\Clause;
use Marrow\Core\Dictation\LineReader;
use Marrow\Core\Dictation\Named;
use Marrow\Core\Dictation\Thing;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\Diary;
use Marrow\Core\Tests\Support\PlotDiary;
use Marrow\Core\Things\Registered;
use PHPUnit\Framework\Attributes\DataProvider;

/** Lines as they are written with dirt on the hands: what each is understood to say. */
final class HurriedLinesTest extends CoreTestCase
{
    private const NOW = '2026-09-14 10:00';

    private const PLACES = ['Blue tin' => ['blue'], 'Hall cupboard' => ['hall'], 'Old fridge' => ['fridge'], 'Cellar' => ['cellar']];

    private static function lot(string $where): Thing
    {
        $diary = new Diary(self::crop($where === 'pods' ? 'pea' : 'tomato'));
        if ($where === 'pods' || $where === 'threshed') {
            $diary = new Diary(self::crop('pea'));
        }
        $diary->record('picked', '2026-08-20 10:00', ['plants' => 10, 'fruits' => 40, 'mass_g' => 5000]);
        $steps = match ($where) {
            'fruit', 'pods' => [],
            'threshed' => [['threshed', '2026-08-28 10:00', ['mass_g' => 400]]],
            'jar' => [['ferment_started', '2026-08-21 10:00', ['temperature_c' => 24, 'cover' => 'cloth']]],
            default => [
                ['ferment_started', '2026-08-21 10:00', ['temperature_c' => 24, 'cover' => 'cloth']],
                ['poured_off', '2026-08-23 20:00', ['passes' => 4]],
                ['rinsed', '2026-08-23 20:20', []],
                ['spread', '2026-08-23 20:30', ['surface' => 'plate', 'mass_g' => 60, 'moisture' => 50]],
                ...($where === 'racks' ? [] : [
                    ['weighed', '2026-08-30 09:00', ['mass_g' => 32]],
                    ['stored', '2026-08-31 09:00', ['container' => 'jar', 'place' => 'Shed', 'temperature_c' => 12, 'rh' => 55, 'mass_g' => 32, 'seeds' => 9000]],
                ]),
                ...($where === 'tray' ? [['test_started', '2026-09-05 09:00', ['test' => 't', 'replicates' => 1, 'seeds' => 50, 'temperature_c' => 22, 'method' => 'damp_towel']], ['test_counted', '2026-09-10 09:00', ['test' => 't', 'normal' => [5], 'abnormal' => [0]]]] : []),
            ],
        };
        foreach ($steps as [$kind, $at, $payload]) {
            $diary->record($kind, $at, $payload);
        }

        return new Thing(Subject::Lot, 'l7', 'L7', $diary->course()->spokenOffers(new DateTimeImmutable(self::NOW)));
    }

    private static function planting(): Thing
    {
        $diary = new PlotDiary(self::crop('parsnip'));
        $diary->record('sown', '2026-04-01 10:00', ['plants' => 40]);

        return new Thing(Subject::Planting, 'p4', 'P4', $diary->course()->offers());
    }

    /** @param  array<string, mixed>  $payload */
    #[DataProvider('lines')]
    public function test_it_is_understood(string $where, string $line, string $kind, array $payload, ?string $at = null): void
    {
        $now = new DateTimeImmutable(self::NOW);
        $clause = Clause::of($line, $now);
        $filling = (new LineReader(Registered::kinds()))->read($clause, $where === 'plot' ? self::planting() : self::lot($where), new Named(self::PLACES));
        self::assertNotNull($filling, 'nothing was understood');
        self::assertSame($kind, $filling->kind->name);
        foreach ($payload as $key => $value) {
            self::assertSame($value, $filling->payload[$key] ?? null, $key);
        }
        self::assertSame([], $filling->leftOver());
        self::assertSame($at, $clause->time->at($now));
    }

    /** @return iterable<string, array{0: string, 1: string, 2: string, 3: array<string, mixed>, 4?: string}> */
    public static function lines(): iterable
    {
        foreach ([
            // By the unit alone: on the racks it was weighed, on the bench it is what came out.
            ['racks', 'L7 41.2 g', 'weighed', ['mass_g' => '41.2 g']],
            ['racks', 'l7 41,2g', 'weighed', ['mass_g' => '41,2 g']],
            ['racks', '41.2 g L7', 'weighed', ['mass_g' => '41.2 g']],
            ['racks', 'L7 weighs 41.2', 'weighed', ['mass_g' => '41.2']],
            ['racks', 'weighed L7: 41 g', 'weighed', ['mass_g' => '41 g']],
            ['racks', 'L7 wieghed 41 g', 'weighed', ['mass_g' => '41 g']],
            ['racks', 'L7 1.5 oz', 'weighed', ['mass_g' => '1.5 oz']],
            ['racks', 'L7 41.2 g yesterday', 'weighed', ['mass_g' => '41.2 g'], '2026-09-13'],
            ['racks', 'L7 41.2 g yesterday 18:00', 'weighed', ['mass_g' => '41.2 g'], '2026-09-13T18:00'],
            ['racks', 'L7 41.2 g at 8am', 'weighed', ['mass_g' => '41.2 g'], '2026-09-14T08:00'],
            ['racks', 'on 12 sep L7 41.2 g', 'weighed', ['mass_g' => '41.2 g'], '2026-09-12'],
            ['threshed', 'L7 380 g', 'winnowed', ['mass_g' => '380 g']],
            ['threshed', 'winnowed L7', 'winnowed', []],
            ['pods', 'L7 threshed 410 g', 'threshed', ['mass_g' => '410 g']],
            ['pods', 'L7 shelled', 'threshed', []],
            // What a hygrometer says.
            ['racks', 'L7 rh 38', 'jar_read', ['rh' => '38', 'temperature_c' => '20']],
            ['racks', 'L7 38 % rh', 'jar_read', ['rh' => '38 % rh']],
            ['racks', 'L7 jar 38 % 19 °C', 'jar_read', ['rh' => '38 %', 'temperature_c' => '19 ° C']],
            ['racks', 'L7 L9 L12 rh 38', 'jar_read', ['rh' => '38']],
            ['store', 'L7 humidity 41', 'jar_read', ['rh' => '41']],
            // The ferment.
            ['fruit', 'L7 to ferment 24 °C under a cloth', 'ferment_started', ['temperature_c' => '24 ° C', 'cover' => 'cloth']],
            ['fruit', 'ferment L7 24C cloth', 'ferment_started', ['temperature_c' => '24 C', 'cover' => 'cloth']],
            ['fruit', 'L7 fermenting, open, 75 f', 'ferment_started', ['temperature_c' => '75 f', 'cover' => 'open']],
            ['jar', 'poured off L13 yesterday 18:00', 'poured_off', [], '2026-09-13T18:00'],
            ['jar', 'poured off L13 4 times', 'poured_off', ['passes' => '4 times']],
            ['jar', 'L7 poured off 3', 'poured_off', ['passes' => '3']],
            ['jar', 'L7 decanted 5 times, sprouted seed seen', 'poured_off', ['passes' => '5 times', 'sprouted' => true]],
            // Into the store and out of it.
            ['store', 'L7 to blue tin', 'stored', ['place_id' => 'blue', 'container' => 'jar']],
            ['store', 'L7 moved to the Hall cupboard', 'stored', ['place_id' => 'hall']],
            ['store', 'move L7 to cellar in envelope', 'stored', ['place_id' => 'cellar', 'container' => 'paper_envelope']],
            ['racks', 'L7 put away old fridge jar', 'stored', ['place_id' => 'fridge', 'container' => 'jar']],
            ['store', '20 seeds of L2 to Ada', 'withdrawn', ['seeds' => '20 seeds', 'to' => 'Ada', 'purpose' => 'gift']],
            ['store', 'gave 20 seeds of L2 to Ada', 'withdrawn', ['seeds' => '20 seeds', 'to' => 'Ada', 'purpose' => 'gift']],
            ['store', 'L2 swapped 30 seeds to Odile', 'withdrawn', ['seeds' => '30 seeds', 'to' => 'Odile', 'purpose' => 'swap']],
            ['store', 'took 2 g of L7 to sow', 'withdrawn', ['mass_g' => '2 g', 'purpose' => 'sowing']],
            ['store', 'L7 reserve 200', 'reserved', ['seeds' => '200']],
            ['store', 'L7 opened', 'opened', []],
            // Tests.
            ['tray', 'L11 sprouted 9', 'test_counted', ['test' => 't', 'normal' => ['9']]],
            ['tray', '12 up L11', 'test_counted', ['test' => 't', 'normal' => ['12']]],
            ['tray', 'L11 germinated 31 today', 'test_counted', ['test' => 't', 'normal' => ['31']], '2026-09-14'],
            ['tray', 'L11 test over', 'test_ended', ['test' => 't']],
            ['store', 'L7 start a test in a dish', 'test_started', ['method' => 'dish', 'replicates' => '2']],
            // On the plot.
            ['plot', 'P4 pulled 3 of 40, narrow leaves', 'rogued', ['looked_over' => '40', 'pulled' => '3', 'how' => 'narrow leaves']],
            ['plot', 'rogued P4 2 of 38 off-type', 'rogued', ['looked_over' => '38', 'pulled' => '2', 'why' => 'off_type']],
            ['plot', 'P4 first bloom yesterday', 'first_bloom', [], '2026-09-13'],
            ['plot', 'P4 in bloom', 'first_bloom', []],
            ['plot', 'watered P4', 'watered', []],
            ['plot', 'P4 thinned to 24', 'thinned', ['left' => '24']],
            ['plot', 'P4 2 sick plants, white spots', 'sick_seen', ['plants' => '2', 'what' => 'white spots']],
            ['plot', 'planted out P4 30 in the long bed', 'planted_out', ['plants' => '30', 'where' => 'long bed']],
            // Words, as they were written.
            ['plot', 'note P4 aphids', 'noted', ['text' => 'aphids']],
            ['plot', 'P4 note: Slugs again, 3 plants gone', 'noted', ['text' => 'Slugs again, 3 plants gone']],
            ['store', 'L7 note "41 g; not mine"', 'noted', ['text' => '41 g; not mine']],
            ['racks', 'note L7 smells of mice last night', 'noted', ['text' => 'smells of mice'], '2026-09-13'],
        ] as $line) {
            yield $line[1].' ('.$line[0].')' => $line;
        }
    }
}

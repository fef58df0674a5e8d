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

    /** What is not understood is never kept as something else in silence: a word is left over, or a figure is missing. */
    #[DataProvider('strange')]
    public function test_what_is_not_understood_is_said(string $where, string $line): void
    {
        $clause = Clause::of($line, new DateTimeImmutable(self::NOW));
        $filling = (new LineReader(Registered::kinds()))->read($clause, $where === 'plot' ? self::planting() : self::lot($where), new Named(self::PLACES));
        self::assertTrue($filling === null || $filling->leftOver() !== [] || $filling->missing() !== [], $filling?->kind->name ?? '');
    }

    /** @return iterable<string, array{string, string}> */
    public static function strange(): iterable
    {
        foreach ([
            ['racks', 'L7'],
            ['racks', 'L7 hello'],
            ['racks', 'L7 41.2'],
            ['racks', 'L7 wobbled 41.2 g'],
            ['racks', 'L7 41.2 g 38 g'],
            ['racks', 'L7 17 furlongs'],
            ['racks', 'L7 purple'],
            ['threshed', 'L7 dry now, 12 g'],
            ['tray', 'L7 9/50'],
            ['store', 'L7 to the moon'],
            ['store', 'L7 12'],
            ['plot', 'P4 danced'],
            ['plot', 'P4 pulled some'],
            ['plot', 'P4 41 g'],
            ['fruit', 'L7 38 % rh'],
            ['store', '🫘 L7'],
            ['store', 'L7 <b>41 g</b>'],
            ['store', str_repeat('L7 weighed 4 ', 300)],
        ] as $line) {
            yield mb_substr($line[1], 0, 40)." ($line[0])" => $line;
        }
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
            ['racks', 'L7 by hand snaps', 'hand_tried', ['snap' => 'snaps']],
            ['racks', 'L7 it snaps, runs freely', 'hand_tried', ['snap' => 'snaps', 'runs' => 'runs_freely']],
            ['racks', 'L7 bends', 'hand_tried', ['snap' => 'bends']],
            ['racks', 'L7 card damp 20, dry 40 %', 'card_read', ['damp_to' => '20', 'dry_from' => '40 %']],
            ['racks', 'L7 gel 60 g', 'desiccant_in', ['desiccant_g' => '60 g']],
            ['racks', 'L7 taken in', 'dries_elsewhere', []],
            ['racks', 'L7 raked, dry to the touch', 'raked', ['dry_outside' => true]],
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
            ['plot', 'picked P4 3 plants 40 g', 'picked', ['plants' => '3 plants', 'mass_g' => '40 g']],
            ['plot', 'harvested 12 fruits of 5 plants P4', 'picked', ['plants' => '5 plants']],
            ['plot', 'planting 4 watered', 'watered', []],
            ['racks', 'lot 7 down to 40.1 g', 'weighed', ['mass_g' => '40.1 g']],
            ['plot', 'watered P4', 'watered', []],
            ['plot', 'P4 thinned to 24', 'thinned', ['left' => '24']],
            ['plot', 'P4 2 sick plants, white spots', 'sick_seen', ['plants' => '2', 'what' => 'white spots']],
            ['plot', 'planted out P4 30 in the long bed', 'planted_out', ['plants' => '30', 'where' => 'long bed']],
            // Words, as they were written.
            ['plot', 'P4 nearly ripe', 'ripeness_seen', ['ready' => 'nearly']],
            ['plot', 'P4 parents 2 5 9', 'plants_kept', ['plants' => ['2', '5', '9']]],
            ['plot', 'note P4 aphids', 'noted', ['text' => 'aphids']],
            ['plot', 'P4 note: Slugs again, 3 plants gone', 'noted', ['text' => 'Slugs again, 3 plants gone']],
            ['store', 'L7 note "41 g; not mine"', 'noted', ['text' => '41 g; not mine']],
            ['racks', 'note L7 smells of mice last night', 'noted', ['text' => 'smells of mice'], '2026-09-13'],
            // A slip in a unit.
            ['racks', 'L7 41 gramms', 'weighed', ['mass_g' => '41 gram']],
            ['store', 'L7 bathed 50 C 25 minuts', 'bathed', ['minutes' => '25 minute']],
            ['plot', 'P4 thinned to 24 plnats', 'thinned', ['left' => '24 plant']],
            // Other hands.
            ['racks', 'L7: 41 grams', 'weighed', ['mass_g' => '41 grams']],
            ['racks', 'L7 weight 0.041 kg', 'weighed', ['mass_g' => '0.041 kg']],
            ['racks', 'L7 is now 40.9 g', 'weighed', ['mass_g' => '40.9 g']],
            ['racks', 'weigh L7 40.9', 'weighed', ['mass_g' => '40.9']],
            ['racks', 'this morning L7 40.9 g', 'weighed', ['mass_g' => '40.9 g'], '2026-09-14'],
            ['racks', 'L7 40.9 g on monday', 'weighed', ['mass_g' => '40.9 g'], '2026-09-07'],
            ['racks', 'L7 40.9 g 3 days ago', 'weighed', ['mass_g' => '40.9 g'], '2026-09-11'],
            ['racks', 'L7 40.9 g 12.9. 8:30', 'weighed', ['mass_g' => '40.9 g'], '2026-09-12T08:30'],
            ['racks', 'L7 40.9 g 2026-09-10', 'weighed', ['mass_g' => '40.9 g'], '2026-09-10'],
            ['racks', 'L7 40.9 g Sep 10', 'weighed', ['mass_g' => '40.9 g'], '2026-09-10'],
            ['racks', 'yesterday evening L7 40.9 g', 'weighed', ['mass_g' => '40.9 g'], '2026-09-13'],
            ['racks', 'hygrometer L7 44', 'jar_read', ['rh' => '44']],
            ['racks', 'L7 jar reads 44 %', 'jar_read', ['rh' => '44 %']],
            ['racks', 'L7 44 rh at 18 C', 'jar_read', ['rh' => '44 rh', 'temperature_c' => '18 C']],
            ['racks', 'L7 rh 44 temp 18', 'jar_read', ['rh' => '44', 'temperature_c' => '18']],
            ['racks', 'L7 humidity 44 %, 64 °F', 'jar_read', ['rh' => '44 %', 'temperature_c' => '64 ° F']],
            ['racks', 'L7 humidty 44', 'jar_read', ['rh' => '44']],
            ['racks', 'stored L7 in the cellar in a tin', 'stored', ['place_id' => 'cellar', 'container' => 'tin']],
            ['racks', 'L7 into the blue tin', 'stored', ['place_id' => 'blue']],
            ['racks', 'put L7 away, cellar, paper envelope', 'stored', ['place_id' => 'cellar', 'container' => 'paper_envelope']],
            ['racks', 'L7 to foil pouch in old fridge 38 g', 'stored', ['place_id' => 'fridge', 'container' => 'foil_pouch', 'mass_g' => '38 g']],
            ['store', 'moved L7 to old fridge', 'stored', ['place_id' => 'fridge']],
            ['store', 'L7 > cellar', 'stored', ['place_id' => 'cellar']],
            ['store', 'L7 now in hall cupboard', 'stored', ['place_id' => 'hall']],
            ['store', 'gave Ada 20 seeds of L7', 'withdrawn', ['seeds' => '20 seeds', 'to' => 'Ada', 'purpose' => 'gift']],
            ['store', 'sent 5 g of L7 to the seed circle', 'withdrawn', ['mass_g' => '5 g', 'to' => 'the seed circle', 'purpose' => 'gift']],
            ['store', 'L2 taken out seeds 12', 'withdrawn', ['seeds' => '12']],
            ['store', 'take 12 seeds out of L7', 'withdrawn', ['seeds' => '12 seeds']],
            ['store', 'L7 took 40 seeds to sow', 'withdrawn', ['seeds' => '40 seeds', 'purpose' => 'sowing']],
            ['store', 'threw out 200 seeds of L7', 'withdrawn', ['seeds' => '200 seeds', 'purpose' => 'discarded']],
            ['store', 'ate 100 seeds L7', 'withdrawn', ['seeds' => '100 seeds', 'purpose' => 'eaten']],
            ['store', '30 seeds of L7 spoilt', 'withdrawn', ['seeds' => '30 seeds', 'purpose' => 'spoilt']],
            ['store', 'L7 keep a reserve of 300 seeds', 'reserved', ['seeds' => '300 seeds']],
            ['store', 'opened L7 yesterday', 'opened', [], '2026-09-13'],
            ['store', 'L7 100 seeds weigh 0.35 g', 'sample_weighed', ['counted' => '100', 'masses_g' => ['0.35 g']]],
            ['store', 'L7 samples 0.35 g 0.36 g 0.34 g', 'sample_weighed', ['masses_g' => ['0.35 g', '0.36 g', '0.34 g']]],
            ['store', 'L7 counted, 400 seeds left', 'seen', ['seeds' => '400 seeds']],
            ['store', 'L7 start test 2 x 25 damp towel', 'test_started', ['method' => 'damp_towel']],
            ['store', 'test L7 50 seeds at 22 C', 'test_started', ['seeds' => '50 seeds', 'temperature_c' => '22 C']],
            ['store', 'set L7 to germinate in sand', 'test_started', ['method' => 'sand']],
            ['tray', 'L11: 9 sprouted', 'test_counted', ['test' => 't', 'normal' => ['9']]],
            ['tray', 'L11 count 14', 'test_counted', ['normal' => ['14']]],
            ['tray', '3 more seedlings L11', 'test_counted', ['normal' => ['3']]],
            ['tray', 'L11 0 sprouted', 'test_counted', ['normal' => ['0']]],
            ['tray', 'L11 sprouted 9, abnormal 2', 'test_counted', ['normal' => ['9'], 'abnormal' => ['2']]],
            ['tray', 'L11 seedlings 9 dead 1', 'test_counted', ['normal' => ['9'], 'abnormal' => ['1']]],
            ['tray', 'end test L11', 'test_ended', ['test' => 't']],
            ['fruit', 'L7 start ferment 22 °C open', 'ferment_started', ['temperature_c' => '22 ° C', 'cover' => 'open']],
            ['fruit', 'started fermenting L7 under a loose lid at 20', 'ferment_started', ['cover' => 'loose_lid', 'temperature_c' => '20']],
            ['fruit', 'L7 rinsed', 'rinsed', []],
            ['fruit', 'washed L7 out', 'rinsed', []],
            ['jar', 'L13 poured off, 3 passes', 'poured_off', ['passes' => '3']],
            ['pods', 'threshed L7, 410 g', 'threshed', ['mass_g' => '410 g']],
            ['pods', 'L7 treshed', 'threshed', []],
            ['threshed', 'L7 sieved 350 g', 'winnowed', ['mass_g' => '350 g']],
            ['threshed', 'L7 winnowed, 0.35 kg', 'winnowed', ['mass_g' => '0.35 kg']],
            ['threshed', 'spread L7 on mesh', 'spread', ['surface' => 'mesh']],
            ['threshed', 'L7 spread to dry on paper 350 g', 'spread', ['surface' => 'paper', 'mass_g' => '350 g']],
            ['threshed', 'L7 laid out on a tray', 'spread', ['surface' => 'tray']],
            ['store', 'L7 all lost, mice', 'seed_lost', ['how' => 'eaten']],
            ['store', 'L7 lost mouldy', 'seed_lost', ['how' => 'rotten']],
            ['store', 'L7 bathed 50 C 25 min', 'bathed', ['temperature_c' => '50 C', 'minutes' => '25 min']],
            ['store', 'L7 hot water 50 °C for 25 minutes', 'bathed', ['temperature_c' => '50 ° C', 'minutes' => '25 minutes']],
            ['plot', 'looked over P4, pulled 2 of 40', 'rogued', ['looked_over' => '40', 'pulled' => '2']],
            ['plot', 'P4 rouged 2 of 40 sick', 'rogued', ['looked_over' => '40', 'pulled' => '2', 'why' => 'sick']],
            ['plot', 'P4 pulled 3, 40 plants looked over', 'rogued', ['looked_over' => '40 plants', 'pulled' => '3']],
            ['plot', 'P4 off-types 2 of 40, pale roots', 'off_types_seen', ['seen' => '40', 'off' => '2', 'how' => 'pale roots']],
            ['plot', 'P4 flowering', 'first_bloom', []],
            ['plot', 'first flowers P4 today', 'first_bloom', [], '2026-09-14'],
            ['plot', 'P4 bloom over', 'last_bloom', []],
            ['plot', 'P4 last bloom 2 sep', 'last_bloom', [], '2026-09-02'],
            ['plot', 'covered P4 with fleece', 'covered', ['with' => 'fleece']],
            ['plot', 'P4 caged', 'covered', []],
            ['plot', 'P4 under a net against birds', 'covered', ['with' => 'net']],
            ['plot', 'cover off P4', 'uncovered', []],
            ['plot', 'P4 uncovered, bloom over', 'uncovered', ['why' => 'bloom over']],
            ['plot', 'P4 sick 3 plants canker', 'sick_seen', ['plants' => '3 plants', 'what' => 'canker']],
            ['plot', '4 plants of P4 bolted', 'bolted', ['plants' => '4 plants']],
            ['plot', 'shook P4', 'shaken', []],
            ['plot', 'P4 cut and hung 12 in the shed', 'cut_down', ['plants' => '12', 'where' => 'shed']],
            ['plot', 'lifted P4 30, kept 24', 'lifted', ['plants' => '30', 'kept' => '24']],
            ['plot', 'P4 dug up 30 kept 24 in sand', 'lifted', ['plants' => '30', 'kept' => '24']],
            ['plot', 'P4 planted again 20 in the long bed', 'replanted', ['plants' => '20', 'where' => 'long bed']],
            ['plot', 'P4 set out 30', 'planted_out', ['plants' => '30']],
            ['plot', 'P4 watered well', 'watered', ['how' => 'well']],
            ['plot', 'P4 note aphids on the tips', 'noted', ['text' => 'aphids on the tips']],
            ['plot', 'note: P4 leaning, stake it', 'noted', ['text' => 'leaning, stake it']],
            ['store', 'note L7 the label came off', 'noted', ['text' => 'the label came off']],
            ['racks', 'L7 note 2 jars of it', 'noted', ['text' => '2 jars of it']],
            ['plot', 'P4 neighbours 200 m looked round', 'neighbours_seen', ['within_m' => '200 m']],
            ['plot', 'P4 taken up 30, kept 20', 'lifted', ['plants' => '30', 'kept' => '20']],
            ['plot', 'P4 thin to 20 plants', 'thinned', ['left' => '20 plants']],
            ['plot', 'P4 waterd', 'watered', []],
            ['plot', 'P4 marked plant A, the earliest', 'marked', ['mark' => 'A', 'what' => 'plant', 'why' => 'earliest']],
            ['plot', 'P4 marked head red wool', 'marked', ['mark' => 'red wool', 'what' => 'head']],
            ['plot', 'P4 picked 12 pods off 5 plants', 'picked', ['plants' => '5 plants', 'fruits' => '12 pods']],
            ['plot', 'P4 harvested 200 g off 5 plants', 'picked', ['plants' => '5 plants', 'mass_g' => '200 g']],
            ['plot', 'P4 flowering since monday', 'first_bloom', [], '2026-09-07'],
            ['plot', 'P4 flowers over', 'last_bloom', []],
            ['store', 'took 20 of L7', 'withdrawn', ['seeds' => '20']],
            ['racks', 'I weighed L7: 41 g', 'weighed', ['mass_g' => '41 g']],
            // What is dry weighs so much; it is not spread to dry.
            ['threshed', 'L7 put to dry on mesh', 'spread', ['surface' => 'mesh']],
            ['racks', 'lot seven 41 g', 'weighed', ['mass_g' => '41 g']],
            // Numbers in words.
            ['jar', 'poured L13 off twice', 'poured_off', ['passes' => '2']],
            ['tray', 'L11 nine sprouted', 'test_counted', ['normal' => ['9']]],
            ['tray', 'L11 none sprouted', 'test_counted', ['normal' => ['0']]],
            ['plot', 'P4 pulled three of forty-two', 'rogued', ['looked_over' => '42', 'pulled' => '3']],
            ['store', 'gave a dozen seeds of L7 to Ada', 'withdrawn', ['seeds' => '12 seeds', 'to' => 'Ada']],
            ['store', 'gave 20 seeds of L7 to Seven Wells', 'withdrawn', ['seeds' => '20 seeds', 'to' => 'Seven Wells']],
            ['plot', 'note P4 two slugs', 'noted', ['text' => 'two slugs']],
        ] as $line) {
            yield $line[1].' ('.$line[0].')' => $line;
        }
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Voice\Forms;
use App\Voice\Speaking;
use App\Words\EntryWords;
use Marrow\Core\Things\Registered;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The journal as it is read. */
final class EntryWordsTest extends TestCase
{
    protected function setUp(): void
    {
        // Whoever spoke before in this process may have spoken otherwise.
        Speaking::as(new Forms);
    }

    /** @param  array<string, mixed>  $payload */
    #[DataProvider('entries')]
    public function test_entry_is_read_as_a_line(string $kind, array $payload, string $line): void
    {
        $named = Registered::kinds()->named($kind);
        self::assertNotNull($named);
        $figures = str_replace("\u{00A0}", ' ', (new EntryWords)->figures($named, Registered::kinds()->read($kind, $payload)));
        self::assertSame($line, $named->title.($figures === '' ? '' : ': '.$figures));
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function entries(): iterable
    {
        yield 'chosen by' => ['traits_chosen', ['traits' => 'vigour; stem height (cm)'], 'Chosen by: vigour; stem height (cm)'];
        yield 'a plant looked at' => ['plant_looked_at', ['plant' => 7, 'scores' => 'health 4; stem height 42', 'at_edge' => true, 'rare' => 'white stem'], 'Plant looked at: 7, health 4; stem height 42, at a border or a gap, white stem'];
        yield 'a plant struck out' => ['plant_looked_at', ['plant' => 3, 'out' => 'off_type'], 'Plant looked at: 3, struck out, off-type'];
        yield 'parents' => ['plants_kept', ['plants' => [2, 5, 9]], 'Chosen as parents: 2, 5, 9'];
        yield 'a fruit on the shelf' => ['fruit_shelved', ['fruit' => 3, 'plant' => '7', 'mass_g' => 1850, 'stalk' => 'on', 'green' => true], 'Fruit laid on the shelf: fruit 3, off plant 7, 1 850 g, stalk left on, before it was ripe'];
        yield 'fruit looked over' => ['fruit_seen', ['fruits' => [1, 3, 4]], 'Fruit looked over: fruit 1, 3, 4, sound'];
        yield 'found cracked' => ['fruit_seen', ['fruits' => [2], 'how' => 'cracked'], 'Fruit looked over: fruit 2, cracked'];
        yield 'fruit moved' => ['fruit_moved', ['fruits' => [1, 3], 'place_id' => 'x'], 'Fruit moved: fruit 1, 3'];
        yield 'cut open' => ['fruit_cut', ['fruit' => 3, 'inside' => 'plump', 'colour' => 4, 'flesh' => 5, 'bitter' => 'no'], 'Fruit cut open: fruit 3, plump seed, colour 4, flesh 5, not bitter'];
        yield 'fruit tasted' => ['fruit_tasted', ['fruit' => 3, 'raw' => 4, 'cooked' => 5], 'Fruit tasted: fruit 3, raw 4, cooked 5'];
        yield 'fruit off' => ['fruit_off', ['fruits' => [2], 'why' => 'rotten'], 'Fruit taken off the shelf: fruit 2, rotten'];
        yield 'seed out of fruit' => ['fruit_seed', ['fruits' => [1, 3], 'lot' => 'x'], 'Seed taken out of fruit: of fruit 1, 3'];
        yield 'set out blind' => ['tasting_set', ['tasting' => 't', 'of' => 'fruit', 'samples' => [1, 3, 4], 'how' => 'cooked'], 'Set out to be tasted blind: fruit from the shelf, 1, 3, 4, cooked'];
        yield 'scored blind' => ['tasting_scored', ['tasting' => 't', 'taster' => 'Odile', 'scores' => [4, 2, 5]], 'Tasted blind: Odile, 4, 2, 5'];
        yield 'unblinded' => ['tasting_unblinded', ['tasting' => 't'], 'Tasting unblinded'];
        yield 'ripe or not' => ['ripeness_seen', ['ready' => 'nearly', 'mark' => 'red wool', 'cues' => 'Umbels brown', 'sheds' => true], 'Looked at whether it is ripe: red wool, nearly ripe, Umbels brown, some of it has fallen'];
        yield 'photographed' => ['plant_photographed', ['plant' => 3, 'photograph' => 'x'], 'Plant photographed: plant 3'];
        yield 'tubers looked over' => ['kept_looked_over', ['sound' => 31, 'rotten' => 2, 'sprouted' => 1], 'Looked over in store: sound 31, rotten 2, sprouted 1'];
        yield 'some rotten' => ['kept_looked_over', ['rotten' => 3], 'Looked over in store: rotten 3'];
        yield 'sown' => ['sown', ['plants' => 1], 'Sown: 1 plant'];
        yield 'sprouts potted on' => ['sown', ['plants' => 13, 'lot' => 'x', 'sprouts' => true], 'Sown: 13 plants, sprouts of its germination test'];
        yield 'sown from a lot' => ['sown', ['plants' => 24, 'sown_from' => 'L3'], 'Sown: 24 plants, from L3'];
        yield 'from elsewhere' => ['received', ['how' => 'swapped', 'from' => 'Odile', 'year' => 2023, 'claimed' => '85 %'], 'Came from elsewhere: swapped, from Odile, ripened in 2023, said to germinate 85 %'];
        yield 'all that a packet says' => ['received', ['how' => 'bought', 'from' => 'Harbour Seeds', 'packed_for' => 2026, 'packet' => 'HS-7714', 'seeds' => 50, 'mass_g' => '0,2', 'treated' => true, 'terms' => 'not to be sold'], 'Came from elsewhere: bought, from Harbour Seeds, their HS-7714, packed for 2026, 50 seeds, 0.2 g, treated seed, not to be sold'];
        yield 'poured together' => ['poured_together', ['lot' => 'a', 'seeds' => 40, 'other' => 'b', 'other_seeds' => 60, 'mass_g' => 3.5], 'Poured together: 40 seeds, 60 seeds, 3.5 g'];
        yield 'found' => ['received', ['how' => 'found'], 'Came from elsewhere: found in the cupboard'];
        yield 'first bloom' => ['first_bloom', [], 'First bloom'];
        yield 'last bloom' => ['last_bloom', [], 'Last bloom'];
        yield 'off-types' => ['off_types_seen', ['seen' => 5, 'off' => 2, 'how' => 'warted fruit'], 'Looked over for off-types: 2 of 5 plants, warted fruit'];
        yield 'planted out' => ['planted_out', ['plants' => 24, 'where' => 'Long bed'], 'Planted out: 24 plants, Long bed'];
        yield 'thinned' => ['thinned', ['left' => 12], 'Thinned: 12 plants left'];
        yield 'covered' => ['covered', ['with' => 'cage', 'what' => 'all of it'], 'Covered: a cage of insect mesh, all of it'];
        yield 'uncovered' => ['uncovered', ['why' => 'blown off'], 'Uncovered: blown off'];
        yield 'rogued' => ['rogued', ['looked_over' => 30, 'pulled' => 2, 'why' => 'off_type', 'how' => 'red stalks'], 'Looked over and pulled: 2 plants of 30 plants, off-type, red stalks'];
        yield 'sick' => ['sick_seen', ['plants' => 3, 'what' => 'mosaic', 'pulled' => true], 'Sick plants seen: 3 plants, mosaic, pulled'];
        yield 'lifted' => ['lifted', ['plants' => 40, 'kept' => 24, 'how' => 'in damp sand'], 'Lifted: 40 plants, 24 plants kept, in damp sand'];
        yield 'looked through' => ['winter_lost', ['lost' => 2, 'how' => 'rot'], 'Looked through in store: 2 plants lost, rot'];
        yield 'planted again' => ['replanted', ['plants' => 20, 'where' => 'North wall'], 'Planted again: 20 plants, North wall'];
        yield 'bolted' => ['bolted', ['plants' => 3, 'pulled' => true], 'Bolted: 3 plants, pulled'];
        yield 'watered' => ['watered', ['how' => 'two cans'], 'Watered: two cans'];
        yield 'shaken' => ['shaken', [], 'Shaken or brushed'];
        yield 'cut to ripen' => ['cut_to_ripen', ['plants' => 12, 'where' => 'barn'], 'Cut to ripen under cover: 12 plants, barn'];
        yield 'looked for what could cross' => ['neighbours_seen', ['within_m' => 200, 'nearest_m' => 120, 'plants' => 8, 'what' => 'marrows'], 'Looked for what could cross: the nearest at 120 m, 8 plants, marrows, looked as far as 200 m'];
        yield 'and found none' => ['neighbours_seen', ['within_m' => 200], 'Looked for what could cross: looked as far as 200 m'];
        yield 'off-types judged' => ['off_types_judged', ['judged' => 'stray', 'how' => 'volunteers'], 'Off-types judged: strays: sown, self-sown or mixed in by mistake, volunteers'];
        yield 'to be pollinated by hand' => ['hand_wanted', ['fruits' => 3], 'To be pollinated by hand: 3 fruits, pods or heads wanted'];
        yield 'and how many seeds are in one' => ['hand_wanted', ['fruits' => 3, 'seeds_in_one' => 140], 'To be pollinated by hand: 3 fruits, pods or heads wanted, about 140 seeds in each'];
        yield 'flowers shut' => ['flowers_shut', ['females' => 2, 'males' => 4, 'where' => 'plant 2'], 'Flowers shut: 2 flowers, 4 for pollen, plant 2'];
        yield 'pollinated' => ['hand_pollinated', ['flowers' => 2, 'mother' => '2', 'fathers' => '1, 4', 'tie' => 'red wool'], 'Pollinated by hand: 2 flowers, mother 2, by 1, 4, red wool'];
        yield 'took' => ['set_seen', ['took' => 1, 'dropped' => 1], 'Looked whether it took: 1 took, 1 dropped'];
        yield 'marked' => ['marked', ['mark' => '7', 'what' => 'plant', 'why' => 'the earliest'], 'Marked: plant 7, the earliest'];
        yield 'seen of one' => ['mark_seen', ['mark' => '7', 'seen' => 'first ripe fruit'], 'Seen of one: 7, first ripe fruit'];
        yield 'put off' => ['put_off', ['task' => 'weigh', 'what' => 'Weigh it', 'how' => 'later', 'until' => '2026-09-20'], 'Put off: Weigh it, later, until 20 September 2026'];
        yield 'tied fruit' => ['picked', ['plants' => 1, 'fruits' => 2, 'tied' => true, 'mother' => '2'], 'Picked: 2 fruits, pods or heads, off 1 plant, only what was pollinated by hand and tied, mother 2'];
        yield 'picked' => ['picked', ['plants' => 1, 'fruits' => 1, 'mass_g' => 350], 'Picked: 1 fruit, pod or head, off 1 plant, 350 g'];
        yield 'picked by weight' => ['picked', ['plants' => 9, 'mass_g' => 4512.25], 'Picked: off 9 plants, 4 512.25 g'];
        yield 'put to ferment' => ['ferment_started', ['temperature_c' => 24.5, 'cover' => 'loose_lid'], 'Put to ferment: 24.5 °C, under a loose lid'];
        yield 'bathed in hot water' => ['bathed', ['temperature_c' => 50, 'minutes' => 25], 'Bathed in hot water: 50 °C, for 25 minutes'];
        yield 'poured off' => ['poured_off', ['passes' => 1], 'Poured off: 1 time'];
        yield 'poured off, with what floated' => ['poured_off', ['passes' => 3, 'floated' => 'apart'], 'Poured off: 3 times, floating seed kept apart'];
        yield 'poured off late' => ['poured_off', ['passes' => 5, 'sprouted' => true], 'Poured off: 5 times, sprouted seed seen'];
        yield 'cut to finish' => ['cut_down', ['plants' => 9, 'part' => 'stalks', 'kept' => 'sheet', 'where' => 'loft'], 'Cut to finish under cover: 9 plants, seed stalks, on a sheet under cover, loft'];
        yield 'a cross' => ['cross_picked', ['name' => 'Lightship', 'father' => 'Odile’s yellow one', 'plants' => 1, 'mother' => '4', 'fathers' => '2, 3', 'fruits' => 2], 'Picked of a cross: Lightship, 2 fruits, pods or heads, off 1 mother plant, mother 4, pollen from Odile’s yellow one, fathers 2, 3'];
        yield 'a trait' => ['trait_named', ['trait' => 'Colour of the fruit', 'wanted' => 'yellow', 'other' => 'red', 'dominance' => 'recessive', 'shows' => 'fruit'], 'Trait looked for: Colour of the fruit, yellow wanted, not red, hidden by the other (recessive), its fruit or pods'];
        yield 'a line' => ['line_begun', ['name' => 'Lightship'], 'Begun as a line: Lightship'];
        yield 'a variety' => ['line_released', ['name' => 'Night Ferry'], 'Released as a variety: Night Ferry'];
        yield 'an F4 from elsewhere' => ['received', ['how' => 'given', 'from' => 'Odile', 'filial' => 4], 'Came from elsewhere: given, from Odile, F4'];
        yield 'turned' => ['turned', ['caught_g' => 4], 'Turned over: 4 g'];
        yield 'fruit opened' => ['fruit_opened', ['how' => 'scooped', 'fruits' => 6, 'look' => 'plump', 'bitter' => 1], 'Fruit opened: scooped out, 6 fruits, plump, 1 bitter fruit'];
        yield 'filled' => ['filled', [], 'Filled with water'];
        yield 'stirred' => ['stirred', ['water' => true, 'sugar' => true], 'Stirred: water added, a pinch of sugar added'];
        yield 'laid on paper' => ['laid_with_gel', ['seeds' => 80], 'Laid on paper, gel on: 80 seeds'];
        yield 'set apart' => ['set_apart', ['lot' => 'a', 'part' => 'light', 'mass_g' => 12], 'Set apart: light seed, 12 g'];
        yield 'into another vessel' => ['in_vessel', ['vessel' => 'a', 'tag' => true], 'Into another vessel: its tag goes along'];
        yield 'sample sorted out' => ['sample_sorted', ['pure_g' => 18.5, 'inert_g' => 1, 'others' => 'dock'], 'Sample sorted out: 18.5 g seed, 1 g chaff, dock'];
        yield 'put to soak' => ['soaked', ['temperature_c' => 18], 'Put to soak: 18 °C'];
        yield 'winnowed with all that came' => ['winnowed', ['mass_g' => 300, 'how' => 'wind', 'light_g' => 20, 'chaff_g' => 75], 'Winnowed: 300 g, poured in the wind, 20 g light seed, 75 g chaff'];
        yield 'looked over' => ['picked_over', ['looked' => 100, 'flat' => 2, 'holed' => 4], 'Looked over: 100 seeds, 2 flat or hollow, 4 holed'];
        yield 'rinsed' => ['rinsed', [], 'Rinsed'];
        yield 'rinsed clear' => ['rinsed', ['water' => 'clear'], 'Rinsed: clear'];
        yield 'threshed' => ['threshed', ['mass_g' => 118], 'Threshed: 118 g'];
        yield 'winnowed unweighed' => ['winnowed', [], 'Winnowed'];
        yield 'spread' => ['spread', ['surface' => 'coffee_filter', 'mass_g' => 31.4, 'moisture' => 44], 'Spread to dry: on a coffee filter, 31.4 g, at 44.0 % moisture'];
        yield 'hung' => ['spread', ['surface' => 'hung_bag'], 'Spread to dry: hung in a bag'];
        yield 'spread in the sun' => ['spread', ['surface' => 'newspaper', 'where' => 'sun', 'aid' => 'fan', 'temperature_c' => 28], 'Spread to dry: on newspaper, out of doors, in the sun, with a fan, in air of 28 °C'];
        yield 'taken in' => ['dries_elsewhere', ['where' => 'indoors'], 'Dries elsewhere: indoors'];
        yield 'turned as it dries' => ['raked', ['dry_outside' => true], 'Turned as it dries: dry to the touch'];
        yield 'tried by hand' => ['hand_tried', ['snap' => 'snaps', 'sun_jar' => 'no_mist'], 'Tried by hand: it snaps, no mist'];
        yield 'a card' => ['card_read', ['card' => '10-20-30-40-50-60', 'damp_to' => 20, 'dry_from' => 40, 'temperature_c' => 20], 'Card read: damp to 20 %, dry from 40 %, at 20 °C'];
        yield 'with gel' => ['desiccant_in', ['desiccant' => 'gel', 'desiccant_g' => 120], 'Into a jar with desiccant: silica gel, 120 g'];
        yield 'gel out' => ['desiccant_out', ['desiccant_g' => 138], 'Desiccant taken out: 138 g'];
        yield 'a jar hardly full' => ['jar_read', ['rh' => 33, 'temperature_c' => 19, 'little_seed' => true, 'short' => true], 'Jar humidity read: 33 % RH, 19 °C, less than half full, shut for less than a day'];
        yield 'weighed as it was typed' => ['weighed', ['mass_g' => 11.68], 'Weighed: 11.68 g'];
        yield 'jar read' => ['jar_read', ['rh' => 33, 'temperature_c' => 19], 'Jar humidity read: 33 % RH, 19 °C'];
        yield 'samples' => ['sample_weighed', ['counted' => 100, 'masses_g' => [0.31, 0.305]], 'Seeds counted and weighed: samples of 100 seeds, 0.31 g, 0.305 g'];
        yield 'a test in one' => ['test_started', ['test' => 't', 'seeds' => 10, 'replicates' => 1, 'temperature_c' => 20, 'method' => 'dish'], 'Set to germinate: 10 seeds, dish, 20 °C'];
        yield 'a test in four' => ['test_started', ['test' => 't', 'seeds' => 50, 'replicates' => 4, 'temperature_c' => 18, 'method' => 'rolled_cloth'], 'Set to germinate: 4 × 50 seeds, rolled cloth, 18 °C'];
        yield 'a test of chilled seed' => ['test_started', ['test' => 't', 'seeds' => 10, 'replicates' => 1, 'temperature_c' => 20, 'method' => 'dish', 'up' => 'root', 'up_mm' => 5, 'chilled_days' => 28, 'soaked_hours' => 12, 'coat' => 'nicked', 'smoked' => true, 'ripened_days' => 30, 'night_c' => 10, 'laid_in' => 'dark'], 'Set to germinate: 10 seeds, dish, 20 °C, up when a root is seen, from 5 mm, first 28 days in the cold, soaked 12 hours, nicked with a blade, smoked, or soaked in smoke water, 30 days dry and warm before, 10 °C by night, in the dark'];
        yield 'out of the cold' => ['test_warmed', ['test' => 't'], 'Taken out of the cold'];
        yield 'wetted' => ['test_wetted', ['test' => 't'], 'Test wetted'];
        yield 'a count in one' => ['test_counted', ['test' => 't', 'normal' => [7], 'abnormal' => [0]], 'Seedlings counted: 7 new'];
        yield 'a count in two' => ['test_counted', ['test' => 't', 'normal' => [7, 5], 'abnormal' => [1, 2]], 'Seedlings counted: 12 new (7 + 5), 3 abnormal'];
        yield 'a count with rotten and eaten' => ['test_counted', ['test' => 't', 'normal' => [7, 5], 'abnormal' => [0, 0], 'mouldy' => [1, 0], 'eaten' => [0, 2]], 'Seedlings counted: 12 new (7 + 5), 1 rotten, 2 eaten'];
        yield 'an old test' => ['test_result', ['test' => 't', 'seeds' => 36, 'up' => 31, 'method' => 'dish'], 'Result of an old test: 31 of 36 seeds, dish'];
        yield 'a dish lost' => ['dish_lost', ['test' => 't', 'dish' => 2], 'A dish of a test lost: dish 2'];
        yield 'test ended, and the rest judged' => ['test_ended', ['test' => 't', 'hard' => [2, 1], 'fresh' => [0, 0], 'empty' => [0, 3]], 'Test ended: 3 hard, 3 empty'];
        yield 'test ended' => ['test_ended', ['test' => 't'], 'Test ended'];
        yield 'stored' => ['stored', ['container' => 'paper_envelope', 'place' => 'Hall cupboard', 'temperature_c' => 18, 'rh' => 50, 'seeds' => 1, 'mass_g' => 0.3], 'Stored: paper envelope, Hall cupboard, 1 seed, 0.3 g'];
        yield 'moved' => ['stored', ['container' => 'tin', 'place' => 'Old fridge', 'temperature_c' => 5, 'rh' => 60], 'Stored: tin, Old fridge'];
        yield 'some of it elsewhere' => ['divided', ['seeds' => 40, 'container' => 'paper_envelope'], 'Divided: 40 seeds, into a paper envelope'];
        yield 'packets' => ['portioned', ['years' => [2027, 2028, 2029], 'seeds' => [14, 15, 17], 'plants' => 12, 'container' => 'paper_envelope', 'reserve' => 40], 'Parted into packets: for 2027 to 2029, 46 seeds (14 + 15 + 17), for 12 plants each, paper envelope, 40 seeds in reserve'];
        yield 'packets of years apart' => ['portioned', ['years' => [2027, 2030], 'seeds' => [14, 15], 'container' => 'foil_pouch'], 'Parted into packets: for 2027, 2030, 29 seeds (14 + 15), foil pouch'];
        yield 'closed' => ['closed', [], 'Closed, both tags read'];
        yield 'called back' => ['called_back', ['gift' => 'e', 'answer' => 'not sown yet'], 'Called back: not sown yet'];
        yield 'lost' => ['seed_lost', ['how' => 'rotten', 'words' => 'forgotten behind the jars'], 'All of it lost: it went mouldy or rotten, forgotten behind the jars'];
        yield 'reserve' => ['reserved', ['seeds' => 40], 'Reserve set: 40 seeds'];
        yield 'reserve lifted' => ['reserved', ['seeds' => 0], 'Reserve set: 0 seeds'];
        yield 'seen in its place' => ['seen', [], 'Stock taken'];
        yield 'not there' => ['seen', ['gone' => true, 'reason' => 'mice'], 'Stock taken: not there, mice'];
        yield 'opened' => ['opened', [], 'Opened'];
        yield 'a container was put somewhere' => ['placed', ['place_id' => 'x'], 'Put away'];
        yield 'another air' => ['air_set', ['temperature_c' => 24, 'rh' => 70], 'Its air: 24 °C, 70 % RH'];
        yield 'taken out' => ['withdrawn', ['purpose' => 'sowing', 'seeds' => 40, 'to' => 'glasshouse'], 'Taken out: 40 seeds, to sow, glasshouse'];
        yield 'thrown out' => ['withdrawn', ['purpose' => 'discarded', 'mass_g' => 12.5], 'Taken out: 12.5 g, thrown out'];
        yield 'note' => ['noted', ['text' => 'Red wool on plant 2'], 'Note: Red wool on plant 2'];
        yield 'struck' => ['struck', ['entry' => 'e', 'reason' => 'wrong lot'], 'Struck: wrong lot'];
    }

    public function test_every_kind_has_been_read(): void
    {
        $read = array_unique(array_map(static fn (array $case): string => $case[0], array_values(iterator_to_array(self::entries()))));
        self::assertEqualsCanonicalizing(array_keys(Registered::kinds()->all()), $read);
    }
}

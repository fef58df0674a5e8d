<?php

declare(strict_types=1);

namespace Tests\Feature;

use Marrow\Core\Botany\CropReference;
use Tests\TestCase;

/** The handbook: every crop as a page that can be read. */
final class HandbookTest extends TestCase
{
    public function test_every_page_says_its_piece_in_sentences(): void
    {
        foreach (app(CropReference::class)->all() as $crop) {
            $key = $crop->key;
            $page = $this->getJson("/api/crops/$key")->assertOk()->json();
            // What is kept alive is not dried and not tested; what is not known of a crop has no part of its own.
            $always = $crop->isKeptAlive() ? ['seed', 'kept', 'crossing', 'ripe', 'clean', 'keeping', 'ready', 'wrong'] : ['seed', 'crossing', 'ripe', 'clean', 'dry', 'testing', 'keeping', 'ready', 'wrong'];
            self::assertSame($always, array_values(array_intersect(array_column($page['sections'], 'key'), $always)), $key);
            foreach ($page['sections'] as $section) {
                self::assertNotSame([], [...$section['paragraphs'], ...$section['facts']], "$key, {$section['key']}");
                foreach ([...$section['steps'], ...array_column($section['facts'], 'said')] as $text) {
                    self::assertDoesNotMatchRegularExpression('/\.\.|  |\bnull\b|^$/', $text, $key);
                }
                foreach ($section['paragraphs'] as $text) {
                    self::assertMatchesRegularExpression('/^\p{Lu}.*[.!]$/u', $text, $key);
                    self::assertDoesNotMatchRegularExpression('/\.\.|  |\bnull\b/', $text, $key);
                }
            }
            foreach ($page['year'] as $span) {
                self::assertLessThan($span['to'], $span['from'], "$key, {$span['what']}");
            }
        }
    }

    public function test_a_page_names_its_kin_by_species_and_not_by_name(): void
    {
        $kin = fn (string $key): array => array_column($this->getJson("/api/crops/$key")->json('kin'), 'crosses', 'key');
        self::assertSame(['chard' => 'freely'], $kin('beetroot'));
        self::assertSame('freely', $kin('kale')['brussels-sprouts']);
        self::assertSame('now and then', $kin('kale')['swede']);
        self::assertArrayNotHasKey('turnip', $kin('kale'));
        self::assertSame([], $kin('garlic'));
    }

    public function test_what_must_not_dry_is_told_so_and_what_is_poisonous_too(): void
    {
        $text = fn (string $key): string => (string) json_encode($this->getJson("/api/crops/$key")->json('sections'), JSON_UNESCAPED_UNICODE);
        self::assertStringContainsString('Never dry it', $text('chayote'));
        self::assertStringNotContainsString('closed in tight', $text('wild-rice'));
        self::assertStringContainsString('The seed is poisonous', $text('sweet-pea'));
        self::assertStringContainsString('male and female plants', $text('spinach'));
        self::assertStringContainsString('Kept by tubers', $text('potato'));
    }

    public function test_the_new_figures_are_read_out(): void
    {
        $page = fn (string $key): array => collect($this->getJson("/api/crops/$key")->json('sections'))->keyBy('key')->all();
        $said = static fn (array $section): string => str_replace("\u{00A0}", ' ', implode(' ', [...$section['paragraphs'], ...array_map(static fn (array $fact): string => "{$fact['label']} {$fact['said']}.", $section['facts']), ...$section['steps']]));
        $squash = $page('squash-pepo');
        self::assertStringContainsString('Male and female flowers stand on one plant.', $said($squash['hand']));
        self::assertStringContainsString('Males to a female 2', $said($squash['hand']));
        self::assertCount(4, $squash['hand']['steps']);
        self::assertStringContainsString('Picked fruit ripens its seed on: 6 weeks are best, 12 the most.', $said($squash['ripe']));
        self::assertStringContainsString('For cleaning: a bowl, a sieve with holes up to', $said($squash['ready']));
        self::assertStringContainsString('It takes 8 to 12 weeks below about 10 °C to bloom.', $said($page('carrot')['winter']));
        self::assertStringContainsString('lifted and stored (root to seed: every plant is looked over), standing in the ground (seed to seed', $said($page('carrot')['winter']));
        self::assertStringNotContainsString('seed to seed', $said($page('cabbage')['winter']));
        self::assertStringContainsString('Usual bath: 50 °C for 20 minutes.', $said($page('carrot')['health']));
        self::assertStringContainsString('7 days at −18 °C end it: in a closed jar, the seed below 12.0 % first, and thawed before the jar is opened.', $said($page('french-bean')['health']));
        self::assertStringContainsString('A cross does not show in the seed', $said($page('french-bean')['crossing']));
        self::assertStringContainsString('A cross shows in the seed itself', $said($page('maize')['crossing']));
        self::assertStringContainsString('Kept in cold water, changed now and then at 1 °C to 4 °C', $said($page('wild-rice')['keeping']));
        self::assertStringContainsString('Seedlings of one cluster 1 to 4', $said($page('beetroot')['keeping']));
        self::assertStringContainsString('fine grasses and clovers', $said($page('yellow-rattle')['seed']));
        self::assertStringContainsString('Sown from October to November in the open it blooms the next year, from', $said($page('broad-bean')['seed']));
        self::assertStringContainsString('Fresh seed commonly sleeps for 2 to 8 weeks after harvest', $said($page('lettuce')['testing']));
        self::assertStringContainsString('ollinating it by hand', $said($page('dill')['unknown']));
        $relations = collect($this->getJson('/api/crops/chicory')->json('relations'))->pluck('crosses', 'latin');
        self::assertSame('freely, as the mother', $relations['Cichorium endivia']);
    }

    public function test_a_seed_is_drawn_from_its_figures_and_its_balance_has_the_mark_of_the_jar(): void
    {
        $bean = $this->getJson('/api/crops/french-bean')->json();
        self::assertSame(['kidney', 13, 'mottled'], [$bean['look']['form'], $bean['look']['length'], $bean['look']['marks']]);
        self::assertSame("A seed is 8 to 18\u{00A0}mm long and 5 to 9\u{00A0}mm broad, 4 to 7.5\u{00A0}mm thick.", $bean['look']['says']);
        $dot = $bean['balance']['dots'][0];
        self::assertEqualsWithDelta(0.35, $dot[0], 0.015);
        self::assertSame($dot[1], $bean['balance']['marks'][0]['at']);
        self::assertNull($this->getJson('/api/crops/wild-rice')->json('balance'));
        self::assertNull($this->getJson('/api/crops/garlic')->json('balance'));
    }

    public function test_what_wakes_seed_is_told_once_and_a_lie_of_the_test_too(): void
    {
        $said = function (string $key): string {
            return implode(' ', array_column($this->getJson("/api/crops/$key")->json('sections'), 'paragraphs', 'key')['testing'] ?? []);
        };
        foreach (['celery', 'angelica', 'okra', 'cowslip', 'yellow-rattle', 'red-clover', 'sweet-pea'] as $key) {
            self::assertLessThanOrEqual(1, substr_count(mb_strtolower($said($key)), 'the test lies'), $key);
            self::assertLessThanOrEqual(1, substr_count($said($key), 'on the surface'), $key);
        }
        self::assertStringContainsString('It wants light: sow it on the surface.', $said('celery'));
        self::assertStringContainsString('It wants six to twelve weeks of damp cold. Without that the test lies.', $said('cowslip'));
        self::assertStringContainsString('Some seed is hard and takes up no water', $said('red-clover'));
        self::assertStringNotContainsString('takes up no water', $said('okra'), 'its own words say it');
    }

    public function test_what_bears_no_frost_is_not_said_to_bear_some(): void
    {
        $winter = fn (string $key): string => str_replace("\u{00A0}", ' ', implode(' ', array_column($this->getJson("/api/crops/$key")->json('sections'), 'paragraphs', 'key')['winter']));
        self::assertStringContainsString('In the ground it bears frost down to about −10 °C.', $winter('chicory'));
        self::assertStringContainsString('In the ground it bears nothing colder than about 5 °C.', $winter('sweet-potato'));
    }

    public function test_the_caution_of_one_crop_does_not_speak_of_another(): void
    {
        $cautions = fn (string $key): string => (string) json_encode($this->getJson("/api/crops/$key")->json('sections'), JSON_UNESCAPED_UNICODE);
        self::assertStringContainsString('The berries are poisonous', $cautions('asparagus'));
        self::assertStringNotContainsString('tuber', $cautions('asparagus'));
        self::assertStringContainsString('green tubers are poisonous', $cautions('potato'));
    }

    public function test_it_says_how_the_year_of_this_garden_differs(): void
    {
        $here = fn (): ?string => $this->getJson('/api/crops/carrot')->assertOk()->json('here');
        self::assertNull($here(), 'this garden is as the book has it');
        $this->putJson('/api/settings/latitude', ['value' => '57'])->assertOk();
        // Four days a degree, half of it by latitude: 6 × 4 ÷ 2.
        self::assertSame('For 51° north, with the last frost at the end of April. Here it is taken to be about 12 days later.', str_replace("\u{00A0}", ' ', (string) $here()));
        $this->putJson('/api/settings/latitude', ['value' => '-35'])->assertOk();
        self::assertStringContainsString('its months are turned by half a year for the southern half of the earth', (string) $here());
    }

    public function test_in_the_south_every_month_is_six_on(): void
    {
        // All that is said of tomato's and parsnip's year, by the month.
        $said = function (string $crop): array {
            $page = $this->getJson("/api/crops/$crop")->assertOk()->json();
            preg_match_all('/January|February|March|April|May|June|July|August|September|October|November|December/', (string) json_encode($page['sections']), $months);

            return [$months[0], $page['year']];
        };
        $names = ['January', 'February', 'March', 'April', 'May', 'June', 'July', 'August', 'September', 'October', 'November', 'December'];
        $north = array_map($said, ['tomato', 'parsnip', 'broad-bean', 'garlic']);
        $this->putJson('/api/settings/latitude', ['value' => '-51'])->assertOk();
        foreach (['tomato', 'parsnip', 'broad-bean', 'garlic'] as $i => $crop) {
            [$months, $year] = $said($crop);
            // A range that was "from June to July" may be "from December to January"; a name within a note of the crop is as its file has it.
            self::assertCount(count($north[$i][0]), $months, $crop);
            self::assertContains($names[(array_search($north[$i][0][0], $names, true) + 6) % 12], $months, $crop);
            foreach ($year as $n => $span) {
                $was = $north[$i][1][$n];
                self::assertEqualsWithDelta(0.0, fmod($span['from'] - $was['from'] + 18.0, 12.0), 1e-6, "$crop: half a year on, or back");
                self::assertEqualsWithDelta($was['to'] - $was['from'], $span['to'] - $span['from'], 1e-6);
                self::assertGreaterThanOrEqual(0.0, $span['from']);
            }
        }
    }

    public function test_sources_say_how_sure_they_are(): void
    {
        $sources = array_column($this->getJson('/api/crops/kale')->json('sources'), 'said', 'label');
        self::assertStringEndsWith('; sure', $sources['drying: jar moisture']);
        self::assertStringEndsWith('; rough', $sources['seed: per plant']);
    }

    public function test_it_says_what_to_clean_with(): void
    {
        $clean = fn (string $key): string => str_replace("\u{00A0}", ' ', implode(' ', array_column($this->getJson("/api/crops/$key")->json('sections'), 'paragraphs', 'key')['clean']));
        self::assertStringContainsString('round holes of 2.5 mm let the seed through and hold the trash, holes of 1.25 mm hold the seed', $clean('leek'));
        self::assertStringContainsString('Winnow with your breath alone', $clean('foxglove'));
        self::assertStringContainsString('At 21 °C the ferment takes about 72 h', $clean('tomato'));
        self::assertStringContainsString('Rinse it in a sieve with holes no wider than 1.75 mm.', $clean('tomato'));
        self::assertStringContainsString('It may lie in water for 24 h at the most.', $clean('squash-pepo'));
        self::assertStringContainsString('Rinse it at once', $clean('pepper'));
        self::assertStringNotContainsString('mm', $clean('chayote'));
    }

    public function test_one_name_may_mean_several_species(): void
    {
        $crops = $this->getJson('/api/crops')->assertOk()->json();
        $pumpkins = array_filter($crops, static fn (array $crop): bool => in_array('pumpkin', $crop['other_names'], true));
        self::assertSame(['Cucurbita maxima', 'Cucurbita moschata', 'Cucurbita pepo'], collect($pumpkins)->pluck('latin')->sort()->values()->all());
    }

    public function test_a_page_that_is_not_there(): void
    {
        $this->getJson('/api/crops/dragonfruit')->assertNotFound()->assertJsonPath('message', 'There is no such crop in the handbook.');
    }
}

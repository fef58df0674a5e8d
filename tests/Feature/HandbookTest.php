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
        foreach (app(CropReference::class)->keys() as $key) {
            $page = $this->getJson("/api/crops/$key")->assertOk()->json();
            self::assertSame(['seed', 'crossing', 'ripe', 'clean', 'dry', 'testing', 'keeping', 'wrong'], array_column($page['sections'], 'key'), $key);
            foreach ($page['sections'] as $section) {
                self::assertNotSame([], $section['paragraphs'], "$key, {$section['key']}");
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
        self::assertStringContainsString('kept by its tubers', $text('potato'));
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

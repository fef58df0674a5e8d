<?php

declare(strict_types=1);

namespace Tests\Feature;

use Marrow\Core\Botany\CropFile;
use Opis\JsonSchema\Validator;
use Tests\Support\Keeper;
use Tests\TestCase;

/** Figures that a keeper knows better, and crops that the handbook lacks. */
final class OwnFiguresTest extends TestCase
{
    public function test_a_figure_of_the_keepers_own_stands_in_for_the_handbooks_and_shows_it_beside(): void
    {
        $figure = $this->figure('/api/crops/leek/figures', 'isolation.careful');
        self::assertSame([1000, 1000, false], [$figure['value'], $figure['original'], $figure['own']]);
        $this->putJson('/api/crops/leek/figures', ['path' => 'isolation.careful', 'value' => '600'])->assertOk();
        $figure = $this->figure('/api/crops/leek/figures', 'isolation.careful');
        self::assertSame([600, 1000, true], [$figure['value'], $figure['original'], $figure['own']]);
        self::assertStringContainsString("600\u{00A0}m", (string) $this->getJson('/api/crops/leek')->json('sections.3.facts.1.said'));
        // 0.7·(0.005/0.7)^(600/600): the reckoner goes by it too.
        $this->getJson('/api/reckonings/isolation.pair?inputs[crop]=leek&inputs[distance]=600')->assertJsonPath('figures.2.said', "0.5\u{00A0}%");
        $this->putJson('/api/crops/leek/figures', ['path' => 'isolation.careful', 'value' => ''])->assertOk();
        self::assertFalse($this->figure('/api/crops/leek/figures', 'isolation.careful')['own']);
    }

    public function test_a_variety_may_have_figures_of_its_own(): void
    {
        $keeper = new Keeper($this);
        $late = $keeper->variety('pea', 'Late one');
        $usual = $keeper->variety('pea', 'Usual one');
        $this->putJson('/api/crops/pea/figures', ['path' => 'growing.sowings.0.days.1', 'value' => '110', 'variety' => $late])->assertOk();
        $this->putJson('/api/crops/pea/figures', ['path' => 'growing.sowings.0.days.0', 'value' => '70', 'variety' => $late])->assertStatus(200);
        $plan = $this->postJson('/api/plans', ['year' => 2027])->json();
        $planting = static fn (string $id, string $variety): array => ['id' => $id, 'crop' => 'pea', 'variety' => $variety, 'plants' => 20, 'purpose' => 'seed', 'sow' => '2027-03-10', 'spot' => ['x' => $id === 'a' ? 0 : 5, 'y' => 0, 'width' => 2, 'depth' => 1]];
        $plan = $this->putJson('/api/plans/2027', ['version' => 1, 'content' => [...$plan['content'], 'plantings' => [$planting('a', $late), $planting('b', $usual)]]])->assertOk();
        // Three tenths into the months of sowing: 98 days to bloom for one, 83 for the other.
        self::assertSame(['2027-06-16', '2027-06-01'], array_column($plan->json('plantings'), 'bloom_first'));
    }

    public function test_what_was_reckoned_with_the_old_figure_is_reckoned_afresh(): void
    {
        $keeper = new Keeper($this);
        $code = $keeper->sow($keeper->variety('pea', 'Coxswain'), '2026-03-10T10:00');
        // 83 days to bloom, a week sooner in a good spring, and 40 to the first ripe seed.
        self::assertSame('2026-07-04T09:00', $this->getJson("/api/plantings/$code")->json('tasks.0.opens'));
        $this->putJson('/api/crops/pea/figures', ['path' => 'growing.bloom_to_ripe.0', 'value' => '50'])->assertOk();
        self::assertSame('2026-07-14T09:00', $this->getJson("/api/plantings/$code")->json('tasks.0.opens'));
    }

    public function test_a_figure_that_cannot_be_is_refused_in_words_and_the_old_one_stays(): void
    {
        foreach ([
            [['path' => 'isolation.grower', 'value' => '5'], 'value', 'Apart, for a seed grower: a number from 1000 to 20000 is needed.'],
            [['path' => 'isolation.careful', 'value' => 'far'], 'value', 'Apart, for seed that is passed on must be a number, 1 to 10 000 m; "far" was given.'],
            [['path' => 'moon.phase', 'value' => '5'], 'path', 'The handbook has no such figure.'],
            [['path' => 'isolation.careful', 'value' => '500', 'variety' => 'nobody'], 'variety', 'There is no such variety of this crop.'],
        ] as [$body, $field, $says]) {
            $answer = $this->putJson('/api/crops/leek/figures', $body)->assertStatus(422);
            self::assertSame($says, str_replace("\u{00A0}", ' ', $answer->json('errors')[$field][0] ?? 'nothing at '.$field));
        }
        self::assertFalse($this->figure('/api/crops/leek/figures', 'isolation.grower')['own']);
        $this->getJson('/api/crops/dragonfruit/figures')->assertNotFound();
    }

    public function test_a_crop_that_is_missing_is_added_like_one_that_is_there_and_can_be_exported(): void
    {
        $this->postJson('/api/crops', ['name' => 'Ulluco', 'latin' => 'ullucus', 'family' => 'Basellaceae', 'like' => 'potato'])
            ->assertStatus(422)->assertJsonPath('errors.latin.0', 'Give its Latin name, genus and epithet, as Solanum lycopersicum.');
        $key = $this->postJson('/api/crops', ['name' => 'Ulluco', 'latin' => 'Ullucus tuberosus', 'family' => 'Basellaceae', 'like' => 'potato'])->assertOk()->json('code');
        self::assertSame('ulluco', $key);
        $this->getJson('/api/crops/ulluco')->assertOk()->assertJsonPath('crop.latin', 'Ullucus tuberosus')->assertJsonPath('kin', []);
        $this->putJson('/api/crops/ulluco/figures', ['path' => 'seed.oil', 'value' => '12'])->assertOk();
        (new Keeper($this))->sow((new Keeper($this))->variety('ulluco', 'Low Water'));

        $file = $this->get('/api/crops/ulluco/file')->assertOk()->assertHeader('Content-Disposition', 'attachment; filename="ulluco.json"');
        $content = json_decode((string) $file->getContent(), true, flags: JSON_THROW_ON_ERROR);
        self::assertSame(0.12, $content['seed']['oil']);
        self::assertSame('the keeper’s own figure', $content['sources']['seed.oil']['from']);
        CropFile::read('ulluco', $content);
        $schema = json_decode((string) file_get_contents(base_path('core/data/crop.schema.json')));
        self::assertTrue((new Validator)->validate(json_decode((string) $file->getContent()), $schema)->isValid(), 'an exported crop is as the schema says');
        $this->postJson('/api/crops', ['name' => 'Ulluco', 'latin' => 'Ullucus tuberosus', 'family' => 'Basellaceae', 'like' => 'potato'])
            ->assertStatus(422)->assertJsonPath('errors.name.0', 'There is a crop of that name already.');
    }

    public function test_a_crop_of_another_keeper_is_taken_in_from_its_file(): void
    {
        $this->postJson('/api/crops', ['name' => 'Ulluco', 'latin' => 'Ullucus tuberosus', 'family' => 'Basellaceae', 'like' => 'potato'])->assertOk();
        $this->putJson('/api/crops/ulluco/figures', ['path' => 'growing.spacing', 'value' => '0.33'])->assertOk();
        $file = (string) $this->get('/api/crops/ulluco/file')->getContent();
        // Another garden, which has no such crop.
        $this->empties();
        $this->refreshApplication();
        $this->getJson('/api/crops/ulluco')->assertNotFound();
        $this->postJson('/api/crops/file', ['file' => $file])->assertOk()->assertJson(['code' => 'ulluco', 'said' => 'Added Ulluco']);
        self::assertSame(0.33, $this->figure('/api/crops/ulluco/figures', 'growing.spacing')['value']);
        (new Keeper($this))->sow((new Keeper($this))->variety('ulluco', 'Low Water'));
        self::assertStringContainsString('from a file', (string) json_encode($this->getJson('/api/journal')->json()));

        $content = json_decode($file, true, flags: JSON_THROW_ON_ERROR);
        foreach ([
            ['{"name": "Mashua"', 'That is no file of a crop: it is made on the page of a crop, under its figures.'],
            ['"Mashua"', 'That is no file of a crop: it is made on the page of a crop, under its figures.'],
            ['[]', 'That is no file of a crop: it has no name in it.'],
            [$file, 'There is a crop called Ulluco already. Change its figures on its page, or name the other one otherwise in the file.'],
            [json_encode(['seed' => ['unit' => 'tuber'], 'name' => 'Mashua'] + $content), null],
            [json_encode(['name' => 'Mashua', 'growing' => ['spacing' => 900] + $content['growing']] + $content), null],
        ] as [$bad, $says]) {
            $said = $this->postJson('/api/crops/file', ['file' => $bad])->assertStatus(422)->json('errors.file.0');
            self::assertNotSame('', (string) $said);
            if ($says !== null) {
                self::assertSame($says, $said);
            }
        }
        $this->getJson('/api/crops/mashua')->assertNotFound();
    }

    /** @return array<string, mixed> */
    private function figure(string $address, string $path): array
    {
        return collect($this->getJson($address)->assertOk()->json())->firstWhere('path', $path);
    }
}

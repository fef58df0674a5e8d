<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Words\CautionWords;
use App\Words\SharingWords;
use Marrow\Core\Botany\Caution;
use Marrow\Core\Botany\CropReference;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\Keeper;
use Tests\TestCase;

/** Where the work can hurt somebody, it is said at the act, before it is done, and goes with the seed. */
final class CautionsTest extends TestCase
{
    #[DataProvider('acts')]
    public function test_it_is_said_at_the_act(string $crop, string $act, string $says): void
    {
        self::assertStringContainsString($says, implode(' ', CautionWords::at(app(CropReference::class)->get($crop)->cautions, $act)));
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function acts(): iterable
    {
        foreach (['picked', 'threshed', 'winnowed', 'rinsed'] as $act) {
            yield "a pepper that is $act" => ['pepper', $act, 'burn skin and eyes'];
        }
        yield 'a dry gourd is sawn open' => ['bottle-gourd', 'threshed', 'cut away from you'];
        yield 'its dust' => ['bottle-gourd', 'threshed', 'with a mask'];
        foreach (['french-bean', 'runner-bean', 'tepary-bean'] as $crop) {
            yield "$crop put away" => [$crop, 'stored', 'Poisonous raw or half cooked'];
        }
        yield 'lima bean' => ['lima-bean', 'stored', 'cyanide'];
    }

    public function test_what_poisons_goes_with_the_seed_and_every_caution_has_its_act_and_words(): void
    {
        foreach (Caution::cases() as $caution) {
            self::assertMatchesRegularExpression('/^\p{Lu}.*\.$/u', CautionWords::text($caution), $caution->value);
            $acts = array_filter(['picked', 'threshed', 'winnowed', 'rinsed', 'ferment_started', 'stored', 'withdrawn'], static fn (string $act): bool => CautionWords::at([$caution], $act) !== []);
            self::assertNotSame([], $acts, "$caution->value is said nowhere");
        }
        self::assertStringNotContainsString('regulated', implode(' ', CautionWords::at(app(CropReference::class)->get('corn-poppy')->cautions, 'picked')));
        self::assertStringContainsString('Ask where you live', SharingWords::RULES);
    }

    public function test_it_stands_on_the_form_before_it_is_kept(): void
    {
        $keeper = new Keeper($this);
        $lot = $keeper->pick($keeper->sow($keeper->variety('bottle-gourd', 'Kettle')), '2026-09-01T10:00');
        $offer = collect($this->getJson("/api/lots/$lot")->json('offers'))->firstWhere('kind', 'threshed');
        self::assertStringContainsString('cut away from you', implode(' ', $offer['cautions']));
    }
}

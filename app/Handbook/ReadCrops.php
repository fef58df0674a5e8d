<?php

declare(strict_types=1);

namespace App\Handbook;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\CropFile;
use Marrow\Core\Botany\CropTitle;

/**
 * The crops that ship, as once read and checked: to read them again for every request took longer than all the rest of it.
 * Made whenever a garden is got ready (marrow:ready); a crop whose file is newer is read from that.
 */
final class ReadCrops
{
    /** Folders of the classes that a crop is made of. */
    private const PARTS = ['Botany', 'Cleaning', 'Drying', 'Storage'];

    /** @var array<array-key, mixed>|null as the file has it, or nothing; the cache holds it between requests, so that it is not gone through */
    private ?array $kept = null;

    /** When it was made. */
    private int $madeAt = 0;

    /**
     * @param  string  $path  of the file that holds them; empty to do without
     * @param  bool  $isUsed  commands read the files: whoever works on the program has not got a garden ready each time
     */
    public function __construct(private readonly string $path, private readonly bool $isUsed = true) {}

    public function get(string $key, string $file): ?Crop
    {
        $crop = $this->one('crops', $key, $file);

        return $crop instanceof Crop ? $crop : null;
    }

    /** What lists show of a crop, for which it need not be read. */
    public function title(string $key, string $file): ?CropTitle
    {
        $title = $this->one('titles', $key, $file);

        return $title instanceof CropTitle ? $title : null;
    }

    /** All its names as one text to look through (CropTitle::words). */
    public function words(string $key, string $file): ?string
    {
        $words = $this->one('words', $key, $file);

        return is_string($words) ? $words : null;
    }

    /** @return ?list<string> keys of the crops in a folder; null where it holds others than were kept */
    public function keys(string $folder): ?array
    {
        $crops = $this->kept()['crops'] ?? null;

        return is_array($crops) && (int) @filemtime($folder) <= $this->madeAt ? array_map(strval(...), array_keys($crops)) : null;
    }

    /** @param  'crops'|'titles'|'words'  $of */
    private function one(string $of, string $key, string $file): mixed
    {
        $kept = $this->kept()[$of] ?? null;

        return is_array($kept) && is_string($kept[$key] ?? null) && (int) @filemtime($file) <= $this->madeAt ? unserialize($kept[$key]) : null;
    }

    /** @param  string  $folder  of the files of the crops */
    public function make(string $folder): void
    {
        if ($this->path === '') {
            return;
        }
        $kept = ['crops' => [], 'titles' => [], 'words' => []];
        foreach (CropFiles::keys($folder) as $key) {
            $crop = CropFile::read($key, CropFiles::read($folder, $key));
            $kept['crops'][$key] = serialize($crop);
            $kept['titles'][$key] = serialize($crop->title());
            $kept['words'][$key] = serialize($crop->title()->words());
        }
        // Aside first: a request may be reading it.
        $aside = $this->path.'.'.getmypid();
        file_put_contents($aside, '<?php return '.var_export($kept, true).';');
        rename($aside, $this->path);
        if (function_exists('opcache_invalidate')) {
            opcache_invalidate($this->path, true);
        }
    }

    /** @return array<array-key, mixed> */
    private function kept(): array
    {
        if ($this->kept === null) {
            $this->madeAt = $this->isUsed && $this->path !== '' ? (int) @filemtime($this->path) : 0;
            $kept = $this->madeAt > 0 && ! $this->isOutdated() ? require $this->path : null;
            $this->kept = is_array($kept) ? $kept : [];
        }

        return $this->kept;
    }

    /** Whether the program was brought up to date since, and no garden got ready yet: a crop may be made of other things now. */
    private function isOutdated(): bool
    {
        return array_any(self::PARTS, fn (string $folder): bool => (int) @filemtime(base_path("core/src/$folder")) > $this->madeAt);
    }
}

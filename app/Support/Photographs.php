<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Instrument;
use App\Models\Photograph;
use App\Workshop\Files;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Intervention\Image\Drivers\Gd\Driver;
use Intervention\Image\Exceptions\RuntimeException;
use Intervention\Image\ImageManager;
use Lira\Document\InvalidDocument;

/**
 * Photographs of instruments on the local disk. Each is decoded, turned upright, made smaller and written anew, so that
 * nothing that came with the file but its picture is kept: no place where it was taken, nothing that only looks like a picture.
 */
final class Photographs
{
    public const MOST_BYTES = 20_000_000;

    private const MOST_PIXELS = 40_000_000;

    private const MOST_PER_INSTRUMENT = 40;

    private const LARGE = 1600;

    private const SMALL = 360;

    private const QUALITY = 85;

    /** @throws InvalidDocument if it is not a picture that can be taken */
    public static function add(Instrument $instrument, UploadedFile $file, string $caption): Photograph
    {
        self::check($instrument, $file);
        try {
            $image = (new ImageManager(new Driver))->read($file->getPathname())->scaleDown(self::LARGE, self::LARGE);
            $large = $image->toJpeg(self::QUALITY)->toString();
            [$width, $height] = [$image->width(), $image->height()];
            $small = $image->scaleDown(self::SMALL, self::SMALL)->toJpeg(self::QUALITY)->toString();
        } catch (RuntimeException) {
            throw self::refused("“{$file->getClientOriginalName()}” cannot be read as a picture. Take a JPEG, PNG or WebP file.");
        }
        $name = Str::uuid()->toString();
        try {
            Storage::put(self::path($name, true), $large);
            Storage::put(self::path($name, false), $small);

            // The picture was made small before: only this holds others up.
            return DB::transaction(static function () use ($instrument, $name, $caption, $width, $height): Photograph {
                self::checkRoom($instrument);

                return Photograph::query()->create(['instrument_id' => $instrument->id, 'file' => $name, 'caption' => $caption, 'width' => $width, 'height' => $height]);
            });
        } catch (\Throwable $failure) {
            Storage::delete([self::path($name, true), self::path($name, false)]);
            throw $failure;
        }
    }

    public static function content(Photograph $photograph, bool $large): ?string
    {
        return Storage::get(self::path($photograph->file, $large));
    }

    /** @return list<array{id: int, revision: int, caption: string, width: int, height: int}> the first taken first */
    public static function of(Instrument $instrument): array
    {
        return array_values(Photograph::query()->where('instrument_id', $instrument->id)->orderBy('id')->get()
            ->map(self::summary(...))->all());
    }

    /** @return array{id: int, revision: int, caption: string, width: int, height: int} */
    public static function summary(Photograph $photograph): array
    {
        return ['id' => $photograph->id, 'revision' => $photograph->revision, 'caption' => $photograph->caption, 'width' => $photograph->width, 'height' => $photograph->height];
    }

    /** Before anything of it is decoded. @throws InvalidDocument if it is not a picture that can be taken */
    private static function check(Instrument $instrument, UploadedFile $file): void
    {
        $name = $file->getClientOriginalName();
        if (! $file->isValid() || $file->getSize() > self::MOST_BYTES) {
            throw self::refused("“{$name}” did not arrive whole or is larger than 20 MB. Take a smaller one.");
        }
        $size = @getimagesize($file->getPathname());
        if ($size === false || ! in_array($size[2], [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP], true)) {
            throw self::refused("“{$name}” is not a JPEG, PNG or WebP picture. Save it as one of these and try again.");
        }
        if ($size[0] * $size[1] > self::MOST_PIXELS) {
            throw self::refused("“{$name}” has more than 40 million pixels. Make it smaller and try again.");
        }
        self::checkRoom($instrument);
    }

    private static function checkRoom(Instrument $instrument): void
    {
        if (Photograph::query()->where('instrument_id', $instrument->id)->count() >= self::MOST_PER_INSTRUMENT) {
            throw self::refused('An instrument can have '.self::MOST_PER_INSTRUMENT.' photographs. Remove one first.');
        }
    }

    private static function refused(string $sentence): InvalidDocument
    {
        return InvalidDocument::at('/photograph', $sentence);
    }

    private static function path(string $file, bool $large): string
    {
        return Files::PHOTOGRAPHS."/{$file}".($large ? '' : '-small').'.jpg';
    }
}

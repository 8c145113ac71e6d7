<?php

declare(strict_types=1);

namespace App\Instruments;

use App\Instruments\Views\PhotographView;
use App\Models\Instrument;
use App\Models\Photograph;
use App\Workshop\Files;
use App\Workshop\Upload;
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

    /**
     * @param  array{job_id: int, moment: string}|null  $taken  in which job, and before or after; null where in none
     *
     * @throws InvalidDocument if it is not a picture that can be taken
     */
    public function add(Instrument $instrument, Upload $file, string $caption, ?array $taken = null): Photograph
    {
        $this->check($instrument, $file);
        try {
            $image = (new ImageManager(new Driver))->read($file->path)->scaleDown(self::LARGE, self::LARGE);
            $large = $image->toJpeg(self::QUALITY)->toString();
            [$width, $height] = [$image->width(), $image->height()];
            $small = $image->scaleDown(self::SMALL, self::SMALL)->toJpeg(self::QUALITY)->toString();
        } catch (RuntimeException) {
            throw $this->refused("“{$file->name}” cannot be read as a picture. Take a JPEG, PNG or WebP file.");
        }
        $name = Str::uuid()->toString();
        try {
            Storage::put($this->path($name, true), $large);
            Storage::put($this->path($name, false), $small);

            // The picture was made small before: only this holds others up.
            return DB::transaction(function () use ($instrument, $name, $caption, $width, $height, $taken): Photograph {
                $this->checkRoom($instrument);

                return Photograph::query()->create(
                    ['instrument_id' => $instrument->id, 'file' => $name, 'caption' => $caption, 'width' => $width, 'height' => $height] + ($taken ?? []),
                );
            });
        } catch (\Throwable $failure) {
            Storage::delete([$this->path($name, true), $this->path($name, false)]);
            throw $failure;
        }
    }

    public function content(Photograph $photograph, bool $large): ?string
    {
        return Storage::get($this->path($photograph->file, $large));
    }

    /** @return list<PhotographView> the first taken first */
    public function of(Instrument $instrument): array
    {
        return array_values(Photograph::query()->where('instrument_id', $instrument->id)->orderBy('id')->get()
            ->map(self::summary(...))->all());
    }

    public static function summary(Photograph $photograph): PhotographView
    {
        return new PhotographView($photograph->id, $photograph->revision, $photograph->caption, $photograph->width, $photograph->height);
    }

    /** Before anything of it is decoded. @throws InvalidDocument if it is not a picture that can be taken */
    private function check(Instrument $instrument, Upload $file): void
    {
        $name = $file->name;
        if ($file->bytes > self::MOST_BYTES) {
            throw $this->refused("“{$name}” did not arrive whole or is larger than 20 MB. Take a smaller one.");
        }
        $size = @getimagesize($file->path);
        if ($size === false || ! in_array($size[2], [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP], true)) {
            throw $this->refused("“{$name}” is not a JPEG, PNG or WebP picture. Save it as one of these and try again.");
        }
        if ($size[0] * $size[1] > self::MOST_PIXELS) {
            throw $this->refused("“{$name}” has more than 40 million pixels. Make it smaller and try again.");
        }
        $this->checkRoom($instrument);
    }

    private function checkRoom(Instrument $instrument): void
    {
        if (Photograph::query()->where('instrument_id', $instrument->id)->count() >= self::MOST_PER_INSTRUMENT) {
            throw $this->refused('An instrument can have '.self::MOST_PER_INSTRUMENT.' photographs. Remove one first.');
        }
    }

    private function refused(string $sentence): InvalidDocument
    {
        return InvalidDocument::at('/photograph', $sentence);
    }

    private function path(string $file, bool $large): string
    {
        return Files::PHOTOGRAPHS."/{$file}".($large ? '' : '-small').'.jpg';
    }
}

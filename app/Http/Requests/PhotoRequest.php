<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Http\UploadedFile;

/** A photograph of a box as it was found. */
final class PhotoRequest extends TellRequest
{
    /** Kilobytes; the web server takes a little more, so that too large is said and not cut off. */
    public const MOST_KB = 8192;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'photo' => ['bail', 'required', 'file', 'image', 'mimes:jpg,jpeg,png,webp', 'max:' . self::MOST_KB],
            'text' => ['nullable', 'string', 'max:500'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'photo.image' => 'That is not a picture.',
            'photo.mimes' => 'A photograph is JPEG, PNG or WebP.',
            'photo.max' => 'A photograph has ' . self::MOST_KB / 1024 . ' MB at most.',
            'photo.uploaded' => 'A photograph has ' . self::MOST_KB / 1024 . ' MB at most.',
        ];
    }

    public function text(): ?string
    {
        return $this->filled('text') ? $this->string('text')->toString() : null;
    }

    public function photo(): UploadedFile
    {
        $file = $this->file('photo');

        return $file instanceof UploadedFile ? $file : throw new \LogicException('The rules let none through');
    }
}

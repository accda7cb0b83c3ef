<?php

declare(strict_types=1);

namespace App\Scouting\Requests;

use App\Core\Say;
use App\Http\Requests\TypedRequest;
use App\Scouting\Jpeg;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;

/** A photo, scaled down by the browser before it comes; it stays on this machine. */
class PhotoRequest extends TypedRequest
{
    /** The longer side, in pixels. A browser that has not scaled it down is refused. */
    public const MOST_PIXELS = 1600;

    private const MOST_KB = 4096;

    protected function figures(): array
    {
        return ['pixels' => self::MOST_PIXELS];
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'photo' => [
                'required',
                'file',
                'mimetypes:image/jpeg',
                'max:'.self::MOST_KB,
                'dimensions:max_width='.self::MOST_PIXELS.',max_height='.self::MOST_PIXELS,
            ],
        ];
    }

    /**
     * The picture, without the place and the camera that may stand in the file.
     *
     * @throws ValidationException if it is no whole JPEG
     */
    public function photo(): string
    {
        $file = $this->file('photo');
        $bare = $file instanceof UploadedFile ? Jpeg::bare((string) $file->getContent()) : null;

        return $bare ?? throw ValidationException::withMessages(['photo' => Say::it('refused.picture-broken-off')]);
    }
}

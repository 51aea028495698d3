<?php

declare(strict_types=1);

namespace App\Apps;

use App\Models\App;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;

/** Keeps what people upload: pictures drawn anew, other files of the kinds that an app may hold as they are. */
final readonly class Uploads
{
    private const KINDS = ['pdf' => ['application/pdf'], 'txt' => ['text/plain'], 'csv' => ['text/csv', 'text/plain', 'application/csv'], 'mp3' => ['audio/mpeg'], 'zip' => ['application/zip']];

    public function __construct(private Pictures $pictures)
    {
    }

    /**
     * @return string the name under which it is kept
     *
     * @throws ValidationException
     */
    public function keep(App $app, UploadedFile $file): string
    {
        $ending = strtolower($file->getClientOriginalExtension());
        if (! isset(self::KINDS[$ending])) {
            return $this->pictures->keep($app, (string) $file->getContent());
        }
        if (! in_array($file->getMimeType(), self::KINDS[$ending], true)) {
            throw ValidationException::withMessages(['picture' => "This file is not what its ending .$ending says."]);
        }
        $name = hash_file('sha256', (string) $file->getRealPath()).".$ending";
        copy((string) $file->getRealPath(), $app->folder('pictures')."/$name");

        return $name;
    }
}

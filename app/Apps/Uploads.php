<?php

declare(strict_types=1);

namespace App\Apps;

use App\Models\App;
use finfo;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;

/** Keeps what people upload: pictures drawn anew, other files of the kinds that an app may hold as they are. */
final readonly class Uploads
{
    private const KINDS = [
        'pdf' => ['application/pdf'],
        'txt' => ['text/plain'],
        'csv' => ['text/csv', 'text/plain', 'application/csv'],
        'mp3' => ['audio/mpeg'],
        'zip' => ['application/zip'],
        'wav' => ['audio/x-wav', 'audio/wav', 'audio/vnd.wave'],
    ];

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
        if (! self::isOther($file)) {
            return $this->pictures->keep($app, (string) $file->getContent());
        }
        if (! in_array($file->getMimeType(), self::KINDS[$ending], true)) {
            throw ValidationException::withMessages(['picture' => "This file is not what its ending .$ending says."]);
        }

        return self::kept($app, (string) $file->getContent(), $ending);
    }

    /** True for a file that is kept as it is: all that is not a picture. */
    public static function isOther(UploadedFile $file): bool
    {
        return isset(self::KINDS[strtolower($file->getClientOriginalExtension())]);
    }

    /** Keeps a sound as it came. */
    public static function sound(App $app, string $bytes): ?string
    {
        $type = (new finfo(FILEINFO_MIME_TYPE))->buffer($bytes) ?: '';
        foreach (['wav', 'mp3'] as $ending) {
            if (in_array($type, self::KINDS[$ending], true)) {
                return self::kept($app, $bytes, $ending);
            }
        }

        return null;
    }

    private static function kept(App $app, string $bytes, string $ending): string
    {
        $name = hash('sha256', $bytes).".$ending";
        WholeFile::put($app->folder('pictures')."/$name", $bytes);

        return $name;
    }
}

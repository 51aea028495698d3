<?php

declare(strict_types=1);

namespace Lanai\Core\Release;

use Lanai\Core\Model\Field;
use Lanai\Core\Model\FieldTypes\EmailType;
use Lanai\Core\Model\FieldTypes\FileType;
use Lanai\Core\Model\FieldTypes\LongTextType;
use Lanai\Core\Model\FieldTypes\PhoneType;
use Lanai\Core\Model\FieldTypes\PictureType;
use Lanai\Core\Model\FieldTypes\PlaceType;
use Lanai\Core\Model\FieldTypes\SoundType;
use Lanai\Core\Model\FieldTypes\TextType;
use Lanai\Core\Model\FieldTypes\VideoType;
use Lanai\Core\Model\Table;

/**
 * A kind of data about people, as both stores ask for it on their forms. The names on the forms of the stores are from memory: Android's
 * “data types” of its data safety section, and the “NSPrivacyCollectedDataType” values of a privacy manifest for iPhones.
 */
enum DataKind: string
{
    case Name = 'name';
    case Email = 'email';
    case Phone = 'phone';
    case Place = 'place';
    case Photos = 'photos';
    case Sounds = 'sounds';
    case Files = 'files';
    case Words = 'words';
    case Choices = 'choices';
    case Purchases = 'purchases';
    case Visits = 'visits';
    case Faults = 'faults';
    case Device = 'device';

    /** What it is called in a sentence. */
    public function inWords(): string
    {
        return match ($this) {
            self::Name => 'names',
            self::Email => 'e-mail addresses',
            self::Phone => 'telephone numbers',
            self::Place => 'places',
            self::Photos => 'pictures and films',
            self::Sounds => 'sounds',
            self::Files => 'files',
            self::Words => 'what people write',
            self::Choices => 'what people choose and enter',
            self::Purchases => 'what people buy',
            self::Visits => 'which screens people look at and what they tap',
            self::Faults => 'what goes wrong in the app',
            self::Device => 'a number by which a phone is known',
        };
    }

    /** On the form of the store for Android phones. */
    public function onAndroid(): string
    {
        return match ($this) {
            self::Name => 'Personal info: Name',
            self::Email => 'Personal info: Email address',
            self::Phone => 'Personal info: Phone number',
            self::Place => 'Location: Precise location',
            self::Photos => 'Photos and videos',
            self::Sounds => 'Audio: Voice or sound recordings',
            self::Files => 'Files and docs',
            self::Words => 'App activity: Other user-generated content',
            self::Choices => 'App activity: Other actions',
            self::Purchases => 'Financial info: Purchase history',
            self::Visits => 'App activity: App interactions',
            self::Faults => 'App info and performance: Crash logs',
            self::Device => 'Device or other IDs',
        };
    }

    /** In the privacy manifest of an app for iPhones. */
    public function onIos(): string
    {
        return 'NSPrivacyCollectedDataType'.match ($this) {
            self::Name => 'Name',
            self::Email => 'EmailAddress',
            self::Phone => 'PhoneNumber',
            self::Place => 'PreciseLocation',
            self::Photos => 'PhotosorVideos',
            self::Sounds => 'AudioData',
            self::Files, self::Words, self::Choices => 'OtherUserContent',
            self::Purchases => 'PurchaseHistory',
            self::Visits => 'ProductInteraction',
            self::Faults => 'CrashData',
            self::Device => 'DeviceID',
        };
    }

    /** Of what a field keeps. By its type; the label of the people is their name. */
    public static function of(Table $table, Field $field): self
    {
        return match (true) {
            $field->type instanceof EmailType => self::Email,
            $field->type instanceof PhoneType => self::Phone,
            $field->type instanceof PlaceType => self::Place,
            $field->type instanceof PictureType, $field->type instanceof VideoType => self::Photos,
            $field->type instanceof SoundType => self::Sounds,
            $field->type instanceof FileType => self::Files,
            $table->people && $field === $table->labelField() => self::Name,
            $field->type instanceof TextType, $field->type instanceof LongTextType => self::Words,
            default => self::Choices,
        };
    }
}

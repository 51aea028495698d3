<?php

declare(strict_types=1);

namespace Lanai\Core;

use Lanai\Core\Effects\AddRow;
use Lanai\Core\Effects\AddToCalendar;
use Lanai\Core\Effects\AllowAdverts;
use Lanai\Core\Effects\Ask;
use Lanai\Core\Effects\AskFor;
use Lanai\Core\Effects\AskToNotify;
use Lanai\Core\Effects\BecomeRole;
use Lanai\Core\Effects\BuyProduct;
use Lanai\Core\Effects\CallNumber;
use Lanai\Core\Effects\ChangeAll;
use Lanai\Core\Effects\ChangeRow;
use Lanai\Core\Effects\CheckCode;
use Lanai\Core\Effects\CloseSheet;
use Lanai\Core\Effects\Confirm;
use Lanai\Core\Effects\CopyText;
use Lanai\Core\Effects\CountMe;
use Lanai\Core\Effects\DeleteMe;
use Lanai\Core\Effects\DoForEach;
use Lanai\Core\Effects\DoNotCountMe;
use Lanai\Core\Effects\DoRoutine;
use Lanai\Core\Effects\DownloadMine;
use Lanai\Core\Effects\EndProduct;
use Lanai\Core\Effects\GiveProduct;
use Lanai\Core\Effects\GoBack;
use Lanai\Core\Effects\GoToScreen;
use Lanai\Core\Effects\IfSo;
use Lanai\Core\Effects\KeepInStep;
use Lanai\Core\Effects\KeepProduct;
use Lanai\Core\Effects\LowerNumber;
use Lanai\Core\Effects\ManageProduct;
use Lanai\Core\Effects\OfferAdvert;
use Lanai\Core\Effects\OpenAddress;
use Lanai\Core\Effects\OpenSheet;
use Lanai\Core\Effects\PlaySound;
use Lanai\Core\Effects\PutInto;
use Lanai\Core\Effects\RaiseNumber;
use Lanai\Core\Effects\Refresh;
use Lanai\Core\Effects\RefuseAdverts;
use Lanai\Core\Effects\RemoveAll;
use Lanai\Core\Effects\RemoveRow;
use Lanai\Core\Effects\ReportRow;
use Lanai\Core\Effects\RestorePurchases;
use Lanai\Core\Effects\Say;
use Lanai\Core\Effects\SendCode;
use Lanai\Core\Effects\SendCodeAgain;
use Lanai\Core\Effects\SetEmail;
use Lanai\Core\Effects\SetPassword;
use Lanai\Core\Effects\SetValue;
use Lanai\Core\Effects\ShareText;
use Lanai\Core\Effects\ShowAdvert;
use Lanai\Core\Effects\ShowOnMap;
use Lanai\Core\Effects\SignInAsGuest;
use Lanai\Core\Effects\SignInThrough;
use Lanai\Core\Effects\SignInWith;
use Lanai\Core\Effects\SignOut;
use Lanai\Core\Effects\SignUp;
use Lanai\Core\Effects\StartOver;
use Lanai\Core\Effects\Subscribe;
use Lanai\Core\Effects\SwitchProduct;
use Lanai\Core\Effects\TakeOut;
use Lanai\Core\Effects\Wait;
use Lanai\Core\Effects\WriteLetter;
use Lanai\Core\Effects\WriteMail;
use Lanai\Core\Lines\AddForm;
use Lanai\Core\Lines\Advert;
use Lanai\Core\Lines\Badge;
use Lanai\Core\Lines\ButtonLine;
use Lanai\Core\Lines\Card;
use Lanai\Core\Lines\ChangeForm;
use Lanai\Core\Lines\Channels;
use Lanai\Core\Lines\Chart;
use Lanai\Core\Lines\Columns;
use Lanai\Core\Lines\Conversation;
use Lanai\Core\Lines\Countdown;
use Lanai\Core\Lines\Divider;
use Lanai\Core\Lines\FloatingButton;
use Lanai\Core\Lines\Fold;
use Lanai\Core\Lines\From;
use Lanai\Core\Lines\Group;
use Lanai\Core\Lines\Heading;
use Lanai\Core\Lines\IconButton;
use Lanai\Core\Lines\IconLine;
use Lanai\Core\Lines\Inbox;
use Lanai\Core\Lines\InputLine;
use Lanai\Core\Lines\LanguageChoice;
use Lanai\Core\Lines\LinkLine;
use Lanai\Core\Lines\ListLine;
use Lanai\Core\Lines\MapLine;
use Lanai\Core\Lines\Menu;
use Lanai\Core\Lines\NewerVersion;
use Lanai\Core\Lines\Offer;
use Lanai\Core\Lines\Pages;
use Lanai\Core\Lines\PictureLine;
use Lanai\Core\Lines\PieceLine;
use Lanai\Core\Lines\Progress;
use Lanai\Core\Lines\RatingLine;
use Lanai\Core\Lines\Repeat;
use Lanai\Core\Lines\Sections;
use Lanai\Core\Lines\Sheet;
use Lanai\Core\Lines\Sound;
use Lanai\Core\Lines\Space;
use Lanai\Core\Lines\TextLine;
use Lanai\Core\Lines\Video;
use Lanai\Core\Lines\WebPage;
use Lanai\Core\Model\Access\Everyone;
use Lanai\Core\Model\Access\Having;
use Lanai\Core\Model\Access\InRole;
use Lanai\Core\Model\Access\Meeting;
use Lanai\Core\Model\Access\Nobody;
use Lanai\Core\Model\Access\PersonIn;
use Lanai\Core\Model\Access\SignedIn;
use Lanai\Core\Model\Access\Themselves;
use Lanai\Core\Model\Access\Unless;
use Lanai\Core\Model\Access\Who;
use Lanai\Core\Model\AnyEffect;
use Lanai\Core\Model\AnyLine;
use Lanai\Core\Model\FieldType;
use Lanai\Core\Model\FieldTypes\AddedAtType;
use Lanai\Core\Model\FieldTypes\AddedByType;
use Lanai\Core\Model\FieldTypes\ChangedAtType;
use Lanai\Core\Model\FieldTypes\ChoicesType;
use Lanai\Core\Model\FieldTypes\ChoiceType;
use Lanai\Core\Model\FieldTypes\ColourType;
use Lanai\Core\Model\FieldTypes\DateType;
use Lanai\Core\Model\FieldTypes\DecimalType;
use Lanai\Core\Model\FieldTypes\DurationType;
use Lanai\Core\Model\FieldTypes\EmailType;
use Lanai\Core\Model\FieldTypes\EntitlementType;
use Lanai\Core\Model\FieldTypes\FileType;
use Lanai\Core\Model\FieldTypes\FormulaType;
use Lanai\Core\Model\FieldTypes\LastHereType;
use Lanai\Core\Model\FieldTypes\LinksType;
use Lanai\Core\Model\FieldTypes\LinkType;
use Lanai\Core\Model\FieldTypes\LongTextType;
use Lanai\Core\Model\FieldTypes\MomentType;
use Lanai\Core\Model\FieldTypes\MoneyType;
use Lanai\Core\Model\FieldTypes\PhoneType;
use Lanai\Core\Model\FieldTypes\PictureType;
use Lanai\Core\Model\FieldTypes\PlaceType;
use Lanai\Core\Model\FieldTypes\RatingType;
use Lanai\Core\Model\FieldTypes\RoleType;
use Lanai\Core\Model\FieldTypes\SecretType;
use Lanai\Core\Model\FieldTypes\SoundType;
use Lanai\Core\Model\FieldTypes\TextType;
use Lanai\Core\Model\FieldTypes\TimeType;
use Lanai\Core\Model\FieldTypes\VideoType;
use Lanai\Core\Model\FieldTypes\WebAddressType;
use Lanai\Core\Model\FieldTypes\WholeNumberType;
use Lanai\Core\Model\FieldTypes\YesNoType;
use Lanai\Core\Model\People\AsGuest;
use Lanai\Core\Model\People\Keeps;
use Lanai\Core\Model\People\Leaving;
use Lanai\Core\Model\People\TakesAlong;
use Lanai\Core\Model\People\Through;
use Lanai\Core\Model\People\Way;
use Lanai\Core\Model\People\WithCode;
use Lanai\Core\Model\People\WithPassword;
use Lanai\Core\Model\Services\ServiceRequest;
use Lanai\Core\Model\Services\SignsIn;
use Lanai\Core\Services\AnswerInWords;
use Lanai\Core\Services\BearerToken;
use Lanai\Core\Services\ClientCredentials;
use Lanai\Core\Services\FillingIn;
use Lanai\Core\Services\KeyInHeader;
use Lanai\Core\Services\KeyInQuery;
use Lanai\Core\Services\NameAndPassword;
use Lanai\Core\Services\PictureFromWords;
use Lanai\Core\Services\Request;
use Lanai\Core\Services\Speech;
use Lanai\Core\Services\Translation;

/**
 * The only list of kinds: of lines, of effects, of field types, of whatever an app can be made of. A new kind is a class and a
 * line here. It stands above all rooms; those below learn of kinds through Families.
 */
final class Catalogue
{
    /** What each family is called, and its members by the "kind" that stands in the data. */
    public const FAMILIES = [
        AnyLine::class => ['a line', [
            'heading' => Heading::class,
            'text' => TextLine::class,
            'picture' => PictureLine::class,
            'icon' => IconLine::class,
            'badge' => Badge::class,
            'progress' => Progress::class,
            'rating' => RatingLine::class,
            'countdown' => Countdown::class,
            'divider' => Divider::class,
            'advert' => Advert::class,
            'space' => Space::class,
            'chart' => Chart::class,
            'map' => MapLine::class,
            'webPage' => WebPage::class,
            'video' => Video::class,
            'sound' => Sound::class,
            'list' => ListLine::class,
            'button' => ButtonLine::class,
            'iconButton' => IconButton::class,
            'floatingButton' => FloatingButton::class,
            'link' => LinkLine::class,
            'menu' => Menu::class,
            'offer' => Offer::class,
            'inbox' => Inbox::class,
            'channels' => Channels::class,
            'languageChoice' => LanguageChoice::class,
            'newerVersion' => NewerVersion::class,
            'input' => InputLine::class,
            'addForm' => AddForm::class,
            'changeForm' => ChangeForm::class,
            'conversation' => Conversation::class,
            'from' => From::class,
            'group' => Group::class,
            'columns' => Columns::class,
            'card' => Card::class,
            'sections' => Sections::class,
            'pages' => Pages::class,
            'fold' => Fold::class,
            'sheet' => Sheet::class,
            'repeat' => Repeat::class,
            'piece' => PieceLine::class,
        ]],
        AnyEffect::class => ['an effect', [
            'goTo' => GoToScreen::class,
            'goBack' => GoBack::class,
            'startOver' => StartOver::class,
            'addRow' => AddRow::class,
            'changeRow' => ChangeRow::class,
            'changeAll' => ChangeAll::class,
            'removeRow' => RemoveRow::class,
            'removeAll' => RemoveAll::class,
            'lower' => LowerNumber::class,
            'raise' => RaiseNumber::class,
            'putInto' => PutInto::class,
            'takeOut' => TakeOut::class,
            'setValue' => SetValue::class,
            'if' => IfSo::class,
            'forEach' => DoForEach::class,
            'confirm' => Confirm::class,
            'ask' => Ask::class,
            'askFor' => AskFor::class,
            'keepInStep' => KeepInStep::class,
            'say' => Say::class,
            'do' => DoRoutine::class,
            'openSheet' => OpenSheet::class,
            'closeSheet' => CloseSheet::class,
            'open' => OpenAddress::class,
            'mail' => WriteMail::class,
            'call' => CallNumber::class,
            'showOnMap' => ShowOnMap::class,
            'share' => ShareText::class,
            'copy' => CopyText::class,
            'play' => PlaySound::class,
            'wait' => Wait::class,
            'refresh' => Refresh::class,
            'signUp' => SignUp::class,
            'signIn' => SignInWith::class,
            'sendCode' => SendCode::class,
            'sendCodeAgain' => SendCodeAgain::class,
            'checkCode' => CheckCode::class,
            'signInAsGuest' => SignInAsGuest::class,
            'signInThrough' => SignInThrough::class,
            'setPassword' => SetPassword::class,
            'setEmail' => SetEmail::class,
            'signOut' => SignOut::class,
            'downloadMine' => DownloadMine::class,
            'deleteMe' => DeleteMe::class,
            'become' => BecomeRole::class,
            'buy' => BuyProduct::class,
            'end' => EndProduct::class,
            'goOn' => KeepProduct::class,
            'switch' => SwitchProduct::class,
            'showAdvert' => ShowAdvert::class,
            'offerAdvert' => OfferAdvert::class,
            'allowAdverts' => AllowAdverts::class,
            'refuseAdverts' => RefuseAdverts::class,
            'addToCalendar' => AddToCalendar::class,
            'subscribe' => Subscribe::class,
            'askToNotify' => AskToNotify::class,
            'countMe' => CountMe::class,
            'doNotCountMe' => DoNotCountMe::class,
            'manage' => ManageProduct::class,
            'give' => GiveProduct::class,
            'restore' => RestorePurchases::class,
            'letter' => WriteLetter::class,
            'report' => ReportRow::class,
        ]],
        Who::class => ['those who may', [
            'everyone' => Everyone::class,
            'unless' => Unless::class,
            'nobody' => Nobody::class,
            'signedIn' => SignedIn::class,
            'themselves' => Themselves::class,
            'personIn' => PersonIn::class,
            'role' => InRole::class,
            'having' => Having::class,
            'if' => Meeting::class,
        ]],
        Way::class => ['a way in', [
            'password' => WithPassword::class,
            'code' => WithCode::class,
            'guest' => AsGuest::class,
            'through' => Through::class,
        ]],
        Leaving::class => ['“leaving takes along” or “leaving keeps”', [
            'takes' => TakesAlong::class,
            'keeps' => Keeps::class,
        ]],
        SignsIn::class => ['“signs in with”', [
            'header' => KeyInHeader::class,
            'query' => KeyInQuery::class,
            'bearer' => BearerToken::class,
            'basic' => NameAndPassword::class,
            'client' => ClientCredentials::class,
        ]],
        ServiceRequest::class => ['a request', [
            'rest' => Request::class,
            'answer' => AnswerInWords::class,
            'translation' => Translation::class,
            'picture' => PictureFromWords::class,
            'speech' => Speech::class,
            'filling' => FillingIn::class,
        ]],
        // Of two that begin alike, the longer stands first.
        FieldType::class => ['a type such as “is a text”', [
            'text' => TextType::class,
            'longText' => LongTextType::class,
            'whole' => WholeNumberType::class,
            'decimal' => DecimalType::class,
            'money' => MoneyType::class,
            'yesNo' => YesNoType::class,
            'moment' => MomentType::class,
            'date' => DateType::class,
            'time' => TimeType::class,
            'duration' => DurationType::class,
            'choice' => ChoiceType::class,
            'choices' => ChoicesType::class,
            'picture' => PictureType::class,
            'file' => FileType::class,
            'video' => VideoType::class,
            'sound' => SoundType::class,
            'place' => PlaceType::class,
            'rating' => RatingType::class,
            'colour' => ColourType::class,
            'email' => EmailType::class,
            'phone' => PhoneType::class,
            'web' => WebAddressType::class,
            'link' => LinkType::class,
            'links' => LinksType::class,
            'formula' => FormulaType::class,
            'addedAt' => AddedAtType::class,
            'addedBy' => AddedByType::class,
            'changedAt' => ChangedAtType::class,
            'role' => RoleType::class,
            'entitlement' => EntitlementType::class,
            'lastHere' => LastHereType::class,
            'secret' => SecretType::class,
        ]],
    ];
}

<?php

declare(strict_types=1);

namespace Lanai\Core\Review;

/** All reasons for which stores turn versions down. */
final class Book
{
    /** Of one reason no more is told: what else is wrong shows once these are put right. */
    private const MOST = 20;

    /** @return list<Opinion> in the order of the book */
    public static function of(Candidate $candidate): array
    {
        $opinions = [];
        foreach (self::reasons() as $reason) {
            if (in_array($candidate->store, $reason->stores(), true)) {
                $findings = [];
                foreach ($reason->look($candidate) as $finding) {
                    $findings[$finding->id()] = $finding;
                    if (count($findings) === self::MOST) {
                        break;
                    }
                }
                $opinions[] = new Opinion($reason->holds(), array_values($findings));
            }
        }

        return $opinions;
    }

    /** @return list<Reason> */
    public static function reasons(): array
    {
        return [
            // What it is.
            new AsFound('The title has the length that stores take.', ['ListingTitle'], certain: true),
            new AsFound('The short description has the length that stores take.', ['ListingSummary'], certain: true),
            new AsFound('The full description has the length that stores take.', ['ListingDescription'], certain: true),
            new Reasons\DescriptionTells(),
            new Reasons\ListingTranslated(),
            new Reasons\PlainTitle(),
            new Reasons\TitleNamesApp(),
            new Reasons\NoClaims(),
            new Reasons\OtherPhones(),
            new Reasons\Finished(),
            new Reasons\TellsWhatIsNew(),
            new Reasons\PicturesShowIt(),
            new AsFound('The words by which people search are short enough, and tell something new.', ['SearchWords'], certain: true),
            new AsFound('The app has an icon.', ['Icon']),
            new AsFound('The package has a valid id.', ['PackageId'], certain: true),
            new Reasons\OwnId(),
            new AsFound('The version is one that can be compared.', ['Version'], certain: true),
            new AsFound('The build number is higher than the last one.', ['BuildNumber'], certain: true),
            new Reasons\NotTwice(),
            // What it does.
            new Reasons\Opens(),
            new Reasons\ServerAnswers(),
            new Reasons\LiveIsThis(),
            new Reasons\EnoughToDo(),
            new Reasons\MoreThanWebPages(),
            new Reasons\NothingEmpty(),
            new Reasons\LinksAnswer(),
            new Reasons\LinksSealed(),
            new AsFound(
                'Every name is known, and every blank is filled.',
                ['UnknownName', 'BlankNotFilled', 'WrongArguments', 'WayNotThere', 'SignInIncomplete'],
            ),
            new AsFound('Every button does something.', ['ButtonWithoutEffect'], certain: true),
            new AsFound('Every screen can be reached and left.', ['ScreenNobodyReaches', 'ScreensWithoutExit']),
            new AsFound('Every list says something when it is empty.', ['ListWithoutEmptyText']),
            new Reasons\AllLaidOut(),
            new AsFound('Nothing is cut off, lies over something else or runs off the screen.', ['CutOff', 'Overlap', 'RunsOff', 'WrapsBadly']),
            new AsFound('A tablet has more than a strip of the phone in the middle.', ['MostlyEmpty']),
            new AsFound('What is tapped is large enough.', ['TooSmallToHit']),
            new AsFound('Text can be read on its ground.', ['LowContrast']),
            new AsFound('Pictures are described.', ['PictureWithoutDescription']),
            new AsFound('All texts are there in each language.', ['LanguageMatters']),
            // People and what is kept of them.
            new AsFound('People can delete their account from inside the app.', ['AccountMatters']),
            new Reasons\OwnWayIn(),
            new Reasons\ReviewersGetIn(),
            new Reasons\SeenBeforeSigningIn(),
            new Reasons\WrittenByOthers(),
            new Reasons\OutOfSight(),
            new AsFound('Personal data is not open to everyone.', ['OpenPersonalData', 'AddressShown', 'PermissionUnsaid', 'UnsaidWithoutSignIn']),
            new Reasons\ReasonForPlace(),
            new Reasons\ReasonIsUsed(),
            new AsFound('Messages come to people who were asked first.', ['MessageMatters', 'OnboardingMatters']),
            new AsFound('No key stands in what phones get.', ['SecretTyped', 'ServiceAddress']),
            // Money.
            new AsFound('Whoever buys reads the conditions, and can get back what they bought.', ['BoughtWithoutConditions', 'PaidScreenOpen']),
            new AsFound('What is sold is what stores sell.', ['ShelfDiffers', 'ProductIncomplete', 'PriceNotTaken']),
            new AsFound('Adverts stand where stores allow them.', ['AdvertMatters', 'AdvertPlaces', 'AdvertTooNear', 'AdvertsInSight']),
            new AsFound('Nobody has to update to a version that there is not.', ['EverybodyShutOut']),
        ];
    }
}

<?php

declare(strict_types=1);

namespace Lanai\Core\Edits\Kinds;

use Lanai\Core\Edits\Edit;
use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Edits\EditResult;
use Lanai\Core\Edits\Patch;
use Lanai\Core\Language\Family;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Language\Parser;
use Lanai\Core\Language\Prose;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Reach\Message;
use Lanai\Core\Model\Reach\Messages;
use Lanai\Core\Model\Screen;

/** What an app needs before it writes to people: the rules, a screen on which they say yes and choose, a way to it, and a first message. */
final readonly class LetMessagesIn implements Edit
{
    public function about(): array
    {
        return ['/messages'];
    }

    public function on(Blueprint $blueprint): EditResult
    {
        if ($blueprint->messages !== null) {
            throw new EditRefused('There are rules for messages already.');
        }
        for ($n = 2, $name = 'Messages and you'; $blueprint->screen($name) !== null; $n++) {
            $name = "Messages and you $n";
        }
        $rules = Parser::fragment(
            "messages, quiet from \"21:30\" until \"08:00\", at most 3 a day\n  channel News, for \"What is new\"",
            Family::only('“messages”', Messages::class),
        )[0];
        $written = NameFit::written($name);
        $screen = Parser::fragment(self::screen($written, $blueprint), Family::only('a screen', Screen::class));
        $message = Parser::fragment(
            "message Hello, on News\n  says \"Hello\", then \"Have a look at what is new.\"",
            Family::only('“message”', Message::class),
        );
        $data = $blueprint->data();
        $screens = Prose::nodes($data['screens'] ?? []);
        $menu = Prose::nodes($data['menu'] ?? []);
        $way = [...$menu, ['screen' => $name, 'label' => 'Messages', 'icon' => 'bell']];

        return EditResult::by($blueprint, Patch::between($data, [
            'messages' => $rules,
            'sends' => [...Prose::nodes($data['sends'] ?? []), ...$message],
            'screens' => [...$screens, ...$screen],
            'menu' => $way,
        ] + $data));
    }

    private static function screen(string $name, Blueprint $blueprint): string
    {
        $signedIn = $blueprint->peopleTable() === null ? '' : "\n  Channels";

        return <<<SCREEN
        screen $name, titled "Messages"
          Text "We write seldom, and only what you want to know."
          Button "Send me messages"
            tapped:
              ask to send messages, because "Then you hear of what is new, also while this app is closed."
                then:
                  say "We will let you know."
                otherwise:
                  say "As you like. You can turn messages on here at any time."$signedIn
        SCREEN;
    }
}

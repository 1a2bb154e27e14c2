<?php

declare(strict_types=1);

namespace Bouclier\Core\Change;

use Bouclier\Core\Exchange\Body;

/**
 * What can be told of a house, by its address below the house: the same on the server and on a phone without a signal. Words in braces are
 * keys of what the command carries.
 */
final class CommandList
{
    /** Facts, only added: what was read, seen, turned, proved or noted. A helper files them too. */
    public const FACTS = [
        'readings' => Commands\FileReading::class,
        'observations' => Commands\Observe::class,
        'breakers' => Commands\TurnBreaker::class,
        'mains' => Commands\TurnMain::class,
        'locks' => Commands\LockBreaker::class,
        'proofs' => Commands\ProveDead::class,
        'outlets/{point}/box' => Commands\NoteBox::class,
        'outlets/{point}/checks' => Commands\CheckBox::class,
        'outlets/{point}/backs' => Commands\NoteBack::class,
        'outlets/{point}/wires' => Commands\NoteWire::class,
        'outlets/{point}/pairs' => Commands\NotePair::class,
        'outlets/{point}/well' => Commands\BoxIsWell::class,
        'outlets/{point}/tests' => Commands\TestDevice::class,
        'outlets/{point}/notes' => Commands\AddNote::class,
        'items' => Commands\AddItem::class,
        'items/table' => Commands\TakeInspection::class,
        'round' => Commands\AnswerRound::class,
        'call/answers' => Commands\AnswerQuestions::class,
        'call/tests' => Commands\FileTests::class,
    ];

    /** The house itself, and what is made of its facts. */
    public const CHANGES = [
        'changes' => Commands\Edit::class,
        'entry' => Commands\EnterLine::class,
        'survey/rooms' => Commands\AddRoom::class,
        'survey/outlets' => Commands\AddOutlet::class,
        'survey/water' => Commands\AddFixture::class,
        'survey/strike' => Commands\StrikeOut::class,
        'survey/usual' => Commands\ShowUsual::class,
        'survey/breakers' => Commands\AddBreaker::class,
        'survey/appliances' => Commands\PlugIn::class,
        'rooms/move' => Commands\MoveToRoom::class,
        'rooms/join' => Commands\JoinRooms::class,
        'rooms/split' => Commands\SplitRoom::class,
        'devices/replaced' => Commands\ReplaceDevice::class,
        'order/areas' => Commands\MoveRoom::class,
        'order/points' => Commands\MoveOutlet::class,
        'removals/areas' => Commands\RemoveRoom::class,
        'removals/points' => Commands\RemoveOutlet::class,
        'removals/fixtures' => Commands\RemoveFixture::class,
        'items/{entry}/close' => Commands\CloseItem::class,
        'observations/{entry}/withdraw' => Commands\WithdrawObservation::class,
        'runs/keep' => Commands\KeepRuns::class,
        'drafts' => Commands\KeepDraft::class,
        'drafts/{entry}/drop' => Commands\DropDraft::class,
        'drafts/{entry}/carry-out' => Commands\CarryOutDraft::class,
        'call' => Commands\TellCall::class,
        'call/tests/{entry}/withdraw' => Commands\WithdrawTest::class,
        'call/cannot' => Commands\SayCannot::class,
        'call/close' => Commands\CloseCall::class,
        'call/drop' => Commands\DropCall::class,
        'calls/{entry}/reopen' => Commands\ReopenCall::class,
    ];

    /** @throws \Bouclier\Core\Exchange\BadHouseFile as {@see Told::told()} does */
    public static function told(string $address, Body $body): Told
    {
        /** @var class-string<Told> $class */
        $class = self::FACTS[$address] ?? self::CHANGES[$address] ?? throw new \OutOfBoundsException("nothing is told at \"$address\"");

        return $class::told($body);
    }

    /**
     * The command of an address as it was sent, and what its braces stand for there.
     *
     * @return array{string, array<string, string>}|null null when nothing is told there
     */
    public static function find(string $path): ?array
    {
        foreach ([...self::FACTS, ...self::CHANGES] as $address => $class) {
            $pattern = preg_replace('/\\\\\{(\w+)\\\\\}/', '(?<$1>[^/]+)', preg_quote($address, '~'));
            if (preg_match("~^$pattern$~", $path, $found) === 1) {
                return [$address, array_map(rawurldecode(...), array_filter($found, is_string(...), ARRAY_FILTER_USE_KEY))];
            }
        }

        return null;
    }
}

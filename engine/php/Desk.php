<?php

declare(strict_types=1);

namespace Bouclier\Engine;

use Bouclier\Core\Change\Commands\EnterLine;
use Bouclier\Core\Change\Patch;
use Bouclier\Core\CommandLine\CommandLine;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\House;
use Bouclier\Core\House\NotThere;
use Bouclier\Core\Live\Asker;
use Bouclier\Sheets\AlternativesSheet;
use Bouclier\Sheets\BoxSheet;
use Bouclier\Sheets\Deciding;
use Bouclier\Sheets\EntrySheet;
use Bouclier\Sheets\HouseSheet;
use Bouclier\Sheets\HuntSheet;
use Bouclier\Sheets\KeepSheet;
use Bouclier\Sheets\LiveSheet;
use Bouclier\Sheets\MeasureSheet;
use Bouclier\Sheets\Practising;
use Bouclier\Sheets\ReadsSheet;
use Bouclier\Sheets\Refusal;
use Bouclier\Sheets\RoundSheet;
use Bouclier\Sheets\RuleSheet;
use Bouclier\Sheets\RunsSheet;
use Bouclier\Sheets\Shown;
use Bouclier\Sheets\TripsSheet;

/**
 * Answers what the page asks of the houses on this phone, as the server would: `{ do, … }` in, an answer as plain data out. It holds the
 * houses and nothing else; it neither stores nor sends.
 */
final class Desk
{
    /** @var array<Pocket> by the id of the house */
    private array $pockets = [];

    /** @param \Closure(): void $between called now and then in what gives way; throws {@see GaveWay} where something was told meanwhile */
    public function __construct(private readonly \Closure $between)
    {
    }

    /** @return array<string, mixed> `ok` with what was asked for, `refused` with what and why, or `gaveWay` */
    public function answer(\stdClass $asked): array
    {
        try {
            return ['ok' => $this->done(Body::of($asked), $asked)];
        } catch (GaveWay) {
            return ['gaveWay' => true];
        } catch (\Exception $thrown) {
            return ['refused' => Refusal::of($thrown) ?? throw $thrown];
        }
    }

    /** @return array<mixed> */
    private function done(Body $body, \stdClass $asked): array
    {
        return match ($body->text('do', 20)) {
            'open' => $this->open($body, $asked),
            'tell' => $this->tell($body, $asked),
            'arrived' => $this->changed(
                $body,
                fn(Pocket $pocket) => $pocket->arrived($body->id('id'), $body->whole('revision', 0, PHP_INT_MAX)),
            ),
            'drop' => $this->changed($body, fn(Pocket $pocket) => $pocket->drop($body->id('id'))),
            'ask' => $this->asked($body, $asked),
            'close' => $this->close($body),
            'run' => $this->run($body, $asked),
            'practise' => Practising::answer($body->text('path', 40), self::bodyOf($asked)),
            default => $body->wrong('do', 'is nothing this can do'),
        };
    }

    /** @return array<string, mixed> */
    private function open(Body $body, \stdClass $asked): array
    {
        $sent = $asked->known ?? null;
        $known = Known::of($sent instanceof \stdClass ? $sent : $body->missing('known'));
        $house = $body->id('house');
        if (isset($this->pockets[$house])) {
            $this->pockets[$house]->take($known);
        } else {
            $this->pockets[$house] = new Pocket($known);
        }

        return ['revision' => $this->pockets[$house]->known()->revision, 'pending' => $this->pockets[$house]->pending()];
    }

    /** @return array<string, mixed> */
    private function close(Body $body): array
    {
        unset($this->pockets[$body->id('house')]);

        return [];
    }

    /** @return array<string, mixed> */
    private function tell(Body $body, \stdClass $asked): array
    {
        $pocket = $this->pocket($body);
        $told = $asked->body ?? null;
        $outcome = $pocket->tell(new Pending(
            $body->id('id'),
            $body->text('path', 200),
            $told instanceof \stdClass ? $told : new \stdClass(),
            $body->text('at', 30),
        ));

        return [
            'gave' => (object) $outcome->gave,
            'entered' => $outcome->entered,
            'changes' => $outcome->sent === null ? null : array_map(
                fn(Patch $one): array => ['in' => $one->in, ...($one->id === '' ? [] : ['id' => $one->id]), 'set' => $one->set],
                $outcome->sent,
            ),
            ...($body->maybeFlag('page') === false ? [] : ['page' => $this->after($pocket, $outcome, $body)]),
        ];
    }

    /**
     * The house as it is then, and what who told it looks at. Where it is about a few rooms, there are those alone and the rest is not
     * judged anew: the page asks for the whole sheet after.
     *
     * @return array<string, mixed>
     */
    private function after(Pocket $pocket, Outcome $outcome, Body $body): array
    {
        $asker = $this->asker($pocket, $body);
        $house = $pocket->known()->judged($pocket->house());
        $point = preg_match('~^outlets/([^/]+)/~', $outcome->pending->path, $found) === 1 ? rawurldecode($found[1]) : '';

        $rooms = $outcome->rooms();

        return [
            'house' => self::head($pocket, $asker),
            ...LiveSheet::of($house, $asker),
            ...($rooms === null
                ? HouseSheet::of($house, $asker->day(), $pocket->known()->replacement)
                : ['rooms' => HouseSheet::rooms($house, $rooms, $asker->day(), $pocket->known()->replacement)]),
            ...match (Shown::after($outcome->address)) {
                Shown::Runs => ['runs' => RunsSheet::of($house, $asker)],
                Shown::Box => ['box' => BoxSheet::of($house, $house->point($point), $asker)],
                Shown::Call => ['trips' => self::trips($pocket, $asker)],
                Shown::Head, Shown::House => [],
            },
            ...($outcome->entered === null ? [] : ['entered' => $outcome->entered]),
        ];
    }

    /** @return array<mixed> what a page asks, by its address below the house */
    private function asked(Body $body, \stdClass $asked): array
    {
        $pocket = $this->pocket($body);
        $asker = $this->asker($pocket, $body);
        $path = $body->text('path', 200);
        $house = $pocket->known()->judged($pocket->house());
        $about = explode('/', $path);
        $point = fn() => $house->point(rawurldecode($about[1] ?? ''));

        return match (true) {
            $path === 'sheet', $path === 'survey' => $this->sheet($pocket, $asker, $body->maybeFlag('givesWay') === true),
            $path === 'runs' => ['revision' => $pocket->known()->revision, 'runs' => RunsSheet::of($house, $asker)],
            $path === 'round' => RoundSheet::of($house, $asker),
            $path === 'kept' => KeepSheet::of($house, $asker->day(), $pocket->known()->replacement),
            $path === 'call/sheet' => ['revision' => $pocket->known()->revision, 'trips' => self::trips($pocket, $asker)],
            Deciding::isAsked($path) => Deciding::answer(
                $path,
                $house,
                self::bodyOf($asked),
                $asker,
                $body->maybeFlag('givesWay') === true ? $this->between : null,
            ),
            $path === 'rules' => RuleSheet::of($pocket->house()),
            $path === 'entry/read' => EntrySheet::of(EnterLine::told(self::bodyOf($asked))->read($pocket->house(), $asker)),
            str_ends_with($path, '/box') => BoxSheet::of($house, $point(), $asker),
            str_ends_with($path, '/measures') => MeasureSheet::of($house, $point()),
            str_ends_with($path, '/reads') => ReadsSheet::of($house, $point(), $pocket->known()->priors($asker->day()), $asker),
            str_ends_with($path, '/alternatives') => AlternativesSheet::of($pocket->house(), $pocket->house()->point($point()->id)),
            str_ends_with($path, '/breakers') => HuntSheet::breakersOf($pocket->house(), $point()->id),
            default => $body->wrong('path', 'is nothing that is answered here'),
        };
    }

    private static function bodyOf(\stdClass $asked): Body
    {
        $body = $asked->body ?? null;

        return Body::of($body instanceof \stdClass ? $body : new \stdClass());
    }

    /** @return array<string, mixed> */
    private function sheet(Pocket $pocket, Asker $asker, bool $givesWay): array
    {
        $house = $pocket->known()->judged($pocket->house());

        return [
            'house' => self::head($pocket, $asker),
            ...HouseSheet::of($house, $asker->day(), $pocket->known()->replacement, $givesWay ? $this->between : null),
            ...LiveSheet::of($house, $asker),
        ];
    }

    /** @return array<string, mixed> */
    private static function head(Pocket $pocket, Asker $asker): array
    {
        $last = $pocket->lastDone();

        return HouseSheet::head($pocket->known()->judged($pocket->house()), [
            'id' => $pocket->known()->id,
            'revision' => $pocket->known()->revision,
            'lastChange' => $last === null
                ? $pocket->known()->lastChange
                : ['summary' => $last->summary ?? '', 'who' => $asker->name, 'at' => $last->at],
            'undo' => $pocket->undoes(),
            'redo' => $pocket->redoes(),
        ]);
    }

    /** @return array<string, mixed> */
    private static function trips(Pocket $pocket, Asker $asker): array
    {
        $known = $pocket->known();

        return [
            ...TripsSheet::of($known->judged($pocket->house()), $known->priors($asker->day()), $asker),
            'pages' => $known->pages,
        ];
    }

    /**
     * The command line, with a file that is given along: what it prints here is what it prints there.
     *
     * @return array<mixed>
     */
    private function run(Body $body, \stdClass $asked): array
    {
        $file = is_string($asked->file ?? null) ? $asked->file : '';

        return get_object_vars((new CommandLine(fn(): string => $file))->run($body->ids('arguments', 20)));
    }

    /**
     * @param \Closure(Pocket): void $change
     *
     * @return array<string, mixed>
     */
    private function changed(Body $body, \Closure $change): array
    {
        $pocket = $this->pocket($body);
        $change($pocket);

        return ['pending' => $pocket->pending()];
    }

    private function pocket(Body $body): Pocket
    {
        return $this->pockets[$body->id('house')] ?? throw new NotThere('house', $body->id('house'));
    }

    private function asker(Pocket $pocket, Body $body): Asker
    {
        return $pocket->known()->asker($body->text('now', 30), heard: $body->maybeText('heard', 30));
    }
}

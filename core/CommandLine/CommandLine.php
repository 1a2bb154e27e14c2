<?php

declare(strict_types=1);

namespace Bouclier\Core\CommandLine;

use Bouclier\Core\Actions\Action;
use Bouclier\Core\Actions\Simulation;
use Bouclier\Core\CodeBook\Assess;
use Bouclier\Core\CodeBook\CodeBook;
use Bouclier\Core\Exchange\AssessmentWriter;
use Bouclier\Core\Exchange\BadHouseFile;
use Bouclier\Core\Exchange\CalendarWriter;
use Bouclier\Core\Exchange\CallReader;
use Bouclier\Core\Exchange\DiagnosisWriter;
use Bouclier\Core\Exchange\EditionWriter;
use Bouclier\Core\Exchange\HouseReader;
use Bouclier\Core\Exchange\HouseSchema;
use Bouclier\Core\Exchange\ObservationReader;
use Bouclier\Core\Exchange\PlanReader;
use Bouclier\Core\Exchange\PlanWriter;
use Bouclier\Core\Exchange\ScriptReader;
use Bouclier\Core\Exchange\TraceWriter;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Trace\Tracer;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\House;
use Bouclier\Core\House\LeakageLibrary;
use Bouclier\Core\House\Work;
use Bouclier\Core\Keep\DueDates;
use Bouclier\Core\Network\Draws;
use Bouclier\Core\Papers\PanelDirectory;
use Bouclier\Core\Plan\Strategy;

/**
 * The headless command, without its streams: words in, an {@see Printed} out. `bin/bouclier` reads the file and prints.
 *
 * A bad file or option: one line a fault, status 2, nothing on standard output.
 */
final readonly class CommandLine
{
    private const USAGE = [
        'usage: bouclier COMMAND FILE [options]',
        '  assess FILE [--edition E|all] [--as new|replace|extend|existing]',
        '  trace FILE',
        '  simulate FILE [--exact] [--seed N]',
        '  diagnose FILE',
        '  plan FILE --strategy fewest|local|panel',
        '  calendar FILE [--today DATE]',
        '  directory FILE',
        '  schema',
        '  editions',
    ];

    /**
     * @param \Closure(string): ?string $read the text of a file, null when it cannot be read
     * @param string|null $today ISO 8601, where the caller has a calendar
     */
    public function __construct(private \Closure $read, private ?string $today = null)
    {
    }

    /** @param list<string> $arguments without the program's own name */
    public function run(array $arguments): Printed
    {
        $command = array_shift($arguments);
        try {
            return match ($command) {
                'assess' => $this->assess($arguments),
                'trace' => $this->trace($arguments),
                'simulate' => $this->simulate($arguments),
                'diagnose' => $this->diagnose($arguments),
                'plan' => $this->plan($arguments),
                'calendar' => $this->calendar($arguments),
                'directory' => $this->directory($arguments),
                'schema' => $this->schema($arguments),
                'editions' => $this->editions($arguments),
                default => Printed::refused($command === null ? self::USAGE : ["there is no command \"$command\"", ...self::USAGE]),
            };
        } catch (BadHouseFile $bad) {
            return Printed::refused(array_map(strval(...), $bad->faults));
        } catch (BadOptions $bad) {
            return Printed::refused([$bad->getMessage()]);
        }
    }

    /** @param list<string> $arguments */
    private function assess(array $arguments): Printed
    {
        $options = Options::of($arguments, ['edition', 'as']);
        $editions = CodeBook::shipped()->editions();
        $named = $options->oneOf('edition', [...array_map(fn(Edition $e): string => $e->value, $editions), 'all']);
        $as = $options->oneOf('as', array_map(fn(Work $w): string => $w->value, Work::cases()));
        $work = $as === null ? null : Work::from($as);
        $house = $this->house($options->onlyFile());
        if ($named !== 'all') {
            return Printed::answer(
                AssessmentWriter::toData((new Assess($house, $named === null ? null : Edition::from($named), $work))->house()),
            );
        }
        $answers = new \stdClass();
        $feeds = new FeedMap($house);
        foreach ($editions as $edition) {
            $answers->{$edition->value} = AssessmentWriter::toData((new Assess($house, $edition, $work, $feeds))->house());
        }

        return Printed::answer(['editions' => $answers]);
    }

    /** @param list<string> $arguments */
    private function trace(array $arguments): Printed
    {
        $house = $this->house(Options::of($arguments, [])->onlyFile());

        return Printed::answer(TraceWriter::toData((new Tracer($house, ObservationReader::of($house)))->trace()));
    }

    /** @param list<string> $arguments */
    private function simulate(array $arguments): Printed
    {
        $options = Options::of($arguments, ['seed'], ['exact']);
        $seed = $options->whole('seed');
        $house = $this->house($options->onlyFile());
        $script = ScriptReader::of($house);
        $simulation = new Simulation($house, $script->faults, $options->has('exact') ? Draws::exact() : Draws::seeded($seed ?? 0));

        return Printed::answer([
            'readings' => array_map(fn(Action $action): array => $simulation->act($action)->toData(), $script->actions),
        ]);
    }

    /** @param list<string> $arguments */
    private function diagnose(array $arguments): Printed
    {
        $house = $this->house(Options::of($arguments, [])->onlyFile());

        return Printed::answer(DiagnosisWriter::toData(CallReader::of($house)->diagnose()));
    }

    /** @param list<string> $arguments */
    private function plan(array $arguments): Printed
    {
        $options = Options::of($arguments, ['strategy']);
        $named = $options->oneOf('strategy', array_map(fn(Strategy $one): string => $one->value, Strategy::cases()));
        $strategy = $named === null ? Strategy::Fewest : Strategy::from($named);
        $house = $this->house($options->onlyFile());

        return Printed::answer(PlanWriter::toData(PlanReader::of($house, $strategy)->cheapest()));
    }

    /** @param list<string> $arguments */
    private function calendar(array $arguments): Printed
    {
        $options = Options::of($arguments, ['today']);
        $today = $options->day('today') ?? $this->today ?? throw new BadOptions('say what day it is: --today DATE');
        $house = $this->house($options->onlyFile());

        return Printed::text(CalendarWriter::text($house, DueDates::of($house, $today), $today));
    }

    /** @param list<string> $arguments */
    private function directory(array $arguments): Printed
    {
        $house = $this->house(Options::of($arguments, [])->onlyFile());

        return Printed::answer(DirectoryAnswer::toData(new PanelDirectory($house, ObservationReader::of($house))));
    }

    /** @param list<string> $arguments */
    private function schema(array $arguments): Printed
    {
        Options::of($arguments, []);

        return Printed::answer(HouseSchema::document());
    }

    /** @param list<string> $arguments */
    private function editions(array $arguments): Printed
    {
        Options::of($arguments, []);
        return Printed::answer(['editions' => array_map(EditionWriter::toData(...), CodeBook::shipped()->editions())]);
    }

    private function house(string $file): House
    {
        $json = ($this->read)($file) ?? throw new BadOptions("$file: cannot be read");

        return LeakageLibrary::judging((new HouseReader())->fromJson($json));
    }
}

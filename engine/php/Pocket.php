<?php

declare(strict_types=1);

namespace Bouclier\Engine;

use Bouclier\Core\Change\Changed;
use Bouclier\Core\Change\Command;
use Bouclier\Core\Change\CommandList;
use Bouclier\Core\Change\Commands\CloseCall;
use Bouclier\Core\Change\Commands\EnterLine;
use Bouclier\Core\Change\Happening;
use Bouclier\Core\Change\HouseDocument;
use Bouclier\Core\Change\Leads;
use Bouclier\Core\Change\NothingToTurnBack;
use Bouclier\Core\Change\Summary;
use Bouclier\Core\Change\Told;
use Bouclier\Core\Change\TurnedBack;
use Bouclier\Core\Diagnose\Conclusion;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\Exchange\CallReader;
use Bouclier\Core\House\House;
use Bouclier\Sheets\EntrySheet;

/**
 * A house as a phone knows it: as the server last sent it, and what was told here since, carried out in its order by the same core. What
 * the server has answered stays until a copy comes that has it; what it refused is taken out, and the rest carried out anew.
 */
final class Pocket
{
    private House $house;

    /** @var list<Pending> */
    private array $pending = [];

    /** @var list<Turned> what undo takes back, the last one first */
    private array $undo;

    /** @var list<Turned> */
    private array $redo;

    /** @var array<array{area: string|null, last: string|null}> where each line left, by its id */
    private array $left = [];

    public function __construct(private Known $known)
    {
        $this->house = $known->house;
        $this->undo = $known->undo;
        $this->redo = $known->redo;
    }

    public function house(): House
    {
        return $this->house;
    }

    public function known(): Known
    {
        return $this->known;
    }

    /** @return list<string> the ids of what the copy from the server does not have */
    public function pending(): array
    {
        return array_map(fn(Pending $one): string => $one->id, $this->pending);
    }

    /** What undo would take back, and redo do again. */
    public function undoes(): ?string
    {
        return ($this->undo[0] ?? null)?->summary;
    }

    public function redoes(): ?string
    {
        return ($this->redo[0] ?? null)?->summary;
    }

    public function lastDone(): ?Pending
    {
        return $this->pending[count($this->pending) - 1] ?? null;
    }

    /**
     * Carries out what was told here. What it is sent as may be another than it was told: a line goes as what it was read to mean, for the
     * codes in it are those of this phone.
     *
     * @throws \Exception as {@see Command::on()} and {@see Told::told()} do; nothing is done then
     */
    public function tell(Pending $told): Outcome
    {
        if (in_array($told->id, $this->known->told, true)) {
            // It is in the copy already: told before this page was opened, and never heard to have arrived.
            return new Outcome($told, null, null, $told->path);
        }
        $before = $this->house;
        $outcome = $this->carriedOut($told);
        $this->pending[] = $outcome->pending;

        return $outcome->from($before, $this->house);
    }

    /** The server has it, with that revision. */
    public function arrived(string $id, int $revision): void
    {
        $this->pending = array_map(fn(Pending $one): Pending => $one->id === $id ? $one->arrived($revision) : $one, $this->pending);
    }

    /** The server has refused it, or it was taken out here. */
    public function drop(string $id): void
    {
        $this->pending = array_values(array_filter($this->pending, fn(Pending $one): bool => $one->id !== $id));
        $this->again();
    }

    /** A newer copy from the server: what it has is not carried out any more. */
    public function take(Known $known): void
    {
        if ($known->revision < $this->known->revision) {
            return;
        }
        $this->known = $known;
        $this->pending = array_values(array_filter(
            $this->pending,
            fn(Pending $one): bool => ! in_array($one->id, $known->told, true)
                && ($one->revision === null || $one->revision > $known->revision),
        ));
        $this->again();
    }

    private function again(): void
    {
        $this->house = $this->known->house;
        $this->undo = $this->known->undo;
        $this->redo = $this->known->redo;
        foreach ($this->pending as $place => $told) {
            try {
                $this->pending[$place] = $this->carriedOut($told)->pending;
            } catch (\Exception) {
                // It does not go on top of what the others did: the server says what became of it.
            }
        }
    }

    private function carriedOut(Pending $told): Outcome
    {
        if ($told->path === 'undo' || $told->path === 'redo') {
            return $this->turnedBack($told);
        }
        [$address, $places] = CommandList::find($told->path) ?? throw new \OutOfBoundsException("nothing is told at \"{$told->path}\"");
        $command = $this->ready(CommandList::told($address, Body::of($told->body, $places)), $told);
        $asker = $this->known->asker($told->at, $told->id);
        $entered = $sent = null;
        if ($command instanceof EnterLine) {
            $seeded = $this->house->seeded($told->id);
            $line = $command->read($seeded, $asker);
            $entered = EntrySheet::entered($line);
            $sent = $command->patches($seeded, $asker);
            $this->left[$told->id] = ['area' => $line->area, 'last' => $line->in === 'points' ? $line->id : null];
        }
        $summary = null;
        $parts = [];
        foreach ([$command, ...($command instanceof Leads ? $command->leadsTo() : [])] as $one) {
            $changed = Changed::by($one, $this->house, $asker);
            $summary ??= $one->summary($this->house) ?? Summary::of($changed->parts);
            $this->house = $changed->house;
            $parts = [...$parts, ...($one instanceof Happening ? [] : $changed->parts)];
        }
        if ($parts !== []) {
            array_unshift($this->undo, new Turned($summary, $parts));
            $this->redo = [];
        }

        return new Outcome($told->did($summary, $parts), $entered, $sent, $address);
    }

    private function ready(Told $command, Pending $told): Told
    {
        if ($command instanceof CloseCall) {
            $standing = CallReader::standing($this->known->judged($this->house), $this->known->priors(substr($told->at, 0, 10)));

            return $command->concluded(Conclusion::of($this->house, $standing?->diagnose()));
        }
        $after = is_string($told->body->after ?? null) ? $this->left[$told->body->after] ?? null : null;

        return $command instanceof EnterLine && $after !== null ? $command->after($after['area'], $after['last']) : $command;
    }

    private function turnedBack(Pending $told): Outcome
    {
        $isUndo = $told->path === 'undo';
        $turned = ($isUndo ? $this->undo : $this->redo)[0] ?? throw new NothingToTurnBack();
        $then = TurnedBack::in(HouseDocument::of($this->house), $turned->parts)->toHouse();
        $changed = Changed::backTo($then, $this->house, $told->at);
        $this->house = $changed->house;
        $back = new Turned($turned->summary, $changed->parts);
        if ($isUndo) {
            array_shift($this->undo);
            array_unshift($this->redo, $back);
        } else {
            array_shift($this->redo);
            array_unshift($this->undo, $back);
        }

        return new Outcome($told->did($turned->summary, $changed->parts), null, null, $told->path);
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Plan;

/** Something that is done and takes its minutes, as a table of minutes names it. */
enum Task: string
{
    /** A receptacle changed, with all that is landed in its box. */
    case Swap = 'swap';

    /** A breaker changed. */
    case Breaker = 'breaker';

    /** Pairs landed otherwise in a box whose device stays. */
    case Rewire = 'rewire';

    /** Something put right in a box whose device stays. */
    case InTheBox = 'box_work';

    /** A box replaced by a larger one. */
    case ReplaceBox = 'replace_box';

    /** A cover changed. */
    case Cover = 'cover';

    /** Something labelled. */
    case Mark = 'label';

    /** Two breakers tied. */
    case Tie = 'handle_tie';

    /** A circuit begun at the panel. */
    case NewCircuit = 'new_circuit';

    /** A cable pulled from one box to another. */
    case PullCable = 'pull_cable';

    /** An outlet put elsewhere. */
    case MoveOutlet = 'move_outlet';

    /** A box cut in; what is in it is made up beside. */
    case NewOutlet = 'new_outlet';

    /** Something that is plugged in taken to another outlet. */
    case PlugElsewhere = 'plug_elsewhere';

    /** Something looked into and put right as it is found. */
    case Look = 'look';

    /** Something measured or read, and recorded. */
    case Record = 'record';

    public function label(): string
    {
        return match ($this) {
            self::Swap => 'A receptacle changed',
            self::Breaker => 'A breaker changed',
            self::Rewire => 'Pairs landed otherwise',
            self::InTheBox => 'Put right in a box',
            self::ReplaceBox => 'A larger box',
            self::Cover => 'A cover changed',
            self::Mark => 'A label',
            self::Tie => 'Two breakers tied',
            self::NewCircuit => 'A circuit begun at the panel',
            self::PullCable => 'A cable pulled',
            self::MoveOutlet => 'An outlet put elsewhere',
            self::NewOutlet => 'A box cut in',
            self::PlugElsewhere => 'Plugged in elsewhere',
            self::Look => 'Looked into and put right',
            self::Record => 'Measured and recorded',
        };
    }

    /** Minutes where a crew's table does not say. */
    public function usualMinutes(): float
    {
        return match ($this) {
            self::Swap => 20.0,
            self::Breaker => 15.0,
            self::Rewire => 10.0,
            self::InTheBox => 10.0,
            self::ReplaceBox => 45.0,
            self::Cover => 10.0,
            self::Mark => 5.0,
            self::Tie => 10.0,
            self::NewCircuit => 60.0,
            self::PullCable => 75.0,
            self::MoveOutlet => 90.0,
            self::NewOutlet => 50.0,
            self::PlugElsewhere => 5.0,
            self::Look => 25.0,
            self::Record => 3.0,
        };
    }

    /** Whether a box is opened for it. */
    public function opensTheBox(): bool
    {
        return in_array($this, [self::Swap, self::Rewire, self::InTheBox, self::ReplaceBox], true);
    }

    public function isAtThePanel(): bool
    {
        return in_array($this, [self::Breaker, self::Tie, self::NewCircuit], true);
    }
}

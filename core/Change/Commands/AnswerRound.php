<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Told;
use Bouclier\Core\Exchange\BadHouseFile;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\Entries\RoundStep;
use Bouclier\Core\House\FileFault;
use Bouclier\Core\House\Half;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Network\Lamps;
use Bouclier\Core\Prove\Answered;
use Bouclier\Core\Prove\Filed;
use Bouclier\Core\Prove\TestRound;

/** Steps of the test round that were seen: one, or those of a room that all were as they should be. */
final readonly class AnswerRound implements Told
{
    private const MOST = 500;

    /** @param non-empty-list<Answered> $answers */
    public function __construct(private array $answers)
    {
    }

    public static function told(Body $body): self
    {
        $answers = array_map(self::answer(...), $body->parts('answers', self::MOST));

        return $answers === [] ? $body->missing('answers') : new self($answers);
    }

    public function on(House $house, Asker $by): House
    {
        $steps = [];
        foreach (TestRound::of($house) as $step) {
            $steps[$step->key()] = $step;
        }
        foreach ($this->answers as $place => $answer) {
            $step = $steps[$answer->key()] ?? throw new BadHouseFile([
                new FileFault("/answers/$place", 'is no step of the round: nothing was touched there, or it is another now'),
            ]);
            $house = Filed::in($house, $step, $answer, $by->name, $by->now);
        }

        return $house;
    }

    public function summary(House $house): string
    {
        return 'Test round';
    }

    private static function answer(Body $said): Answered
    {
        $lamps = $said->has('lamps') ? $said->part('lamps') : null;

        return new Answered(
            $said->choice('step', RoundStep::class),
            $said->id('at'),
            $said->flag('as_expected'),
            $said->maybeChoice('half', Half::class),
            $lamps === null ? null : new Lamps($lamps->flag('hn'), $lamps->flag('hg'), $lamps->flag('ng')),
            $said->maybeNumber('volts', 0, 1000),
            $said->maybeNumber('ms', 1, 100_000),
            $said->ids('stayed_live', self::MOST),
            $said->maybeFlag('tripped') ?? true,
            $said->maybeText('text', 1000),
            $said->maybeText('interim', 200),
            $said->maybeDate('due'),
            $said->maybeText('instrument', 80),
        );
    }
}

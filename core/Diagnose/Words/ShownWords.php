<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose\Words;

use Bouclier\Core\Diagnose\MeterReadings;
use Bouclier\Core\Diagnose\Shown;
use Bouclier\Core\Network\Action;
use Bouclier\Core\Network\ActionKind;

/** What a test may show, as {@see \Bouclier\Core\Diagnose\Belief::outcomes()} names it, in words. */
final readonly class ShownWords
{
    public function __construct(private Places $places)
    {
    }

    public function spoken(Action $action, string $shown): string
    {
        [$what, $which] = Shown::parts($shown);
        $tripped = Shown::tripped($shown);

        return match ($what) {
            'holds' => in_array($action->kind, [ActionKind::Reset, ActionKind::SwapDevice], true) ? 'it holds' : 'nothing trips',
            'trips' => $tripped === [] ? 'it trips' : implode(' and ', array_map($this->places->device(...), $tripped)) . ' trips',
            'no_power' => 'no power there',
            'dead' => match (true) {
                $action->kind !== ActionKind::Walk => 'it will not stay in',
                $which === '' => 'all live',
                default => count(explode(',', $which)) . ' dead',
            },
            'lamps' => $which === '110' ? '"correct"' : 'another pattern',
            'volts' => 'about ' . round(MeterReadings::voltsShown((int) $which)) . ' V',
            'ma' => 'about ' . round(MeterReadings::milliamperesShown((int) $which), 1) . ' mA',
            'seen' => TestWords::seen($which),
            'nothing' => $action->kind === ActionKind::Inspect ? 'nothing to see' : $shown,
            'moved' => 'a screw moves',
            'firm' => 'all firm',
            'quiet' => 'no trip in those days',
            'every' => 'it trips every day',
            'some' => 'it trips on some days',
            default => $shown,
        };
    }
}

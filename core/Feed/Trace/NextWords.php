<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Trace;

use Bouclier\Core\Feed\Observed\Codes;

/** The next observation in the words of the trade: what to do, in order, and whether hands go on conductors for it. */
final readonly class NextWords
{
    public function __construct(private Codes $codes)
    {
    }

    public function title(Next $next): string
    {
        return match ($next->kind) {
            NextKind::Off => 'Turn off ' . $this->codes->circuit((string) $next->circuit),
            NextKind::Trip => 'Press TEST at ' . $this->codes->point((string) $next->point),
            NextKind::Button => "Tester's button at " . $this->codes->point((string) $next->point),
            NextKind::Open => 'Open the box of ' . $this->codes->point((string) $next->point),
            NextKind::Lift => "Lift pair {$next->pair} of " . $this->codes->point((string) $next->point),
        };
    }

    /** @return list<string> */
    public static function steps(NextKind $kind): array
    {
        return match ($kind) {
            NextKind::Off => ['Turn it off.', 'Walk round with a lamp or tester: what went dead?', 'Turn it on again when you have them.'],
            NextKind::Trip => [
                'See what is dead already.',
                'Press TEST.',
                'Walk round: what went dead?',
                'RESET, and walk again: all back?',
            ],
            NextKind::Button => [
                'Plug the tester in and press its button.',
                'Which device answered? Without a ground none can, and that proves nothing.',
            ],
            NextKind::Open => [
                'Breaker off, proved dead in both halves.',
                'Plate off, device out straight: a side screw on a metal box arcs when it is live.',
                'Count the pairs that come in, and prove every one dead.',
            ],
            NextKind::Lift => [
                'With the circuit proved dead at every pair: lift that pair, hot and neutral, and cap both.',
                'All else as it was, breaker on.',
                'Walk round: what is dead?',
                'Breaker off and proved dead again before you put it back.',
            ],
        };
    }

    /** Whether conductors are handled: not offered before the point is proved dead. */
    public static function isHandsOn(NextKind $kind): bool
    {
        return $kind === NextKind::Open || $kind === NextKind::Lift;
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Told;
use Bouclier\Core\Diagnose\OpenCall;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;

/** What cannot be done in this house, or can again: nothing of it is asked for. */
final readonly class SayCannot implements Told
{
    public function __construct(private string $what, private bool $cannot)
    {
    }

    public static function told(Body $body): self
    {
        return new self($body->text('what', 200), $body->flag('cannot'));
    }

    public function on(House $house, Asker $by): House
    {
        return OpenCall::cannotDo($house, $this->what, $this->cannot);
    }

    public function summary(House $house): string
    {
        return 'What cannot be done';
    }
}

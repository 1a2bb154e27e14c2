<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Told;
use Bouclier\Core\Diagnose\OpenCall;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;

/** A test of the call that is not to count. */
final readonly class WithdrawTest implements Told
{
    public function __construct(private string $entry)
    {
    }

    public static function told(Body $body): self
    {
        return new self($body->id('entry'));
    }

    public function on(House $house, Asker $by): House
    {
        return OpenCall::withdrawn($house, $this->entry);
    }

    public function summary(House $house): string
    {
        return 'A test withdrawn';
    }
}

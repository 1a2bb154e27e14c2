<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Happening;
use Bouclier\Core\Change\Told;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Live\Locking;

/** A breaker locked or tagged. */
final readonly class LockBreaker implements Happening, Told
{
    public function __construct(private string $circuit, private bool $isTag, private string $key)
    {
    }

    public static function told(Body $body): self
    {
        $how = $body->text('how', 10);

        return in_array($how, ['locked', 'tagged'], true)
            ? new self($body->id('circuit'), $how === 'tagged', $body->text('key', 120))
            : $body->wrong('how', 'must be one of locked, tagged');
    }

    public function on(House $house, Asker $by): House
    {
        return Locking::locked($house, $house->circuit($this->circuit), $this->isTag, $this->key, $by->name, $by->now);
    }

    public function summary(House $house): string
    {
        return $this->isTag ? 'A breaker tagged' : 'A breaker locked';
    }
}

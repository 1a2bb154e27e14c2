<?php

declare(strict_types=1);

namespace Bouclier\Core\Prove;

/** How far something is proved after the work. */
enum Proof: string
{
    case Open = 'open';
    case Proved = 'proved';
    case Failed = 'failed';

    /** Of several: a failure before what is open, and that before what is proved. */
    public function with(self $other): self
    {
        return match (true) {
            in_array(self::Failed, [$this, $other], true) => self::Failed,
            in_array(self::Open, [$this, $other], true) => self::Open,
            default => self::Proved,
        };
    }
}

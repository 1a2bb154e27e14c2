<?php

declare(strict_types=1);

namespace Bouclier\Core\House\Entries;

use Bouclier\Core\House\Choice;

/** The button a device was tested by. */
enum TestButton: string implements Choice
{
    case Own = 'device_button';
    case Tester = 'tester_button';
    case SelfTest = 'self_test';

    public function label(): string
    {
        return match ($this) {
            self::Own => 'its own TEST',
            self::Tester => 'the button of a tester',
            self::SelfTest => 'its self-test',
        };
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

/** What is shown at once after something was told of a house, beside its head: as much as who told it looks at. */
enum Shown
{
    /** The whole house judged: rooms, what was found, what is live. */
    case House;
    case Head;
    /** The next step is wanted at once; what else follows from an observation is asked for after. */
    case Runs;
    case Box;
    case Call;

    /** @param string $address of the command, {@see \Bouclier\Core\Change\CommandList} */
    public static function after(string $address): self
    {
        return match (true) {
            str_starts_with($address, 'observations') => self::Runs,
            $address === 'call', str_starts_with($address, 'call/'), str_starts_with($address, 'calls/') => self::Call,
            $address === 'outlets/{point}/tests' => self::Head,
            str_starts_with($address, 'outlets/{point}/') && $address !== 'outlets/{point}/box' => self::Box,
            default => self::House,
        };
    }
}

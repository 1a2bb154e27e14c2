<?php

declare(strict_types=1);

namespace App\Papers;

/** A paper of a house. */
enum PaperKind: string
{
    case Directory = 'directory';
    case Record = 'record';
    case Letter = 'letter';
    case Labels = 'labels';
    case Tape = 'tape';
    case Tags = 'tags';
    case Inspection = 'inspection';
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\Exchange\Body;
use Illuminate\Foundation\Http\FormRequest;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;

/** What is asked while something is decided: what it needs is the core's to read. */
final class DecideRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [];
    }

    public function asked(): Body
    {
        $said = $this->isMethodSafe() || $this->getContent() === '' ? new \stdClass() : json_decode($this->getContent(), false, 64);
        if (! $said instanceof \stdClass) {
            throw new BadRequestHttpException('The body came in broken.');
        }

        return Body::of($said);
    }
}

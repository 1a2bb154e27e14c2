<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\Exchange\Body;
use Illuminate\Foundation\Http\FormRequest;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;

/** What is asked, told or offered as a body that the core reads itself. */
final class AskedRequest extends FormRequest
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

<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A drawing, with the answers to what it leaves open. */
final class DrawingRequest extends UploadedText
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'unit' => ['nullable', 'in:in,ft,mm,cm,m'],
            'scale' => ['nullable', 'numeric', 'min:0.0001', 'max:10000'],
            'drawn' => ['nullable', 'in:plan,deck'],
            'eaves' => ['nullable', 'array', 'max:60'],
            'eaves.*' => ['integer', 'min:0', 'max:199'],
            'riseIn12' => ['nullable', 'numeric', 'min:0.1', 'max:48'],
        ];
    }

    public function unit(): ?string
    {
        return $this->filled('unit') ? $this->string('unit')->toString() : null;
    }

    public function scale(): float
    {
        return $this->filled('scale') ? $this->float('scale') : 1.0;
    }

    public function inPlan(): bool
    {
        return $this->string('drawn')->toString() !== 'deck';
    }

    /** @return array<string, int> by outline: which side is its eave */
    public function eaves(): array
    {
        $eaves = [];
        foreach ((array) $this->input('eaves', []) as $outline => $side) {
            $eaves[(string) $outline] = (int) $side;
        }

        return $eaves;
    }

    public function rise(): ?float
    {
        return $this->filled('riseIn12') ? $this->float('riseIn12') : null;
    }
}

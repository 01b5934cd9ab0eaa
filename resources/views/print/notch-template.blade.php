@php
    // Inches on the page; dompdf keeps them as they are.
    [$left, $base, $pan, $leg, $tall] = [0.0, 5.4, 2.0, $profile->height, 3.4];
    $box = static fn (float $x, float $y, float $w, float $h, string $style): string => sprintf('<div style="position:absolute;left:%.4Fin;top:%.4Fin;width:%.4Fin;height:%.4Fin;%s"></div>', $x, $y, $w, $h, $style);
    $text = static fn (float $x, float $y, string $said, int $size = 10): string => sprintf('<div style="position:absolute;left:%.4Fin;top:%.4Fin;font-size:%dpx">%s</div>', $x, $y, $size, e($said));
@endphp
<!DOCTYPE html>
<html lang="{{ app()->getLocale() }}">
<head>
<meta charset="utf-8">
<title>{{ $plan->job->name }}</title>
<style>
    @page { margin: 0.5in; }
    body { font-family: "imbrex print"; font-size: 11px; color: #000; }
    h1 { font-size: 20px; margin: 0 0 4px; }
</style>
</head>
<body>
<h1>{{ $words->say('notch.title', ['profile' => $profile->key]) }}</h1>
<p style="margin: 0; width: 7in">{{ $words->say('notch.how', ['hem' => $tape->print($hem)]) }} {{ $said }}</p>
@foreach ([false, true] as $mirrored)
    @php
        // Left: the leg stands at the pan's right; right: mirrored.
        $x0 = $mirrored ? 3.9 : 0.0;
        $panX = $mirrored ? $x0 + $leg : $x0;
        $legX = $mirrored ? $x0 : $x0 + $pan;
        $foot = $mirrored ? $x0 + $leg : $x0 + $pan;
    @endphp
    {!! $box($panX, $base - $tall, $pan, $tall, 'border:0.8pt solid #000;border-bottom:2.4pt solid #000') !!}
    @php
        // The leg at the pan's right is the right one, face up.
        [$seam, $name] = $legs[$mirrored ? 'left' : 'right'];
        // Rounded at its free edge, away from the pan.
        $round = $seam->radius > 0 ? sprintf('border-%1$s:2.4pt solid #000;border-bottom-%1$s-radius:%2$.4Fin;', $mirrored ? 'left' : 'right', $seam->radius) : '';
    @endphp
    {!! $box($legX, $base - $tall, $leg, $tall - $seam->back, 'border:0.8pt solid #000;border-bottom:2.4pt solid #000;'.$round) !!}
    @if ($seam->tab > 0)
        {!! $box($legX, $base - $seam->back - $seam->tab, $leg, $seam->tab, 'border-top:1.6pt dotted #000') !!}
        {!! $text($legX + 0.1, $base - $seam->back - $seam->tab / 2 - 0.08, $words->say('notch.tab'), 10) !!}
    @endif
    {!! $box($foot - 0.01, $base - $seam->back, 0.02, $seam->back, 'background:#000') !!}
    {!! $box($panX, $base - $hem, $pan, 0, 'border-top:1.2pt dashed #000') !!}
    {!! $text($panX + 0.15, $base - $tall + 0.2, $words->say('notch.pan'), 13) !!}
    {!! $text($legX + 0.12, $base - $tall + 0.2, $name, 11) !!}
    {!! $text($panX + 0.15, $base - $hem - 0.22, $words->say('notch.hem'), 10) !!}
    {!! $text($panX + 0.15, $base + 0.05, $words->say('notch.end'), 10) !!}
@endforeach
{!! $text(0, 6.1, $words->say('notch.check')) !!}
{!! $box(0, 6.5, 6.0, 0.02, 'background:#000') !!}
@for ($i = 0; $i <= 96; $i++)
    {!! $box($i / 16 - 0.004, 6.5 - ($i % 16 === 0 ? 0.22 : ($i % 8 === 0 ? 0.16 : ($i % 4 === 0 ? 0.12 : 0.07))), 0.008, $i % 16 === 0 ? 0.22 : ($i % 8 === 0 ? 0.16 : ($i % 4 === 0 ? 0.12 : 0.07)), 'background:#000') !!}
@endfor
@for ($i = 0; $i <= 6; $i++)
    {!! $text($i - 0.04, 6.54, (string) $i) !!}
@endfor
{!! $box(7.2, 6.5, 0.02, 3.0, 'background:#000') !!}
@for ($i = 0; $i <= 3; $i++)
    {!! $box(7.05, 6.5 + $i, 0.15, 0.008, 'background:#000') !!}
    {!! $text(6.9, 6.42 + $i, (string) $i) !!}
@endfor
{!! $box(0, 7.3, 100 / 25.4, 0.02, 'background:#000') !!}
{!! $text(0, 7.36, $words->say('notch.metric')) !!}
{!! $text(0, 9.6, $words->say('print.foot'), 8) !!}
</body>
</html>

@php
    use Imbrex\Core\Units\Rounding;
    /** @var Imbrex\Core\Plan $plan */
    $system = $plan->job->covering;
@endphp
<!DOCTYPE html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>{{ $plan->job->name }}</title>
<style>
    @page { margin: 48px 52px; }
    body { font-family: "imbrex print"; font-size: 11px; color: #000; }
    h1 { font-size: 22px; margin: 0; }
    .sub { margin: 2px 0 0; }
    .released { font-weight: bold; margin-bottom: 16px; }
    table { width: 100%; border-collapse: collapse; }
    th { text-align: left; font-size: 9px; border-bottom: 2px solid #000; padding: 4px 6px; }
    td { border-bottom: 1px solid #999; padding: 7px 6px; vertical-align: top; }
    .n { text-align: right; }
    .length { font-size: 17px; font-weight: bold; text-align: right; white-space: nowrap; }
    .qty { font-size: 17px; font-weight: bold; text-align: right; }
    .totals { margin-top: 16px; width: 60%; }
    .totals td { padding: 4px 6px; }
    .finding { border-left: 4px solid #000; padding: 4px 8px; margin: 6px 0; }
    h2 { font-size: 13px; margin: 20px 0 6px; }
    .foot { position: fixed; bottom: -28px; left: 0; right: 0; font-size: 8px; }
</style>
</head>
<body>
<div class="foot">{{ $words->say('print.foot') }}</div>
<h1>{{ $words->say('print.cut-list') }}</h1>
<p class="sub">{{ $plan->job->name }} · {{ $system->profile->key }} · {{ $words->say('material.'.$system->material->key) }} {{ $system->gauge }}</p>
<p class="sub released">{{ $edition->release === null ? $words->say('print.not-released', ['plan' => $edition->revision]) : $words->say('print.released', ['order' => $edition->release->number, 'plan' => $edition->revision, 'by' => $edition->release->by, 'when' => $edition->release->when()]) }}</p>
<table>
    <thead><tr>
        <th class="n">{{ $words->say('order.quantity') }}</th><th class="n">{{ $words->say('order.length') }}</th><th class="n">{{ $words->say('order.inches') }}</th>
        <th>{{ $words->say('order.hand') }}</th><th>{{ $words->say('order.panels') }}</th><th class="n">{{ $words->say('order.squareFeet') }}</th><th class="n">{{ $words->say('order.pounds') }}</th>
    </tr></thead>
    <tbody>
    @foreach ($order->lines as $line)
        <tr>
            <td class="qty">{{ $line->quantity }}</td>
            <td class="length">{{ $tape->print($line->length, Rounding::Up) }}</td>
            <td class="n">{{ $tape->inInches()->print($line->length, Rounding::Up) }}</td>
            <td>{{ $words->say('hand.'.$line->hand) }}</td>
            <td>{{ $ranges($line->panels) }}@if ($line->ripped > 0)<br>{{ $words->say('order.ripped', ['count' => $line->ripped]) }}@endif</td>
            <td class="n">{{ number_format($line->squareFeet, 1) }}</td>
            <td class="n">{{ number_format($line->pounds, 0) }}</td>
        </tr>
    @endforeach
    </tbody>
</table>
<table class="totals">
    <tr><td>{{ $words->say('order.sheets') }}</td><td class="n">{{ $order->sheets }}</td></tr>
    <tr><td>{{ $words->say('order.metal') }}</td><td class="n">{{ number_format($order->squareFeet, 1) }} sq ft</td></tr>
    <tr><td>{{ $words->say('order.waste') }}</td><td class="n">{{ number_format($order->wasteSquareFeet, 1) }} sq ft</td></tr>
    <tr><td>{{ $words->say('order.coil', ['width' => $tape->inInches()->print($order->coilWidth)]) }}</td><td class="n">{{ number_format(ceil($order->coilFeet - 1e-6)) }} ft</td></tr>
    <tr><td>{{ $words->say('order.weight') }}</td><td class="n">{{ number_format($order->pounds, 0) }} lb</td></tr>
</table>
@if ($findings !== [])
    <h2>{{ $words->say('findings.settle') }}</h2>
    @foreach ($findings as $finding)<div class="finding">{{ $finding }}</div>@endforeach
@endif
</body>
</html>

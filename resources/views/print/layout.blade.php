<!DOCTYPE html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>{{ $plan->job->name }}</title>
<style>
    @page { margin: 36px 40px; }
    body { font-family: "DejaVu Sans", sans-serif; font-size: 11px; color: #000; }
    .page { page-break-after: always; }
    .page:last-child { page-break-after: auto; }
    h1 { font-size: 22px; margin: 0; }
    .sub { margin: 2px 0 8px; }
    table.runs { width: 100%; border-collapse: collapse; }
    table.runs > tbody > tr > td { vertical-align: top; width: 50%; padding-right: 16px; }
    table.marks { width: 100%; border-collapse: collapse; }
    table.marks th { text-align: left; border-bottom: 2px solid #000; font-size: 9px; padding: 2px 4px; }
    table.marks td { border-bottom: 1px solid #999; padding: 2px 4px; }
    table.marks .n { text-align: right; font-size: 13px; white-space: nowrap; }
    tr.check td { font-weight: bold; border-bottom: 2px solid #000; }
    .foot { position: fixed; bottom: -20px; left: 0; right: 0; font-size: 8px; }
</style>
</head>
<body>
<div class="foot">{{ $words->say('print.foot') }}</div>
@foreach ($faces as $face)
<div class="page">
    <h1>{{ $face['name'] }}</h1>
    <p class="sub">{{ $plan->job->name }} · {{ $words->say('print.plan', ['revision' => $revision]) }} · {{ $plan->job->covering->profile->key }} · {{ $words->say('marks.control', ['at' => $face['control']]) }}</p>
    <img src="{{ $face['drawing'] }}" width="680" alt="">
    <table class="runs"><tbody><tr>
        @foreach (['left', 'right'] as $side)
        <td>
            <table class="marks">
                <thead><tr><th>{{ $words->say("marks.$side") }}</th><th class="n">{{ $words->say('marks.eave') }}</th><th class="n">{{ $words->say('marks.ridge') }}</th><th>{{ $words->say('marks.meets') }}</th></tr></thead>
                <tbody>
                @foreach (array_values(array_filter($face['marks'], static fn ($mark) => $mark['side'] === $side)) as $i => $mark)
                    <tr class="{{ $mark['check'] ? 'check' : '' }}"><td>{{ $i + 1 }}@if ($mark['check']) {{ $words->say('marks.check') }}@endif</td><td class="n">{{ $mark['eave'] ? $mark['at'] : '' }}</td><td class="n">{{ $mark['ridge'] ? $mark['at'] : '' }}</td><td>{{ $mark['meets'] }}</td></tr>
                @endforeach
                </tbody>
            </table>
        </td>
        @endforeach
    </tr></tbody></table>
</div>
@endforeach
</body>
</html>

<!DOCTYPE html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>{{ $plan->job->name }}</title>
<style>
    @page { margin: 30px 40px; }
    body { font-family: "DejaVu Sans", sans-serif; font-size: 13px; color: #000; }
    .page { page-break-after: always; }
    .page:last-child { page-break-after: auto; }
    .card { height: 480px; border-bottom: 2px solid #000; margin-bottom: 14px; }
    .card.last { border-bottom: 0; margin-bottom: 0; }
    h1 { font-size: 34px; margin: 0; }
    .sub { margin: 0 0 6px; }
    .card table.place { width: 100%; border-collapse: collapse; }
    table.marks { width: 100%; border-collapse: collapse; }
    table.marks td { border-bottom: 1px solid #888; padding: 2px 4px; font-size: 15px; }
    td.at { text-align: right; font-size: 33px; line-height: 1; font-weight: bold; white-space: nowrap; }
    table.marks td.kind { width: 50px; font-size: 12px; }
    table.marks td.at { font-size: 33px; }
    table.dense td.at { font-size: 25px; }
    table.denser td.at { font-size: 21px; }
    table.denser td { padding: 0 4px; font-size: 13px; }
    table.dense td { padding: 1px 4px; }
    table.marks td.line { font-size: 12px; padding-top: 6px; font-weight: bold; border-bottom: 2px solid #000; }
    .mind { font-size: 10px; line-height: 1.1; margin: 3px 0 0; width: 250px; }
</style>
</head>
<body>
@foreach ($pages as $page)
<div class="page">
    @foreach ($page as $i => $card)
    <div class="card {{ $i === count($page) - 1 ? 'last' : '' }}">
        <h1>{{ $card['title'] }}</h1>
        <p class="sub">{{ $card['face'] }} · {{ $words->say('card.count', ['count' => $card['count']]) }} · {{ $words->say('card.blank', ['length' => $card['length']]) }}, {{ $card['sheet'] }} · {{ $plan->job->name }}, {{ $words->say('print.plan', ['revision' => $revision]) }}@if ($card['corrected']) · <b>{{ $words->say('cuts.corrected') }}</b>@endif</p>
        <table class="place"><tr>
            <td style="width: 270px; vertical-align: top;"><div style="font-size: 12px;">{{ $words->say('card.back') }}</div><img src="{{ $card['drawing'] }}" {!! $card['notes'] === [] ? 'width="250" height="330"' : 'width="164" height="216"' !!} alt="">@foreach ($card['notes'] as $note)<p class="mind"><b>{{ $note }}</b></p>@endforeach<p class="mind">{{ $words->say('caution.cutting') }}</p></td>
            <td style="vertical-align: top;">
                <table class="marks {{ $card['set'] }}">
                    @foreach ($card['runs'] as $run)
                        <tr><td colspan="3" class="line">{{ $run['heading'] }}</td></tr>
                        @foreach ($run['marks'] as $mark)
                        <tr><td>{{ $mark['name'] }}</td><td class="kind">{{ $words->say('mark.kind.'.$mark['kind']) }}</td><td class="at">{{ $mark['at'] }}</td></tr>
                        @endforeach
                    @endforeach
                </table>
            </td>
        </tr></table>
    </div>
    @endforeach
</div>
@endforeach
</body>
</html>

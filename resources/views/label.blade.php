<!DOCTYPE html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>{{ $label->name }}</title>
<style>
  @page { margin: 11pt; }
  body { font: 9pt/1.25 'DejaVu Sans'; color: #1D2925; }
  h1 { font: bold 15pt 'DejaVu Serif'; margin: 0 0 2pt; }
  p { margin: 0 0 4pt; }
  .dates { border-top: 1pt solid #1D2925; border-bottom: 1pt solid #1D2925; padding: 3pt 0; margin: 4pt 0; }
  .caution { font-weight: bold; font-size: 7.5pt; line-height: 1.2; margin-bottom: 2pt; }
</style>
</head>
<body>
  <h1>{{ $label->name }}</h1>
  <p>{{ $label->use }}</p>
  <p>{{ implode(' · ', $label->contents) ?: 'water' }}</p>
  <p class="dates">Made {{ $label->made }}<br>{{ $label->use_by ? 'Use by '.$label->use_by : 'Use at once' }}</p>
  @foreach ($label->cautions as $caution)
    <p class="caution">{{ $caution }}</p>
  @endforeach
</body>
</html>

<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="color-scheme" content="light dark">
    <title>Nebbia</title>
    <style>body { font: 18px/1.5 sans-serif; max-width: 34em; margin: 15vh auto; padding: 0 20px }</style>
</head>
<body>
    <h1>This did not work</h1>
    <p>{{ $message }}</p>
    <p><a href="/">To Today</a></p>
</body>
</html>

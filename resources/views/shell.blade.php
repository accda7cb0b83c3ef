<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="color-scheme" content="light dark">
    <title>Nebbia</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    @vite(['resources/js/main.ts'])
</head>
<body>
    <div id="app"></div>
    <noscript>Nebbia needs JavaScript. Please turn it on for this page.</noscript>
</body>
</html>

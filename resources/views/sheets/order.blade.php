<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <title>Order {{ $id }}</title>
    @include('sheets.style')
</head>
<body>
    @include('sheets.here')
    <h1>Order {{ $id }} to {{ $supplier }}</h1>
    <p class="under">{{ $date }}, for {{ $for }}</p>
    <table>
        <thead>
            <tr><th>Order code</th><th>Name</th><th>What</th><th>Count</th><th>Price of one</th><th>Sum</th></tr>
        </thead>
        <tbody>
            @foreach ($rows as $row)
                <tr>
                    <td class="strong whole">{{ $row['code'] }}</td>
                    <td>{{ $row['name'] }}</td>
                    <td class="whole">{{ $row['what'] }}</td>
                    <td>{{ $row['count'] }}</td>
                    <td class="whole">{{ $row['price'] }}</td>
                    <td class="whole">{{ $row['sum'] }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
    <p>Goods {{ $goods }}, parcel {{ $shipping }}: <b>{{ $total }}</b></p>
</body>
</html>

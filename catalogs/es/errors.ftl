say-empty = Diga un vano: puerta 3068 @ 7-6, o ventana 5-0x4-0 centrada.
say-too-long = Son más de { $most } letras: dígalo en dos.
say-unfinished = No está dicho hasta el final.
say-no-size = ¿De qué tamaño?
say-no-height = ¿De qué alto?
say-word = "{ $word }" no se entiende aquí.
say-two-places = Está en dos lugares: basta uno.
say-several-in-one-place = Varios no caben en un solo lugar.
say-too-many = No se dicen tantos a la vez: hasta { $most }.
say-no-such-partition = { $there ->
        [0] Ningún muro llega a este.
       *[other] A este muro llegan { $there }: diga cuál, contado desde la izquierda, como "tabique" y su número.
    }
say-no-room = Ocupan { $takes } y tienen { $room }.
say-head-too-low = Su altura es { $least } o más sobre el contrapiso.
say-not-made = No se hace { $kind } de { $width } x { $height }: puede ser de { $wide } de ancho y { $high } de alto.
say-out-of-reach = { $given } queda fuera: puede ser { $range }.
say-off-the-wall = Así su centro queda a { $center }; el muro mide { $wall } de largo.
takes-size = Aquí va un tamaño: ancho x alto, como 5-0x4-0, o cuatro cifras, como 3068.
takes-height-of-size = Aquí va el alto: 3-0x4-0 es 3-0 de ancho y 4-0 de alto.
takes-kind-or-place = Aquí va qué es (puerta, ventana, corrediza, cochera, paso) o dónde está (@ 7-6, centrada, a 14 de la izquierda).
takes-place = Aquí va dónde está: @ 7-6, centrada, a 14 de la izquierda, repartidas entre 4-0 y 20-0.
takes-length = Aquí va una medida a lo largo del muro: 7-6, o 90 1/2.
takes-height = Aquí va una altura sobre el contrapiso: 6-8, 36.
takes-end = Aquí va desde dónde se mide: izquierda, derecha, la esquina, el tabique.
takes-and = Aquí va "y" y el segundo lugar.
takes-another = Ya está dicho. Con "y" sigue otro vano.
takes-of-the-wall = Aquí va el largo del muro, su alto, sus montantes: muro 24-0 9-0 2x6.
said-wall = este muro: { $parts }
said-wall-length = { $length } de largo
said-wall-height = { $height } de alto
said-wall-studs = montantes { $stud }
said-wall-spacing = cada { $spacing }
said-opening = { $kind } { $width } x { $height }, vano { $rough_width } x { $rough_height }, centro a { $at } del extremo izquierdo
said-opening-in-gap = { $kind } { $width } x { $height }, vano { $rough_width } x { $rough_height }, centro a { $at } del extremo izquierdo (el hueco más ancho)
said-several = { $count } de { $kind } { $width } x { $height }, vano { $rough_width } x { $rough_height }, centros { $at }
said-at = { $at }
said-heights = antepecho { $sill }, altura { $head }
together-how-many = Elija de dos a { $most } vanos de este muro.
together-no-room = No caben uno junto a otro.
together-nothing = Ya están así.
together-no-header = El primero no tiene dintel que dar.
together-too-high = Uno de ellos es más alto que esa altura.
length-empty = Escriba una medida, como 7'-6 1/2" o 2286 mm.
length-not-a-length = "{ $text }" no es una medida. Escríbala como 7'-6 1/2", 90 1/2 o 2286 mm.
length-ambiguous = "{ $text }" puede ser { $one } o { $other }. Escriba la que quiere decir.
length-inches-over-twelve = Después de los pies, las pulgadas van de 0 a menos de 12; "{ $text }" tiene más.
length-not-on-the-tape = { $text } no está en la cinta: medios, cuartos, octavos, dieciseisavos, 32 avos o 64 avos, menos de uno.
length-too-long = "{ $text }" pasa de 1,000 pies.
length-negative = Una medida no puede ser negativa: "{ $text }".
range = { $least } a { $most }
range-at-most = a lo más { $most }
range-text = 1 a { $most } letras en un renglón
range-follows = lo que permita el resto de la obra
part-not-there = Esa parte de la casa ya no está en esta obra.
wall-not-there = Ese muro ya no está en esta obra.
opening-not-there = Ese vano ya no está en esta obra.
point-load-not-there = Esa carga puntual ya no está en esta obra.
no-such-job = No existe esa obra.
no-such-opening = No existe ese vano.
no-such-wall = No existe ese muro.
not-paired = Este aparato no está enlazado. Abra esta dirección en su navegador y escriba el código que muestra la máquina.
wrong-pairing-code = Ese no es el código. Léalo otra vez en la máquina: cambia con cada aparato.
pairing-code-too-soon = Espere un momento antes del siguiente código.
server-failed = Falló el servidor. Nada de lo guardado se perdió; intente otra vez.
job-has-changed = Alguien cambió esta obra mientras tanto. Su cambio todavía no está aplicado.
database-does-not-answer = La base de datos no contesta. Nada de lo guardado se perdió; intente otra vez en un momento.
server-is-busy = Se está calculando demasiado a la vez. Intente otra vez en un momento; nada se perdió.
job-is-held = Otra persona tiene esta obra en este momento. Nada se perdió; intente otra vez.
took-too-long = Tardó demasiado y se dejó. Nada de lo guardado se perdió.
nothing-to-undo = No hay nada que deshacer.
nothing-to-redo = No hay nada que rehacer.
say-let-down = Diga bajada, de dónde a dónde, a qué altura: flat para una sola solera, under para lo que se midió.
say-board = Diga refuerzo, para qué, de dónde a dónde, a qué altura queda su centro.
said-let-down =
    { $plates ->
        [one] Solera bajada de { $from } a { $to }, a { $top } por encima
       *[other] Soleras bajadas de { $from } a { $to }, a { $top } por encima
    }
said-board = Refuerzo para { $name }, { $board }, de { $from } a { $to }, con su centro a { $height }
say-kept-clear = Diga tubo o libre, qué es, de qué ancho, y dónde queda su centro.
said-pipe = { $name } a través de las soleras, { $width } de ancho, centro en { $at }
said-clear = Libre para { $name }, { $width } de ancho, centro en { $at }
said-later = se corta después
say-ceiling = Diga cielo, y cuánto distan las viguetas a lo largo del muro, cada cuánto un bloque; o cielo libre.
say-corner = Diga esquina, e izquierda o derecha: una esquina de tres piezas.
said-ceiling-joists = Viguetas del cielo a lo largo, a { $clear }, un bloque al menos cada { $every }
said-ceiling-free = Queda libre bajo su cielo
said-corner =
    { $end ->
        [left] Una esquina de tres piezas en su extremo izquierdo
       *[right] Una esquina de tres piezas en su extremo derecho
    }
saw-no-tick = Esto no dice de ninguna pieza que se cortó: su nombre, su número, su madera o su largo no valen.
saw-too-many-at-once = Se marcan a lo más { $most } piezas a la vez.
saw-too-many-in-a-job = En esta obra no se pueden marcar más piezas.
sticks-kerf-bounds = La sierra quita de nada a { $most }.
sticks-allowance-bounds = Puede ser de 0 a { $most } por ciento.
order-no-step = No hay tal paso.
order-never-forced = Esto no se puede saltar: hay gente parada bajo lo que caería.
order-text-bounds = Escriba por qué, o qué, en a lo más { $most } letras.
order-no-name = Diga quién es, en a lo más { $most } letras.
order-no-time = Esto no es una hora.
order-no-number-of-a-device = El número de una marca se cuenta desde cero.
order-too-many-at-once = Se mandan a lo más { $most } marcas a la vez.
order-too-many-in-a-job = No se puede decir más de los órdenes de este trabajo.
beam-in-bounds = Entre { $least } y { $most }.

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

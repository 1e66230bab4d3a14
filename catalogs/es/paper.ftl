paper-page-of = página { $page } de { $of }
paper-permit = permiso { $permit }
paper-answers-for-it = responde: { $who }
paper-version-of = versión { $version } del { $date }
paper-printed-on = de un archivo, impreso el { $date }
paper-code = código adoptado: { $code }
paper-no-code-said = código adoptado: no se dijo
paper-caution = Hoja calculada, no plano sellado. Antes que ella van el código adoptado, los planos y la palabra de un profesional con licencia; lo que queda fuera de sus límites no tiene cifra aquí. Mida otra vez en la obra antes de cortar, y apuntale antes de abrir un muro de carga.
paper-wall-sheet-of = Hoja del muro: { $wall }
paper-plates-of = Soleras y regla de alturas: { $wall }
paper-cut-list-of = Lista de corte: { $wall }
paper-calculation-of = Cálculo: { $opening }, { $wall }
paper-opening = { $letter }, { $kind }
paper-wall-facts = { $length } de largo, { $height } sobre las soleras, { $studs } a { $spacing } entre centros.
paper-wall-size = { $length } de largo, { $height } sobre las soleras.
paper-marks-run-from-the-left = Medida corrida desde el extremo izquierdo, al borde izquierdo de cada pieza. Marque de canto y ponga la letra del lado donde va la pieza.
paper-drawing-of-the-wall = El muro { $wall } de { $from } a { $to }, con los vanos { $openings }, las cargas, las marcas de la solera y la regla de alturas.
paper-rough = { $width } × { $height }
paper-cut = corte { $cut }
paper-tape-mark = { $mark } { $at }
paper-pole-heading = Alturas, caras inferiores
paper-pole-mark = { $at } { $what }, { $letters }
paper-to-look-at = para revisar
paper-header-cut = { $header }, corte { $cut }
paper-rough-opening = vano
paper-where-it-stands = dónde va
paper-from-the-left-end = cara izquierda { $left }, centro { $center }, cara derecha { $right } desde el extremo izquierdo
paper-heights = alturas
paper-sill-and-head = abajo { $bottom }, arriba { $head } sobre el contrapiso
paper-how-many = piezas
paper-cut-to = corte
paper-what-for = para
paper-cut-from = de
paper-openings = vanos
paper-so-many-of = { $count } { $what }
paper-length-at-an-angle = { $length }, sierra a { $degrees }°
paper-cut-list-runs = Los largos iguales de la misma madera van juntos, primero el más largo. Los largos son los del lado más largo de la pieza.
paper-not-in-the-list = El vano { $letter } no está en la lista: { $why }.
paper-marks = marcas en las soleras
paper-on-the-sole-plate = solera inferior
paper-on-the-top-plates = soleras superiores
paper-read-along-the-slope = Se lee a lo largo de la pendiente, desde el extremo bajo del tramo recto que empieza a la izquierda.
paper-mark = marca
paper-opening-column = vano
paper-pieces-of-the-plates = piezas de las soleras
paper-piece-from = { $cut } desde { $from }
paper-anchor-bolts = pernos de anclaje a
paper-pole-of = regla de alturas, { $opening }
paper-layer = capa
paper-from-the-subfloor = desde el contrapiso
paper-how-high = alto
paper-nailing-of-the-wall = clavado del muro
paper-joint = unión
paper-nails = clavos
paper-source = fuente
paper-the-sole-plate-runs-through = La solera inferior pasa por las puertas hasta que el muro esté parado; ahí se corta al final.
paper-drawing-of-the-loads = El dintel del vano { $letter } como viga: sus cargas, sus apoyos y lo que cargan sus paquetes.
paper-drawing-of-the-roof = El techo en corte, con el ancho que se apoya en este muro.
paper-point-loads = cargas puntuales en las soleras superiores
paper-arrow = flecha
paper-where-on-the-wall = a
paper-how-much = cuánto
paper-point-at = { $loads } a { $at }
paper-growing-load = crece de { $start } a { $end }
paper-pack-carries = el paquete carga { $load }
paper-opening-and-span = vano { $opening }, claro { $span }
paper-leans-on-the-wall = { $width } se apoya en este muro
paper-rise-in-twelve = { $rise } en 12
paper-this-wall-is-dark = El muro oscuro es este.
paper-found-at = { $letter }: { $found }
paper-verdict = { $verdict }. { $sentence }
paper-pack-at = extremo { $end ->
        [left] izquierdo
       *[right] derecho
    }
paper-pack = { $jacks ->
    [one] 1 montante de apoyo
   *[other] { $jacks } montantes de apoyo
}, { $kings ->
    [one] 1 principal
   *[other] { $kings } principales
}
paper-pack-because = { $jacks ->
    [one] 1 montante de apoyo
   *[other] { $jacks } montantes de apoyo
}, { $kings ->
    [one] 1 principal
   *[other] { $kings } principales
} ({ $because })
paper-loads-on-the-header = cargas sobre el dintel
paper-how-hard-it-works = qué tanto trabaja
paper-check = revisión
paper-demand = se le pide
paper-capacity = capacidad
paper-how-hard = de su capacidad
paper-combination = combinación
paper-clause = cláusula
paper-needs-jacks = necesita { $needed ->
    [one] 1 montante de apoyo
   *[other] { $needed } montantes de apoyo
}
paper-no-number-is-enough = ningún número basta
paper-worked-out-by = Calculó, fecha
paper-looked-over-by = Revisó, fecha
paper-roofs-in-section = techos en corte
paper-where-loads-come-from = de dónde vienen las cargas
paper-what-brings-it = qué la trae
paper-kind = clase
paper-pressure = presión
paper-width = ancho
paper-on-the-wall = sobre el muro
paper-member = { $name }
paper-goes-in = Va
paper-member-cut = Cortar a
paper-lies-on = Se apoya en
paper-on-a-post = un poste a { $at }, con { $force }
paper-on-a-wall = una pared a { $at }, con { $force }
paper-in-a-hanger = un colgador a { $at } que sostiene { $force }: según las tablas del fabricante
paper-lifted = Levantada
paper-lifted-with = un extremo se levanta con { $force }: amárrelo según los planos
paper-as-high-as = De largo
paper-stands-on = Se apoya en
paper-stands-on-wood = madera
paper-stands-on-concrete = concreto, con una base: según las tablas del fabricante
paper-what-else-was-tried = Lo que se probó
paper-tried = Viga o poste
paper-hardest-in = Trabaja más en
paper-solid-floors = Entre esta pared y el piso de arriba: bloques de apoyo
paper-pole-let-down = { $at } tope bajado
paper-let-down = Soleras bajadas
paper-let-down-is = de { $from } a { $to }, { $top } por encima, montantes de { $stud }
paper-backing-is = { $name }: { $board } de { $from } a { $to }, centro a { $height }

# Lo que dice la página en la boleta, la lista de soleras y el muro. El resto se dice en inglés.
page-stations = Estaciones
page-jobs = Obras
page-wall = Muro
page-rules = Reglas
page-materials = Materiales
page-words = Idioma
page-night = Noche
page-sun = Sol
page-is-not-a-number = "{ $text }" no es un número.
page-close = Cerrar
page-fine = Bien
page-top-of-wall = tope del muro
page-story-pole-heights-above-the-subfloor = Regla de alturas: alturas sobre el contrapiso
page-undersides-at = Caras inferiores a
page-anchor-bolt = Perno de anclaje
page-plies = { $plies } piezas
page-rough-opening-by-center = { $letter }: { $kind }, vano de { $rough_width } por { $rough_height }, centro { $center }. { $verdict_words }.
page-openings-in-load-bearing-walls-what-carries = Vanos en muros de carga: qué los carga, qué cortar y por qué aguanta.
page-length = Largo
page-print-it = Imprimir
page-back-to-the-wall = De vuelta al muro
page-from = desde
page-from-2 = De
page-how-far-headers-reach = Hasta dónde llegan los dinteles
page-calculation-sheet = Hoja de cálculo
page-opening-the-job = Abriendo la obra …
page-opening-the-wall = Abriendo el muro …
page-to-the-jobs = A las obras
page-ticket = Boleta
page-to-look-at = Por revisar
page-nothing-on-this-wall = Nada en este muro.
page-no-opening-yet = Todavía sin vanos
page-this-wall = Este muro
page-studs-at = cada
page-say-what-it-carries = Diga qué carga
page-a-partition-it-carries-nothing = Una división: no carga nada.
page-nothing-is-said-yet-about-what-it = Todavía no se dijo qué carga.
page-at-its-left-end-uneven = en su extremo izquierdo; desigual
page-what-it-carries = Qué carga
page-length-height-studs = Largo, alto, montantes
page-plate-list = Lista de soleras
page-cut-list = Lista de corte
page-wall-sheet = Hoja del muro
page-sheets-and-print = Hojas
page-sheets = Hojas del muro
page-paper = Papel
page-letter = Carta
page-a4 = A4
page-nothing-to-undo = Nada que deshacer
page-undo = Deshacer
page-nothing-to-redo = Nada que rehacer
page-redo = Rehacer
page-undo-what = Deshacer: { $what }
page-redo-what = Rehacer: { $what }
page-keys = Teclas
page-keys-of-an-opening = Sobre un vano del dibujo
page-key-control = Ctrl
page-key-shift = Mayús
page-key-left = ←
page-key-right = →
page-key-delete = Supr
page-key-enter = Intro
page-key-escape = Esc
page-move-by-a-sixteenth = Moverlo un dieciseisavo
page-move-by-an-inch = Moverlo una pulgada
page-move-by-a-millimeter = Moverlo un milímetro
page-move-by-ten-millimeters = Moverlo diez milímetros
page-look-at-its-ticket = Ver su ficha
page-take-it-out = Quitarlo
page-the-wall-drawn-to-scale = El muro, dibujado a escala
page-chosen-together = Elegidos juntos
page-openings-chosen = { $count } vanos
page-even-them-out = Repartirlos parejos
page-line-up-their-heads = Alinear sus alturas
page-one-header-for-all = Un dintel para todos
page-done = Listo
page-whole-wall = Muro entero
page-to-read = Para leer
page-how-much-of-the-wall = Cuánto del muro se ve
page-the-whole-wall-tap-to-go-there = El muro entero: toque para ir allí
page-close-up = De cerca
page-marks-of-the-top-plates = Marcas de las soleras superiores
page-marks-of-the-sole-plate = Marcas de la solera inferior
page-center = Centro { $center }{ $stop }
page-walls = Muros
page-wall-2 = + muro
page-not-settled = { $unresolved } sin resolver
page-in-trouble = { $trouble } con problemas
page-to-be-said = { $asking } por decir
page-what-has-yet-to-be-said = Lo que falta decir
page-nothing-stands-on-it = Nada se apoya en él
page-a-wall-or-roof-does = Un muro o techo sí
page-add-the-wall-between = Agregue el muro intermedio
page-the-roof-lands-on-this-wall = El techo llega a este muro
page-none-over-this-walls-openings = Ninguno sobre los vanos de este muro
page-say-where-they-are = Diga dónde están
page-0-where-it-never-snows = 0 donde nunca nieva
page-roof-snow-my-own-allowable = Nieve del techo, propia, admisible
page-ground-snow-7-22-map-value = Nieve del suelo, valor de mapa 7-22
page-ground-snow-allowable = Nieve del suelo, admisible
page-nothing-else = Nada más
page-nothing = nada
page-point-load = carga puntual
page-add = Agregar
page-say-an-opening = Diga un vano
page-centered-on-the-wall = al centro del muro
page-as-centered-as-the-walls-inside-allow = tan al centro como dejan los muros de adentro
page-equal-gaps = espacios iguales
page-in-a-stud-bay-nothing-cut = entre dos montantes, sin cortar nada
page-left-king-on-the-layout = montante principal izquierdo en el trazo
page-right-king-on-the-layout = montante principal derecho en el trazo
page-order-of-assembly = Orden de armado
page-nailing = Clavado
page-what-must-stand-below = Lo que debe haber debajo
page-what-else-could-go-in = Qué más podría ir
page-trying-the-stock = Probando lo que hay…
page-that-do-not-carry-and-why = { $candidates } que no cargan, y por qué
page-how-far-it-reaches = Hasta dónde alcanza sobre este vano
page-no-room = no cabe
page-back-to-the-schools = De vuelta al de la escuela
page-header-candidates = Dinteles posibles
page-fewer = Menos
page-works-hardest = lo que más trabaja: { $hardest }
page-on-the-jacks-it-has-it-carries = Sobre los montantes de apoyo que tiene, carga
page-times-this-load-gives-out-first = veces esta carga (primero cede: { $first_under_load })
page-and-reaches = , y llega a
page-under-it = con ella ({ $first_over_span }).
page-cautions = Advertencias
page-a-planning-aid-local-code-the-approved = Una ayuda para planear. Deciden el código local, los planos aprobados y un ingeniero con licencia o la autoridad. Los valores de diseño y las tablas son de memoria de las normas: confírmelos en el código adoptado. Sin muescas ni perforaciones, sin arriostramiento por sismo o viento.
page-a-planning-aid-in-short = Una ayuda para planear: deciden el código local, los planos aprobados y un ingeniero con licencia.
page-trouble = Problema
page-look = Revise
page-note = Nota
page-ways-out = Salidas: { $ways_out }
page-cut = Corte
page-how-many = Cuántas
page-piece = Pieza
page-cut-at-long-side-given = corte a { $bevel_degrees }°, se da el lado largo
page-it-is-framed-like-this = Está armado así
page-since-it-was-framed = Desde que se armó
page-nothing-changed = Nada cambió.
page-it-is-framed-like-this-now = Ahora está armado así
page-it-is-not-framed = No está armado
page-header = Dintel
page-becomes = pasa a
page-take-out = Quite
page-put-in = Ponga
page-strike-the-marks = Tache las marcas
page-mark-anew = Marque de nuevo
page-none = ninguno
page-cut-2 = corte
page-design-values-2 = Valores de diseño: { $values_source }
page-with = Con
page-of-foam-beside-it-about = de espuma al lado, cerca de
page-r = R-{ $r_value }
page-of-2 = { $demand } de { $capacity }. { $clause }
page-of-3 = { $demand } de { $capacity }
page-works-at-percent = { $name } trabaja al { $ratio }
page-it-hangs-below-the-plates-its-top = Cuelga bajo las soleras, con el borde superior libre:
page-one-ply-against-rolling-over-bending = una pieza contra el volteo: flexión
page-all-plies-as-one-bending = todas las piezas como una: flexión
page-the-codes-table-at-0-70 = la tabla del código al 0.70:
page-no-answer = sin respuesta
page-plies-as-one-ask-for-this-nailing = Las piezas como una piden este clavado:
page-it-is-not-nailed-so = No está clavado así
page-it-is-nailed-so = Está clavado así
page-nothing-2 = Nada
page-existing-lumber-grade-unknown = Madera existente, grado desconocido
page-header-notched-or-drilled = Dintel con muesca o perforado
page-sloped-or-curved-beam = Viga inclinada o curva
page-steel-or-flitch-plate = Acero o placa
page-fire-rating-or-fire-retardant-lumber = Resistencia al fuego o madera retardante
page-preservative-treated-lumber = Madera con preservador
page-the-wall-braces-the-building-here = Aquí el muro arriostra el edificio
page-any-room = Cualquier cuarto
page-a-bedroom = Una recámara
page-a-kitchen-counter = Una cubierta de cocina
page-a-bathroom = Un baño
page-out-of-the-usual = Fuera de lo usual
page-what-is-out-of-the-ordinary = Qué es fuera de lo común
page-sheathing-returned-into-the-jambs = Forro que entra en las jambas
page-each-side-of-the-rough-opening-grows = cada lado del vano crece con él
page-it-gives-on = Da a
page-service = Servicio
page-dry = Seco
page-wet = Húmedo
page-in-the-depth-of-the-wall-the = En el espesor del muro el dintel está
page-at-one-face = A una cara
page-in-the-middle = Al centro
page-filled-to-both = Relleno a las dos
page-joists-hang-on-its-side = Cuelgan viguetas de su costado
page-no = No
page-yes = Sí
page-the-header-sits = El dintel se asienta
page-on-whole-jacks = En montantes de apoyo enteros
page-in-notched-jacks = En montantes de apoyo con muesca
page-its-sill = Su antepecho
page-single = Sencillo
page-double = Doble
page-sloped = Inclinado
page-it-falls-to-the-outside-by = Cae hacia afuera
page-run-the-header-on-past-its-pack = Lleve el dintel más allá de su paquete { $end ->
        [left] izquierdo
       *[right] derecho
    }
page-it-runs-past-the-face-by = Pasa de la cara del lado { $end ->
        [left] izquierdo
       *[right] derecho
    }
page-studs-under-its-far-end = Montantes bajo su extremo lejano
page-0-if-it-ends-free = 0 si termina libre
page-it-ends-on-its-pack = Termina en su paquete { $end ->
        [left] izquierdo
       *[right] derecho
    }
page-post-from-the-left-face = Poste, desde la cara izquierda
page-studs-in-it = Montantes en él
page-take-this-post-away = Quite este poste
page-stand-a-post-in-the-opening = Ponga un poste en el vano
page-left-and-right-are-not-alike = La izquierda y la derecha no son iguales.
page-each-end = cada extremo
page-end = extremo { $end ->
        [left] izquierdo
       *[right] derecho
    }
page-no-number-yet = todavía sin número
page-under = bajo { $load_lb }
page-decide = Decidir
page-kings-2 = montantes principales: { $name }
page-does-not-count-here = aquí no cuenta
page-in-wind = { $ratio } con viento
page-show-the-working = Vea el cálculo
page-write-why-first-it-goes-into-the = Primero escriba por qué: queda en el registro.
page-why = Por qué
page-why-these-numbers = Por qué estos números
page-back-to-the-computed-count = De vuelta al número calculado
page-window = Ventana
page-door = Puerta
page-pair-of-doors = Puerta doble
page-sliding-door = Puerta corrediza
page-overhead-door = Puerta de cochera
page-pocket-door = Puerta de bolsillo
page-cased-opening = Vano sin puerta
page-place-and-size = Lugar y tamaño
page-left-margin = Margen izquierdo
page-left-face = Cara izquierda
page-right-face = Cara derecha
page-head = Altura
page-center-2 = Centro
page-right-margin = Margen derecho
page-unit-width = Ancho de la unidad
page-unit-height = Alto de la unidad
page-rough-width = Ancho del vano
page-by-rule-the-makers-figure-goes-here = según regla; aquí va la cifra del fabricante
page-the-makers-figure = la cifra del fabricante
page-rough-height = Alto del vano
page-sill-above-subfloor = Antepecho, sobre el contrapiso
page-kind = Tipo
page-back-to-the-rule-for-a = De vuelta a la regla para: { $kind }
page-the-header-hangs = El dintel cuelga
page-tight-to-the-plates = Pegado a las soleras
page-at-head-height = A la altura del cabezal
page-its-underside = Su cara inferior
page-bare = Desnuda
page-flat-nailer = Clavador plano
page-seen-from-the-room = Visto desde el cuarto:
page-to-the-left = a la izquierda,
page-to-the-right = a la derecha.
page-three-schools = Tres escuelas
page-by-2 = Por { $name }
page-governs = rige
page-at-each-end = { $jacks } en cada extremo.
page-by-calculation-it-does-not-carry = Por cálculo no carga.
page-take-this-header = Tome este dintel
page-heights = Alturas
page-piece-2 = pieza
page-high = alto
page-up-to = hasta
page-rough-opening = vano
page-ticket-of-opening = Boleta del vano { $letter }
page-take-this-opening-out = Quite este vano
page-no-price = sin precio
page-server-does-not-answer = El servidor no contesta. Lo que escribió sigue aquí; intente de nuevo.
page-jacks-decided = Montantes de apoyo decididos: { $reason }
page-kings-decided = Montantes principales decididos: { $reason }
page-one-jack-less = Un montante de apoyo menos en el extremo { $end ->
        [left] izquierdo
       *[right] derecho
    }
page-one-jack-more = Un montante de apoyo más en el extremo { $end ->
        [left] izquierdo
       *[right] derecho
    }
page-one-king-less = Un montante principal menos en el extremo { $end ->
        [left] izquierdo
       *[right] derecho
    }
page-one-king-more = Un montante principal más en el extremo { $end ->
        [left] izquierdo
       *[right] derecho
    }
page-why-so-many-jacks = Por qué tantos montantes de apoyo en el extremo { $end ->
        [left] izquierdo
       *[right] derecho
    }
page-why-so-many-kings = Por qué tantos montantes principales en el extremo { $end ->
        [left] izquierdo
       *[right] derecho
    }
page-this-is-how-it-would-be = Así quedaría.
page-keep-it = Déjelo así
page-leave-it-as-it-was = Como estaba
page-words-and-units = Idioma y unidades
page-language = Idioma
page-figures-are-read-in = Las cifras se leen en
page-feet-inches-pounds = Pies, pulgadas, libras
page-millimeters-kilonewtons = Milímetros, kilonewtons
page-exact-both-ways = Las longitudes son exactas de las dos formas. Cualquiera se puede escribir de una u otra: 3-0, 36 1/2, 914.4 mm. En milímetros un número solo es milímetros. El cálculo de la hoja va en las unidades del código, sus resultados en ambas.
page-kept-on-this-device = Se guarda en este aparato, solo para usted. Las letras en las soleras quedan como están: una marca que dos leen distinto es peor que una letra ajena.
clause-from-memory = { $clause } (de memoria)
clause-statics = Estática
clause-practice = Práctica común
clause-user = Su cifra
also-called = También se llama: { $names }
count-of-jacks = { $count ->
        [one] 1 montante de apoyo
       *[other] { $count } montantes de apoyo
    }
count-of-kings = { $count ->
        [one] 1 montante principal
       *[other] { $count } montantes principales
    }
count-of-openings = { $count ->
        [one] 1 vano
       *[other] { $count } vanos
    }
page-studs-saved = { $count ->
        [one] ahorra 1 montante
       *[other] ahorra { $count } montantes
    }
page-studs-more = { $count ->
        [one] 1 montante más
       *[other] { $count } montantes más
    }
page-size-kind-place-5-0x4-0-window = Tamaño, tipo, lugar: ventana 5-0x4-0 centrada · cochera 16-0x7-0, 14 desde la izquierda · viga 12-0 · muro 24-0 · bajada 9-0 a 12-0 @ 84 · refuerzo riel 2-0 a 6-0 @ 36 · tubo 3 @ 6-0
page-size-kind-place-1510x1210-window-centered-4800x2100 = Tamaño, tipo, lugar: ventana 1510x1210 centrada · cochera 4800x2100, 350 desde la izquierda · viga 3600 · muro 7200 · bajada 2700 a 3600 @ 2130 · refuerzo riel 600 a 1800 @ 900 · tubo 75 @ 1800
page-say-it-3068-door-7-6 = Diga: puerta 3068 @ 7-6
page-say-it-910x2110-door-2300 = Diga: puerta 910x2110 @ 2300
page-phones = Teléfonos y tabletas
page-let-phones-in = Su propio teléfono o tableta puede mostrar los mismos trabajos por la red que comparte con esta máquina.
page-back-to-the-jobs = volver a los trabajos
page-pair-a-phone = Vincular un teléfono
page-pair-by-network = Conecte el teléfono a la misma red que esta máquina.
page-pair-by-address = Escanee la imagen, o abra en su navegador:
page-pair-by-other-address = Si no contesta: { $others }
page-pair-past-the-warning = Su navegador todavía no conoce esta máquina y lo dice. Siga hasta la página.
page-pair-by-code = Escriba allí el código, si no se escaneó:
page-picture-to-scan = La dirección y el código, para escanear
page-fingerprint = El SHA-256 del certificado, para compararlo con el que muestra el navegador
page-only-this-machine-is-served = Solo se atiende a esta máquina. Para dejar entrar a sus teléfonos, deténgala y arránquela de nuevo con bin/start --on-site.
page-on-no-network = Esta máquina todavía no está en ninguna red. En cuanto lo esté, aquí aparece su dirección.
page-paired-devices = Dispositivos vinculados
page-no-device-is-paired = No hay ningún dispositivo vinculado.
page-paired-and-used = vinculado el { $paired }, usado por última vez el { $used }
page-revoke = Revocar
page-revoke-named = Revocar { $name }
page-this-device-is-paired = Este dispositivo está vinculado. Los demás se ven, y se cambian, solo en la propia máquina.
page-why-take-the-certificate = Para que no le pregunten más si se confía en la máquina, tome su certificado y haga que el dispositivo confíe en él: en sus ajustes, en seguridad.
page-take-the-certificate = Tomar el certificado
page-roof = Techo
page-floor-or-deck = Piso o terraza
page-wall-above = Muro encima
page-gable-above = Hastial encima
page-post-under-a-ridge-beam = Poste bajo una viga de cumbrera
page-changed-on = cambiada el { $when }
page-put-away-jobs = Lo que se guardó aparte
page-nothing-is-put-away = No hay nada aparte.
page-house = Casa
page-house-of = Casa de { $name }
page-plan = Planta
page-storey = Piso
page-storey-number = piso { $storey }
page-plan-of-storey = Planta del piso { $storey }
page-where-it-breaks = Dónde se corta el camino
page-stations-of-the-loads = Estaciones de las cargas
page-from-roof-to-ground = Del techo al suelo
page-show-all = Mostrar todo
page-station-ground = suelo
page-comes-from = de { $what }
page-goes-to = a { $what }
page-to-this-wall = A este muro
page-say-a-house = Diga la casa
page-say-it-house = house 36x24, 2 storeys 9-0 8-0
page-say-it-porch = porch 8-0 deep at the front
page-say-house-hint = Ancho por fondo, pisos con sus alturas; luego middle wall at 12-0, rafters 6/12 lapped, girder at 12-0 on 3 posts, porch, slab.
page-say-house-more = Añada: middle wall at 12-0, joists across, trusses, rafters 6/12 lapped, ridge beam on 3 posts, girder at 12-0 on 3 posts, porch 8-0 deep at the front, deck 10-0 deep at the back, slab; o vanos: front: 6068 door @ 10-0.
page-breaks-of-the-path =
    { $count ->
        [one] El camino se corta en un punto
       *[other] El camino se corta en { $count } puntos
    }
page-snow-is-in-none-of-these-loads = La nieve aún no se ha dicho: no está en estas cargas.
page-say-the-snow = Diga la nieve
page-from-the-house-too = Lo que la casa trae a este muro está en sus cargas; lo que se diga aquí se suma.
page-to-the-house = A la casa
page-top-let-down = tope donde baja
page-it-is-cut-out = Se corta
page-with-the-wall = Con el muro
page-later = Después, cuando se sepa el antepecho
page-cutting = Corte
page-cutting-of = Corte de { $name }
page-cutting-show = Qué se muestra
page-cutting-packs = Conjuntos
page-cutting-sticks = Varas
page-cutting-of-which = De
page-cutting-whole-house = toda la casa
page-cutting-pieces =
    { $count ->
        [one] una pieza
       *[other] { $count } piezas
    }
page-cutting-held-back = Todavía no se corta
page-cutting-no-packs = Aquí no se arma nada aparte.
page-cutting-top-up = TOP arriba
page-cutting-settings =
    { $settings ->
        [one] { $count } con un solo tope
       *[other] { $count } con { $settings } topes
    }
page-cutting-how-many = piezas
page-cutting-stop-at = tope en
page-cutting-what-for = para qué, para quién
page-sticks-are-planned = Se planean las varas …
page-sticks-total = Lo que cuestan las varas
page-sticks-least = lo menos posible: demostrado
page-sticks-nearly-least = a lo más { $over } sobre lo menos posible
page-sticks-first-fit = poner lo primero que cabe costaría
page-sticks-one-each = una vara por pieza
page-sticks-waste = sierra y sobras
page-sticks-source = { $yard }, precios del { $day }
page-sticks-offcuts = Sobras que conviene guardar, primero para bloques
page-sticks-one = Una vara de { $length }: { $cuts }; sierra { $kerfs }, sobran { $offcut }
page-sticks-falls-off = sierra { $kerfs }, sobran { $offcut }
page-cutting-list = Largos
page-sticks-left-out = sin lo que abajo queda fuera
page-to-the-saw = En la sierra
page-saw = Sierra
page-saw-cut-of = { $cut } de { $wanted } cortadas
page-saw-to-the-lists = A las listas
page-saw-waits =
    { $count ->
        [one] Una marca espera a ser enviada: está guardada en este aparato.
       *[other] { $count } marcas esperan a ser enviadas: están guardadas en este aparato.
    }
page-saw-no-server = No se alcanza el servidor: aquí está lo último que se vio. Siga contando.
page-saw-held-back =
    { $count ->
        [one] Un vano o una viga todavía no se corta: vea las listas.
       *[other] { $count } vanos y vigas todavía no se cortan: vea las listas.
    }
page-saw-changed = Cambió después de cortarse
page-saw-nothing = Aquí no hay nada que cortar.
page-saw-setting = tope { $place } de { $settings }
page-saw-stop-at = tope en
page-saw-done-of = { $done } de { $count }
page-saw-setting-done = Todo cortado: toque para el tope siguiente
page-saw-hint = tocar cuenta una, mantener quita una
page-saw-before = Antes
page-saw-take-back = Quitar
page-saw-next = Siguiente
page-cutting-as-a-file = Para una hoja de cálculo
page-sticks-board-feet = { $feet } pies tabla
page-sticks-next = Corte esto ahora
page-sticks-who = para quién
page-cutting-changed = Cambió desde que se cortó
page-cutting-standing = Ya está puesto
page-order = El orden para abrirlo
page-order-of = Abrir { $wall }, paso por paso
page-order-back = Volver a los muros temporales
page-order-print = Imprimir
page-order-waits =
    { $count ->
        [one] Una marca espera para mandarse.
       *[other] { $count } marcas esperan para mandarse.
    }
page-order-caution = Nadie se para bajo una carga que se levanta. Donde un paso manda a un ingeniero, sin él no se sigue. El código local, el plano y el permiso van primero.
page-order-name = Su nombre
page-order-nameless = Diga quién es: un paso se hace con un nombre.
page-order-done = Hecho
page-order-go-past = Saltarlo
page-order-take-back = Quitarlo
page-order-add = Agregar un paso después de este
page-order-never-past = Este no se puede saltar.
page-order-why = Por qué se salta
page-order-what = Qué se hace ahí
page-order-write = Anotarlo
page-order-leave = Dejarlo
page-order-done-by = Hecho: { $who }, { $when }.
page-order-forced-by = SALTADO: { $who }, { $when }: { $why }
page-order-void = Aquí no hay nada que hacer. { $why }
page-order-shut = cerrado
page-order-add-short = Agregar un paso
page-order-did-not-count = { $who } dijo que esto estaba hecho el { $when }, antes de su turno: no cuenta.
page-order-before-a-change = { $who } lo dijo el { $when }, antes de que cambiara el plan: véalo otra vez y dígalo de nuevo.
page-shore = Abrir un muro
page-shore-of = Abrir un muro de { $name }
page-shore-back = Volver a la casa
page-shore-which = El muro que se abre
page-shore-lower = Muro temporal de este lado, a
page-shore-upper = Muro temporal del otro lado, a
page-shore-plies = Montantes clavados entre sí
page-shore-rows = Hileras de bloques
page-shore-header = Dintel sobre los montantes
page-shore-no-header = solo una solera
page-shore-two-boards = dos { $size } de canto
page-shore-apart = Montantes debajo, a cada
page-shore-opened = aquí se quita el muro
page-shore-ground = Hasta el suelo
page-shore-carries = Montantes, soleras y dinteles de los muros temporales aguantan.
page-shore-carries-not = No todos los muros temporales aguantan o tienen número.
page-shore-joists = Las viguetas de encima, como alguien las vio
page-shore-joists-unknown = nadie dijo
page-shore-joist-wood = Su madera
page-shore-joist-grade = Su grado
page-shore-joist-spacing = A cada
page-shore-cleared = Los pisos de arriba están vacíos, y nadie sube
page-shore-no-snow = No es tiempo de nieve
page-shore-drawn = { $field }: sus viguetas sobre sus muros, punteado el que se quita, en azul los temporales
page-shore-spans = Las viguetas salvan
page-shore-instead-of = en vez de
page-shore-temporary = Sobre los muros temporales
page-shore-at = en, a lo largo de las viguetas
page-shore-each-kind = Cada clase de carga por sí sola.
page-shore-to-the-order = Planearlo así, y al orden
page-raise-earlier = { $name } antes
page-raise-later-in-turn = { $name } después
page-raise-walls = Los muros en su turno
page-returns = Sus retornos arriostrados
page-returns-of = Retornos arriostrados junto a { $letter } en { $wall }
page-returns-none = Hay paneles enteros a los lados: no hay retorno corto.
page-returns-caution = Cuántos retornos así pide un frente lo dice el plano de arriostramiento. Confirme cada renglón en el código adoptado.
page-returns-left = Retorno del extremo izquierdo
page-returns-right = Retorno del extremo derecho
page-returns-drawn = { $called }: sus piezas, el tablero, clavos, pernos y fleje
page-returns-met = cumple
page-returns-not-met = NO CUMPLE
page-returns-look = revíselo ahí
page-returns-source = El marco de portal que el código modelo imprime para muros forrados por completo: de memoria, confírmelo.
page-returns-strap = el fleje
page-shore-working = Montantes y dinteles de los muros temporales
page-beam-in = Meter la viga
page-beam-in-passage = El pasillo ante la puerta, de ancho
page-beam-in-door = La puerta, libre
page-beam-in-straight = Derecho por ella, en total
page-beam-in-none = Todavía no hay viga planeada en este muro: ponga primero el vano.
page-raise-frame-so = Armarlo en estos paneles
page-raise-framed-so = Está armado en estos paneles: montantes, soleras, marcas y listas de corte los siguen. Arrastre una línea para terminar uno en otro lugar.
page-raise-not-framed-so = Armarlo de una pieza
page-raise-begins = El panel { $panel } empieza en
page-pack-weighs = { $weight }, en equilibrio a

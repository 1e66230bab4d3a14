# Los pasos para abrir un muro, en su orden, y lo que los detiene.

order-permit = El permiso está aquí, y el plano donde se pide.
order-services = La luz, el agua y el gas del muro están hallados y cortados.
order-survey = El levantamiento está escrito: qué cae en el muro por los dos lados, traslapado o corrido, qué hay arriba y abajo, qué está desnivelado.
order-floors-cleared = Los pisos de arriba están vacíos: nadie ni nada sobre ellos hasta el final.
order-beam-in = La viga está en el cuarto. Después ya no entra entre los muros temporales.
order-temporary-below = Bajo los muros temporales, piso por piso hasta el suelo, cada uno justo bajo el otro; un agujero por el piso marca el lugar.
order-temporary-stand = Los muros temporales están puestos, primero abajo, luego arriba.
order-snug = Las viguetas apoyan en los muros temporales, sin levantarlas.
order-take-down = El muro está quitado.
order-path-checked = Los paquetes y el camino de la carga bajo los { -jacks } nuevos están revisados hasta el suelo.
order-cut-beam = Medido en el piso; la viga está cortada.
order-raise-beam = La viga está arriba. Nadie se para debajo.
order-shim-and-fasten = Cuñas entre viga y viguetas, nada a la fuerza; todo sujeto.
order-load-on-beam = La carga pasa a la viga: los muros temporales se aflojan por pasos, de arriba abajo.
order-temporary-away = Los muros temporales están quitados, de arriba abajo.
order-sag = La flecha está medida, y otra vez tras unos días.
order-sole-plate = La solera inferior del paso está cortada, al final de todo.
order-added-by = lo agregó { $who }
order-void-no-live = Solo un cielo descansa en él: no hay piso que vaciar.
order-void-in-use = Los muros temporales están calculados con los pisos en uso.
order-void-slab = Están sobre la losa: debajo no va nada.
order-void-no-doorway = No se hace ningún paso: la solera inferior queda.
order-survey-joists =
    { $pieces ->
        [one] Viguetas de una pieza sobre { $lines } líneas.
       *[other] Viguetas de { $pieces } piezas sobre { $lines } líneas.
    }
order-temporary-at = A { $off } del muro que queda en { $line }, de centro a centro.
order-no-number = Lo que cargan no tiene número aquí: no se quita ningún muro antes de que un ingeniero diga cómo.
order-studs =
    { $plies ->
        [one] Montantes sencillos
       *[other] { $plies } montantes clavados entre sí
    }, { $rows ->
        [0] nada entre ellos
        [one] una hilera de bloques
       *[other] { $rows } hileras de bloques
    }.
order-no-opening = No hay vano planeado en este muro: la viga va como está dibujada.
order-beam =
    { $letter }: { $header }, { $length }, { $weight }; { $count ->
        [one] la lleva uno
       *[other] la llevan { $count }
    }.
order-no-beam = { $letter }: { $why }
order-cut = { $letter }: { $length } según el plan; la cinta decide.
order-lift = { $letter }: { $weight }. { $hands }
order-jacks = { $letter }: caras interiores a { $left } y { $right } del muro.
order-path-goes-on = Según se describe la casa, toda carga de aquí sigue hasta el suelo.
order-path-breaks =
    { $count ->
        [one] Según se describe la casa, una carga de aquí o de abajo no tiene en qué seguir: arréglelo primero.
       *[other] Según se describe la casa, { $count } cargas de aquí o de abajo no tienen en qué seguir: arréglelo primero.
    }
order-below-at = En { $storey }: a { $off } del centro de { $wall }.
beam-in-turns = Una capa da la vuelta por la puerta: caben hasta { $longest }.
beam-in-straight = No da la vuelta por la puerta, donde lo más largo es { $longest }: derecho sí entra.
beam-in-does-not-turn = { $length } no da la vuelta por la puerta: lo más largo es { $longest }. Otra entrada, o más piezas según diga el ingeniero.
beam-in-lies = A lo largo del muro hay lugar.
beam-in-does-not-lie = { $length } no cabe a lo largo del muro: hay { $room }.
order-above = Encima está { $wall }, a { $off } de su línea.
order-below = Debajo está { $wall }, a { $off } de su línea.
order-nothing-above = Ningún muro está encima a lo largo de su línea.
order-nothing-below = Ningún muro está debajo a lo largo de su línea.
order-header = Dos { $size } de canto sobre ellos, los montantes a cada { $apart }.
order-on-storey = En { $storey }: { $words }

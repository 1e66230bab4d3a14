combination-people-on-deck = { $name } (gente en la terraza)
combination-wind = viento
check-bending = flexión
check-shear = cortante
check-live-deflection = flecha por carga viva
check-total-deflection = flecha total
check-door-sag = flecha sobre la puerta
check-post-bearing = apoyo en un poste
check-post-column = poste como columna
check-post-plate = solera bajo un poste
check-sideways = flexión lateral por viento
check-width = ancho en el muro
check-depth = espacio para su altura
failure-width = dintel de { $header } más ancho que el muro de { $wall }
failure-depth = dintel de { $header } de alto, espacio para { $room }
failure-nothing-carried = { $check }: no se carga nada
failure = { $check } al { $at } de lo permitido ({ $combination })
failure-no-jacks-enough = extremo { $end -> 
        [left] izquierdo
       *[right] derecho
    }: ningún número de montantes de apoyo basta; son demasiado esbeltos para el espesor del muro
failure-jacks = extremo { $end -> 
        [left] izquierdo
       *[right] derecho
    }: { $needed -> 
        [one] se necesita 1 montante de apoyo
       *[other] se necesitan { $needed } montantes de apoyo
    } para { $force }, hay { $there }
jacks-by-header-bearing = apoyo del dintel
jacks-by-sole-plate = aplastamiento de la solera inferior
jacks-by-column = montante de apoyo como columna
jacks-by-end-grain = testa del montante de apoyo
jacks-by-flat-nailer = aplastamiento del clavador plano
jacks-by-eccentric = cargados fuera de su centro
jacks-by-code-table = tabla del código
jacks-by-shop-rule = regla del taller
kings-by-wind = viento en el muro
kings-by-shop-rule = regla del taller
kings-by-nothing-carried = muro que no carga nada
kings-by-inside-wall = muro interior, sin viento
kings-by-nothing-cut = no se corta nada
king-table-irc-2015 = IRC 2015, por separación de montantes
king-table-irc-2018-high-wind = IRC 2018 y posterior, viento de menos de 140 mph Exp. B o 130 mph Exp. C
king-table-irc-2018-low-wind = IRC 2018 y posterior, viento de 115 mph o menos Exp. B
existing-jacks = los montantes de apoyo
existing-nothing = nada dentro de los límites
jacks-by-the-codes-table = según la tabla del código
jacks-by-a-table-that-does-not-govern = de la tabla; aquí no rige
jacks-by-what-the-shop-does = lo que hace el taller
jacks-of-a-load = { $load }, { $each } por montante de apoyo ({ $combination })
jacks-too-slender = demasiado esbeltos con cualquier número
jacks-of-a-share = { $load }, { $share } de lo que aguantan los que están ({ $combination })
kings-asked = { $count }
kings-asked-more-than = más de { $tried }
kings-asked-no-number = sin número
check-beam-bearing = apoyo en la pared

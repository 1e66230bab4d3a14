# El retorno arriostrado junto a una puerta grande: qué pide el detalle impreso, y qué hay.

return-width = El retorno mide { $is } de ancho; { $least } es lo menos en muros hasta { $high }.
return-too-high = El muro mide { $high } de alto; el detalle llega a { $most }.
return-door = El vano mide { $is } de ancho; el detalle va de { $least } a { $most }.
return-header = { $header } encima; { $width } x { $depth } es lo menos.
return-no-header = Todavía no hay dintel decidido.
return-run-over = El dintel corre sobre el retorno hasta la esquina.
return-run-short = El dintel no corre sobre el retorno: { $width } más hasta la esquina.
return-studs =
    { $is ->
        [one] Un montante
       *[other] { $is } montantes
    } bajo el extremo del dintel; { $least } son lo menos.
return-sheathing = { $is } de forro, de una pieza sobre dintel y retorno; { $least } de OSB o contrachapado es lo menos.
return-sheathing-not-said = Nadie dijo con qué se forra este muro: { $least } de OSB o contrachapado, de una pieza sobre dintel y retorno.
return-bolts =
    { $is ->
        [one] Un perno de anclaje de { $bolt } en su solera, con arandela de placa de { $washer } y { $thick } de grueso
       *[other] { $is } pernos de anclaje de { $bolt } en su solera, cada uno con arandela de placa de { $washer } y { $thick } de grueso
    }; { $least } son lo menos.
return-strap = Un fleje para { $strap }, por dentro, del dintel a los montantes interiores.
return-nails = { $count } clavos { $nail }, a lo más cada { $apart }, en toda la madera y en cuadrícula sobre el dintel.
